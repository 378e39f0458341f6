package org.crispwhorl.core.calendar;

import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import java.time.LocalTime;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.crispwhorl.core.assessment.TaskKind;
import org.crispwhorl.core.progress.Progress;
import org.testng.annotations.Test;

/** Orders at random: every plan is read again by eyes of its own, and what would help, helps. */
public class RandomOrdersTest {
    private static final int ORDERS = 500;
    /** Orders that cannot be kept; a hundred of them take six minutes. */
    private static final int HELPED = Integer.getInteger("helped", 6);

    /** Every so many is thought about for long; of the others the first plan is read. */
    private static final int LONG = 25;

    /** As long as anybody would wait here; the best so far is then read. */
    private record Patience(long ms, long begun) implements Progress {
        Patience(long ms) {
            this(ms, System.nanoTime());
        }

        @Override
        public void reached(double share, String step) {}

        @Override
        public boolean stopped() {
            return System.nanoTime() - begun > ms * 1_000_000;
        }
    }

    private static final StudioTime.QuietHours NAP =
            new StudioTime.QuietHours(LocalTime.of(13, 0), LocalTime.of(15, 0));

    /** Somebody who comes in the afternoons and can do some of it. */
    private static StudioTime.SecondMaker second(Random random) {
        List<TaskKind> can = new ArrayList<>(List.of(TaskKind.values()));
        Collections.shuffle(can, random);
        return new StudioTime.SecondMaker(
                Collections.nCopies(7, new StudioTime.DayHours(true, LocalTime.of(14, 0), LocalTime.of(19, 0))),
                can.subList(0, 1 + random.nextInt(4)));
    }

    private static Ask ask(Random random) {
        StudioTime time = StudioTime.USUAL.withMakers(1 + random.nextInt(2)).withEveningH(random.nextInt(4));
        StudioTime own = time.withBusy(
                        random.nextBoolean() ? Ask.busyOnWednesday().busy() : time.busy())
                .withSittingMin(30 + random.nextInt(100))
                .withSecond(random.nextInt(3) == 0 ? Optional.of(second(random)) : Optional.empty())
                .withQuiet(random.nextInt(3) == 0 ? List.of(NAP) : List.of());
        return Ask.of(1 + random.nextInt(7), random.nextInt(6))
                .in(own)
                .from(Ask.MONDAY.plusHours(random.nextInt(90)))
                .until(Ask.SATURDAY.plusHours(random.nextInt(150)));
    }

    @Test
    public void everyPlanHolds() {
        int planned = 0;
        for (int seed = 0; seed < ORDERS; seed++) {
            Ask asked = ask(new Random(seed));
            Calendar calendar =
                    asked.watchedBy(new Patience(seed % LONG == 0 ? 700 : 25)).calendar();
            if (calendar.limit().isEmpty()) {
                planned++;
                Kept.everything(asked, calendar);
            }
            assertFalse(calendar.limit().isPresent() && !calendar.tasks().isEmpty());
        }
        assertTrue(planned > ORDERS / 2, planned + " planned");
    }

    @Test
    public void theLeastChangeThatIsNamedHelps() {
        int helped = 0;
        for (int seed = 0; helped < HELPED; seed++) {
            Ask asked = tooMuch(new Random(seed));
            Calendar calendar = asked.calendar();
            if (calendar.limit().isPresent() && !calendar.helps().isEmpty()) {
                helped++;
                Calendar.Help least = calendar.helps().get(0);
                Calendar then = asked.with(least).watchedBy(new Patience(4_000)).calendar();
                assertTrue(then.limit().isEmpty(), "seed " + seed + ": " + least.label() + ": " + then.limit());
                Kept.everything(asked, then);
            }
            assertTrue(seed < 5 * HELPED, helped + " of " + seed + " could be helped");
        }
    }

    /** As many flowers as hardly go into what is left of the week. */
    private static Ask tooMuch(Random random) {
        return Ask.of(12 + random.nextInt(45), 12 + random.nextInt(35))
                .from(Ask.MONDAY.plusHours(40 + random.nextInt(40)))
                .watchedBy(new Patience(3_000));
    }
}
