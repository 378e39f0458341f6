package org.crispwhorl.core.paste;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.util.List;
import org.crispwhorl.core.Close;
import org.testng.annotations.Test;

public class PasteTest {
    private static Shade rose(double share) {
        return new Shade("rose", "rose", "#a8274a", share);
    }

    @Test
    public void anEighteenMillimetreBallOfGumPasteWeighsFourPointTwo() {
        Close.onePercent(Medium.GUM_PASTE.grams(Math.PI * 18 * 18 * 18 / 6), 4.2);
    }

    @Test
    public void undilutedStrongKeepsItsColour() {
        assertEquals(MixingLaw.colour(rose(1)), "#a8274a");
    }

    @Test
    public void withoutStrongItIsWhitePaste() {
        double[] white = MixingLaw.linear(rose(0));
        assertEquals(white[0], 0.92, 1e-9);
        assertEquals(white[1], white[2], 1e-12);
    }

    @Test
    public void everyStepOfStrongMakesItDarker() {
        double before = 1;
        for (int i = 0; i <= 10; i++) {
            double green = MixingLaw.linear(rose(i / 10.0))[1];
            assertTrue(green < before);
            before = green;
        }
    }

    @Test
    public void aLittleStrongGoesALongWay() {
        double half = MixingLaw.linear(rose(0.5))[1];
        double white = MixingLaw.linear(rose(0))[1];
        double full = MixingLaw.linear(rose(1))[1];
        assertTrue(half < (white + full) / 2, "half a share is darker than half way");
    }

    @Test
    public void theDistanceOfAShadeToItselfIsNothing() {
        assertEquals(MixingLaw.distance(rose(0.4), rose(0.4)), 0.0);
        assertTrue(MixingLaw.distance(rose(0.4), rose(0.1)) > MixingLaw.SAME);
    }

    @Test
    public void aBlackStrongDoesNotBreakTheLaw() {
        String colour = MixingLaw.colour(new Shade("k", "k", "#000000", 0.5));
        assertTrue(colour.matches("#[0-9a-f]{6}"), colour);
    }

    private static List<Shade> ladder(Ladder way) {
        return ShadeLadder.of(
                List.of(
                        rose(0.6),
                        new Shade("b", "b", "#a8274a", 0.5),
                        new Shade("c", "c", "#a8274a", 0.4),
                        new Shade("d", "d", "#a8274a", 0.04),
                        new Shade("leaf", "leaf", "#33582c", 0.8)),
                way);
    }

    @Test
    public void equalVisibleStepsAreEqualInOKLabWithinTwoPercent() {
        List<Shade> rungs = ladder(Ladder.EQUAL_STEPS);
        double first = MixingLaw.distance(rungs.get(0), rungs.get(1));
        Close.within(0.02, MixingLaw.distance(rungs.get(1), rungs.get(2)), first);
        Close.within(0.02, MixingLaw.distance(rungs.get(2), rungs.get(3)), first);
        assertEquals(rungs.get(0).share(), 0.6);
        assertEquals(rungs.get(3).share(), 0.04);
    }

    @Test
    public void halvingTakesAsMuchWhiteAsPasteEachTime() {
        List<Shade> rungs = ladder(Ladder.HALVING);
        assertEquals(rungs.stream().map(Shade::share).toList(), List.of(0.6, 0.3, 0.15, 0.075, 0.8));
    }

    @Test
    public void aLadderAsStatedIsLeftAlone() {
        assertEquals(ladder(Ladder.STATED).get(1).share(), 0.5);
    }

    /** A saturated strong colour let down to a twentieth is a pastel, and at its full share it is itself. */
    @Test
    public void aSaturatedStrongLetsDownToAPastel() {
        for (String strong : new String[] {"#c00018", "#0a2a9e", "#f2b400"}) {
            assertEquals(MixingLaw.colour(new Shade("m", "m", strong, 1)), strong);
            String pale = MixingLaw.colour(new Shade("p", "p", strong, 0.05));
            int least = 255;
            for (int at : new int[] {1, 3, 5}) {
                least = Math.min(least, Integer.parseInt(pale.substring(at, at + 2), 16));
            }
            assertTrue(least > 120, strong + " let down to " + pale);
        }
    }
}
