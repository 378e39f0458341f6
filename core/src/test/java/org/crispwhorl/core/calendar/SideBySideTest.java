package org.crispwhorl.core.calendar;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertSame;
import static org.testng.Assert.assertTrue;

import java.util.function.Predicate;
import org.crispwhorl.core.progress.Progress;
import org.crispwhorl.core.solver.Schedule;
import org.testng.annotations.Test;

/** Small work that came to stand side by side becomes one sitting, and everything that is asked is kept. */
public class SideBySideTest {
    private static final double LONGEST_MIN = 45;

    private static int[] plain(Frame frame) {
        return Placer.FREE.plain(frame, new Patience(Progress.UNWATCHED)).orElseThrow();
    }

    private static SideBySide.Placed joined(Frame frame, int[] starts, Predicate<Sitting> stays) {
        return SideBySide.of(frame, starts, stays, LONGEST_MIN, Placer.FREE::problem);
    }

    @Test
    public void whatIsJoinedIsShortOfOneOrderAndKeepsEverything() {
        int joined = 0;
        for (int roses = 0; roses < 5; roses++) {
            Frame frame = Ask.of(roses, 2).frame();
            SideBySide.Placed placed = joined(frame, plain(frame), sitting -> false);
            assertTrue(Schedule.keeps(Placer.FREE.problem(placed.frame()), placed.starts()));
            assertEquals(
                    placed.frame().sittings().stream()
                            .mapToInt(s -> s.items().size())
                            .sum(),
                    frame.batches().size(),
                    "nothing is lost");
            for (Sitting sitting : placed.frame().sittings()) {
                if (sitting.alone().isPresent()) {
                    continue;
                }
                joined++;
                assertTrue(sitting.slots() * Axis.SLOT_MIN <= LONGEST_MIN, sitting.slots() + " slots");
                long lines = sitting.items().stream()
                        .map(i -> i.batch().line())
                        .distinct()
                        .count();
                assertTrue(
                        lines == 1 || sitting.items().stream().allMatch(i -> Sittings.small(i.batch())),
                        "of several flowers only small makes");
            }
        }
        assertTrue(joined > 0, "some are");
    }

    @Test
    public void whatStaysByItselfStays() {
        Frame frame = Ask.of(3, 2).frame();
        int[] starts = plain(frame);
        SideBySide.Placed placed = joined(frame, starts, sitting -> true);
        assertSame(placed.frame(), frame);
        assertSame(placed.starts(), starts);
    }
}
