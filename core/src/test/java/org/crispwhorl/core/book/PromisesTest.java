package org.crispwhorl.core.book;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import java.time.LocalDateTime;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.crispwhorl.core.assessment.TaskKind;
import org.crispwhorl.core.calendar.Calendar;
import org.crispwhorl.core.calendar.Calendar.PlacedTask;
import org.crispwhorl.core.calendar.CalendarPlacedTaskBuilder;
import org.crispwhorl.core.calendar.Done;
import org.crispwhorl.core.calendar.Planned;
import org.crispwhorl.core.calendar.PlannedBuilder;
import org.crispwhorl.core.calendar.Published;
import org.crispwhorl.core.calendar.StudioTime;
import org.crispwhorl.core.drying.RoomAhead;
import org.crispwhorl.core.order.Order;
import org.testng.annotations.Test;

public class PromisesTest {
    private static final LocalDateTime SATURDAY = LocalDateTime.of(2030, 6, 15, 10, 0);
    private static final LocalDateTime FRIDAY = SATURDAY.minusHours(12);

    /** A plan of three pieces of work, ready twelve hours before Saturday at ten. */
    private static Planned planned(Optional<Integer> promised) {
        return new Planned(
                SATURDAY.minusDays(10).toInstant(ZoneOffset.UTC),
                new Order("supper", "", SATURDAY, 12, 100, List.of()),
                StudioTime.USUAL,
                Optional.empty(),
                RoomAhead.STEADY,
                Optional.empty(),
                List.of(),
                List.of(),
                new Calendar(
                        List.of(task("rose/make/1-2"), task("rose/make/2-2"), task("rose/set/1-1")),
                        Optional.empty(),
                        2,
                        Optional.empty(),
                        0,
                        60,
                        Optional.empty(),
                        List.of()),
                Published.FIRST,
                promised);
    }

    private static PlacedTask task(String uid) {
        LocalDateTime from = SATURDAY.minusDays(3);
        return new PlacedTask(
                uid,
                "rose",
                "Rose",
                uid,
                TaskKind.MAKE,
                1,
                1,
                1,
                1,
                1,
                1,
                Optional.empty(),
                from,
                from.plusMinutes(30),
                1,
                1,
                false,
                "",
                Optional.empty(),
                List.of(),
                false);
    }

    private static Promises.Gone gone(int promised, LocalDateTime ready) {
        return new Promises.Gone(
                "supper",
                planned(Optional.of(promised)),
                List.of(
                        new Done("rose/make/1-1", ready.minusDays(1), ready.minusDays(1)),
                        new Done("rose/set/1-1", ready.minusHours(1), ready)),
                SATURDAY);
    }

    private static Promises of(int promised, int inTime, int late) {
        List<Promises.Gone> all = new ArrayList<>();
        for (int i = 0; i < inTime + late; i++) {
            all.add(gone(promised, i < inTime ? FRIDAY : FRIDAY.plusMinutes(1)));
        }
        return Promises.of(all);
    }

    @Test
    public void anOrderIsInTimeWhereItsLastWorkWasDoneByThen() {
        Promises promises = Promises.of(List.of(gone(90, FRIDAY), gone(97, FRIDAY.plusMinutes(1))));
        assertEquals(promises.inTime(), 1);
        assertEquals(promises.expected(), 1.87, 1e-9);
        assertEquals(
                promises.bands().stream()
                        .map(b -> b.label() + ": " + b.inTime() + " of " + b.orders())
                        .toList(),
                List.of("95 to 100: 0 of 1", "80 to 94: 1 of 1"));
        assertTrue(promises.orders().stream()
                .allMatch(p -> p.recorded() && p.readyBy().equals(FRIDAY)));
    }

    /** Where the bench was not touched for all of it, the day on which it left tells. */
    @Test
    public void whatWasNotWrittenDownGoesByWhenItLeft() {
        List<Done> half = List.of(new Done("rose/make/1-2", FRIDAY, FRIDAY), new Done("rose/set/1-1", FRIDAY, FRIDAY));
        Planned planned = planned(Optional.of(96));
        Promises.PromiseKept same = Promises.of(
                        List.of(new Promises.Gone("supper", planned, half, SATURDAY.plusHours(3))))
                .orders()
                .get(0);
        assertTrue(same.inTime() && !same.recorded());
        assertEquals(same.ready(), SATURDAY.plusHours(3));
        assertFalse(Promises.of(List.of(new Promises.Gone("supper", planned, half, SATURDAY.plusDays(1))))
                .orders()
                .get(0)
                .inTime());
    }

    @Test
    public void wherePlansToldNoOddsNothingWasPromised() {
        Promises none =
                Promises.of(List.of(new Promises.Gone("supper", planned(Optional.empty()), List.of(), SATURDAY)));
        assertTrue(
                none.orders().isEmpty() && none.bands().isEmpty() && none.told().isEmpty());
    }

    /** Of 20 at 95 in 100 one is late on the average; 20 at 50 that are all in time are one case in a million. */
    @Test
    public void fewerOrMoreThanPromisedIsToldWhereChanceSeldomDoesIt() {
        assertTrue(of(95, 4, 0).told().contains("cannot be said"));
        assertTrue(of(95, 19, 1).told().contains("hold"), of(95, 19, 1).told());
        assertTrue(of(95, 20, 0).told().contains("hold"), "36 in 100 of such studios have none late");
        assertTrue(of(95, 17, 3).told().startsWith("Fewer"), "three late of 20: 7 to 8 in 100");
        assertTrue(of(95, 18, 2).told().contains("hold"), "two late of 20: 26 in 100");
        assertTrue(of(50, 20, 0).told().startsWith("More"));
    }

    /** What was told before the work began was promised: planned anew then, it becomes no better and no worse. */
    @Test
    public void aPromiseStaysOnceTheWorkIsBegun() {
        Planned first = planned(Optional.of(40));
        Planned bettered = planned(Optional.of(96)).after(first, FRIDAY);
        assertEquals(bettered.promised(), Optional.of(96), "nothing of it was begun");
        Planned late = begun(planned(Optional.of(30))).after(bettered, FRIDAY);
        assertEquals(late.promised(), Optional.of(96));
        assertEquals(begun(planned(Optional.empty())).after(late, FRIDAY).promised(), Optional.of(96));
        Planned later = PlannedBuilder.builder(begun(planned(Optional.of(70))))
                .order(new Order("supper", "", SATURDAY.plusDays(7), 12, 100, List.of()))
                .build()
                .after(late, FRIDAY);
        assertEquals(later.promised(), Optional.of(70), "a new hand-over is a new promise");
    }

    private static Planned begun(Planned planned) {
        Calendar plan = planned.calendar();
        PlacedTask done = CalendarPlacedTaskBuilder.builder(plan.tasks().get(0))
                .done(true)
                .build();
        return PlannedBuilder.builder(planned)
                .calendar(new Calendar(
                        List.of(done, plan.tasks().get(1), plan.tasks().get(2)),
                        plan.begins(),
                        plan.freeHalfDays(),
                        plan.odds(),
                        plan.eveningMin(),
                        plan.labourMin(),
                        plan.limit(),
                        plan.helps()))
                .build();
    }
}
