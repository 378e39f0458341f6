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

    /** From the first whole slot at or after a moment. */
    static Axis from(LocalDateTime first, ZoneId zone) {
        Instant at = first.atZone(zone).toInstant();
        long slot = SLOT_MIN * 60L;
        return new Axis(Instant.ofEpochSecond(Math.floorDiv(at.getEpochSecond() + slot - 1, slot) * slot), zone);
    }

    /** The last slot that begins at or before a moment. */
    int floor(LocalDateTime moment) {
        return (int) Math.floorDiv(minutes(moment), SLOT_MIN);
    }

    /** The first slot that begins at or after a moment. */
    int ceil(LocalDateTime moment) {
        return -(int) Math.floorDiv(-minutes(moment), SLOT_MIN);
    }

    private long minutes(LocalDateTime moment) {
        return Duration.between(origin, moment.atZone(zone).toInstant()).toMinutes();
    }

    LocalDateTime at(int slot) {
        return LocalDateTime.ofInstant(origin.plusSeconds(60L * SLOT_MIN * slot), zone);
    }

    /** So many minutes after a slot. */
    LocalDateTime at(int slot, int minutes) {
        return LocalDateTime.ofInstant(origin.plusSeconds(60L * (SLOT_MIN * slot + minutes)), zone);
    }

    /** Slots that so many minutes take, rounded up. */
    static int ofMinutes(int minutes) {
        return (minutes + SLOT_MIN - 1) / SLOT_MIN;
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
