package org.crispwhorl.core.calendar;

import static org.crispwhorl.core.calendar.Ask.MONDAY;
import static org.crispwhorl.core.calendar.Ask.PLACE;
import static org.crispwhorl.core.calendar.Ask.SATURDAY;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.util.List;
import java.util.Optional;
import org.testng.annotations.Test;

public class StudioTimeTest {
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
        StudioTime time = Ask.busyOnWednesday().withEveningH(2);
        List<StudioTime.Window> windows = time.windows(MONDAY.plusDays(2).toLocalDate());
        assertEquals(
                windows.stream()
                        .map(w -> w.from().toLocalTime() + "-" + w.to().toLocalTime())
                        .toList(),
                List.of("09:00-10:00", "15:00-17:00", "17:00-19:00"));
        assertTrue(windows.get(2).evening());
        assertEquals(time.windows(SATURDAY.toLocalDate()), List.of());
        StudioTime off = StudioTime.USUAL.withDaysOff(
                List.of(new StudioTime.DayOff(MONDAY.toLocalDate().toString())));
        assertEquals(off.windows(MONDAY.toLocalDate()), List.of());
        assertEquals(
                time.withEveryDay()
                        .windows(SATURDAY.toLocalDate())
                        .get(0)
                        .from()
                        .toLocalTime(),
                LocalTime.of(9, 0));
    }

    /** A break divides the day of every maker, and no sitting is longer than what is left in one piece; somebody is there all the same. */
    @Test
    public void nobodyWorksInTheBreak() {
        StudioTime usual = StudioTime.USUAL;
        LocalDate monday = LocalDate.of(2030, 6, 3);
        assertEquals(
                usual.windows(monday),
                List.of(
                        new StudioTime.Window(monday.atTime(9, 0), monday.atTime(12, 15), false),
                        new StudioTime.Window(monday.atTime(13, 0), monday.atTime(17, 0), false)));
        assertEquals(usual.withSittingMin(480).longestMin(), 240.0);
        assertEquals(usual.longestMin(), 90.0);
        assertEquals(usual.withNoon(Optional.empty()).withSittingMin(480).longestMin(), 480.0);
        assertTrue(usual.attended(monday.atTime(12, 30)), "a fan may run at noon");
    }
}
