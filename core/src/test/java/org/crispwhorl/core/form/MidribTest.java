package org.crispwhorl.core.form;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import org.crispwhorl.core.Close;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class MidribTest {
    @DataProvider
    public Object[][] bends() {
        return new Object[][] {{0.0, 0.0}, {1.2, 0.0}, {1.2, 0.8}, {0.3, 2.0}, {2.0, -0.9}, {-0.2, 0.4}, {1.5, 1e-12}};
    }

    @Test(dataProvider = "bends")
    public void theClosedFormAgreesWithStepByStepIntegration(double lean, double bend) {
        Midrib midrib = new Midrib(3, -1, lean, bend, 40);
        double radius = 3;
        double height = -1;
        int steps = 20_000;
        for (int i = 0; i < steps; i++) {
            double direction = lean - bend * (i + 0.5) / steps;
            radius += Math.sin(direction) * 40 / steps;
            height += Math.cos(direction) * 40 / steps;
        }
        assertEquals(midrib.radius(40), radius, 1e-5);
        assertEquals(midrib.height(40), height, 1e-5);
    }

    @Test
    public void anUprightStraightPetalStaysAtItsNeck() {
        Midrib upright = new Midrib(5, 0, 0, 0, 30);
        Close.within(1e-12, upright.radius(30), 5);
        Close.within(1e-12, upright.height(30), 30);
    }

    @Test
    public void aFlatPetalReachesItsNeckAndItsLength() {
        Midrib flat = new Midrib(5, 0, Math.PI / 2, 0, 30);
        Close.within(1e-12, flat.radius(30), 35);
        assertEquals(flat.height(30), 0, 1e-12);
    }

    @Test
    public void aPetalBentThroughItsLeanStandsUprightAtTheTip() {
        Midrib midrib = new Midrib(2, 0, 1, 1, 30);
        assertEquals(midrib.direction(30), 0, 1e-12);
        assertEquals(midrib.turnsInAt(), 30, 1e-9);
    }

    @Test
    public void aPetalThatBendsMoreTurnsInEarlier() {
        assertTrue(new Midrib(2, 0, 0.8, 1.6, 30).turnsInAt() < new Midrib(2, 0, 0.8, 1.2, 30).turnsInAt());
        assertEquals(new Midrib(2, 0, -0.1, 0.5, 30).turnsInAt(), 0.0);
        assertEquals(new Midrib(2, 0, 0.8, -0.5, 30).turnsInAt(), 30.0);
    }

    @Test(dataProvider = "bends")
    public void theArcIsAsLongAsThePetal(double lean, double bend) {
        Midrib midrib = new Midrib(3, 0, lean, bend, 40);
        double length = 0;
        for (int i = 0; i < 2000; i++) {
            double a = 40.0 * i / 2000;
            double b = 40.0 * (i + 1) / 2000;
            length += Math.hypot(midrib.radius(b) - midrib.radius(a), midrib.height(b) - midrib.height(a));
        }
        Close.within(1e-5, length, 40);
    }

    @DataProvider
    public Object[][] joined() {
        return new Object[][] {
            {0.9, 0.6, 12.0, 0.0}, {1.2, 0.0, 0.0, 8.0}, {1.0, 1.4, 10.0, 6.0}, {0.4, -0.7, 20.0, 5.0}
        };
    }

    @Test(dataProvider = "joined")
    public void gluedAndTurnedBackItStillAgreesWithStepByStepIntegration(
            double lean, double bend, double glued, double turned) {
        Midrib midrib = new Midrib(3, -1, lean, bend, 40, glued, turned);
        double radius = 3;
        double height = -1;
        int steps = 40_000;
        for (int i = 0; i < steps; i++) {
            double direction = midrib.direction(40 * (i + 0.5) / steps);
            radius += Math.sin(direction) * 40 / steps;
            height += Math.cos(direction) * 40 / steps;
        }
        assertEquals(midrib.radius(40), radius, 1e-3);
        assertEquals(midrib.height(40), height, 1e-3);
    }

    @Test
    public void theHigherTheGlueTheMoreClosedTheFlower() {
        double last = Double.POSITIVE_INFINITY;
        for (double glued = 0; glued <= 36; glued += 4) {
            double reach = new Midrib(4, 0, 1.1, 0.3, 40, glued, 0).radius(40);
            assertTrue(reach < last, "glued to " + glued);
            last = reach;
        }
        assertEquals(new Midrib(4, 0, 1.1, 0.3, 40, 40, 0).radius(40), 4.0, 1e-9);
    }

    @Test
    public void aTipTurnedBackStandsLowerAndFurtherOut() {
        Midrib plain = new Midrib(4, 0, 0.4, 0.2, 40, 0, 0);
        Midrib turned = new Midrib(4, 0, 0.4, 0.2, 40, 0, 10);
        assertTrue(turned.radius(40) > plain.radius(40));
        assertTrue(turned.height(40) < plain.height(40));
    }

    /** A strip at a height above a bent midrib is as long between two stations as the paste that was there when it lay flat. */
    @Test
    public void pasteBesideABentMidribKeepsItsLength() {
        for (double glued : new double[] {0, 6}) {
            for (double turned : new double[] {0, 7}) {
                Midrib midrib = new Midrib(4, 0, 1.0, 1.2, 40, glued, turned);
                for (double high : new double[] {-1.5, 0.5, 4}) {
                    double flat = 0;
                    double[] last = beside(midrib, 8, high);
                    int steps = 24_000;
                    for (int i = 1; i <= steps; i++) {
                        double[] next = beside(midrib, 8 + 30.0 * i / steps, high);
                        flat += Math.hypot(next[0] - last[0], next[1] - last[1]);
                        last = next;
                    }
                    assertEquals(flat, 30, 0.02, "glued " + glued + ", turned " + turned + ", high " + high);
                }
            }
        }
    }

    private static double[] beside(Midrib midrib, double s, double high) {
        Midrib.Beside at = midrib.keepingArea(s, high, 24);
        return new double[] {
            midrib.radius(at.stationMm()) - high * Math.cos(at.directionRad()),
            midrib.height(at.stationMm()) + high * Math.sin(at.directionRad())
        };
    }
}
