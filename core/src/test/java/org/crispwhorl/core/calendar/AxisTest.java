package org.crispwhorl.core.calendar;

import static org.testng.Assert.assertEquals;

import java.time.LocalDateTime;
import java.time.ZoneId;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** Slots of five minutes: what is a second over one is in the next, but work goes to the nearest where little is left out. */
public class AxisTest {
    private static final Axis AXIS = Axis.from(LocalDateTime.of(2030, 6, 12, 8, 58, 20), ZoneId.of("Europe/Berlin"));

    @Test
    public void momentsGoToTheirSlots() {
        assertEquals(AXIS.at(0), LocalDateTime.of(2030, 6, 12, 9, 0));
        LocalDateTime over = LocalDateTime.of(2030, 6, 12, 9, 10, 40);
        assertEquals(AXIS.ceil(over), 3, "hands are not free for forty seconds");
        assertEquals(AXIS.floor(over), 2);
        assertEquals(AXIS.floor(over.minusHours(1)), -10);
        assertEquals(AXIS.ceil(over.withSecond(0)), 2);
        assertEquals(AXIS.at(2, 2 / 3.0), over);
    }

    @DataProvider
    Object[][] minutes() {
        return new Object[][] {{0.2, 1}, {5.4, 1}, {6.5, 2}, {10.9, 2}, {12.0, 3}, {27.4, 5}, {27.6, 6}, {62.6, 13}};
    }

    @Test(dataProvider = "minutes")
    public void workGoesToTheNearestFiveMinutesWhereNoTenthIsLeftOut(double minutes, int slots) {
        assertEquals(Axis.ofMinutes(minutes), slots);
    }
}
