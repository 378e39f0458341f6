package org.crispwhorl.core.calendar;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.time.LocalDateTime;
import java.util.Arrays;
import java.util.List;
import org.testng.annotations.Test;

/** Plans that want the same hands at once are told, and keep nobody from planning. */
public class OverlapTest {
    private static final LocalDateTime NINE = LocalDateTime.of(2030, 6, 10, 9, 0);

    private static Overlap.Taken taken(String order, int fromMin, int toMin, int maker) {
        return new Overlap.Taken(order, order, NINE.plusMinutes(fromMin), NINE.plusMinutes(toMin), maker);
    }

    @Test
    public void twoOrdersThatWantTheSameHandsAreToldOnce() {
        List<Overlap> found = Overlap.among(
                List.of(
                        taken("supper", 0, 60, 1),
                        taken("tea", 30, 45, 1),
                        taken("supper", 90, 120, 1),
                        taken("tea", 100, 130, 1),
                        taken("tea", 60, 90, 1),
                        taken("fair", 0, 60, 2)),
                2);
        assertEquals(found, List.of(new Overlap("supper", "tea", NINE.plusMinutes(30), NINE.plusMinutes(45))));
        assertTrue(
                found.get(0).told().endsWith("plan one of the two again."),
                found.get(0).told());
    }

    /** A second pair of hands that is gone leaves its work to the first. */
    @Test
    public void theWorkOfOneWhoIsGoneFallsToTheOther() {
        List<Overlap.Taken> both = List.of(taken("supper", 0, 60, 1), taken("tea", 0, 60, 2));
        assertEquals(Overlap.among(both, 2), List.of());
        assertEquals(Overlap.among(both, 1).size(), 1);
    }

    /** However plans overlap, no more hands are taken than there are, and none that nothing takes. */
    @Test
    public void noMoreHandsAreTakenThanThereAre() {
        List<int[]> taken = List.of(new int[] {0, 10}, new int[] {5, 20}, new int[] {5, 8}, new int[] {30, 40});
        assertEquals(Placer.atMost(taken, 1).stream().map(Arrays::toString).toList(), List.of("[0, 20]", "[30, 40]"));
        for (int hands = 1; hands <= 3; hands++) {
            List<int[]> least = Placer.atMost(taken, hands);
            for (int slot = 0; slot < 45; slot++) {
                int at = slot;
                long wanted =
                        taken.stream().filter(t -> t[0] <= at && at < t[1]).count();
                long given = least.stream().filter(t -> t[0] <= at && at < t[1]).count();
                assertEquals(given, Math.min(hands, wanted), "slot " + slot);
            }
        }
    }
}
