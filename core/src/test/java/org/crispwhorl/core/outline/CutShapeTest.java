package org.crispwhorl.core.outline;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;
import static org.testng.Assert.expectThrows;

import org.crispwhorl.core.measure.InvalidValue;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class CutShapeTest {
    private static final Outline PETAL = Outline.of(40, 22, 0.62, 0.12, 2);

    @Test
    public void aSingleOutlineKeepsItsAreaPerimeterAndSize() {
        CutShape shape = CutShape.of(PETAL);
        assertEquals(shape.areaMm2() / PETAL.areaMm2(), 1, 0.001);
        assertEquals(shape.perimeterMm() / PETAL.perimeterMm(), 1, 0.001);
        assertEquals(shape.alongMm(), 40, 1e-9);
        assertEquals(shape.acrossMm(), 22, 0.01);
    }

    @DataProvider
    Object[][] blossoms() {
        return new Object[][] {{3, 4.0, 0.0}, {5, 6.0, 0.3}, {8, 10.0, 0.5}, {12, 4.0, 0.0}};
    }

    @Test(dataProvider = "blossoms")
    public void aBlossomIsOneSimplePieceAsWideAsItsTips(int petals, double middle, double base) {
        Cut cut = new Cut(Outline.of(20, 7, 0.6, base, 2), petals, middle);
        CutShape shape = cut.shape();
        assertTrue(shape.polygon().isValid() && shape.polygon().getNumInteriorRing() == 0);
        double reach = 0;
        for (double[] p : shape.ring()) {
            reach = Math.max(reach, Math.hypot(p[0], p[1]));
        }
        assertEquals(2 * reach, cut.sizeMm(), 0.1);
        double apart = petals * cut.outline().areaMm2() + Math.PI * middle * middle / 4;
        assertTrue(shape.areaMm2() < apart * 1.1, "no more than its petals and its middle");
    }

    @Test
    public void aStripIsItsBox() {
        assertEquals(CutShape.strip(60, 12).areaMm2(), 720, 1e-9);
        assertEquals(CutShape.strip(60, 12).perimeterMm(), 144, 1e-9);
    }

    @Test
    public void itsPolygonCannotBeChangedFromOutside() {
        CutShape shape = CutShape.of(PETAL);
        shape.polygon().getExteriorRing().getCoordinates()[0].setX(99);
        assertEquals(shape.areaMm2() / PETAL.areaMm2(), 1, 0.001);
    }

    @Test
    public void aCutOfNoPetalsIsRefused() {
        assertEquals(
                expectThrows(InvalidValue.class, () -> new Cut(PETAL, 0, 0)).field(), "petals");
    }
}
