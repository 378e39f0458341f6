package org.crispwhorl.core.calendar;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import org.crispwhorl.core.assessment.TaskKind;
import org.testng.annotations.Test;

/** What is done in one go, before it is placed: nothing in it waits too long, comes too soon or too late, or lacks its tools. */
public class SittingsTest {
    private static final int ORDERS = 40;
    private static final int PAUSE_MIN = 10;
    private static final int WINDOW_PAUSE_MIN = 30;

    private static Frame frame(Random random) {
        return Ask.of(random.nextInt(5), 1 + random.nextInt(6))
                .until(Ask.SATURDAY.plusDays(random.nextInt(8)))
                .frame();
    }

    @Test
    public void everySittingCanBeGoneThrough() {
        int woven = 0;
        for (int seed = 0; seed < ORDERS; seed++) {
            double longest = 60 + 10 * (seed % 5);
            Frame frame = frame(new Random(seed)).together(Sittings.Before.NOTHING, longest);
            for (int k = 0; k < frame.sittings().size(); k++) {
                Sitting sitting = frame.sittings().get(k);
                int own = k;
                sitting.waits().forEach(wait -> assertTrue(wait.after() < own, "after what it waits for"));
                if (sitting.alone().isEmpty()) {
                    woven += gone(sitting) ? 1 : 0;
                    assertTrue(
                            sitting.items().get(sitting.items().size() - 1).toMin() <= 2 * longest,
                            "no longer than twice the longest sitting");
                }
            }
            assertEquals(
                    frame.sittings().stream().mapToInt(s -> s.items().size()).sum(),
                    frame.batches().size(),
                    "nothing is lost");
        }
        assertTrue(woven > 0, "some have a window in them");
    }

    /** Whether a window closes in it. */
    private static boolean gone(Sitting sitting) {
        Map<Integer, Sitting.Item> done = new HashMap<>();
        boolean window = sitting.items().stream()
                .anyMatch(i -> i.batch().waits().stream().anyMatch(w -> w.most().isPresent()));
        double free = 0;
        for (Sitting.Item item : sitting.items()) {
            assertTrue(item.fromMin() >= free - 1e-9, "one after the other");
            assertTrue(item.fromMin() - free - 1e-9 <= (window ? WINDOW_PAUSE_MIN : PAUSE_MIN), "no long pause");
            assertTrue(item.toMin() - item.fromMin()
                    >= Kept.TOLD_SHARE * item.batch().minutes());
            for (Batch.Wait wait : item.batch().waits()) {
                Sitting.Item before = done.get(wait.after());
                if (before != null) {
                    double waited = item.fromMin() - before.toMin();
                    assertTrue(waited >= Kept.TOLD_SHARE * wait.least().slots() * Axis.SLOT_MIN - 1e-9, "not too soon");
                    Optional<Integer> most = wait.most().map(m -> m.slots() * Axis.SLOT_MIN);
                    assertTrue(
                            most.isEmpty()
                                    || item.toMin() - before.toMin()
                                            <= Math.max(
                                                    most.get(),
                                                    waited + item.batch().slots() * Axis.SLOT_MIN),
                            "while it bends");
                }
            }
            done.put(item.place(), item);
            free = item.toMin();
        }
        return window;
    }

    /** What was not done in one go before is not now, and what is pinned stays by itself. */
    @Test
    public void aPlanBeforeIsHeldTo() {
        Frame frame = Ask.of(3, 2).frame();
        List<Batch> mixing = frame.batches().stream()
                .filter(b -> b.task().doing() == TaskKind.MIX)
                .toList();
        assertEquals(mixing.size(), 2);
        assertEquals(sittingsOf(frame.together(Sittings.Before.NOTHING, 90), mixing), 1);
        Map<String, Integer> apart =
                Map.of(mixing.get(0).key(), 1, mixing.get(1).key(), 2);
        assertEquals(sittingsOf(frame.together(new Sittings.Before(Set.of(), apart), 90), mixing), 2);
        Set<String> pinned = Set.of(mixing.get(0).key());
        assertEquals(sittingsOf(frame.together(new Sittings.Before(pinned, Map.of()), 90), mixing), 2);
    }

    private static long sittingsOf(Frame frame, List<Batch> batches) {
        return frame.sittings().stream()
                .filter(s -> s.items().stream().anyMatch(i -> batches.contains(i.batch())))
                .count();
    }

    @Test
    public void aSittingIsToldInTheMakersWords() {
        Calendar calendar = Ask.of(3, 2).calendar();
        List<InOneGo> told = InOneGo.of(calendar);
        assertEquals(told.get(0).name(), "Mix the shades");
        assertEquals(told.get(0).uids().size(), 2, "of both flowers");
        assertTrue(
                told.stream()
                        .anyMatch(s -> s.name().startsWith("Dust ") && s.name().contains(" and ")),
                told.toString());
        assertTrue(
                told.stream().anyMatch(s -> s.name().endsWith("finish and box the flower, for 3 flowers")),
                told.toString());
        assertTrue(
                told.stream().anyMatch(s -> s.name()
                        .equals("Make centre, 15 petals, 9 leaves, calyx and stamens, for 3 flowers")),
                told.toString());
        told.forEach(s -> assertEquals(s.to().getMinute() % Axis.SLOT_MIN, 0, s.toString()));
        assertEquals(
                told.stream().mapToInt(s -> s.uids().size()).sum(),
                calendar.tasks().size());
    }

    /** Rings that are too many for one sitting come to stand one after the other all the same: they are told as one. */
    @Test
    public void whatStandsSideBySideIsToldAsOne() {
        StudioTime half = StudioTime.USUAL.withSittingMin(30);
        Ask ask = Ask.of(0, 6).in(half);
        Calendar calendar = ask.calendar();
        Kept.everything(ask, calendar);
        int placed =
                ask.frame().together(Sittings.Before.NOTHING, 30).sittings().size();
        List<InOneGo> told = InOneGo.of(calendar);
        assertTrue(told.size() < placed, told.size() + " are told of " + placed);
    }
}
