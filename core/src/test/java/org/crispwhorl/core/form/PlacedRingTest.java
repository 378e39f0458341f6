package org.crispwhorl.core.form;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import org.crispwhorl.core.Close;
import org.crispwhorl.core.Garden;
import org.crispwhorl.core.species.Pieces;
import org.crispwhorl.core.species.Place;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class PlacedRingTest {
    private static PlacedRing ring(Pieces pieces) {
        return Garden.form(Garden.species(80, Garden.ball(8), Garden.ring("ring", pieces)))
                .ring("ring")
                .orElseThrow();
    }

    @DataProvider
    public Object[][] leans() {
        return new Object[][] {{10.0}, {35.0}, {60.0}, {90.0}, {120.0}};
    }

    @Test(dataProvider = "leans")
    public void morePetalsNeverWidenAGap(double lean) {
        double before = Double.POSITIVE_INFINITY;
        for (int count = 1; count <= 20; count++) {
            double gap = ring(Garden.petals(count, 28, 14, lean)).gapMm();
            assertTrue(gap <= before + 1e-9, count + " petals leave " + gap + " after " + before);
            before = gap;
        }
    }

    @Test(dataProvider = "leans")
    public void widerPetalsNeverWidenAGap(double lean) {
        double before = Double.POSITIVE_INFINITY;
        for (double width = 6; width <= 40; width += 2) {
            double gap = ring(Garden.petals(5, 28, width, lean)).gapMm();
            assertTrue(gap <= before + 1e-9, width + " mm leave " + gap + " after " + before);
            before = gap;
        }
    }

    @Test(dataProvider = "leans")
    public void theLeastCountClosesAndOneLessDoesNot(double lean) {
        int least = ring(Garden.petals(3, 28, 12, lean)).leastCount();
        assertEquals(ring(Garden.petals(least, 28, 12, lean)).gapMm(), 0, 1e-9);
        assertTrue(least == 1 || ring(Garden.petals(least - 1, 28, 12, lean)).gapMm() > 0);
    }

    /** A spiral's steps are uneven: it closes with what its own widest step asks for, and not with one less. */
    @Test(dataProvider = "leans")
    public void theLeastCountOfASpiralGoesByItsOwnSteps(double lean) {
        int least = ring(spiral(3, lean)).leastCount();
        assertEquals(ring(spiral(least, lean)).gapMm(), 0, 1e-9);
        assertTrue(least == 1 || ring(spiral(least - 1, lean)).gapMm() > 0, "one less than " + least);
    }

    private static Pieces spiral(int count, double lean) {
        return Garden.petals(count, 28, 12, lean).withPlace(Place.of(Place.Rule.SPIRAL));
    }

    @Test
    public void aRingOfFiveThirtyMillimetrePetalsOnATwelveMillimetreNeckLeavesNoGap() {
        PlacedRing ring = ring(Garden.petals(5, 30, 30, 70));
        assertEquals(ring.gapMm(), 0.0);
        assertTrue(ring.overlapMm() > 0);
    }

    @Test
    public void gapAndOverlapAreNeverBothThere() {
        for (double width = 10; width < 40; width += 3) {
            PlacedRing ring = ring(Garden.petals(5, 28, width, 80));
            assertTrue(ring.gapMm() == 0 || ring.overlapMm() == 0);
        }
    }

    @Test
    public void theGapOfFlatPetalsFollowsFromTheirAngle() {
        PlacedRing ring = ring(Garden.flat(Garden.petals(4, 30, 12, 90)));
        double s = 0.6 * ring.surface().outline().lengthMm();
        double radius = ring.neckMm() + s;
        double half = Math.atan2(ring.surface().outline().halfWidthAt(s), radius);
        double edge = Math.hypot(radius, ring.surface().outline().halfWidthAt(s));
        Close.within(1e-9, ring.gapMm(), (Math.PI / 2 - 2 * half) * edge);
    }

    @Test
    public void theGapStandsMidwayBetweenNeighbours() {
        PlacedRing ring = ring(Garden.petals(4, 30, 12, 90));
        double first = ring.azimuthsRad()[0];
        double off = (ring.gapAzimuthRad() - first) % (Math.PI / 2);
        assertEquals(Math.abs(off), Math.PI / 4, 1e-9);
    }
}
