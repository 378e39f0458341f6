package org.crispwhorl.core.drying;

import java.time.Duration;
import java.time.LocalDateTime;
import java.util.Comparator;
import java.util.List;
import java.util.NavigableMap;
import java.util.Objects;
import java.util.Optional;
import java.util.TreeMap;
import java.util.function.Predicate;
import org.crispwhorl.core.measure.Limits;

/** The air of a room at every moment, as it was measured and as it is expected. */
public final class RoomCourse {
    /** Readings farther apart than this tell nothing of what lies between them, h. */
    private static final double APART_H = 2;

    /** So many days tell what an hour is like. */
    private static final int DAYS = 3;

    /** What the room is off its pattern now fades by half in so many hours. */
    private static final double FADES_H = 12;

    private static final double MINUTES = 60;
    private static final int MINUTES_A_DAY = 24 * 60;

    private final Room set;
    private final RoomAhead ahead;
    private final List<RoomAhead.Hour> day;
    private final Optional<Predicate<LocalDateTime>> runs;
    private final NavigableMap<LocalDateTime, SensorReading> readings = new TreeMap<>();

    /**
     * @param set the room as it is set: what is known of nothing else
     * @param readings of the sensor; asked only where it goes by that
     */
    public RoomCourse(Room set, RoomAhead ahead, List<SensorReading> readings) {
        this(set, ahead, readings, Optional.empty());
    }

    private RoomCourse(
            Room set, RoomAhead ahead, List<SensorReading> readings, Optional<Predicate<LocalDateTime>> runs) {
        this.runs = runs;
        this.set = set;
        this.ahead = ahead;
        this.day = ahead.day().stream()
                .sorted(Comparator.comparingDouble(RoomAhead.Hour::atH))
                .toList();
        readings.forEach(r -> this.readings.put(r.at(), r));
    }

    /** The same where it was set, is expected and was measured the same. */
    @Override
    public boolean equals(Object other) {
        return other instanceof RoomCourse that
                && set.equals(that.set)
                && ahead.equals(that.ahead)
                && readings.equals(that.readings)
                && runs.equals(that.runs);
    }

    @Override
    public int hashCode() {
        return Objects.hash(set, ahead, readings, runs);
    }

    /** A room that stays as it is. */
    public static RoomCourse steady(Room set) {
        return new RoomCourse(set, RoomAhead.STEADY, List.of());
    }

    /** The air of the open room beside the cabinet. */
    public RoomCourse open() {
        return new RoomCourse(set.open(), ahead, List.copyOf(readings.values()), runs);
    }

    /** The same, but that the fan or the cabinet runs only then; what is in them is in the still room at other times. */
    public RoomCourse running(Predicate<LocalDateTime> then) {
        return new RoomCourse(set, ahead, List.copyOf(readings.values()), Optional.of(then));
    }

    /** Whether it is the same at every moment. */
    public boolean steady() {
        boolean stays =
                switch (ahead.source()) {
                    case STEADY -> true;
                    case PATTERN -> day.isEmpty();
                    case SENSOR -> readings.isEmpty();
                };
        boolean always = runs.isEmpty() || set.air() instanceof Room.Air.Still;
        return always && (stays && ahead.spells().isEmpty() || set.air() instanceof Room.Air.Cabinet);
    }

    /** The room at a moment: measured, or expected. */
    public Room at(LocalDateTime when) {
        double[] air =
                switch (ahead.source()) {
                    case STEADY -> asSet();
                    case PATTERN -> day.isEmpty() ? asSet() : pattern(minute(when) / MINUTES);
                    case SENSOR -> readings.isEmpty() ? asSet() : sensed(when);
                };
        boolean measured = measured(when);
        for (RoomAhead.Spell spell : ahead.spells()) {
            // What was measured has its weather in it.
            if (spell.at(when) && !measured) {
                air = new double[] {air[0] + spell.warmerC(), air[1] + spell.damperPct()};
            }
        }
        return new Room(
                Limits.within(Room.class, "temperatureC", air[0]),
                Limits.within(Room.class, "humidityPct", air[1]),
                runs.filter(then -> !then.test(when)).isPresent() ? new Room.Air.Still() : set.air());
    }

    /** Whether it is known by measuring. */
    public boolean measured(LocalDateTime when) {
        return ahead.source() == RoomAhead.Source.SENSOR && between(when) != null;
    }

    private double[] asSet() {
        return new double[] {set.temperatureC(), set.humidityPct()};
    }

    /** Evenly between the hours that are told, round the clock. */
    private double[] pattern(double hour) {
        RoomAhead.Hour before = day.get(day.size() - 1);
        RoomAhead.Hour after = day.get(0);
        for (RoomAhead.Hour h : day) {
            before = h.atH() <= hour ? h : before;
        }
        for (int i = day.size() - 1; i >= 0; i--) {
            after = day.get(i).atH() > hour ? day.get(i) : after;
        }
        double from = before.atH() > hour ? before.atH() - 24 : before.atH();
        double to = after.atH() <= from ? after.atH() + 24 : after.atH();
        double share = to == from ? 0 : (hour - from) / (to - from);
        return mixed(
                new double[] {before.temperatureC(), before.humidityPct()},
                new double[] {after.temperatureC(), after.humidityPct()},
                share);
    }

    private double[] sensed(LocalDateTime when) {
        double[] there = between(when);
        if (there != null) {
            return there;
        }
        SensorReading last = readings.lastEntry().getValue();
        double[] usual = usual(minute(when));
        double hours = Duration.between(last.at(), when).toMinutes() / MINUTES;
        if (hours <= 0) {
            return usual;
        }
        double[] usualThen = usual(minute(last.at()));
        double left = Math.pow(0.5, hours / FADES_H);
        return new double[] {
            usual[0] + left * (last.temperatureC() - usualThen[0]),
            usual[1] + left * (last.humidityPct() - usualThen[1])
        };
    }

    /** Evenly between the readings on either side; none where they lie too far apart. */
    private double[] between(LocalDateTime when) {
        var before = readings.floorEntry(when);
        var after = readings.ceilingEntry(when);
        if (before == null || after == null) {
            return null;
        }
        double minutes = Duration.between(before.getKey(), after.getKey()).toMinutes();
        if (minutes > APART_H * MINUTES) {
            return null;
        }
        double share =
                minutes == 0 ? 0 : Duration.between(before.getKey(), when).toMinutes() / minutes;
        return mixed(values(before.getValue()), values(after.getValue()), share);
    }

    /** What an hour was like in the last days that were measured. */
    private double[] usual(int minute) {
        LocalDateTime last = readings.lastKey();
        double[] sum = new double[2];
        int n = 0;
        for (int days = 0; days <= DAYS; days++) {
            LocalDateTime then =
                    last.toLocalDate().atStartOfDay().plusMinutes(minute).minusDays(days);
            double[] there = then.isAfter(last) ? null : between(then);
            if (there != null && n < DAYS) {
                sum[0] += there[0];
                sum[1] += there[1];
                n++;
            }
        }
        return n == 0 ? values(readings.lastEntry().getValue()) : new double[] {sum[0] / n, sum[1] / n};
    }

    private static double[] values(SensorReading reading) {
        return new double[] {reading.temperatureC(), reading.humidityPct()};
    }

    private static double[] mixed(double[] a, double[] b, double share) {
        return new double[] {a[0] + share * (b[0] - a[0]), a[1] + share * (b[1] - a[1])};
    }

    private static int minute(LocalDateTime when) {
        return (when.getHour() * 60 + when.getMinute()) % MINUTES_A_DAY;
    }
}
