package org.crispwhorl.core.calendar;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.util.List;
import org.testng.annotations.Test;

/** A plan gone through many times: certain with weeks to spare, hopeless without a minute, and the more likely the more there is. */
public class OddsTest {
    private static final int DAY = Axis.ofHours(24);

    @Test
    public void theMoreTimeTheBetterTheOdds() {
        Frame frame = Ask.of(4, 3).until(Ask.SATURDAY.plusDays(14)).frame().together(Sittings.Before.NOTHING, 90);
        int[] starts = Backwards.place(frame, List.of()).orElseThrow();
        Windows hours = Hours.of(StudioTime.USUAL, frame.axis(), frame.last() + 20 * DAY)
                .loud();
        int before = -1;
        for (int later : new int[] {-3 * DAY, 0, DAY / 2, DAY, 3 * DAY, 12 * DAY}) {
            Odds odds =
                    Odds.of(frame, starts, hours, List.of(frame.last() + later)).get(0);
            assertTrue(odds.inHundred() >= before, later + " slots later: " + odds);
            before = odds.inHundred();
            assertTrue(later < 0 || later > DAY || odds.tightest().isPresent(), odds.toString());
        }
        assertEquals(before, 100, "two weeks are enough for anything");
        assertEquals(
                Odds.of(frame, starts, hours, List.of(frame.last() - 3 * DAY))
                        .get(0)
                        .inHundred(),
                0,
                "what is planned for later is not ready sooner");
    }

    /** A plan has a day of work to spare, and says what that makes of it. */
    @Test
    public void aPlanSaysItsOdds() {
        int early = Ask.of(3, 2).calendar().odds().orElseThrow().inHundred();
        assertTrue(early >= 90, early + " in a hundred");
        Calendar done = Ask.of(2, 0)
                .from(Ask.SATURDAY.minusHours(13))
                .having(all(Ask.of(2, 0).calendar()))
                .calendar();
        assertTrue(done.odds().isEmpty(), "nothing is left to be late");
    }

    private static List<Done> all(Calendar plan) {
        return plan.tasks().stream()
                .map(s -> new Done(s.uid(), s.from(), s.to()))
                .toList();
    }
}
