package org.crispwhorl.core.calendar;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.time.LocalTime;
import java.util.Collections;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.crispwhorl.core.Garden;
import org.crispwhorl.core.assessment.TaskKind;
import org.crispwhorl.core.drying.Room;
import org.crispwhorl.core.order.OrderSheet;
import org.crispwhorl.core.species.Joining;
import org.crispwhorl.core.species.Species;
import org.crispwhorl.core.species.Techniques;
import org.crispwhorl.core.studio.Conditions;
import org.crispwhorl.core.studio.Kit;
import org.testng.annotations.Test;

/** What several share: orders the hands and the tools, makers the work, and pieces the shelves. */
public class TogetherTest {
    private static final StudioTime.DayHours AFTERNOON =
            new StudioTime.DayHours(true, LocalTime.of(14, 0), LocalTime.of(18, 0));

    private static StudioTime withHelp(TaskKind... can) {
        return StudioTime.USUAL
                .withMakers(2)
                .withSecond(Optional.of(new StudioTime.SecondMaker(Collections.nCopies(7, AFTERNOON), List.of(can))));
    }

    private static Kit holding(int cabinet) {
        return Kit.USUAL.withPlaces(
                new Kit.Places(Optional.of(cabinet), Optional.empty(), Optional.empty(), Optional.empty()));
    }

    /** The minutes in which more than one is at work with one pair of hands. */
    private static void noHandsTwice(List<Calendar.PlacedTask> tasks) {
        for (Calendar.PlacedTask s : tasks) {
            assertTrue(
                    tasks.stream()
                            .noneMatch(o -> o != s
                                    && o.maker() == s.maker()
                                    && o.from().isBefore(s.to())
                                    && s.from().isBefore(o.to())),
                    s.toString());
        }
    }

    @Test
    public void ordersThatArePlannedTogetherShareHandsAndFormers() {
        Kit kit = Kit.USUAL.withFormers(List.of(new Kit.FormerStock(Garden.CUP.name(), 10)));
        Ask first = Ask.roses(3, Conditions.USUAL.withKit(kit)).from(Ask.MONDAY.minusDays(7));
        Ask second = Ask.roses(4, Conditions.USUAL.withKit(kit))
                .from(Ask.MONDAY.minusDays(7))
                .until(Ask.SATURDAY.minusDays(1));
        List<Calendar> both = first.togetherWith(second);
        Kept.everything(first, both.get(0));
        Kept.everything(second, both.get(1));
        List<Calendar.PlacedTask> all = both.stream()
                .flatMap(c -> c.tasks().stream())
                .sorted(Comparator.comparing(Calendar.PlacedTask::from))
                .toList();
        noHandsTwice(all);
        Kept.toolsSuffice(first, all);
        List<Calendar.PlacedTask> one = first.calendar().tasks();
        Ask round = Ask.roses(4, Conditions.USUAL.withKit(kit))
                .from(Ask.MONDAY.minusDays(7))
                .until(Ask.SATURDAY.minusDays(1))
                .beside(one.stream()
                        .map(s -> new Calendars.Elsewhere(s.from(), s.to(), s.maker(), s.takes()))
                        .toList());
        List<Calendar.PlacedTask> after = round.calendar().tasks();
        Kept.toolsSuffice(first, Stream.concat(one.stream(), after.stream()).toList());
    }

    @Test
    public void severalThatCannotBeKeptAreToldWhatWouldHelpEach() {
        Ask first = Ask.of(34, 0).from(Ask.MONDAY.plusDays(2));
        Ask second = Ask.of(40, 0).from(Ask.MONDAY.plusDays(2));
        List<Calendar> both = first.togetherWith(second);
        assertTrue(both.stream().allMatch(c -> c.limit().isPresent()), "they go into no week");
        assertTrue(both.stream().anyMatch(c -> !c.helps().isEmpty()), "something helps");
    }

    private static double minutesOfFirst(Calendar calendar) {
        return calendar.tasks().stream()
                .filter(s -> s.maker() == 1)
                .mapToDouble(Kept::minutes)
                .sum();
    }

