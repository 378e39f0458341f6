package org.crispwhorl.core.calendar;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import java.time.Duration;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import org.crispwhorl.core.Garden;
import org.crispwhorl.core.assessment.Plan;
import org.crispwhorl.core.order.OrderSheet;
import org.crispwhorl.core.progress.Progress;
import org.crispwhorl.core.species.Species;
import org.crispwhorl.core.studio.Conditions;
import org.crispwhorl.core.studio.Kit;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class CalendarTest {
    private static final ZoneId PLACE = ZoneId.of("Europe/Berlin");
    private static final LocalDateTime MONDAY = LocalDateTime.of(2030, 6, 10, 8, 0);
    private static final LocalDateTime SATURDAY = LocalDateTime.of(2030, 6, 15, 10, 0);
    private static final int ROUNDING_MIN = 5;

    private static OrderSheet sheet(int roses, int buds) {
        List<OrderSheet.Line> lines = new ArrayList<>();
        for (Map.Entry<Species, Integer> line :
                List.of(Map.entry(Garden.rose(), roses), Map.entry(Garden.bud(), buds))) {
            if (line.getValue() > 0) {
                lines.add(new OrderSheet.Line(line.getKey(), line.getValue()));
            }
        }
        return OrderSheet.of(lines, Conditions.USUAL);
    }

    private static Calendar calendar(OrderSheet sheet, List<Integer> flowers, LocalDateTime now, StudioTime time) {
        return Calendars.of(
                sheet,
                flowers,
                now,
                SATURDAY,
                12,
                time,
                List.of(),
                List.of(),
                Optional.empty(),
                PLACE,
                Progress.UNWATCHED);
    }

    @DataProvider
    public Object[][] orders() {
        return new Object[][] {
            {sheet(2, 0), List.of(2), StudioTime.USUAL},
            {sheet(3, 2), List.of(3, 2), StudioTime.USUAL},
            {sheet(6, 4), List.of(6, 4), StudioTime.USUAL.withMakers(2)},
            {sheet(6, 0), List.of(6), StudioTime.USUAL.withEvenings(3)},
            {sheet(4, 0), List.of(4), busyOnWednesday()}
        };
    }

    private static StudioTime busyOnWednesday() {
        LocalDateTime wednesday = MONDAY.plusDays(2);
        return StudioTime.USUAL.withBusy(
                List.of(new StudioTime.Busy("market", wednesday.withHour(10), wednesday.withHour(15))));
    }

    /** Read off the calendar again, and not from how it was made: hours, hands, waits and windows. */
    @Test(dataProvider = "orders")
    public void everyWaitAndEveryHourIsKept(OrderSheet sheet, List<Integer> flowers, StudioTime time) {
        Calendar calendar = calendar(sheet, flowers, MONDAY, time);
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
                long wait = Duration.between(s.to(), SATURDAY.minusHours(12)).toMinutes();
                assertTrue(wait >= 60 * last.gate().waitH() - ROUNDING_MIN, s.task() + " is dry");
            }
        }
    }

    private static long minutes(Calendar.Stint s) {
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

    /** A few pieces of work are placed as late as the best of all placings, tried one by one. */
    @Test
    public void aSmallPlanBeginsAsLateAsAnyCould() {
        Calendar calendar = calendar(sheet(1, 0), List.of(1), MONDAY, StudioTime.USUAL);
        assertTrue(calendar.proved());
        assertEquals(calendar.begins(), calendar.atLatest());
        double hands = calendar.handsMin();
        Duration span = Duration.between(calendar.begins().orElseThrow(), SATURDAY.minusHours(12));
        assertTrue(span.toMinutes() >= hands, "no less than its own work");
    }

    @Test
    public void whatIsPinnedStaysAndTheRestIsPlacedRoundIt() {
        OrderSheet sheet = sheet(3, 0);
        Calendar free = calendar(sheet, List.of(3), MONDAY, StudioTime.USUAL);
        Calendar.Stint first = free.stints().get(0);
        LocalDateTime sooner = first.from().minusDays(1);
        Calendar pinned = Calendars.of(
                sheet,
                List.of(3),
                MONDAY,
                SATURDAY,
                12,
                StudioTime.USUAL,
                List.of(new Planned.Pin(first.uid(), sooner), new Planned.Pin("no longer there", sooner)),
                List.of(),
                Optional.of(free),
                PLACE,
                Progress.UNWATCHED);
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
        Calendar never = Calendars.of(
                sheet,
                List.of(3),
                MONDAY,
                SATURDAY,
                12,
                StudioTime.USUAL,
                List.of(new Planned.Pin(last.uid(), MONDAY)),
                List.of(),
                Optional.of(free),
                PLACE,
                Progress.UNWATCHED);
        assertTrue(never.limit().orElseThrow().contains("pinned"), never.limit().toString());
    }

    /** Seven roses of five petals on ten cups: no more than ten petals lie in them at any moment until they are firm. */
    @Test
    public void formersSufficeAtEveryMoment() {
        Kit kit = Kit.USUAL.withFormers(List.of(new Kit.FormerStock(Garden.CUP.name(), 10)));
        OrderSheet sheet = OrderSheet.of(List.of(new OrderSheet.Line(Garden.rose(), 7)), Conditions.USUAL.withKit(kit));
        OrderSheet.OrderTask make = sheet.tasks().stream()
                .filter(t -> t.held().isPresent())
                .findFirst()
                .orElseThrow();
        OrderSheet.Held held = make.held().orElseThrow();
        assertEquals(held.wanted(), 35);
        Calendar calendar = Calendars.of(
                sheet,
                List.of(7),
                MONDAY.minusDays(7),
                SATURDAY,
                12,
                StudioTime.USUAL,
                List.of(),
                List.of(),
                Optional.empty(),
                PLACE,
                Progress.UNWATCHED);
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
    public void tooFewFormersAreToldByName() {
        Kit kit = Kit.USUAL.withFormers(List.of(new Kit.FormerStock(Garden.CUP.name(), 5)));
        OrderSheet sheet =
                OrderSheet.of(List.of(new OrderSheet.Line(Garden.rose(), 14)), Conditions.USUAL.withKit(kit));
        Calendar calendar = Calendars.of(
                sheet,
                List.of(14),
                MONDAY,
                SATURDAY,
                12,
                StudioTime.USUAL.withMakers(2),
                List.of(),
                List.of(),
                Optional.empty(),
                PLACE,
                Progress.UNWATCHED);
        assertTrue(
                calendar.limit().orElseThrow().contains(Garden.CUP.name()),
                calendar.limit().toString());
    }

    @Test
    public void handsThatWorkOnAnotherOrderAreNotThere() {
        OrderSheet sheet = sheet(3, 0);
        Calendar first = calendar(sheet, List.of(3), MONDAY, StudioTime.USUAL);
        List<Calendars.Elsewhere> elsewhere = first.stints().stream()
                .map(s -> new Calendars.Elsewhere(s.from(), s.to()))
                .toList();
        Calendar second = Calendars.of(
                sheet,
                List.of(3),
                MONDAY,
                SATURDAY,
                12,
                StudioTime.USUAL,
                List.of(),
                elsewhere,
                Optional.empty(),
                PLACE,
                Progress.UNWATCHED);
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
                calendar(sheet(2, 0), List.of(2), MONDAY, StudioTime.USUAL.withEvenings(4))
                        .eveningMin(),
                0.0);
    }

    @Test
    public void whatCannotBeSaysWhyAndWhatWouldHelp() {
        LocalDateTime friday = MONDAY.plusDays(4).withHour(9);
        OrderSheet many = sheet(30, 0);
        Calendar calendar = calendar(many, List.of(30), friday, StudioTime.USUAL);
        assertTrue(calendar.stints().isEmpty());
        assertTrue(calendar.limit().orElseThrow().length() > 20);
        assertFalse(calendar.helps().isEmpty());
        for (Calendar.Help mend : calendar.helps()) {
            Calendar mended = Calendars.of(
                    many,
                    List.of(30),
                    friday,
                    mend.handOver().orElse(SATURDAY),
                    mend.marginH().orElse(12.0),
                    mend.time().orElse(StudioTime.USUAL),
                    List.of(),
                    List.of(),
                    Optional.empty(),
                    PLACE,
                    Progress.UNWATCHED);
            assertTrue(mended.limit().isEmpty(), mend.label());
        }
    }

    @Test
    public void whatIsTriedIsTold() {
        List<String> told = new ArrayList<>();
        Calendar calendar = Calendars.of(
                sheet(30, 0),
                List.of(30),
                MONDAY.plusDays(4).withHour(9),
                SATURDAY,
                12,
                StudioTime.USUAL,
                List.of(),
                List.of(),
                Optional.empty(),
                PLACE,
                new Progress() {
                    @Override
                    public void reached(double share, String step) {
                        told.add(step);
                    }

                    @Override
                    public boolean stopped() {
                        return false;
                    }
                });
        List<String> helps =
                calendar.helps().stream().map(h -> "trying to " + h.label()).toList();
        assertTrue(told.containsAll(helps), helps + " of " + told);
    }

    @Test
    public void anOrderThatIsLateAlreadyIsToldSo() {
        Calendar late = calendar(sheet(1, 0), List.of(1), SATURDAY.plusDays(1), StudioTime.USUAL);
        assertTrue(late.limit().orElseThrow().contains("before now"));
        assertTrue(late.helps().stream().anyMatch(m -> m.handOver().isPresent()));
    }

    @Test
    public void whoeverStopsGetsTheBestSoFar() {
        int[] asked = {0};
        Progress impatient = new Progress() {
            @Override
            public void reached(double share, String step) {
                asked[0]++;
            }

            @Override
            public boolean stopped() {
                return asked[0] > 3;
            }
        };
        Calendar calendar = Calendars.of(
                sheet(40, 40),
                List.of(40, 40),
                MONDAY,
                SATURDAY.plusDays(20),
                12,
                StudioTime.USUAL,
                List.of(),
                List.of(),
                Optional.empty(),
                PLACE,
                impatient);
        assertTrue(!calendar.stints().isEmpty() || calendar.limit().isPresent());
    }

    /** The night on which clocks are put on has an hour less, so what dries over it begins an hour of the clock sooner. */
    @Test
    public void aShortNightIsAnHourShorter() {
        Axis axis = Axis.from(LocalDateTime.of(2030, 3, 30, 20, 0), PLACE);
        assertEquals(axis.floor(LocalDateTime.of(2030, 3, 31, 8, 0)), 11 * 60 / 5);
        assertEquals(axis.at(11 * 60 / 5), LocalDateTime.of(2030, 3, 31, 8, 0));
        Axis back = Axis.from(LocalDateTime.of(2030, 10, 26, 20, 0), PLACE);
        assertEquals(back.floor(LocalDateTime.of(2030, 10, 27, 8, 0)), 13 * 60 / 5);
    }

    @Test
    public void anEveningGoesOnAfterTheDayAndBusyTimeIsTakenOut() {
        StudioTime time = busyOnWednesday().withEvenings(2);
        List<StudioTime.Window> windows = time.windows(MONDAY.plusDays(2).toLocalDate());
        assertEquals(
                windows.stream()
                        .map(w -> w.from().toLocalTime() + "-" + w.to().toLocalTime())
                        .toList(),
                List.of("09:00-10:00", "15:00-17:00", "17:00-19:00"));
        assertTrue(windows.get(2).evening());
        assertEquals(time.windows(SATURDAY.toLocalDate()), List.of());
        StudioTime off = new StudioTime(
                StudioTime.USUAL.week(),
                List.of(new StudioTime.DayOff(MONDAY.toLocalDate().toString())),
                List.of(),
                1,
                0,
                90);
        assertEquals(off.windows(MONDAY.toLocalDate()), List.of());
        assertEquals(
                time.withEveryDay()
                        .windows(SATURDAY.toLocalDate())
                        .get(0)
                        .from()
                        .toLocalTime(),
                LocalTime.of(9, 0));
    }

    @Test
    public void thePlainPlanKeepsItsWaitsToo() {
        List<Batch> batches = Batches.of(sheet(3, 2), List.of(3, 2), 90);
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
