package org.crispwhorl.core.calendar;

import java.time.Duration;
import java.time.Instant;
import java.time.LocalDateTime;
import java.time.ZoneId;

/**
 * Time in slots of five minutes from a beginning on, by the clock of a place: a night in which clocks are put on or back is an hour
 * shorter or longer, and drying knows it.
 */
record Axis(Instant origin, ZoneId zone) {
    static final int SLOT_MIN = 5;

    private static final int SLOT_S = 60 * SLOT_MIN;

    /** What work takes over whole slots is not planned for, if it is less than this, min, and less than this of it. */
    private static final double UNPLANNED_MIN = 2.5;

    private static final double UNPLANNED_SHARE = 0.1;

    /** From the first whole slot at or after a moment. */
    static Axis from(LocalDateTime first, ZoneId zone) {
        Instant at = first.atZone(zone).toInstant();
        return new Axis(
                Instant.ofEpochSecond(Math.floorDiv(at.getEpochSecond() + SLOT_S - 1, SLOT_S) * (long) SLOT_S), zone);
    }

    /** The last slot that begins at or before a moment. */
    int floor(LocalDateTime moment) {
        return (int) Math.floorDiv(seconds(moment), SLOT_S);
    }

    /** The first slot that begins at or after a moment. */
    int ceil(LocalDateTime moment) {
        return -(int) Math.floorDiv(-seconds(moment), SLOT_S);
    }

    private long seconds(LocalDateTime moment) {
        return Duration.between(origin, moment.atZone(zone).toInstant()).toSeconds();
    }

    LocalDateTime at(int slot) {
        return LocalDateTime.ofInstant(origin.plusSeconds((long) SLOT_S * slot), zone);
    }

    /** So many minutes after a slot. */
    LocalDateTime at(int slot, double minutes) {
        return LocalDateTime.ofInstant(origin.plusSeconds((long) SLOT_S * slot + Math.round(60 * minutes)), zone);
    }

    /** Slots that so many minutes of work take, to the nearest where that is less by no more than a tenth, else rounded up. */
    static int ofMinutes(double minutes) {
        double unplanned = Math.min(UNPLANNED_MIN, UNPLANNED_SHARE * minutes);
        return Math.max(1, (int) Math.ceil((minutes - unplanned) / SLOT_MIN - 1e-9));
    }

    /** Slots that so many hours take, rounded up. */
    static int ofHours(double hours) {
        return (int) Math.ceil(hours * 60 / SLOT_MIN - 1e-9);
    }

    /** Slots that lie within so many hours. */
    static int withinHours(double hours) {
        return (int) Math.floor(hours * 60 / SLOT_MIN + 1e-9);
    }
}
