package org.crispwhorl.core.calendar;

import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import java.util.Random;
import org.crispwhorl.core.progress.Progress;
import org.testng.annotations.Test;

/** Orders at random: every plan is read again by eyes of its own, and what would help, helps. */
public class RandomOrdersTest {
    private static final int ORDERS = 60;

    /** As long as anybody would wait here; the best so far is then read. */
    private static final class Patience implements Progress {
        private static final long MS = 700;
        private final long begun = System.nanoTime();

        @Override
        public void reached(double share, String step) {}

        @Override
        public boolean stopped() {
            return System.nanoTime() - begun > MS * 1_000_000;
        }
    }

    private static Ask ask(Random random) {
        StudioTime time = StudioTime.USUAL.withMakers(1 + random.nextInt(2)).withEvenings(random.nextInt(4));
        StudioTime own = new StudioTime(
                random.nextBoolean() ? Ask.busyOnWednesday().week() : time.week(),
                time.daysOff(),
                random.nextBoolean() ? Ask.busyOnWednesday().busy() : time.busy(),
                time.makers(),
                time.eveningH(),
                30 + random.nextInt(100));
        return Ask.of(1 + random.nextInt(7), random.nextInt(6))
                .in(own)
                .from(Ask.MONDAY.plusHours(random.nextInt(90)))
                .until(Ask.SATURDAY.plusHours(random.nextInt(150)));
    }

    @Test
    public void everyPlanHoldsAndEveryHelpHelps() {
        int planned = 0;
        int helped = 0;
        for (int seed = 0; seed < ORDERS; seed++) {
            Calendar calendar = ask(new Random(seed)).watchedBy(new Patience()).calendar();
            if (calendar.limit().isEmpty()) {
                planned++;
                Kept.everything(ask(new Random(seed)), calendar);
            } else if (!calendar.limit().get().startsWith("Stopped")
                    && !calendar.helps().isEmpty()) {
                helped++;
                Ask mended = ask(new Random(seed)).with(calendar.helps().get(0));
                Calendar then = mended.calendar();
                assertTrue(
                        then.limit().isEmpty(),
                        "seed " + seed + ": " + calendar.helps().get(0).label() + ": " + then.limit());
                Kept.everything(mended, then);
            }
            assertFalse(calendar.limit().isPresent() && !calendar.stints().isEmpty());
        }
        // How many are found in that time is the machine's affair; a single rose is found on any.
        assertTrue(planned > 0, planned + " planned, " + helped + " helped");
    }
}
