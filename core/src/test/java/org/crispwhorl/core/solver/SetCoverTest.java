package org.crispwhorl.core.solver;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import java.util.ArrayList;
import java.util.BitSet;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.testng.annotations.Test;

public class SetCoverTest {
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

    @Test
    public void noChoiceIsCheaperThanTheOneThatIsProved() {
        Random random = new Random(11);
        for (int k = 0; k < 60; k++) {
            List<BitSet> rows = rows(random, 4 + k % 9);
            long[] costs = random.longs(SETS, 0, 2_000).toArray();
            int without = k % 3 == 0 ? random.nextInt(SETS) : -1;
            Optional<SetCover.Chosen> chosen = SetCover.solve(rows, costs, without);
            Optional<Long> best = byTryingAll(rows, costs, without);
            assertEquals(chosen.isPresent(), best.isPresent(), "instance " + k);
            chosen.ifPresent(c -> {
                assertTrue(c.proved());
                assertEquals(cost(c.sets(), costs), (long) best.orElseThrow());
                assertFalse(without >= 0 && c.sets().get(without));
                rows.forEach(r -> assertTrue(r.intersects(c.sets()), "all is covered"));
            });
        }
    }
}
