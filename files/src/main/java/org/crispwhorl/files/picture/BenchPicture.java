package org.crispwhorl.files.picture;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.Optional;
import org.crispwhorl.core.assessment.Assessment;
import org.crispwhorl.core.assessment.Coloured;
import org.crispwhorl.core.drawing.Draughting;
import org.crispwhorl.core.drawing.Drawing;
import org.crispwhorl.core.measure.LengthText;
import org.crispwhorl.core.species.Part;
import org.crispwhorl.core.species.Petaled;
import org.crispwhorl.files.page.FlowerOnPage;
import org.crispwhorl.files.page.SheetPage;
import org.crispwhorl.files.svg.SvgPage;

/** The drawing that hands need while they make or set one part: the flower from above, all but that part in pale lines. */
public final class BenchPicture {
    private static final double SIDE = 100;
    private static final double FREE = 3;
    private static final double LINE = 0.5;
    private static final double PALE_LINE = 0.25;
    private static final String PALE = "#b9b4a8";
    private static final double NUMBER = 0.055;

    /** Numbers stand this far out along a piece, as a share of its reach. */
    private static final double OUT = 0.78;

    /** So many pieces can be numbered without the numbers running into each other. */
    private static final int MOST_NUMBERED = 16;

    private final Assessment a;
    private final Drawing.Face face;
    private final String partId;

    private BenchPicture(Assessment a, String partId) {
        this.a = a;
        this.face = Draughting.of(a.form()).face();
        this.partId = partId;
    }

    /** As SVG; a part that is not seen from above leaves all pale. */
    public static String svg(Assessment a, String partId) {
        BenchPicture picture = new BenchPicture(a, partId);
        double scale = (SIDE / 2 - FREE) / Math.max(1, picture.face.radiusMm());
        try {
            return SvgPage.written(
                    SIDE,
                    SIDE,
                    a.species().name(),
                    LengthText.Lengths.MM,
                    page -> page.placed(SIDE / 2, SIDE / 2, scale, 0, p -> picture.draw(p, scale)));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private void draw(SheetPage page, double scale) throws IOException {
        for (Drawing.DrawnRing ring : face.rings()) {
            if (!ring.partId().equals(partId)) {
                double[] shape = FlowerOnPage.plan(ring.outline());
                for (double azimuth : ring.azimuths()) {
                    page.placed(0, 0, 1, azimuth, p -> p.path(shape, true, null, PALE, PALE_LINE / scale));
                }
            }
        }
        for (Drawing.CentreDisc disc : face.discs()) {
            boolean own = disc.partId().equals(partId);
            page.disc(
                    0,
                    0,
                    disc.radiusMm(),
                    own ? colour() : null,
                    own ? SheetPage.INK : PALE,
                    (own ? LINE : PALE_LINE) / scale);
        }
        for (Drawing.DrawnRing ring : face.rings()) {
            if (ring.partId().equals(partId)) {
                own(page, ring, scale);
            }
        }
        for (Drawing.Rounds heads : face.heads()) {
            if (heads.partId().equals(partId)) {
                double[] places = FlowerOnPage.plan(heads.places());
                for (int i = 0; i + 1 < places.length; i += 2) {
                    page.disc(places[i], places[i + 1], heads.wideMm() / 2, colour(), SheetPage.INK, LINE / scale);
                }
            }
        }
    }

    private void own(SheetPage page, Drawing.DrawnRing ring, double scale) throws IOException {
        double[] shape = FlowerOnPage.plan(ring.outline());
        for (double azimuth : ring.azimuths()) {
            page.placed(0, 0, 1, azimuth, p -> p.path(shape, true, colour(), SheetPage.INK, LINE / scale));
        }
        for (Drawing.Closing closing : ring.closings()) {
            page.within(
                    shape,
                    closing.over(),
                    p -> p.placed(
                            0,
                            0,
                            1,
                            closing.azimuth(),
                            q -> q.path(shape, true, colour(), SheetPage.INK, LINE / scale)));
        }
        if (ring.lap() == Drawing.Lap.OVER && ring.azimuths().length > 1 || ring.azimuths().length > MOST_NUMBERED) {
            return;
        }
        double reach = 0;
        for (int i = 0; i + 1 < ring.outline().length; i += 2) {
            reach = Math.max(reach, ring.outline()[i]);
        }
        double high = NUMBER * SIDE / scale;
        for (int i = 0; i < ring.azimuths().length; i++) {
            double at = Math.toRadians(ring.azimuths()[i]);
            String number = Integer.toString(i + 1);
            page.text(
                    number,
                    OUT * reach * Math.sin(at) - number.length() * high / 4,
                    -OUT * reach * Math.cos(at) + high / 3,
                    high,
                    true,
                    SheetPage.INK);
        }
    }

    private String colour() {
        Optional<Part> part = a.species().part(partId);
        return part.flatMap(p -> Coloured.worn(a, p))
                .map(worn -> part.flatMap(Part::flat).filter(Petaled::ring).isPresent() ? worn.middle() : worn.paste())
                .orElse(SheetPage.GROUND);
    }
}
