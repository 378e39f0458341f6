package org.crispwhorl.server.room;

import java.time.Instant;
import java.util.List;

/** A sensor of the room that keeps a log of its own, as those do that measure on when nobody asks. */
public interface RoomSensor {
    /**
     * What it told.
     *
     * @param temperatureC air temperature, °C
     * @param humidityPct relative humidity, %
     */
    record Reading(Instant at, double temperatureC, double humidityPct) {}

    /**
     * What it measured after a moment, up to and with another.
     *
     * @return in order of time; nothing for what it missed
     */
    List<Reading> log(Instant after, Instant to);
}
