package org.crispwhorl.core.calendar;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import java.time.Duration;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.crispwhorl.core.assessment.Plan;
import org.crispwhorl.core.order.OrderSheet;

/** Reads a calendar again, and not from how it was made: hours, hands, waits and windows of all that is still to be done. */
final class Kept {
    private static final int ROUNDING_MIN = 5;

    /** What is over its five minutes by less than this is not told. */
    static final double TOLD_SHARE = 0.9;

    private Kept() {}

    static void everything(Ask ask, Calendar calendar) {
        OrderSheet sheet = ask.sheet();
        StudioTime time = ask.time();
        assertTrue(calendar.limit().isEmpty(), calendar.limit().toString());
        for (Calendar.PlacedTask s : calendar.tasks()) {
            if (s.done()) {
                continue;
            }
            boolean other = time.other().isPresent() && s.maker() == 2;
            List<StudioTime.Window> hours = other
                    ? time.windowsOfOther(s.from().toLocalDate())
                    : time.windows(s.from().toLocalDate());
            assertTrue(
                    hours.stream().anyMatch(w -> !s.from().isBefore(w.from()) && !s.to().isAfter(w.to())),
                    s + " lies within working hours");
            assertTrue(!other || time.other().get().can().contains(s.doing()), s + " is what they can do");
            boolean heard = sheet.tasks().stream()
                    .filter(t -> t.task().name().equals(s.task()) && t.line().equals(s.line()))
                    .anyMatch(t -> !t.task().disturbs().isEmpty());
            assertTrue(
                    !heard
                            || time.quiet().stream()
                                    .noneMatch(q -> s.from().toLocalTime().isBefore(q.to())
                                            && s.to().toLocalTime().isAfter(q.from())),
                    s + " is not heard in quiet hours");
            long beside = calendar.tasks().stream()
                    .filter(o -> !o.from().isAfter(s.from()) && s.from().isBefore(o.to()))
                    .count();
            assertTrue(beside <= time.makers(), s + " has hands");
            long ofMaker = calendar.tasks().stream()
                    .filter(o -> o.maker() == s.maker()
                            && o.from().isBefore(s.to())
                            && s.from().isBefore(o.to()))
                    .count();
            assertEquals(ofMaker, 1L, s + " is the only work of those hands");
            assertFalse(s.because().isBlank());
        }
        Map<String, List<Calendar.PlacedTask>> byTask = calendar.tasks().stream()
                .collect(Collectors.groupingBy(s -> s.uid().substring(0, s.uid().lastIndexOf('/'))));
        for (OrderSheet.OrderTask task : sheet.tasks()) {
            List<Calendar.PlacedTask> own =
                    byTask.get(task.line() + "/" + task.task().id());
            double minutes = own.stream().mapToDouble(Kept::minutes).sum();
            assertTrue(
                    own.stream().anyMatch(Calendar.PlacedTask::done)
                            || minutes >= TOLD_SHARE * task.labourMin() - own.size() / 60.0,
                    task.task().name() + " has its minutes");
            for (Plan.Gate gate : task.task().gates()) {
                List<Calendar.PlacedTask> before = byTask.get(task.line() + "/" + gate.afterTask());
                if (before != null) {
                    own.stream().filter(s -> !s.done()).forEach(s -> waits(s, before, gate));
                }
            }
        }
        toolsSuffice(ask, calendar.tasks());
        for (OrderSheet.HandOverGate last : sheet.handOver()) {
            for (Calendar.PlacedTask s :
                    byTask.get(last.line() + "/" + last.gate().afterTask())) {
                long wait = Duration.between(s.to(), ask.ready()).toMinutes();
                assertTrue(wait >= 60 * last.gate().waitH() - ROUNDING_MIN, s.task() + " is dry");
            }
        }
    }

    /** At the beginning of every piece of work no more of anything is taken than there is. */
    static void toolsSuffice(Ask ask, List<Calendar.PlacedTask> tasks) {
        Map<String, Integer> owned = ask.sheet().tasks().stream()
                .flatMap(t -> t.held().stream())
                .collect(Collectors.toMap(OrderSheet.Held::tool, OrderSheet.Held::owned, Math::max));
        for (Calendar.PlacedTask s : tasks) {
            owned.forEach((tool, count) -> {
                int taken = tasks.stream()
                        .filter(o -> !o.from().isAfter(s.from()))
                        .flatMap(o -> o.takes().stream())
                        .filter(t -> t.tool().equals(tool) && t.until().isAfter(s.from()))
                        .mapToInt(Calendar.Takes::count)
                        .sum();
                assertTrue(s.done() || taken <= count, taken + " of " + count + " " + tool + " at " + s.from());
            });
        }
    }

    static double minutes(Calendar.PlacedTask s) {
        return Duration.between(s.from(), s.to()).toSeconds() / 60.0;
    }

    private static void waits(Calendar.PlacedTask s, List<Calendar.PlacedTask> before, Plan.Gate gate) {
        // As many of its flowers have to be through with what is before as are begun now.
        int needed = (int) Math.ceil((double) s.batch() * before.size() / s.of() - 1e-9);
        Calendar.PlacedTask first = before.stream()
                .filter(b -> b.batch() <= needed)
                .max(Comparator.comparing(Calendar.PlacedTask::to))
                .orElseThrow();
        long wait = Duration.between(first.to(), s.from()).toMinutes();
        assertTrue(wait >= 60 * gate.waitH() - ROUNDING_MIN, s.task() + " waits for " + first.task());
        gate.atMostH()
                .ifPresent(most -> assertTrue(
                        wait + minutes(s) <= Math.max(60 * most, 60 * gate.waitH() + minutes(s)) + ROUNDING_MIN,
                        s.task() + " while it bends"));
    }
}
