package org.crispwhorl.core.calendar;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.time.LocalDateTime;
import java.util.List;
import java.util.stream.IntStream;
import org.crispwhorl.core.drying.Body;
import org.crispwhorl.core.drying.DryingLaw;
import org.crispwhorl.core.drying.Rind;
import org.crispwhorl.core.drying.Room;
import org.crispwhorl.core.drying.RoomAhead;
import org.crispwhorl.core.drying.RoomCourse;
import org.crispwhorl.core.paste.Medium;
import org.crispwhorl.core.paste.Paste;
import org.crispwhorl.core.progress.Progress;
import org.crispwhorl.core.solver.Schedule;
import org.testng.annotations.Test;

public class AirAheadTest {
    private static final Paste GUM_PASTE = Paste.usual(Medium.GUM_PASTE);
    private static final Room SET = Room.REFERENCE;
    private static final Axis AXIS = Axis.from(Ask.MONDAY, Ask.PLACE);

    /** A wet spell on Wednesday and Thursday morning. */
    private static RoomAhead wet(double damper) {
        LocalDateTime from = Ask.MONDAY.toLocalDate().plusDays(2).atStartOfDay();
        return new RoomAhead(
                RoomAhead.Source.STEADY,
                List.of(),
                List.of(new RoomAhead.Spell("rain", from, from.plusHours(36), 0, damper)));
    }

    private static final RoomAhead WET_WEEK = new RoomAhead(
            RoomAhead.Source.STEADY,
            List.of(),
            List.of(new RoomAhead.Spell("rain", Ask.MONDAY.plusHours(4), Ask.SATURDAY, 0, 14)));

    private static AirAhead air(RoomAhead room) {
        return AirAhead.of(GUM_PASTE, SET, new RoomCourse(SET, room, List.of()), AXIS, -288, 7 * 288);
    }

    /** The closed form: what is not dried by the spell's beginning goes on at the spell's rate, and after it at the usual one. */
    private static double closed(double begin, double slots, double damper) {
        DryingLaw drying = DryingLaw.of(GUM_PASTE);
        double rate = Math.max(0, drying.drive(20, 50 + damper) / drying.drive(20, 50));
        double from = (48 - 8) * 12;
        double to = from + 36 * 12;
        double before = Math.max(0, from - Math.max(begin, 0));
        double left = slots;
        double at = begin;
        if (at < from) {
            if (left <= before) {
                return left;
            }
            left -= from - at;
            at = from;
        }
        if (at < to) {
            double there = (to - at) * rate;
            if (left <= there) {
                return at + left / rate - begin;
            }
            left -= there;
            at = to;
        }
        return at + left - begin;
    }

    @Test
    public void aWaitThroughASpellIsItsClosedForm() {
        for (double damper : new double[] {-30, -10, 10, 20, 30}) {
            AirAhead air = air(wet(damper));
            for (int begin = 0; begin < 5 * 288; begin += 53) {
                for (int slots : new int[] {12, 100, 170, 400}) {
                    double wanted = closed(begin, slots, damper);
                    assertEquals(air.exactly(begin, slots), wanted, Math.max(1, 0.005 * wanted), begin + "+" + slots);
                }
            }
        }
    }

    @Test
    public void itIsTheIntegralOfTheDryingLaw() {
        Body body = Body.of(1.2);
        DryingLaw drying = DryingLaw.of(GUM_PASTE);
        double median = drying.hoursTo(Rind.DRY_THROUGH, body, SET);
        Room damp = new Room(20, 70, SET.air());
        double through = drying.hoursTo(
                Rind.DRY_THROUGH,
                body,
                List.of(new DryingLaw.Reading(0, SET), new DryingLaw.Reading(4, damp), new DryingLaw.Reading(40, SET)));
        int begin = (48 - 8 - 4) * 12;
        assertEquals(air(wet(20)).exactly(begin, Axis.ofHours(median)) / 12.0, through, 0.005 * through + 1.0 / 12);
    }

    /** A cabinet that is put out when everybody goes home: sixteen hours in the still room, then at full speed again. */
    @Test
    public void aCabinetThatIsNotLeftAloneRunsInTheDayOnly() {
        Room cabinet = new Room(20, 55, new Room.Air.Cabinet(30, 40));
        AirAhead byDay = AirAhead.of(
                GUM_PASTE,
                cabinet,
                RoomCourse.steady(cabinet).running(StudioTime.USUAL::attended),
                AXIS,
                -288,
                7 * 288);
        DryingLaw drying = DryingLaw.of(GUM_PASTE);
        double still =
                drying.drive(20, 55) / drying.drive(30, 40) / cabinet.air().rate();
        int evening = (17 - 8) * 12;
        for (int slots = 80; slots < 130; slots += 10) {
            double wanted = 16 * 12 + slots - 16 * 12 * still;
            assertEquals(byDay.exactly(evening, slots), wanted, 0.01 * wanted, slots + " slots");
        }
        assertEquals(byDay.exactly((9 - 8) * 12, 60), 60, "in the day it runs");
        assertEquals(
                AirAhead.of(GUM_PASTE, cabinet, RoomCourse.steady(cabinet), AXIS, -288, 7 * 288),
                AirAhead.STEADY,
                "left on it runs at night too");
    }

