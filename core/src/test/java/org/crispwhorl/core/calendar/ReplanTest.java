package org.crispwhorl.core.calendar;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.time.Duration;
import java.time.LocalDateTime;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.crispwhorl.core.Garden;
import org.crispwhorl.core.species.Joining;
import org.crispwhorl.core.species.Species;
import org.crispwhorl.core.studio.Conditions;
import org.crispwhorl.core.studio.Kit;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** What becomes of a plan once some of it is done. */
public class ReplanTest {
    private static List<Done> doneBy(Calendar calendar, LocalDateTime moment, int lateMin) {
        return calendar.tasks().stream()
                .filter(s -> !s.to().plusMinutes(lateMin).isAfter(moment))
                .map(s -> new Done(s.uid(), s.from(), s.to().plusMinutes(lateMin)))
                .toList();
    }

    private static Map<String, Calendar.PlacedTask> byUid(Calendar calendar) {
        return calendar.tasks().stream().collect(Collectors.toMap(Calendar.PlacedTask::uid, s -> s));
    }

    @DataProvider
    public Object[][] moments() {
        return new Object[][] {{0.25, 0}, {0.25, 10}, {0.5, 0}, {0.75, 0}, {0.9, 0}};
    }

    /** After each share of the work, in time or some minutes late, the rest is placed anew and everything is kept. */
    @Test(dataProvider = "moments")
    public void workThatIsDoneStaysAndTheRestWaitsFromWhenItWasOver(double share, int lateMin) {
        Ask ask = Ask.of(3, 2).in(StudioTime.USUAL.withEveningH(4));
        Calendar plan = ask.calendar();
        LocalDateTime moment =
                plan.tasks().get((int) (share * plan.tasks().size())).to().plusMinutes(lateMin);
        List<Done> done = doneBy(plan, moment, lateMin);
        Ask again = Ask.of(3, 2)
                .in(StudioTime.USUAL.withEveningH(4))
                .from(moment)
                .until(Ask.SATURDAY.plusHours(lateMin))
                .having(done)
                .after(plan);
        Calendar anew = again.calendar();
        Kept.everything(again, anew);
        assertEquals(byUid(anew).keySet(), byUid(plan).keySet());
        for (Done over : done) {
            Calendar.PlacedTask task = byUid(anew).get(over.uid());
            assertTrue(task.done());
            assertEquals(task.from(), over.from());
            assertEquals(task.to(), over.to());
        }
        anew.tasks().stream()
                .filter(s -> !s.done())
                .forEach(s -> assertTrue(!s.from().isBefore(moment), s + " is still to come"));
        if (lateMin == 0) {
            // What is under way goes on in the next slot, which something short may have taken.
            List<Calendar.PlacedTask> moved = anew.tasks().stream()
                    .filter(s -> Duration.between(byUid(plan).get(s.uid()).from(), s.from())
                                    .abs()
                                    .toMinutes()
                            > Axis.SLOT_MIN)
                    .toList();
            assertTrue(
                    moved.stream().map(Calendar.PlacedTask::sitting).distinct().count() <= 1, moved + " need not move");
        }
    }

    /** A third of it done by noon of the day on which everything has to be ready: nobody can make that good, but a later hand-over can. */
    @Test
    public void whatIsDoneTooLateToBeDryIsNamed() {
        Calendar plan = Ask.of(3, 2).calendar();
        LocalDateTime half = plan.tasks().get(plan.tasks().size() / 3).to();
        LocalDateTime moment = Ask.of(3, 2).ready().toLocalDate().atTime(12, 0);
        Duration later = Duration.between(half, moment);
        List<Done> done = doneBy(plan, half, 0).stream()
                .map(d -> new Done(d.uid(), d.from().plus(later), d.to().plus(later)))
                .toList();
        Calendar late = Ask.of(3, 2).from(moment).having(done).calendar();
        assertTrue(
                late.limit().orElseThrow().contains("is done, but must have"),
                late.limit().toString());
        Calendar.Help help = late.helps().stream()
                .filter(h -> h.handOver().isPresent() || h.spareTimeH().isPresent())
                .findFirst()
                .orElseThrow();
        Calendar mended = Ask.of(3, 2).from(moment).having(done).with(help).calendar();
        assertTrue(mended.limit().isEmpty(), mended.limit().toString());
    }

    @Test
    public void everythingDoneLeavesNothingToPlan() {
        Calendar plan = Ask.of(2, 0).calendar();
        Calendar over = Ask.of(2, 0)
                .from(Ask.SATURDAY.minusHours(13))
                .having(doneBy(plan, Ask.SATURDAY, 0))
                .calendar();
        assertTrue(over.limit().isEmpty() && over.begins().isEmpty());
        assertTrue(over.tasks().stream().allMatch(Calendar.PlacedTask::done));
    }

