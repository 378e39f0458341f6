package org.crispwhorl.files.page;

import static org.crispwhorl.files.page.SheetPage.GROUND;
import static org.crispwhorl.files.page.SheetPage.INK;
import static org.crispwhorl.files.page.SheetPage.QUIET;

import java.io.IOException;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.crispwhorl.core.assessment.Assessment;
import org.crispwhorl.core.assessment.Coloured;
import org.crispwhorl.core.drawing.Drawing;
import org.crispwhorl.core.paste.MixingLaw;
import org.crispwhorl.core.species.Part;
import org.crispwhorl.core.species.Species;

/** A flower as it is drawn on a page: one user unit is one millimetre of it. */
public final class FlowerOnPage {
    /** How far a shadow falls to the right, mm, at most and of the flower's radius, and by how much farther downwards. */
    private static final double MOST_SHADE_MM = 0.45;

    private static final double SHADE_OF_RADIUS = 0.012;
    private static final double SHADE_DOWN = 1.6;

    private final Species species;
    private final Drawing drawing;
    private final Map<String, String> tints = new HashMap<>();

    public FlowerOnPage(Assessment a, Drawing drawing) {
        this.species = a.species();
        this.drawing = drawing;
        for (Part part : species.parts()) {
            Coloured.worn(a, part).ifPresent(worn -> tints.put(part.id(), part.zoned() ? worn.paste() : worn.middle()));
        }
    }

    /** As it is seen from in front, its middle at 0. */
    public void face(SheetPage page, double line) throws IOException {
        for (Drawing.Lap lap : Drawing.Lap.values()) {
            for (Drawing.DrawnRing ring : drawing.face().rings()) {
                if (ring.lap() == lap) {
                    ring(page, ring, line);
                }
            }
            if (lap == Drawing.Lap.UNDER) {
                bodies(page, line);
            }
        }
    }

    private void ring(SheetPage page, Drawing.DrawnRing ring, double line) throws IOException {
        double[] shape = plan(ring.outline());
        double shade = Math.min(MOST_SHADE_MM, drawing.face().radiusMm() * SHADE_OF_RADIUS);
        for (double azimuth : ring.azimuths()) {
            page.placed(shade, SHADE_DOWN * shade, 1, azimuth, p -> p.shadow(shape));
            page.placed(0, 0, 1, azimuth, p -> piece(p, ring, shape, line));
        }
        for (Drawing.Closing closing : ring.closings()) {
            page.within(
                    shape, closing.over(), p -> p.placed(0, 0, 1, closing.azimuth(), q -> piece(q, ring, shape, line)));
        }
    }

    private void piece(SheetPage page, Drawing.DrawnRing ring, double[] shape, double line) throws IOException {
        page.path(shape, true, fill(ring), INK, 0);
        if (ring.tint().isPresent() || !ring.veins().isEmpty()) {
            page.within(shape, new double[] {0}, p -> {
                if (ring.tint().isPresent()) {
                    p.colours(ring.tint().get());
                }
                for (double[] vein : ring.veins()) {
                    p.path(plan(vein), false, null, QUIET, Math.min(line, ring.veinMm()));
                }
            });
        }
        page.path(shape, true, null, INK, line);
    }

    private String fill(Drawing.DrawnRing ring) {
        return ring.shade()
                .map(id -> MixingLaw.colour(species.shade(id)))
                .orElseGet(() -> tints.getOrDefault(ring.partId(), GROUND));
    }

    private void bodies(SheetPage page, double line) throws IOException {
        for (Drawing.CentreDisc disc : drawing.face().discs()) {
            String fill = tints.getOrDefault(disc.partId(), GROUND);
            if (disc.rim().length > 0) {
                page.path(plan(disc.rim()), true, fill, INK, line);
            } else {
                page.disc(0, 0, disc.radiusMm(), fill, INK, line);
            }
            for (Drawing.Ramp ramp : ramps(drawing.face().ramps(), disc.partId())) {
                outwards(page, disc.radiusMm() - line / 2, ramp);
            }
            if (disc.hollowMm() > 0) {
                page.disc(0, 0, disc.hollowMm(), GROUND, INK, line);
            }
        }
        for (Drawing.Stroke stroke : drawing.face().strokes()) {
            page.path(plan(stroke.points()), false, null, INK, Math.max(line, Math.min(stroke.widthMm(), 2 * line)));
        }
        for (Drawing.Rounds heads : drawing.face().heads()) {
            double[] places = plan(heads.places());
            for (int i = 0; i + 1 < places.length; i += 2) {
                page.disc(
                        places[i],
                        places[i + 1],
                        heads.wideMm() / 2,
                        tints.getOrDefault(heads.partId(), GROUND),
                        INK,
                        0.7 * line);
            }
        }
    }

