package org.crispwhorl.core.calendar;

import static org.crispwhorl.core.calendar.Ask.MONDAY;
import static org.crispwhorl.core.calendar.Ask.SATURDAY;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.List;
import org.crispwhorl.core.Garden;
import org.crispwhorl.core.assessment.TaskKind;
import org.crispwhorl.core.progress.Progress;
import org.crispwhorl.core.studio.Conditions;
import org.crispwhorl.core.studio.Kit;
import org.testng.annotations.Test;

public class ShortageTest {
    private static final LocalDateTime FRIDAY = MONDAY.plusDays(4).withHour(9);

    private static Ask tooMany() {
        return Ask.of(42, 0).from(FRIDAY);
    }

    /** Whoever watches, and gives it up after so many steps. */
    private static final class Watching implements Progress {
        private final List<String> told = new ArrayList<>();
        private final int atMost;

        Watching(int atMost) {
            this.atMost = atMost;
        }

        @Override
        public void reached(double share, String step) {
            told.add(step);
        }

        @Override
        public boolean stopped() {
            return told.size() > atMost;
        }
    }

    @Test
    public void whatCannotBeSaysWhyAndWhatWouldHelp() {
        Calendar calendar = tooMany().calendar();
        assertTrue(calendar.tasks().isEmpty());
        String limit = calendar.limit().orElseThrow();
        assertTrue(limit.contains(" h of work and ") || limit.contains("more than there is"), limit);
        assertFalse(calendar.helps().isEmpty());
        for (Calendar.Help help : calendar.helps()) {
            Calendar helped = tooMany().with(help).calendar();
            assertTrue(helped.limit().isEmpty(), help.label());
        }
    }

    @Test
    public void whatIsTriedIsTold() {
        Watching watching = new Watching(Integer.MAX_VALUE);
        Calendar calendar = tooMany().watchedBy(watching).calendar();
        List<String> helps =
                calendar.helps().stream().map(h -> "trying to " + h.label()).toList();
        assertTrue(watching.told.containsAll(helps), helps + " of " + watching.told);
    }

    @Test
    public void tooFewFormersAreToldByName() {
        Kit kit = Kit.USUAL.withFormers(List.of(new Kit.FormerStock(Garden.CUP.name(), 5)));
        Calendar calendar = Ask.roses(14, Conditions.USUAL.withKit(kit))
                .in(StudioTime.USUAL.withMakers(2))
                .calendar();
        assertTrue(
                calendar.limit().orElseThrow().contains(Garden.CUP.name()),
                calendar.limit().toString());
        assertTrue(
                calendar.helps().stream()
                        .anyMatch(
                                h -> h.label().startsWith("have ") && h.label().contains(Garden.CUP.name())),
                "more of them is a help like any other: " + calendar.helps());
    }

    /** What dries too long is told by its flower and where its chain begins; what hands cannot do, in working days. */
    @Test
    public void aLimitNamesTheFlowerOrTheDays() {
        String drying = Ask.of(1, 0)
                .from(FRIDAY)
                .until(FRIDAY.plusHours(20))
                .quick()
                .limit()
                .orElseThrow();
        assertTrue(drying.startsWith(Garden.rose().name()), drying);
        assertTrue(drying.contains("Make "), drying);
        String hands = Ask.of(60, 0).from(MONDAY.plusDays(3)).calendar().limit().orElseThrow();
        assertTrue(hands.contains("working days too little"), hands);
    }

    /** Where no change helps alone, two together do. */
    @Test
    public void whereNothingHelpsAloneTwoThingsDo() {
        Ask far = Ask.of(150, 90).from(FRIDAY);
        Calendar calendar = far.calendar();
        assertFalse(calendar.helps().isEmpty(), calendar.limit().toString());
        Calendar.Help first = calendar.helps().get(0);
        assertTrue(Ask.of(150, 90).from(FRIDAY).with(first).quick().limit().isEmpty(), first.label());
    }

    @Test
    public void anOrderThatIsLateAlreadyIsToldSo() {
        Calendar late = Ask.of(1, 0).from(SATURDAY.plusDays(1)).calendar();
        assertTrue(late.limit().orElseThrow().contains("before now"));
        assertTrue(late.helps().stream().anyMatch(m -> m.handOver().isPresent()));
    }

    /** The best so far is a whole plan, of which nobody says that none is better. */
    @Test
    public void whoeverStopsGetsTheBestSoFar() {
        Calendar calendar = Ask.of(40, 40)
                .until(SATURDAY.plusDays(20))
                .watchedBy(new Watching(3))
                .calendar();
        assertTrue(calendar.limit().isEmpty(), calendar.limit().toString());
        assertTrue(
                calendar.tasks().stream().mapToDouble(Kept::minutes).sum() >= Kept.TOLD_SHARE * calendar.labourMin());
    }

    /** The petals of one rose take longer than the longest sitting: they are left between two pieces. */
    @Test
    public void workOnOneFlowerIsLeftBetweenItsPieces() {
        StudioTime t = StudioTime.USUAL;
        StudioTime quarters = t.withSittingMin(15);
        Calendar calendar = Ask.of(1, 0).in(quarters).calendar();
        assertTrue(calendar.limit().isEmpty(), calendar.limit().toString());
        calendar.tasks().stream()
                .filter(s -> s.doing() == TaskKind.MAKE)
                .forEach(s -> assertTrue(Kept.minutes(s) <= 15, s.toString()));
        Kept.everything(Ask.of(1, 0).in(quarters), calendar);
    }

    /** Twenty thousand flowers are not placed piece by piece: that is told, and what to do. */
    @Test
    public void anOrderFarTooLargeIsToldSo() {
        Calendar calendar = Ask.of(20_000, 0).calendar();
        assertTrue(calendar.tasks().isEmpty());
        String limit = calendar.limit().orElseThrow();
        assertTrue(limit.contains("Divide it"), limit);
    }
}