    /** Buds whose wrap was made days ago: what it is to be laid on while it bends is too late. */
    @Test
    public void aWindowThatHasClosedIsNamed() {
        Calendar plan = Ask.of(0, 3).calendar();
        Calendar.PlacedTask opens = plan.tasks().stream()
                .filter(s -> s.meanwhile().flatMap(Calendar.Meanwhile::closes).isPresent())
                .findFirst()
                .orElseThrow();
        Calendar late = Ask.of(0, 3)
                .from(opens.to().plusDays(1))
                .until(Ask.SATURDAY.plusDays(9))
                .having(List.of(new Done(opens.uid(), opens.from(), opens.to())))
                .calendar();
        assertTrue(
                late.limit().orElseThrow().contains("no longer bends"),
                late.limit().toString());
    }

    /** A soft ring goes on at once after the one before; where that was done yesterday it goes on all the same. */
    @Test
    public void whatLiesSoftSinceYesterdayIsGoneOnWithAllTheSame() {
        Joining soft = Joining.of(Joining.As.SOFT, Joining.Onto.HOLDS);
        Species rose = Garden.changed(
                Garden.changed(Garden.bud(), "first", p -> p.withJoining(soft)), "second", p -> p.withJoining(soft));
        Calendar plan = Ask.flowers(rose, 4).calendar();
        List<Calendar.PlacedTask> rings = plan.tasks().stream()
                .filter(t -> t.task().startsWith("Make and set"))
                .toList();
        for (int i = 1; i < rings.size(); i += 2) {
            assertTrue(
                    Duration.between(rings.get(i - 1).to(), rings.get(i).from()).toMinutes() < 60,
                    "in one go: " + rings.get(i - 1).to() + ", " + rings.get(i).from());
        }
        List<Done> done = doneBy(plan, rings.get(0).to(), 0);
        Calendar late = Ask.flowers(rose, 4)
                .from(rings.get(0).to().plusDays(1))
                .until(Ask.SATURDAY.plusDays(7))
                .having(done)
                .calendar();
        assertTrue(late.limit().isEmpty(), late.limit().toString());
        Calendar.PlacedTask next = late.tasks().stream()
                .filter(t -> !t.done() && t.task().startsWith("Make and set"))
                .findFirst()
                .orElseThrow();
        assertTrue(
                Duration.between(rings.get(0).to().plusDays(1), next.from()).toHours() <= 72,
                "when the studio opens, no later");
        assertTrue(late.freeHalfDays() >= 2, "what is late does not take the time that is kept free: " + late.odds());
    }

    /** What was begun in so many batches is finished in as many, though longer sittings would ask for fewer. */
    @Test
    public void whatIsDoneInPartIsFinishedInAsManyParts() {
        StudioTime short_ = Ask.roses(20, Conditions.USUAL).time().withSittingMin(30);
        Calendar plan = Ask.roses(20, Conditions.USUAL).in(short_).calendar();
        Calendar.PlacedTask first = plan.tasks().stream()
                .filter(t -> t.of() > 1 && t.batch() == 1)
                .findFirst()
                .orElseThrow();
        Calendar again = Ask.roses(20, Conditions.USUAL)
                .in(short_.withSittingMin(240))
                .from(first.to().plusMinutes(10))
                .until(Ask.SATURDAY.plusDays(7))
                .having(List.of(new Done(first.uid(), first.from(), first.to())))
                .calendar();
        List<Calendar.PlacedTask> own = again.tasks().stream()
                .filter(t -> t.task().equals(first.task()))
                .toList();
        assertEquals(own.size(), first.of());
        assertEquals(own.stream().filter(Calendar.PlacedTask::done).count(), 1);
    }

    /** All ten cups are full of petals that are done: the next wait until these are firm. */
    @Test
    public void formersAreFreeOnlyOnceWhatLiesInThemIsFirm() {
        Kit kit = Kit.USUAL.withFormers(List.of(new Kit.FormerStock(Garden.CUP.name(), 10)));
        Ask ask = Ask.roses(4, Conditions.USUAL.withKit(kit)).from(Ask.MONDAY.minusDays(7));
        Calendar plan = ask.calendar();
        double heldH = ask.sheet().tasks().stream()
                .flatMap(t -> t.held().stream())
                .findFirst()
                .orElseThrow()
                .hours();
        List<Calendar.PlacedTask> petals = plan.tasks().stream()
                .filter(s -> s.uid()
                        .startsWith(ask.sheet().tasks().stream()
                                .filter(t -> !t.held().isEmpty())
                                .map(t -> t.line() + "/" + t.task().id() + "/")
                                .findFirst()
                                .orElseThrow()))
                .toList();
        assertTrue(petals.size() >= 2, petals.toString());
        LocalDateTime nine = Ask.MONDAY.withHour(9);
        Done first = new Done(petals.get(0).uid(), nine, nine.plusMinutes(40));
        Calendar anew = Ask.roses(4, Conditions.USUAL.withKit(kit))
                .from(nine.plusMinutes(40))
                .having(List.of(first))
                .calendar();
        assertTrue(anew.limit().isEmpty(), anew.limit().toString());
        LocalDateTime free = first.to().plusMinutes(Math.round(60 * heldH));
        petals.stream()
                .skip(1)
                .forEach(s -> assertTrue(
                        !byUid(anew).get(s.uid()).from().isBefore(free.minusMinutes(5)),
                        byUid(anew).get(s.uid()).from() + " is no sooner than " + free));
    }
}