    /** What was promised in a dry room and dries in a damp one by now takes as much longer as the air drives less. */
    @Test
    public void aRoomThatIsAnotherThanItWasReckonedInIsSeen() {
        Room damp = new Room(20, 65, new Room.Air.Still());
        AirAhead now = AirAhead.of(GUM_PASTE, SET, RoomCourse.steady(damp), AXIS, -288, 7 * 288);
        double rate =
                DryingLaw.of(GUM_PASTE).drive(damp) / DryingLaw.of(GUM_PASTE).drive(SET);
        assertTrue(rate < 0.5);
        for (int slots = 20; slots < 200; slots += 30) {
            assertEquals(now.exactly(12, slots), slots / rate, 1.0, slots + " slots");
        }
    }

    @Test
    public void damperTakesLongerAndDrierLessLong() {
        int begin = 40 * 12;
        int before = Integer.MAX_VALUE;
        for (double damper = 20; damper >= -40; damper -= 10) {
            int now = air(wet(damper)).exactly(begin, 170);
            assertTrue(now <= before, damper + ": " + now + " after " + before);
            before = now;
        }
        assertEquals(air(wet(0)).exactly(begin, 170), 170);
    }

    @Test
    public void cellsAreOnTheSafeSide() {
        AirAhead air = air(wet(20));
        for (int begin = -100; begin < 5 * 288; begin += 7) {
            assertTrue(air.longest(begin, 170) >= air.exactly(begin, 170));
            assertTrue(air.shortest(begin, 12) <= air.exactly(begin, 12));
            Dwell dwell = new Dwell(170, air);
            int last = dwell.lastBegin(begin);
            assertTrue(dwell.over(last) <= begin && dwell.over(last + 1) > begin - AirAhead.CELL);
        }
    }

    @Test
    public void aWetSpellIsPlannedRoundAndTheRoomIsSeenByEveryWait() {
        Calendar dry = Ask.of(2, 3).calendar();
        Ask asked = Ask.of(2, 3).dryingIn(WET_WEEK);
        Calendar wet = asked.calendar();
        assertTrue(dry.begins().isPresent() && wet.begins().isPresent(), String.valueOf(wet.limit()));
        assertTrue(!wet.begins().get().isAfter(dry.begins().get()), "damp air does not let it begin later");
        held(asked.frame(), wet);
    }

    /** Every wait of the plan, added up slot by slot by its own means: what dries has dried by then as far as it has to. */
    private static void held(Frame frame, Calendar calendar) {
        DryingLaw drying = DryingLaw.of(GUM_PASTE);
        RoomCourse course = new RoomCourse(SET, WET_WEEK, List.of());
        double as = drying.drive(SET);
        int longer = 0;
        for (int i = 0; i < frame.batches().size(); i++) {
            Batch batch = frame.batches().get(i);
            for (Batch.Wait wait : batch.waits()) {
                int end = slot(frame, calendar, frame.batches().get(wait.after()), true);
                int start = slot(frame, calendar, batch, false);
                double dried = IntStream.range(end, start)
                        .mapToDouble(s ->
                                wait.least().air() == AirAhead.STEADY ? 1 : drying.drive(course.at(AXIS.at(s))) / as)
                        .sum();
                assertTrue(dried >= wait.least().slots() * 0.995 - 1, batch.uid() + " " + dried + " " + wait);
                longer += wait.opens(end) - end > wait.least().slots() ? 1 : 0;
            }
        }
        assertTrue(longer > 0, "something dries through the spell");
    }

    private static int slot(Frame frame, Calendar calendar, Batch batch, boolean end) {
        Calendar.PlacedTask task = calendar.tasks().stream()
                .filter(s -> s.uid().equals(batch.uid()))
                .findFirst()
                .orElseThrow();
        return end ? frame.axis().ceil(task.to()) : frame.axis().floor(task.from());
    }

    /** A wet day on which nothing has to dry moves nothing, formers neither. */
    @Test
    public void weatherThatNothingDriesInMovesNothing() {
        LocalDateTime monday = Ask.MONDAY.toLocalDate().atStartOfDay();
        RoomAhead wetAtFirst = new RoomAhead(
                RoomAhead.Source.STEADY,
                List.of(),
                List.of(new RoomAhead.Spell("rain", monday, monday.plusHours(36), 0, 22)));
        assertEquals(cost(air(wetAtFirst)), cost(AirAhead.STEADY));
    }

    /** What half-days four buds cost whose pieces lie in one cup for twenty hours. */
    private static long cost(AirAhead air) {
        Frame frame = Ask.of(0, 4).until(Ask.SATURDAY.plusDays(20)).frame();
        Batch.Lying held = new Batch.Lying("cup", 1, 1, new Dwell(20 * 12, air));
        Frame one = Ask.making(frame, held);
        int[] starts = Placer.FREE
                .place(one, 10_000, Progress.UNWATCHED)
                .found()
                .orElseThrow()
                .starts();
        return Schedule.cost(one.halves().all(), one.kinds(), starts);
    }

    @Test
    public void plainPlansAndTheSolverKeepTheSameWaits() {
        Frame frame =
                Ask.of(3, 4).until(Ask.SATURDAY.plusDays(4)).dryingIn(wet(18)).frame();
        Schedule.Problem problem = Placer.FREE.problem(frame);
        assertTrue(problem.lags().stream().anyMatch(lag -> lag.steps().size() > 1), "the room changes within it");
        int[] plain = Backwards.place(frame, List.of()).orElseThrow();
        assertTrue(Schedule.keeps(problem, plain));
    }
}
