package org.crispwhorl.core.drying;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertNotEquals;
import static org.testng.Assert.assertTrue;

import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.List;
import org.testng.annotations.Test;

public class RoomCourseTest {
    private static final LocalDateTime MONDAY = LocalDateTime.of(2030, 6, 10, 0, 0);
    private static final Room SET = new Room(20, 50, new Room.Air.Fan());
    private static final RoomAhead.Spell WET =
            new RoomAhead.Spell("rain", MONDAY.plusDays(2), MONDAY.plusDays(3), -2, 20);

    private static RoomAhead of(RoomAhead.Source source, RoomAhead.Hour... hours) {
        return new RoomAhead(source, List.of(hours), List.of(WET));
    }

    @Test
    public void aSpellComesOnTopForAsLongAsItLasts() {
        RoomCourse course = new RoomCourse(SET, of(RoomAhead.Source.STEADY), List.of());
        assertFalse(course.steady());
        assertEquals(course.at(MONDAY.plusHours(47)), SET);
        assertEquals(course.at(MONDAY.plusHours(48)), new Room(18, 70, SET.air()));
        assertEquals(course.at(MONDAY.plusDays(3)), SET);
        assertTrue(RoomCourse.steady(SET).steady());
    }

    @Test
    public void aPatternGoesRoundTheClock() {
        RoomCourse course = new RoomCourse(
                SET,
                of(RoomAhead.Source.PATTERN, new RoomAhead.Hour(22, 16, 60), new RoomAhead.Hour(10, 22, 48)),
                List.of());
        assertEquals(course.at(MONDAY.plusHours(10)).temperatureC(), 22, 1e-9);
        assertEquals(course.at(MONDAY.plusHours(16)).temperatureC(), 19, 1e-9, "half-way down");
        assertEquals(course.at(MONDAY.plusHours(28)).temperatureC(), 19, 1e-9, "half-way up, over midnight");
        assertEquals(course.at(MONDAY.plusHours(34)).humidityPct(), 48, 1e-9, "the same the next day");
        RoomCourse one = new RoomCourse(SET, of(RoomAhead.Source.PATTERN, new RoomAhead.Hour(7, 18, 55)), List.of());
        assertEquals(one.at(MONDAY.plusHours(3)).humidityPct(), 55, 1e-9);
    }

    @Test
    public void itIsTheSameForAsLongAsNothingWasMeasured() {
        RoomAhead ahead = of(RoomAhead.Source.SENSOR);
        RoomCourse course = new RoomCourse(SET, ahead, readings());
        assertEquals(new RoomCourse(SET, ahead, readings()), course);
        assertEquals(new RoomCourse(SET, ahead, readings()).hashCode(), course.hashCode());
        assertNotEquals(new RoomCourse(SET, ahead, readings().subList(1, 20)), course);
        assertNotEquals(new RoomCourse(SET, of(RoomAhead.Source.STEADY), readings()), course);
    }

    @Test
    public void aCabinetHasAnAirOfItsOwn() {
        Room cabinet = new Room(20, 50, new Room.Air.Cabinet(30, 40));
        assertTrue(new RoomCourse(cabinet, of(RoomAhead.Source.STEADY), List.of()).steady());
    }

    /** Four days of a sensor that tells every ten minutes, but for three hours on the second. */
    private static List<SensorReading> readings() {
        List<SensorReading> all = new ArrayList<>();
        for (int i = 0; i <= 4 * 144; i++) {
            LocalDateTime at = MONDAY.plusMinutes(10L * i);
            boolean silent = i > 144 + 30 && i < 144 + 48;
            if (!silent) {
                double turn = 2 * Math.PI * (i % 144) / 144;
                double off = i == 4 * 144 ? 3 : 0;
                all.add(new SensorReading(at, 20 + 3 * Math.sin(turn), 50 - 6 * Math.sin(turn) + off));
            }
        }
        return all;
    }

    @Test
    public void whatWasMeasuredIsKnownAndAheadIsAsTheLastDaysWere() {
        RoomCourse course = new RoomCourse(SET, of(RoomAhead.Source.SENSOR), readings());
        assertEquals(course.at(MONDAY.plusHours(6)).temperatureC(), 23, 0.02);
        assertEquals(course.at(MONDAY.plusMinutes(365)).temperatureC(), 23, 0.02, "between two readings");
        assertEquals(
                course.at(MONDAY.plusHours(54)).humidityPct(), 44, 0.02, "what was measured has its weather in it");
        assertTrue(course.measured(MONDAY.plusHours(6)) && !course.measured(MONDAY.plusHours(31)));
        assertEquals(course.at(MONDAY.plusHours(31)).temperatureC(), 20 + 3 * Math.sin(2 * Math.PI * 7 / 24), 0.05);
        LocalDateTime next = MONDAY.plusDays(4);
        assertEquals(course.at(next.plusHours(6)).temperatureC(), 23, 0.05);
        assertEquals(
                course.at(next.plusHours(12)).humidityPct(), 51, 0.1, "half of what it was off its usual 51 has faded");
        assertEquals(course.at(next.plusDays(5).plusHours(6)).humidityPct(), 44, 0.1, "all of it has faded");
    }

    @Test
    public void whereNothingWasMeasuredYetItIsAsSet() {
        RoomCourse course =
                new RoomCourse(SET, new RoomAhead(RoomAhead.Source.SENSOR, List.of(), List.of()), List.of());
        assertTrue(course.steady());
        assertEquals(course.at(MONDAY), SET);
    }
}
