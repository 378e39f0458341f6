package org.crispwhorl.core.paste;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import org.crispwhorl.core.Close;
import org.crispwhorl.core.species.Shade;
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
    public void undilutedMasterKeepsItsColour() {
        assertEquals(MixingLaw.colour(rose(1)), "#a8274a");
    }

    @Test
    public void withoutMasterItIsWhitePaste() {
        double[] white = MixingLaw.linear(rose(0));
        assertEquals(white[0], 0.92, 1e-9);
        assertEquals(white[1], white[2], 1e-12);
    }

    @Test
    public void everyStepOfMasterMakesItDarker() {
        double before = 1;
        for (int i = 0; i <= 10; i++) {
            double green = MixingLaw.linear(rose(i / 10.0))[1];
            assertTrue(green < before);
            before = green;
        }
    }

    @Test
    public void aLittleMasterGoesALongWay() {
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
    public void aBlackMasterDoesNotBreakTheLaw() {
        String colour = MixingLaw.colour(new Shade("k", "k", "#000000", 0.5));
        assertTrue(colour.matches("#[0-9a-f]{6}"), colour);
    }
}
