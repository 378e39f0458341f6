package org.crispwhorl.core.outline;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;
import static org.testng.Assert.expectThrows;

import java.util.List;
import org.crispwhorl.core.measure.InvalidValue;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class PullingTest {
    private static final Outline PETAL = Outline.of(40, 30, 0.6, 0.2, 2);
    private static final Outline OWN = Pulling.freed(PETAL);

    private static StationPoint point(Outline outline, String id) {
        return Pulling.points(outline).stream()
                .filter(p -> p.id().equals(id))
                .findFirst()
                .orElseThrow();
    }

    private static Outline pulled(Outline outline, String id, double across, double along, boolean bothSides) {
        return Pulling.pulled(outline, new StationPoint(id, "", across, along), bothSides);
    }

    @Test
    public void pointsOfTheFamilyLieOnItsEdge() {
        for (Outline outline : List.of(PETAL, new Outline(40, 44, 0.5, 0.3, 3, 5, 0.15))) {
            CutShape shape = CutShape.of(outline);
            for (StationPoint p : Pulling.points(outline)) {
                double off = shape.polygon()
                        .getExteriorRing()
                        .distance(shape.polygon()
                                .getFactory()
                                .createPoint(new org.locationtech.jts.geom.Coordinate(p.acrossMm(), p.alongMm())));
                assertEquals(off, 0, 0.3, p.id());
            }
        }
    }

    @DataProvider
    Object[][] pulls() {
        return new Object[][] {
            {"tip", 0.0, 45.0},
            {"widest-right", 18.0, 22.0},
            {"widest-left", -12.0, 26.0},
            {"base-right", 5.0, 0.0},
            {"shoulder-left", -11.0, 33.6},
        };
    }

    /** The point that is pulled comes to lie where it was pulled to, as far as the family lets it. */
    @Test(dataProvider = "pulls")
    public void aPointComesToLieWhereItIsPulled(String id, double across, double along) {
        Outline pulled = pulled(PETAL, id, across, along, true);
        StationPoint now = point(pulled, id);
        assertEquals(now.acrossMm(), across, 0.35, id);
        assertEquals(now.alongMm(), along, 0.35, id);
        assertTrue(pulled.own().isEmpty());
    }

    @Test
    public void aFamilyOutlineIsNeverPulledBeyondItsLimits() {
        assertEquals(pulled(PETAL, "tip", 0, 500, true).lengthMm(), 300);
        assertEquals(pulled(PETAL, "tip", 0, -20, true).lengthMm(), 2);
        assertEquals(pulled(PETAL, "base-left", -400, 0, true).base(), 1);
        assertEquals(pulled(PETAL, "widest-right", 0, 500, true).widest(), 0.95);
    }

    @Test
    public void aNotchIsPulledDeeper() {
        Outline notched = new Outline(32, 30, 0.6, 0.2, 2.2, 2, 0.1);
        StationPoint notch = point(notched, "notch");
        Outline deeper = pulled(notched, "notch", notch.acrossMm(), notch.alongMm() - 3.2, true);
        assertEquals(deeper.notch(), 0.2, 0.011);
    }

    @Test
    public void anOwnShapeOfTheFamilyIsTheSamePiece() {
        assertEquals(OWN.lengthMm(), 40);
        assertEquals(OWN.widthMm(), 30, 0.05);
        assertEquals(OWN.areaMm2() / PETAL.areaMm2(), 1, 0.003);
        assertEquals(OWN.perimeterMm() / PETAL.perimeterMm(), 1, 0.003);
        assertEquals(OWN.centroidMm(), PETAL.centroidMm(), 0.1);
        Outline back = Pulling.ofTheFamily(OWN);
        assertEquals(back.widest(), 0.6, 0.03);
        assertEquals(back.base(), 0.2, 0.06);
        assertEquals(back.tip(), 2, 0.25);
    }

    @Test
    public void pullingOneStationOfAnOwnShapeMovesItAndLeavesTheRest() {
        StationPoint edge = point(OWN, "right-4");
        Outline pulled = pulled(OWN, "right-4", edge.acrossMm() + 3, edge.alongMm(), false);
        // The midrib goes through the centre of area, which moves with the piece: widths are compared, not places.
        assertEquals(width(pulled, 20) - width(OWN, 20), 3, 0.25);
        assertEquals(width(pulled, 4), width(OWN, 4), 0.15);
        assertEquals(width(pulled, 37), width(OWN, 37), 0.15);
        Outline both = pulled(OWN, "right-4", edge.acrossMm() + 3, edge.alongMm(), true);
        assertEquals(width(both, 20) - width(OWN, 20), 6, 0.4);
        double[] span = both.spanAt(20);
        assertEquals(span[1] + span[0], 0, 0.25);
    }

    private static double width(Outline outline, double station) {
        double[] span = outline.spanAt(station);
        return span[1] - span[0];
    }

    @Test
    public void theTipOfAnOwnShapeIsPulledLonger() {
        StationPoint tip = point(OWN, "tip");
        Outline longer = pulled(OWN, "tip", tip.acrossMm(), tip.alongMm() + 4, true);
        assertEquals(longer.lengthMm(), 44, 0.1);
        assertEquals(width(longer, 10), width(OWN, 10), 0.3);
    }

    @Test
    public void aPullThatWouldCrossTheOtherEdgeIsRefused() {
        StationPoint edge = point(OWN, "right-4");
        InvalidValue refusal =
                expectThrows(InvalidValue.class, () -> pulled(OWN, "right-4", -40, edge.alongMm(), false));
        assertTrue(refusal.getMessage().contains("crosses itself"), refusal.getMessage());
        assertTrue(expectThrows(InvalidValue.class, () -> pulled(OWN, "elbow", 0, 0, true))
                .getMessage()
                .contains("elbow"));
    }

    @Test
    public void growingAnOwnShapeGrowsItsAreaBySquares() {
        assertEquals(OWN.scaled(1.25).areaMm2(), OWN.areaMm2() * 1.5625, 1e-6);
        assertEquals(OWN.withWidth(15).areaMm2(), OWN.areaMm2() * 15 / OWN.widthMm(), 1e-6);
    }

    @DataProvider
    Object[][] wrongShapes() {
        return new Object[][] {
            {List.of(0.0, 0.0, 1.0)},
            {List.of(-0.5, 0.0, 0.5, 0.0, 0.0, 1.4)},
            {List.of(-0.2, 0.0, 0.2, 0.0, 0.0, 1.0)},
            {List.of(-0.5, 0.0, 0.5, 0.0, Double.NaN, 1.0)},
            {List.of(-0.5, 0.0, 0.5, 0.0, 0.0, 1.0, 0.1)},
        };
    }

    @Test(dataProvider = "wrongShapes")
    public void aShapeOfWrongCornersCannotBe(List<Double> corners) {
        expectThrows(InvalidValue.class, () -> new OwnShape(corners));
    }

    /** A mesh of an outline covers it once: its triangles have its area, and they meet at common corners. */
    @Test
    public void aMeshCoversItsOutlineOnce() {
        for (Outline outline : List.of(PETAL, OWN, new Outline(40, 44, 0.5, 0.3, 3, 5, 0.15))) {
            OutlineMesh mesh = OutlineMesh.of(outline, 0, 20, 6, 7.5);
            double area = 0;
            for (int t = 0; t < mesh.triangles().length; t += 3) {
                double[][] ring = new double[3][];
                for (int k = 0; k < 3; k++) {
                    ring[k] = mesh.points()[mesh.triangles()[t + k]];
                }
                double low = Math.min(ring[0][1], Math.min(ring[1][1], ring[2][1]));
                double high = Math.max(ring[0][1], Math.max(ring[1][1], ring[2][1]));
                assertTrue(high <= 7.5 + 1e-6 || low >= 7.5 - 1e-6, "a triangle lies over the crease");
                area += Math.abs((ring[1][0] - ring[0][0]) * (ring[2][1] - ring[0][1])
                                - (ring[2][0] - ring[0][0]) * (ring[1][1] - ring[0][1]))
                        / 2;
            }
            assertEquals(area / outline.areaMm2(), 1, 0.005);
        }
    }
}
