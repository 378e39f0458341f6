package org.crispwhorl.core.studio;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.util.Random;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** What spares promise, held against orders in which pieces break one by one. */
public class SparesTest {
    private static final int ORDERS = 10_000;

    @DataProvider
    public Object[][] studios() {
        return new Object[][] {{Spares.UNRECORDED, 12}, {Spares.UNRECORDED, 60}, {Spares.UNRECORDED.after(30, 170), 41}
        };
    }

    /** The order comes out as often as is said, within a hundredth, which is at least as often as is promised; one spare fewer is not enough. */
    @Test(dataProvider = "studios")
    public void ordersComeOutAsOftenAsIsPromised(Spares spares, int needed) {
        int spare = spares.forPieces(needed);
        Random random = new Random(5);
        int cameOut = 0;
        for (int i = 0; i < ORDERS; i++) {
            double breaks = beta(random, spares);
            int good = 0;
            for (int piece = 0; piece < needed + spare; piece++) {
                good += random.nextDouble() < breaks ? 0 : 1;
            }
            cameOut += good >= needed ? 1 : 0;
        }
        double often = (double) cameOut / ORDERS;
        assertEquals(often, spares.chanceEnough(needed, spare), 0.01);
        assertTrue(often >= Spares.ODDS - 0.01, often + " with " + spare + " spares");
        assertTrue(spares.chanceEnough(needed, spare - 1) < Spares.ODDS);
    }

    /** A share that breaks: of two sums of exponentials, the parameters in halves, as chi-squares are. */
    private static double beta(Random random, Spares spares) {
        double broken = gamma(random, spares.broken());
        return broken / (broken + gamma(random, spares.whole()));
    }

    private static double gamma(Random random, double halves) {
        double sum = 0;
        for (int i = 0; i < Math.round(2 * halves); i++) {
            double normal = random.nextGaussian();
            sum += normal * normal / 2;
        }
        return sum;
    }
}
