package org.crispwhorl.server.standins;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.List;
import org.crispwhorl.server.room.RoomSensor;
import org.crispwhorl.server.security.HomeNetwork;
import org.springframework.stereotype.Component;

/**
 * A sensor that is not there: a room that cools at night and warms by day, through which the weather of some days goes; read every ten
 * minutes with the noise of a cheap sensor, and silent for some hours now and then. On the home network it tells nothing. The same moment always reads the same.
 */
@Component
class SensorStandIn implements RoomSensor {
    private static final Duration EVERY = Duration.ofMinutes(10);

    private static final double MEAN_C = 19.5;
    private static final double MEAN_PCT = 52;

    /** The day's swing, °C on either side, and how much damper air gets for a degree that it cools. */
    private static final double SWING_C = 2.2;

    private static final double PCT_FOR_C = 2.4;
    private static final double WARMEST_H = 16;

    /** Weather changes over so many hours, by so much on either side. */
    private static final double FRONT_H = 42;

    private static final double FRONT_C = 2.5;
    private static final double FRONT_PCT = 11;

    private static final double NOISE_C = 0.15;
    private static final double NOISE_PCT = 0.8;

    /** One in so many stretches of so many hours it is silent for a part of. */
    private static final int SILENT_ONE_IN = 12;

    private static final int STRETCH_H = 6;
    private static final int SILENT_H = 3;

    private final HomeNetwork home;
    private final Clock clock;

    SensorStandIn(HomeNetwork home, Clock clock) {
        this.clock = clock;
        this.home = home;
    }

    @Override
    public List<Reading> log(Instant after, Instant to) {
        List<Reading> log = new ArrayList<>();
        if (home.on()) {
            return log;
        }
        Instant at =
                Instant.EPOCH.plusSeconds(Math.floorDiv(after.getEpochSecond(), EVERY.toSeconds()) * EVERY.toSeconds());
        while (!at.isAfter(to)) {
            if (at.isAfter(after) && !silent(at)) {
                log.add(reading(at));
            }
            at = at.plus(EVERY);
        }
        return log;
    }

    private static long minutes(Instant at) {
        return at.getEpochSecond() / 60;
    }

    private static boolean silent(Instant at) {
        long hours = minutes(at) / 60;
        return unlike(hours / STRETCH_H, 3) < 1.0 / SILENT_ONE_IN && hours % STRETCH_H < SILENT_H;
    }

    private Reading reading(Instant at) {
        long minutes = minutes(at);
        LocalTime clockTime = LocalTime.ofInstant(at, clock.getZone());
        double hour = clockTime.getHour() + clockTime.getMinute() / 60.0;
        double day = SWING_C * Math.cos(2 * Math.PI * (hour - WARMEST_H) / 24);
        double temperature = MEAN_C + day + FRONT_C * front(minutes, 1) + NOISE_C * noise(minutes, 4);
        double humidity = MEAN_PCT - PCT_FOR_C * day + FRONT_PCT * front(minutes, 2) + NOISE_PCT * noise(minutes, 5);
        return new Reading(at, tenth(temperature), tenth(Math.max(20, Math.min(90, humidity))));
    }

    private static double tenth(double value) {
        return Math.rint(10 * value) / 10;
    }

    /** Weather: from one value to the next without a jump, −1 to 1. */
    private static double front(long minutes, int of) {
        double at = minutes / (60 * FRONT_H);
        long before = (long) Math.floor(at);
        double share = (1 - Math.cos(Math.PI * (at - before))) / 2;
        return 2 * ((1 - share) * unlike(before, of) + share * unlike(before + 1, of)) - 1;
    }

    private static double noise(long minutes, int of) {
        return 2 * unlike(minutes, of) - 1;
    }

    /** 0 to 1, unlike for each number and always the same for it (the finishing mix of splitmix64). */
    private static double unlike(long number, int of) {
        long z = number * 0x9E3779B97F4A7C15L + of * 0xBF58476D1CE4E5B9L;
        z = (z ^ (z >>> 30)) * 0xBF58476D1CE4E5B9L;
        z = (z ^ (z >>> 27)) * 0x94D049BB133111EBL;
        return ((z ^ (z >>> 31)) >>> 11) * 0x1.0p-53;
    }
}