    private static List<Drawing.Ramp> ramps(List<Drawing.Ramp> all, String partId) {
        return all.stream().filter(ramp -> ramp.partId().equals(partId)).toList();
    }

    /** Discs of its colours, the widest first. */
    private static void outwards(SheetPage page, double mostMm, Drawing.Ramp ramp) throws IOException {
        int n = ramp.colours().size();
        double step = (ramp.toMm() - ramp.fromMm()) / (n - 1);
        for (int i = n - 1; i >= 0; i--) {
            double radius = Math.min(mostMm, ramp.fromMm() + (i + 0.5) * step);
            page.disc(0, 0, radius, ramp.colours().get(i), ramp.colours().get(i), 0);
        }
    }

    /** Bands of its colours, as wide as any body. */
    private static void upwards(SheetPage page, Drawing.Ramp ramp) throws IOException {
        int n = ramp.colours().size();
        double step = (ramp.toMm() - ramp.fromMm()) / (n - 1);
        for (int i = 0; i < n; i++) {
            double low = -(ramp.fromMm() + (i - 0.5) * step);
            double top = -(ramp.fromMm() + (i + 0.5) * step);
            page.path(
                    new double[] {-BEYOND_MM, low, BEYOND_MM, low, BEYOND_MM, top, -BEYOND_MM, top},
                    true,
                    ramp.colours().get(i),
                    ramp.colours().get(i),
                    0);
        }
    }

    private static final double BEYOND_MM = 300;

    /** Points x outwards and y across as they lie on the page: azimuth 0 points up. */
    public static double[] plan(double[] points) {
        double[] laid = new double[points.length];
        for (int i = 0; i + 1 < points.length; i += 2) {
            laid[i] = points[i + 1];
            laid[i + 1] = -points[i];
        }
        return laid;
    }

    /** The right half of the cut, drawn to the left of its axis as on the plate. */
    public void section(SheetPage page, double line, double lowest) throws IOException {
        Drawing.Section cut = drawing.section();
        double half = cut.stem().diameterMm() / 2;
        page.path(new double[] {0, 0, -half, 0, -half, -lowest, 0, -lowest}, true, GROUND, INK, line);
        for (Drawing.Solid solid : cut.solids()) {
            double[] profile = left(solid.profile());
            double[] closed = Arrays.copyOf(profile, profile.length + 4);
            closed[profile.length + 1] = profile[profile.length - 1];
            closed[profile.length + 3] = profile[1];
            page.path(closed, true, tints.getOrDefault(solid.partId(), GROUND), INK, line);
            for (Drawing.Ramp ramp : ramps(cut.ramps(), solid.partId())) {
                page.within(closed, new double[] {0}, p -> upwards(p, ramp));
                page.path(closed, true, null, INK, line);
            }
        }
        for (Drawing.Stroke stroke : cut.strokes()) {
            page.path(left(stroke.points()), false, null, INK, stroke.widthMm() + 2 * line);
            page.path(
                    left(stroke.points()), false, null, tints.getOrDefault(stroke.partId(), GROUND), stroke.widthMm());
        }
        for (Drawing.Rounds rounds : cut.rounds()) {
            double[] places = left(rounds.places());
            for (int i = 0; i + 1 < places.length; i += 2) {
                page.disc(
                        places[i],
                        places[i + 1],
                        rounds.wideMm() / 2,
                        tints.getOrDefault(rounds.partId(), GROUND),
                        INK,
                        line);
            }
        }
        for (Drawing.Profile profile : cut.profiles()) {
            double[] midrib = left(profile.midrib());
            double thick = (profile.thicknessMm() + profile.tipMm()) / 2;
            page.path(midrib, false, null, INK, thick + 2 * line);
            page.path(midrib, false, null, tints.getOrDefault(profile.partId(), GROUND), thick);
            if (profile.glued() > 1) {
                page.path(Arrays.copyOf(midrib, 2 * profile.glued()), false, null, GROUND, line);
            }
        }
        page.path(new double[] {0, -cut.highestMm() - 2, 0, -lowest}, false, null, QUIET, line / 2);
    }

    private static double[] left(double[] points) {
        double[] laid = new double[points.length];
        for (int i = 0; i + 1 < points.length; i += 2) {
            laid[i] = -points[i];
            laid[i + 1] = -points[i + 1];
        }
        return laid;
    }
}
