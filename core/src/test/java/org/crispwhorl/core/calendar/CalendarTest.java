package org.crispwhorl.core.calendar;

import static org.crispwhorl.core.calendar.Ask.MONDAY;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.time.Duration;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.crispwhorl.core.Garden;
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
            {Ask.of(6, 0).in(StudioTime.USUAL.withEveningH(3))},
            {Ask.of(4, 0).in(Ask.busyOnWednesday())}
        };
    }

    /** Read off the calendar again, and not from how it was made: hours, hands, waits and windows. */
    @Test(dataProvider = "orders")
    public void everyWaitAndEveryHourIsKept(Ask ask) {
        Kept.everything(ask, ask.calendar());
    }

    /** A studio that has its last hour of each day alone, a hand-over as the day begins, and none before there is time. */
    @Test
    public void oddHoursAreKeptToo() {
        List<StudioTime.Busy> busy = new ArrayList<>();
        for (int day = -14; day < 5; day++) {
            LocalDateTime morning = MONDAY.plusDays(day).withHour(9);
            busy.add(new StudioTime.Busy("market " + day, morning, morning.withHour(16)));
        }
        Ask lastHour = Ask.of(1, 0)
                .in(StudioTime.USUAL.withBusy(busy).withSittingMin(45))
                .from(MONDAY.minusDays(14));
        Calendar calendar = lastHour.calendar();
        Kept.everything(lastHour, calendar);
        calendar.tasks().forEach(s -> assertEquals(s.from().getHour(), 16, s.toString()));
        Ask midnight =
                Ask.of(2, 1).until(Ask.SATURDAY.toLocalDate().atStartOfDay()).leaving(0);
        Kept.everything(midnight, midnight.calendar());
        Calendar late = Ask.of(1, 0).from(Ask.SATURDAY.minusHours(3)).calendar();
        assertTrue(
                late.limit().orElseThrow().contains("before now"), late.limit().toString());
        assertTrue(
                late.helps().stream().anyMatch(h -> h.handOver().isPresent()),
                late.helps().toString());
    }

    /** Like with like: all mixing in one go, all colouring of a line too; and no longer than the studio's sittings allow. */
    @Test
    public void likeWorkIsDoneInOneGo() {
        Ask ask = Ask.of(4, 3);
        Calendar calendar = ask.calendar();
        Map<Integer, List<Calendar.PlacedTask>> sittings =
                calendar.tasks().stream().collect(Collectors.groupingBy(Calendar.PlacedTask::sitting));
        assertTrue(
                sittings.size() * 2 <= calendar.tasks().size(),
                calendar.tasks().size() + " pieces of work in " + sittings.size());
        assertEquals(
                calendar.tasks().stream()
                        .filter(s -> s.doing().mixes())
                        .map(Calendar.PlacedTask::sitting)
                        .distinct()
                        .count(),
                1L);
        sittings.values().forEach(own -> {
            assertTrue(
                    Duration.between(own.get(0).from(), own.get(own.size() - 1).to())
                                    .toMinutes()
                            <= 2 * ask.time().sittingMin(),
                    own.toString());
            assertTrue(own.stream().map(Calendar.PlacedTask::maker).distinct().count() == 1, "in one pair of hands");
        });
        assertEquals(
                sittings.keySet().stream().sorted().toList(),
                IntStream.rangeClosed(1, sittings.size()).boxed().toList());
    }

    /** There is a day of work to spare before the flowers have to be ready, where that can be; where it cannot, what there is. */
    @Test
    public void aPlanIsReadySomeHalfDaysEarly() {
        Calendar calendar = Ask.of(3, 2).calendar();
        assertEquals(calendar.freeHalfDays(), 2);
        LocalDateTime over = calendar.tasks().get(calendar.tasks().size() - 1).to();
        assertTrue(over.isBefore(Ask.MONDAY.plusDays(4).withHour(9)), over + " is before Friday");
        Calendar tight =
                Ask.of(3, 2).from(calendar.begins().orElseThrow().plusDays(1)).calendar();
        assertTrue(tight.limit().isEmpty() && tight.freeHalfDays() < 2, "a day later there is less to spare");
    }

    @Test
    public void theSameOrderTwiceGivesTheSamePlan() {
        assertEquals(Ask.of(4, 3).calendar(), Ask.of(4, 3).calendar());
    }

    @Test
    public void whatIsPinnedStaysAndTheRestIsPlacedRoundIt() {
        Calendar free = Ask.of(3, 0).calendar();
        Calendar.PlacedTask first = free.tasks().get(0);
        LocalDateTime sooner = first.from().minusDays(1);
        Calendar pinned = Ask.of(3, 0)
                .pinned(new Planned.Pin(first.uid(), sooner), new Planned.Pin("no longer there", sooner))
                .after(free)
                .calendar();
        assertEquals(
                pinned.tasks().stream()
                        .filter(s -> s.uid().equals(first.uid()))
                        .findFirst()
                        .orElseThrow()
                        .from(),
                sooner);
        assertEquals(pinned.tasks().size(), free.tasks().size());
        Map<String, LocalDateTime> stood =
                free.tasks().stream().collect(Collectors.toMap(Calendar.PlacedTask::uid, Calendar.PlacedTask::from));
        long moved = pinned.tasks().stream()
                .filter(s -> !stood.get(s.uid()).equals(s.from()))
                .count();
        assertEquals(moved, 1L, "nothing moves that need not");
        Calendar.PlacedTask last = free.tasks().get(free.tasks().size() - 1);
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
                .filter(t -> !t.held().isEmpty())
                .findFirst()
                .orElseThrow();
        OrderSheet.Held held = make.held().get(0);
        assertEquals(held.wanted(), 35);
        Calendar calendar = ask.calendar();
        assertTrue(calendar.limit().isEmpty(), calendar.limit().toString());
        List<Calendar.PlacedTask> made = calendar.tasks().stream()
                .filter(s -> s.task().equals(make.task().name()))
                .toList();
        assertTrue(made.size() >= 4, "in four turns at least");
        int each = (35 + made.size() - 1) / made.size();
        for (Calendar.PlacedTask s : made) {
            long lying = made.stream()
                    .filter(o -> !o.from().isAfter(s.from())
                            && o.to().plusMinutes(Math.round(60 * held.hours())).isAfter(s.from()))
                    .count();
            assertTrue(lying * each <= 10, lying + " batches of " + each + " at " + s.from());
        }
    }

    @Test
    public void handsThatWorkOnAnotherOrderAreNotThere() {
        Calendar first = Ask.of(3, 0).calendar();
        List<Calendars.Elsewhere> elsewhere = first.tasks().stream()
                .map(s -> new Calendars.Elsewhere(s.from(), s.to(), s.maker(), s.takes()))
                .toList();
        Calendar second = Ask.of(3, 0).beside(elsewhere).calendar();
        assertEquals(second.tasks().size(), first.tasks().size());
        for (Calendar.PlacedTask s : second.tasks()) {
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
                Ask.of(2, 0).in(StudioTime.USUAL.withEveningH(4)).calendar().eveningMin(), 0.0);
    }
}
