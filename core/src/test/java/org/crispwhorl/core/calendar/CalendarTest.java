package org.crispwhorl.core.calendar;

import static org.crispwhorl.core.calendar.Ask.MONDAY;
import static org.crispwhorl.core.calendar.Ask.PLACE;
import static org.crispwhorl.core.calendar.Ask.SATURDAY;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import java.time.Duration;
import java.time.LocalDateTime;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import org.crispwhorl.core.Garden;
import org.crispwhorl.core.assessment.Plan;
import org.crispwhorl.core.order.OrderSheet;
import org.crispwhorl.core.studio.Conditions;
import org.crispwhorl.core.studio.Kit;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class CalendarTest {
    private static final int ROUNDING_MIN = 5;

    @DataProvider
    public Object[][] orders() {
        return new Object[][] {
            {Ask.of(2, 0)},
            {Ask.of(3, 2)},
            {Ask.of(6, 4).in(StudioTime.USUAL.withMakers(2))},
            {Ask.of(6, 0).in(StudioTime.USUAL.withEvenings(3))},
            {Ask.of(4, 0).in(Ask.busyOnWednesday())}
        };
    }

    /** Read off the calendar again, and not from how it was made: hours, hands, waits and windows. */
    @Test(dataProvider = "orders")
    public void everyWaitAndEveryHourIsKept(Ask ask) {
        OrderSheet sheet = ask.sheet();
        StudioTime time = ask.time();
        Calendar calendar = ask.calendar();
        assertTrue(calendar.limit().isEmpty(), calendar.limit().toString());
        for (Calendar.Stint s : calendar.stints()) {
            assertTrue(
                    time.windows(s.from().toLocalDate()).stream()
                            .anyMatch(w -> !s.from().isBefore(w.from()) && !s.to().isAfter(w.to())),
                    s + " lies within working hours");
            long beside = calendar.stints().stream()
                    .filter(o -> !o.from().isAfter(s.from()) && s.from().isBefore(o.to()))
                    .count();
            assertTrue(beside <= time.makers(), s + " has hands");
            long ofMaker = calendar.stints().stream()
                    .filter(o -> o.maker() == s.maker()
                            && o.from().isBefore(s.to())
                            && s.from().isBefore(o.to()))
                    .count();
            assertEquals(ofMaker, 1L, s + " is the only work of those hands");
            assertFalse(s.because().isBlank());
        }
        Map<String, List<Calendar.Stint>> byTask = calendar.stints().stream()
                .collect(Collectors.groupingBy(s -> s.uid().substring(0, s.uid().lastIndexOf('/'))));
        for (OrderSheet.OrderTask task : sheet.tasks()) {
            List<Calendar.Stint> own =
                    byTask.get(task.line() + "/" + task.task().id());
            double minutes = own.stream().mapToLong(CalendarTest::minutes).sum();
            assertTrue(minutes >= task.handsMin() - 1e-9, task.task().name() + " has its minutes");
            for (Plan.Gate gate : task.task().gates()) {
                List<Calendar.Stint> before = byTask.get(task.line() + "/" + gate.afterTask());
                if (before != null) {
                    own.forEach(s -> waits(s, before, gate));
                }
            }
        }
        for (OrderSheet.HandOverGate last : sheet.handOver()) {
            for (Calendar.Stint s : byTask.get(last.line() + "/" + last.gate().afterTask())) {
                long wait = Duration.between(s.to(), Ask.end()).toMinutes();
                assertTrue(wait >= 60 * last.gate().waitH() - ROUNDING_MIN, s.task() + " is dry");
            }
        }
    }

    static long minutes(Calendar.Stint s) {
        return Duration.between(s.from(), s.to()).toMinutes();
    }

    private static void waits(Calendar.Stint s, List<Calendar.Stint> before, Plan.Gate gate) {
        // As many of its flowers have to be through with what is before as are begun now.
        int needed = (int) Math.ceil((double) s.batch() * before.size() / s.of() - 1e-9);
        Calendar.Stint first = before.stream()
                .filter(b -> b.batch() <= needed)
                .max(Comparator.comparing(Calendar.Stint::to))
                .orElseThrow();
        long wait = Duration.between(first.to(), s.from()).toMinutes();
        assertTrue(wait >= 60 * gate.waitH() - ROUNDING_MIN, s.task() + " waits for " + first.task());
        gate.atMostH()
                .ifPresent(most -> assertTrue(
                        wait + minutes(s) <= Math.max(60 * most, 60 * gate.waitH() + minutes(s)) + ROUNDING_MIN,
                        s.task() + " while it bends"));
    }

    /** What is said to begin as late as can be cannot begin five minutes later. */
    @Test
    public void aPlanBeginsAsLateAsAnyCould() {
        Calendar calendar = Ask.of(1, 0).calendar();
        assertTrue(calendar.proved());
        assertEquals(calendar.begins(), calendar.atLatest());
        LocalDateTime begins = calendar.begins().orElseThrow();
        assertEquals(Ask.of(1, 0).from(begins).calendar().begins(), calendar.begins());
        Calendar later = Ask.of(1, 0).from(begins.plusMinutes(5)).calendar();
        assertTrue(later.limit().isPresent(), later.toString());
    }

    @Test
    public void whatIsPinnedStaysAndTheRestIsPlacedRoundIt() {
        Calendar free = Ask.of(3, 0).calendar();
        Calendar.Stint first = free.stints().get(0);
        LocalDateTime sooner = first.from().minusDays(1);
        Calendar pinned = Ask.of(3, 0)
                .pinned(new Planned.Pin(first.uid(), sooner), new Planned.Pin("no longer there", sooner))
                .after(free)
                .calendar();
        assertEquals(
                pinned.stints().stream()
                        .filter(s -> s.uid().equals(first.uid()))
                        .findFirst()
                        .orElseThrow()
                        .from(),
                sooner);
        assertEquals(pinned.stints().size(), free.stints().size());
        Map<String, LocalDateTime> stood =
                free.stints().stream().collect(Collectors.toMap(Calendar.Stint::uid, Calendar.Stint::from));
        long moved = pinned.stints().stream()
                .filter(s -> !stood.get(s.uid()).equals(s.from()))
                .count();
        assertEquals(moved, 1L, "nothing moves that need not");
        Calendar.Stint last = free.stints().get(free.stints().size() - 1);
        Calendar never = Ask.of(3, 0)
                .pinned(new Planned.Pin(last.uid(), MONDAY))
                .after(free)
                .calendar();
        assertTrue(never.limit().orElseThrow().contains("pinned"), never.limit().toString());
    }

    /** Seven roses of five petals on ten cups: no more than ten petals lie in them at any moment until they are firm. */
    @Test
    public void formersSufficeAtEveryMoment() {
        Kit kit = Kit.USUAL.withFormers(List.of(new Kit.FormerStock(Garden.CUP.name(), 10)));
        Ask ask = Ask.roses(7, Conditions.USUAL.withKit(kit)).from(MONDAY.minusDays(7));
        OrderSheet.OrderTask make = ask.sheet().tasks().stream()
                .filter(t -> t.held().isPresent())
                .findFirst()
                .orElseThrow();
        OrderSheet.Held held = make.held().orElseThrow();
        assertEquals(held.wanted(), 35);
        Calendar calendar = ask.calendar();
        assertTrue(calendar.limit().isEmpty(), calendar.limit().toString());
        List<Calendar.Stint> made = calendar.stints().stream()
                .filter(s -> s.task().equals(make.task().name()))
                .toList();
        assertTrue(made.size() >= 4, "in four turns at least");
        int each = (35 + made.size() - 1) / made.size();
        for (Calendar.Stint s : made) {
            long lying = made.stream()
                    .filter(o -> !o.from().isAfter(s.from())
                            && o.to().plusMinutes(Math.round(60 * held.hours())).isAfter(s.from()))
                    .count();
            assertTrue(lying * each <= 10, lying + " lots of " + each + " at " + s.from());
        }
    }

    @Test
    public void handsThatWorkOnAnotherOrderAreNotThere() {
        Calendar first = Ask.of(3, 0).calendar();
        List<Calendars.Elsewhere> elsewhere = first.stints().stream()
                .map(s -> new Calendars.Elsewhere(s.from(), s.to()))
                .toList();
        Calendar second = Ask.of(3, 0).beside(elsewhere).calendar();
        assertEquals(second.stints().size(), first.stints().size());
        for (Calendar.Stint s : second.stints()) {
            assertTrue(
                    elsewhere.stream()
                            .noneMatch(
                                    e -> e.from().isBefore(s.to()) && s.from().isBefore(e.to())),
                    s.toString());
        }
    }

    @Test
    public void eveningsAreLeftAloneWhereTheDayIsEnough() {
        assertEquals(
                Ask.of(2, 0).in(StudioTime.USUAL.withEvenings(4)).calendar().eveningMin(), 0.0);
    }

    @Test
    public void thePlainPlanKeepsItsWaitsToo() {
        Ask ask = Ask.of(3, 2);
        List<Batch> batches = Batches.of(ask.sheet(), ask.flowers(), 90);
        Axis axis = Axis.from(MONDAY, PLACE);
        int last = axis.floor(SATURDAY);
        Windows windows = Windows.of(StudioTime.USUAL, axis, last);
        int[] starts = Backwards.place(batches, windows, 1, List.of(), last).orElseThrow();
        Map<Integer, Integer> busy = new HashMap<>();
        for (int i = 0; i < starts.length; i++) {
            for (Batch.Wait wait : batches.get(i).waits()) {
                int end = starts[wait.after()] + batches.get(wait.after()).slots();
                assertTrue(starts[i] >= end + wait.least(), batches.get(i).uid());
            }
            for (int at = starts[i]; at < starts[i] + batches.get(i).slots(); at++) {
                assertEquals(busy.merge(at, 1, Integer::sum), Integer.valueOf(1));
            }
        }
        assertEquals(Backwards.place(batches, new Windows(List.of()), 1, List.of(), last), Optional.empty());
    }
}
