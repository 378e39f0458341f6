package org.crispwhorl.core.calendar;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.util.List;
import java.util.stream.IntStream;
import org.crispwhorl.core.Garden;
import org.crispwhorl.core.studio.Conditions;
import org.crispwhorl.core.studio.Kit;
import org.testng.annotations.Test;

public class ShareTest {
    private static List<Share> whole(int batches, int flowers) {
        return IntStream.range(0, batches)
                .mapToObj(i -> Share.whole(i, batches, flowers))
                .toList();
    }

    private static List<Share> even(int batches) {
        return IntStream.range(0, batches).mapToObj(i -> Share.even(i, batches)).toList();
    }

    @Test
    public void wholeFlowersFallToABatchAndAllOfThemToAll() {
        for (int flowers = 1; flowers <= 12; flowers++) {
            for (int batches = 1; batches <= flowers; batches++) {
                int next = 1;
                int pieces = 0;
                double part = 0;
                for (Share share : whole(batches, flowers)) {
                    assertEquals(share.firstFlower(flowers), next);
                    next = share.lastFlower(flowers) + 1;
                    assertTrue(next > share.firstFlower(flowers), "at least one flower");
                    int own = share.counted(5 * flowers);
                    assertEquals(own, 5 * (next - share.firstFlower(flowers)));
                    assertTrue(share.tools(5 * flowers) == own);
                    pieces += own;
                    part += share.part();
                }
                assertEquals(next, flowers + 1);
                assertEquals(pieces, 5 * flowers);
                assertEquals(part, 1, 1e-9);
            }
        }
    }

    /** Whatever is waited for, of as many flowers at least as are worked on is it over. */
    @Test
    public void aBatchNeedsThoseBeforeThatHoldItsFlowers() {
        assertEquals(Share.whole(0, 3, 8).needs(whole(3, 8)), 0);
        assertEquals(Share.whole(1, 3, 8).needs(whole(3, 8)), 1);
        assertEquals(Share.even(0, 3).needs(whole(3, 8)), 1, "a third of eight flowers is more than two");
        assertEquals(Share.whole(0, 3, 8).needs(even(3)), 0);
        assertEquals(Share.even(0, 1).needs(even(4)), 3);
        assertEquals(Share.even(3, 4).needs(even(1)), 0);
        for (int own = 1; own <= 6; own++) {
            for (int before = 1; before <= 6; before++) {
                for (int i = 0; i < own; i++) {
                    Share share = Share.even(i, own);
                    List<Share> all = even(before);
                    int needed = share.needs(all);
                    assertTrue((double) (needed + 1) / before >= (double) (i + 1) / own - 1e-9);
                    assertTrue(
                            needed == 0 || (double) needed / before < (double) (i + 1) / own - 1e-9,
                            "no more than it needs");
                }
            }
        }
    }

    /** Five petals a flower, so many cups: the petals of a flower are never in two batches, but where that would ask for more of them. */
    @Test
    public void piecesOfAFlowerAreMadeTogetherWhereTheToolsAllowIt() {
        for (int cups : List.of(5, 10, 12, 17)) {
            Kit kit = Kit.USUAL.withFormers(List.of(new Kit.FormerStock(Garden.CUP.name(), cups)));
            List<Batch> batches =
                    Ask.roses(6, Conditions.USUAL.withKit(kit)).frame().batches();
            for (Batch batch : batches) {
                assertTrue(batch.lying().stream().allMatch(l -> l.wanted() <= l.owned()), batch.uid());
                boolean ownFlowers = batches.stream()
                        .filter(b -> b.sameTask(batch) && b.number() == batch.number() + 1)
                        .allMatch(b -> b.share().firstFlower(6) == batch.share().lastFlower(6) + 1);
                assertTrue(ownFlowers || cups == 17, batch.uid() + " with " + cups + " cups: " + batch.share());
            }
        }
    }
}
