package org.crispwhorl.files.picture;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.util.List;
import org.crispwhorl.core.assessment.Assessment;
import org.crispwhorl.core.drawing.FlowerSurfaces;
import org.crispwhorl.core.drawing.VeinLines;
import org.crispwhorl.core.form.FlowerForm;
import org.crispwhorl.core.form.PlacedRing;
import org.crispwhorl.core.species.Species;
import org.crispwhorl.core.studio.Conditions;
import org.crispwhorl.demo.DemoDocuments;
import org.crispwhorl.files.document.SpeciesDocument;
import org.testng.annotations.Test;

public class VeinLinesTest {
    private static final double NEAR_MM = 1.5;

    /** In the round a vein runs where it runs on the flat piece, on the piece at every azimuth. */
    @Test
    public void veinsLieOnTheSurfacesOfTheirPieces() {
        Species hellebore = DemoDocuments.texts().stream()
                .map(SpeciesDocument::readText)
                .filter(s -> s.name().equals("Lockside hellebore"))
                .findFirst()
                .orElseThrow();
        FlowerForm form = new Assessment(hellebore, Conditions.USUAL).form();
        List<VeinLines> all = VeinLines.of(form, FlowerSurfaces.Detail.SCREEN);
        assertTrue(!all.isEmpty());
        for (VeinLines lines : all) {
            PlacedRing ring = form.ring(lines.partId()).orElseThrow();
            int each = lines.points().length / ring.azimuthsRad().length;
            assertEquals(each % 6, 0, "two points to a stretch");
            double azimuth = ring.azimuthsRad()[0];
            for (int i = 0; i < each; i += 3) {
                double x = lines.points()[i] * Math.cos(azimuth) + lines.points()[i + 1] * Math.sin(azimuth);
                double y = lines.points()[i + 1] * Math.cos(azimuth) - lines.points()[i] * Math.sin(azimuth);
                assertTrue(
                        near(ring, x, y, lines.points()[i + 2] + ring.belowMm(0)) < NEAR_MM,
                        lines.partId() + " " + x + ", " + y);
            }
        }
    }

    private static double near(PlacedRing ring, double x, double y, double z) {
        double least = Double.POSITIVE_INFINITY;
        for (double[] at : ring.surface().flat(60, 20).points()) {
            double[] p = ring.surface().point(at[1], at[0]);
            least = Math.min(least, Math.hypot(Math.hypot(p[0] - x, p[1] - y), p[2] - z));
        }
        return least;
    }
}
