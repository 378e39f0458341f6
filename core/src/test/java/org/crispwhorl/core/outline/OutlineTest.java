package org.crispwhorl.core.outline;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;
import static org.testng.Assert.expectThrows;

import org.crispwhorl.core.Close;
import org.crispwhorl.core.measure.InvalidValue;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.Polygon;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class OutlineTest {
    @Test
    public void aSlenderPetalOfFortyByTwentyTwoHasSixHundredThirtyFour() {
        Close.onePercent(Outline.of(40, 22, 0.62, 0.12, 2).areaMm2(), 634);
    }

    @Test
    public void aBroadPetalOfFortyFiveByFortyTwoHasFourteenHundredFortyFive() {
        Close.onePercent(Outline.of(45, 42, 0.62, 0.25, 2.3).areaMm2(), 1445);
    }

    @Test
    public void theAreaAgreesWithTheClosedFormOfARoundTip() {
        double p = 0.55;
        double b = 0.3;
        Outline outline = Outline.of(30, 20, p, b, 2);
        double base = p * 30 * 20 * (b + (1 - b) * 2 / Math.PI);
        double tip = (1 - p) * 30 * 20 * Math.PI / 4;
        Close.within(0.001, outline.areaMm2(), base + tip);
    }

    @Test
    public void aStraightTipIsATriangle() {
        Outline outline = Outline.of(30, 20, 0.5, 1, 1);
        Close.within(0.001, outline.areaMm2(), 15 * 20 + 0.5 * 15 * 20);
    }

    @Test
    public void theBluntestTipFillsAlmostItsWholeBox() {
        double area = Outline.of(30, 20, 0.05, 1, 6).areaMm2();
        assertTrue(area > 0.94 * 600 && area < 600, "area " + area);
    }

    @DataProvider
    public Object[][] shapes() {
        return new Object[][] {
            {Outline.of(26, 25, 0.62, 0.2, 2)},
            {Outline.of(60, 8, 0.3, 0.05, 1.2)},
            {Outline.of(12, 20, 0.8, 0.6, 4)},
            {new Outline(32, 30, 0.6, 0.2, 2.2, 2, 0.2)},
            {new Outline(40, 44, 0.5, 0.3, 3, 5, 0.15)},
            {new Outline(40, 44, 0.9, 0, 6, 7, 0.4)}
        };
    }

    @Test(dataProvider = "shapes")
    public void everyOutlineIsASimplePolygon(Outline outline) {
        assertTrue(polygon(outline).isValid());
    }

    @Test(dataProvider = "shapes")
    public void theAreaIsThatOfItsPolygon(Outline outline) {
        Close.within(0.002, outline.areaMm2(), polygon(outline).getArea());
    }

    @Test(dataProvider = "shapes")
    public void theCentreOfAreaIsThatOfItsPolygon(Outline outline) {
        Close.within(0.002, outline.centroidMm(), polygon(outline).getCentroid().getY());
    }

    @Test(dataProvider = "shapes")
    public void thePerimeterIsLongerThanTwiceTheLength(Outline outline) {
        assertTrue(outline.perimeterMm() > 2 * outline.lengthMm() * (1 - 2 * outline.notch()));
    }

    @Test(dataProvider = "shapes")
    public void growingByTwoMakesFourTimesTheArea(Outline outline) {
        Close.within(1e-9, outline.scaled(2).areaMm2(), 4 * outline.areaMm2());
        Close.within(1e-9, outline.scaled(2).perimeterMm(), 2 * outline.perimeterMm());
        Close.within(1e-9, outline.scaled(2).centroidMm(), 2 * outline.centroidMm());
    }

    @Test(dataProvider = "shapes")
    public void itIsWidestWhereItSaysAndNowhereWider(Outline outline) {
        double widest = outline.halfWidthAt(outline.widest() * outline.lengthMm());
        Close.within(1e-9, widest, outline.widthMm() / 2);
        for (int i = 0; i <= 50; i++) {
            assertTrue(outline.halfWidthAt(outline.lengthMm() * i / 50) <= widest + 1e-9);
        }
    }

    @Test
    public void aNotchTakesItsTriangleOut() {
        Outline whole = Outline.of(32, 30, 0.6, 0.2, 6);
        Outline notched = new Outline(32, 30, 0.6, 0.2, 6, 2, 0.1);
        double triangle = 0.1 * 32 * 0.4 * 15;
        Close.within(0.01, whole.areaMm2() - notched.areaMm2(), triangle);
    }

    @Test
    public void oneLobeHasNoNotch() {
        Outline one = new Outline(32, 30, 0.6, 0.2, 2, 1, 0.3);
        assertEquals(one.notchAt(0), 0.0);
        Close.within(1e-9, one.areaMm2(), Outline.of(32, 30, 0.6, 0.2, 2).areaMm2());
    }

    @Test
    public void outsideItsLengthItHasNoWidth() {
        Outline outline = Outline.of(32, 30, 0.6, 0.2, 2);
        assertEquals(outline.halfWidthAt(-1), 0.0);
        assertEquals(outline.halfWidthAt(33), 0.0);
        Close.within(1e-9, outline.halfWidthAt(0), 3);
    }

    @Test
    public void aLengthOfNothingIsRefusedByName() {
        InvalidValue e = expectThrows(InvalidValue.class, () -> Outline.of(0, 22, 0.6, 0.2, 2));
        assertEquals(e.field(), "lengthMm");
        assertEquals(e.came(), "0");
        assertEquals(e.expected(), "more than 0");
    }

    @Test
    public void aWidthThatIsNoNumberIsRefused() {
        InvalidValue e = expectThrows(InvalidValue.class, () -> Outline.of(20, Double.NaN, 0.6, 0.2, 2));
        assertEquals(e.field(), "widthMm");
    }

    private static Polygon polygon(Outline outline) {
        double[][] points = outline.polygon(96);
        Coordinate[] ring = new Coordinate[points.length + 1];
        for (int i = 0; i < points.length; i++) {
            ring[i] = new Coordinate(points[i][0], points[i][1]);
        }
        ring[points.length] = ring[0].copy();
        // A tip of several lobes touches itself where left and right halves share a point.
        return new GeometryFactory().createPolygon(ring);
    }
}
