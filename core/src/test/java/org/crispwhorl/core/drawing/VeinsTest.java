package org.crispwhorl.core.drawing;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.util.List;
import java.util.Optional;
import org.crispwhorl.core.Garden;
import org.crispwhorl.core.form.PetalSurface;
import org.crispwhorl.core.form.PlacedRing;
import org.crispwhorl.core.species.Petaled;
import org.crispwhorl.core.species.Pieces;
import org.crispwhorl.core.species.Species;
import org.crispwhorl.core.species.Veiner;
import org.testng.annotations.Test;

public class VeinsTest {
    private static final double EVERYWHERE = 1e4;

    private static PlacedRing placed(String part, Optional<Veiner> veiner) {
        Species species = Garden.changed(Garden.rose(), part, p -> p.with(d -> d.veiner = veiner));
        return Garden.form(species).ring(part).orElseThrow();
    }

    private static Optional<Veiner> veiner(Veiner.Laid laid, Veiner.When when) {
        return Optional.of(new Veiner("some", 60, Veiner.Sides.ONE, laid, 0.4, when));
    }

    private static List<double[]> seen(PlacedRing ring) {
        return Veins.seen(ring, -EVERYWHERE, EVERYWHERE);
    }

    @Test
    public void petalsWithoutAVeinerHaveNoneAndLeavesAMidrib() {
        assertEquals(seen(placed("petals", Optional.empty())).size(), 0);
        List<double[]> leaf = seen(placed("leaves", Optional.empty()));
        assertEquals(leaf.size(), 1);
        for (int i = 1; i < leaf.get(0).length; i += 2) {
            assertEquals(leaf.get(0)[i], 0, 1e-9, "it runs down the middle");
        }
    }

    @Test
    public void veinsOfAPetalSpreadFromItsFootAlikeOnBothSides() {
        PlacedRing ring = placed("petals", veiner(Veiner.Laid.TOWARDS_BASE, Veiner.When.ROLLED));
        List<double[]> veins = seen(ring);
        assertTrue(veins.size() >= 3 && veins.size() % 2 == 1, veins.size() + " veins");
        for (int k = 0; k < veins.size(); k++) {
            double[] one = veins.get(k);
            double[] twin = veins.get(veins.size() - 1 - k);
            for (int i = 0; i + 1 < one.length; i += 2) {
                assertEquals(one[i], twin[i], 1e-9);
                assertEquals(one[i + 1], -twin[i + 1], 1e-9);
            }
            double foot = Math.abs(one[1]);
            assertTrue(Math.abs(one[one.length - 1]) >= foot - 1e-9, "it spreads");
        }
    }

    @Test
    public void noVeinLeavesThePiece() {
        for (String part : List.of("petals", "leaves")) {
            for (Veiner.Laid laid : Veiner.Laid.values()) {
                PlacedRing ring = placed(part, veiner(laid, Veiner.When.ROLLED));
                PetalSurface surface = ring.surface();
                double widest = 0;
                for (int i = 0; i <= 200; i++) {
                    double s = surface.outline().lengthMm() * i / 200;
                    widest = Math.max(
                            widest, Math.abs(surface.point(s, surface.outline().halfWidthAt(s))[1]));
                }
                for (double[] vein : seen(ring)) {
                    for (int i = 0; i + 1 < vein.length; i += 2) {
                        assertTrue(Math.hypot(vein[i], vein[i + 1]) <= ring.outerMm() + 1e-9, part + ", " + laid);
                        assertTrue(Math.abs(vein[i + 1]) <= widest, part + ", " + laid);
                    }
                }
            }
        }
    }

    @Test
    public void sideVeinsOfALeafLeaveTheMidribTowardsTheTip() {
        List<double[]> veins = seen(placed("leaves", veiner(Veiner.Laid.TOWARDS_TIP, Veiner.When.ROLLED)));
        assertTrue(veins.size() >= 7, veins.size() + " veins");
        for (double[] vein : veins.subList(1, veins.size())) {
            assertEquals(vein[1], 0, 1e-9, "it begins on the midrib");
            assertTrue(Math.abs(vein[vein.length - 1]) > 0.5, "it goes out");
        }
    }

    @Test
    public void onlyAStretchOfAPieceShowsTheVeinsThatLieOnIt() {
        PlacedRing ring = placed("petals", veiner(Veiner.Laid.TOWARDS_BASE, Veiner.When.ROLLED));
        double half = ring.surface().outline().lengthMm() / 2;
        int below = points(Veins.seen(ring, -EVERYWHERE, half));
        int above = points(Veins.seen(ring, half, EVERYWHERE));
        assertTrue(below > 0 && above > 0);
        // A point on the border itself lies on both.
        assertTrue(below + above <= points(seen(ring)) + seen(ring).size(), below + " and " + above);
    }

    private static int points(List<double[]> lines) {
        return lines.stream().mapToInt(line -> line.length / 2).sum();
    }

    @Test
    public void whatIsVeinedOnceThinnedIsDrawnFiner() {
        assertTrue(broad(Veiner.When.THINNED) < broad(Veiner.When.ROLLED));
        assertTrue(broad(Veiner.When.ROLLED) < broad(Veiner.When.HAND));
    }

    private static double broad(Veiner.When when) {
        Pieces pieces = Garden.petals(5, 26, 24, 40).with(d -> d.veiner = veiner(Veiner.Laid.TOWARDS_BASE, when));
        Petaled ring = Garden.ring("petals", pieces);
        return Veins.broadMm(ring);
    }
}