    /** Whoever can make and join does that, in the afternoon, and leaves the first less to do. */
    @Test
    public void aSecondMakerDoesWhatTheyCanInTheirHours() {
        Ask alone = Ask.of(8, 2).until(Ask.SATURDAY.plusDays(3));
        Ask helped = Ask.of(8, 2)
                .until(Ask.SATURDAY.plusDays(3))
                .in(withHelp(TaskKind.MAKE, TaskKind.MAKE_AND_SET, TaskKind.JOIN));
        Calendar with = helped.calendar();
        Kept.everything(helped, with);
        noHandsTwice(with.tasks());
        List<Calendar.PlacedTask> theirs =
                with.tasks().stream().filter(s -> s.maker() == 2).toList();
        assertTrue(!theirs.isEmpty(), "they have work");
        theirs.forEach(s -> assertTrue(
                s.doing() != TaskKind.MIX && !s.from().toLocalTime().isBefore(LocalTime.of(14, 0)), s.toString()));
        assertTrue(minutesOfFirst(with) < minutesOfFirst(alone.calendar()), "the first has less to do than alone");
        assertEquals(
                Ask.of(2, 0).in(withHelp(TaskKind.PAINT)).calendar().begins(),
                Ask.of(2, 0).calendar().begins(),
                "who can do nothing of it does not help");
    }

    private static final Room CABINET = new Room(20, 55, new Room.Air.Cabinet(30, 40));

    /** Twelve pieces on the shelves at a time. */
    @Test
    public void theShelvesOfTheCabinetAreCounted() {
        Conditions conditions = Conditions.USUAL.withRoom(CABINET).withKit(holding(12));
        Ask ask = Ask.roses(5, conditions).from(Ask.MONDAY.minusDays(7));
        Calendar calendar = ask.calendar();
        Kept.everything(ask, calendar);
        assertTrue(
                ask.sheet().tasks().stream()
                        .flatMap(t -> t.held().stream())
                        .anyMatch(h -> h.tool().equals("cabinet") && h.wanted() > h.owned()),
                "they do not all go in at once");
        Ask much = Ask.roses(5, conditions.withKit(holding(500))).from(Ask.MONDAY.minusDays(7));
        assertTrue(!calendar.begins()
                .orElseThrow()
                .isAfter(much.calendar().begins().orElseThrow()));
    }

    /** A bud that hangs for a quarter of an hour takes its hook for that, and no longer until it is dry. */
    @Test
    public void whatHangsTakesAHookAsLongAsItRests() {
        Kit hooks = Kit.USUAL.withPlaces(
                new Kit.Places(Optional.empty(), Optional.of(2), Optional.empty(), Optional.empty()));
        Joining.Rest hangs = new Joining.Rest(Joining.Rest.Until.MINUTES, 15, Joining.Rest.Position.HANGING);
        Species bud = Garden.changed(
                Garden.bud(),
                "first",
                p -> p.withJoining(new Joining(p.joining().as(), p.joining().onto(), hangs)));
        OrderSheet sheet = OrderSheet.of(List.of(OrderSheet.Line.of(bud, 5)), Conditions.USUAL.withKit(hooks));
        List<OrderSheet.Held> held = sheet.tasks().stream()
                .flatMap(t -> t.held().stream())
                .filter(h -> h.tool().equals("hooks"))
                .toList();
        assertEquals(held, List.of(new OrderSheet.Held("hooks", 2, 5, 0.25)));
    }

    /** In the open room beside it a part dries as if there were no cabinet. */
    @Test
    public void whatDriesInTheOpenRoomDoesNotKnowOfTheCabinet() {
        Conditions open = Conditions.USUAL
                .withRoom(CABINET)
                .withTechniques(Techniques.USUAL.withDriesIn(Techniques.DriesIn.OPEN));
        Conditions none = Conditions.USUAL.withRoom(CABINET.open());
        assertEquals(
                Ask.roses(3, open).calendar().tasks(),
                Ask.roses(3, none).calendar().tasks());
        assertTrue(Ask.roses(3, Conditions.USUAL.withRoom(CABINET))
                .calendar()
                .begins()
                .orElseThrow()
                .isAfter(Ask.roses(3, none).calendar().begins().orElseThrow()));
    }
}
