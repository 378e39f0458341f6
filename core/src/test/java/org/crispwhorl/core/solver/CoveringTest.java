package org.crispwhorl.core.solver;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.BitSet;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.concurrent.atomic.AtomicInteger;
import org.testng.annotations.Test;

public class CoveringTest {
    private static final int SETS = 11;

    private static List<BitSet> rows(Random random, int things) {
        List<BitSet> rows = new ArrayList<>();
        for (int i = 0; i < things; i++) {
            BitSet row = new BitSet();
            row.set(random.nextInt(SETS));
            for (int c = 0; c < SETS; c++) {
                if (random.nextDouble() < 0.25) {
                    row.set(c);
                }
            }
            rows.add(row);
        }
        return rows;
    }

    private static long cost(BitSet sets, long[] costs) {
        return sets.stream().mapToLong(c -> costs[c]).sum();
    }

    /** The cheapest of all choices there are, by trying each. */
    private static Optional<Long> byTryingAll(List<BitSet> rows, long[] costs, int without) {
        long best = Long.MAX_VALUE;
        for (long choice = 0; choice < 1L << SETS; choice++) {
            BitSet sets = BitSet.valueOf(new long[] {choice});
            if ((without < 0 || !sets.get(without)) && rows.stream().allMatch(r -> r.intersects(sets))) {
                best = Math.min(best, cost(sets, costs));
            }
        }
        return best == Long.MAX_VALUE ? Optional.empty() : Optional.of(best);
    }

    private static Covering covering(List<BitSet> rows, int sets) {
        int[] once = new int[sets];
        Arrays.fill(once, 1);
        Covering covering = Covering.of(once).orElseThrow();
        for (BitSet row : rows) {
            double[] covers = new double[sets];
            row.stream().forEach(c -> covers[c] = 1);
            covering.between(1, Double.POSITIVE_INFINITY, covers);
        }
        return covering;
    }

    private static BitSet chosen(Covering.Taken taken) {
        BitSet sets = new BitSet();
        for (int c = 0; c < taken.times().length; c++) {
            sets.set(c, taken.times()[c] > 0);
        }
        return sets;
    }

    @Test
    public void noChoiceIsCheaperThanTheOneThatIsProved() {
        Random random = new Random(11);
        for (int k = 0; k < 60; k++) {
            List<BitSet> rows = rows(random, 4 + k % 9);
            long[] costs = random.longs(SETS, 0, 2_000).toArray();
            double[] each = Arrays.stream(costs).asDoubleStream().toArray();
            try (Covering covering = covering(rows, SETS)) {
                // One problem is asked again and again, with and without each of its sets.
                for (int without : new int[] {-1, random.nextInt(SETS), -1}) {
                    if (without >= 0) {
                        covering.most(without, 0);
                    }
                    Optional<BitSet> found =
                            covering.cheapest(each, Budget.ofMs(10_000)).map(CoveringTest::chosen);
                    Optional<Long> best = byTryingAll(rows, costs, without);
                    assertEquals(found.map(c -> cost(c, costs)), best, "instance " + k + " without " + without);
                    found.ifPresent(c -> rows.forEach(r -> assertTrue(r.intersects(c), "all is covered")));
                    if (without >= 0) {
                        covering.most(without, 1);
                    }
                }
            }
        }
    }

    /** A cover that cannot be proved in a blink: each thing is in three sets at random, all of nearly one price. */
    @Test
    public void aSolverThatIsStoppedHandsOverTheBestThatItHas() {
        Random random = new Random(5);
        int sets = 400;
        List<BitSet> rows = new ArrayList<>();
        for (int i = 0; i < 1600; i++) {
            BitSet row = new BitSet();
            while (row.cardinality() < 3) {
                row.set(random.nextInt(sets));
            }
            rows.add(row);
        }
        double[] costs = random.doubles(sets, 1000, 1010).map(Math::rint).toArray();
        try (Covering covering = covering(rows, sets)) {
            long[] all = new long[sets];
            Arrays.fill(all, 1);
            covering.begin(all);
            AtomicInteger asked = new AtomicInteger();
            Optional<Covering.Taken> taken =
                    covering.cheapest(costs, new Budget(600_000, () -> asked.incrementAndGet() > 8));
            assertTrue(asked.get() > 8, "it was asked whether to go on");
            BitSet chosen = chosen(taken.orElseThrow());
            assertFalse(taken.get().proved());
            rows.forEach(r -> assertTrue(r.intersects(chosen), "all is covered"));
            double cost = chosen.stream().mapToDouble(c -> costs[c]).sum();
            assertTrue(taken.get().bound() <= cost + 1e-6);
        }
    }
}
