package org.crispwhorl.core.studio;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;
import static org.testng.Assert.expectThrows;

import java.util.List;
import java.util.OptionalInt;
import java.util.Random;
import org.crispwhorl.core.measure.InvalidValue;
import org.testng.annotations.Test;

public class StudioTest {
    @Test
    public void aLotIsNoLargerThanItsOpenTime() {
        assertEquals(
                new BatchLimits(15, 2.2, OptionalInt.empty(), OptionalInt.empty(), OptionalInt.empty()).largest(), 6);
        assertEquals(
                new BatchLimits(15, 2.2, OptionalInt.empty(), OptionalInt.empty(), OptionalInt.empty()).batchesFor(8),
                2);
    }

    @Test
    public void aLotIsNoLargerThanTheFormersFree() {
        assertEquals(new BatchLimits(150, 2, OptionalInt.of(5), OptionalInt.empty(), OptionalInt.empty()).largest(), 5);
        assertEquals(
                new BatchLimits(150, 2, OptionalInt.of(5), OptionalInt.empty(), OptionalInt.empty()).batchesFor(11), 3);
    }

    @Test
    public void onePieceIsAlwaysALot() {
        assertEquals(new BatchLimits(0.5, 2, OptionalInt.of(0), OptionalInt.empty(), OptionalInt.empty()).largest(), 1);
        assertEquals(
                new BatchLimits(
                                Double.POSITIVE_INFINITY,
                                2,
                                OptionalInt.empty(),
                                OptionalInt.empty(),
                                OptionalInt.empty())
                        .largest(),
                10_000);
    }

    @Test
    public void noPiecesNeedNoSpares() {
        assertEquals(Spares.UNRECORDED.forPieces(0), 0);
    }

    @Test
    public void morePiecesNeverNeedFewerSpares() {
        int before = 0;
        for (int n = 1; n <= 200; n += 3) {
            int spares = Spares.UNRECORDED.forPieces(n);
            assertTrue(spares >= before);
            before = spares;
        }
    }

    @Test
    public void theSparesAreTheFewestThatMeetTheOdds() {
        for (int n : new int[] {3, 8, 41, 120}) {
            int spares = Spares.UNRECORDED.forPieces(n);
            assertTrue(Spares.UNRECORDED.chanceEnough(n, spares) >= 0.95);
            assertTrue(spares == 0 || Spares.UNRECORDED.chanceEnough(n, spares - 1) < 0.95);
        }
    }

    @Test
    public void theOddsAgreeWithTenThousandThrows() {
        Random random = new Random(17);
        Spares even = new Spares(2, 6);
        int enough = 0;
        int throwsMade = 40_000;
        for (int i = 0; i < throwsMade; i++) {
            double p = beta(random, 2, 6);
            int broken = 0;
            for (int k = 0; k < 13; k++) {
                broken += random.nextDouble() < p ? 1 : 0;
            }
            enough += broken <= 3 ? 1 : 0;
        }
        assertEquals(even.chanceEnough(10, 3), (double) enough / throwsMade, 0.01);
    }

    /** A Beta of whole parameters as an order statistic of uniform numbers. */
    private static double beta(Random random, int a, int b) {
        double[] u = random.doubles(a + b - 1).sorted().toArray();
        return u[a - 1];
    }

    @Test
    public void fivePercentBreakBeforeAnyRecord() {
        assertEquals(Spares.UNRECORDED.meanShare(), 0.05, 1e-12);
    }

    @Test
    public void aKitOfImpossibleWireIsRefused() {
        expectThrows(InvalidValue.class, () -> Kit.USUAL.withGauges(List.of(12)));
    }

    @Test
    public void theKitKnowsItsFormersByName() {
        Kit kit = Kit.USUAL.withFormers(List.of(new Kit.FormerStock("spoon", 6)));
        assertEquals(kit.formersNamed("spoon").getAsInt(), 6);
        assertTrue(kit.formersNamed("apple tray").isEmpty());
    }

    @Test
    public void sparesAreTheFewestThatMeetTheOddsHoweverManyAreNeeded() {
        for (int needed : new int[] {1, 2, 5, 30, 400, 5000}) {
            int spare = Spares.UNRECORDED.forPieces(needed);
            assertTrue(Spares.UNRECORDED.chanceEnough(needed, spare) >= Spares.ODDS, needed + " needed");
            assertTrue(
                    spare == 0 || Spares.UNRECORDED.chanceEnough(needed, spare - 1) < Spares.ODDS, needed + " needed");
        }
    }

    @Test
    public void whereNearlyEverythingBreaksThereIsStillAnAnswer() {
        assertEquals(new Spares(1e6, 0.1).forPieces(100), 2020);
        assertEquals(new Spares(0.1, 1e6).forPieces(100), 0);
    }
}
