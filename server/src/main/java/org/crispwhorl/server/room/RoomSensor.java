package org.crispwhorl.server.room;

import java.time.LocalDateTime;
import java.util.List;
import org.crispwhorl.core.drying.SensorReading;

/** A sensor of the room that keeps a log of its own, as those do that measure on when nobody asks. */
public interface RoomSensor {
    /**
     * What it measured after a moment, up to and with another.
     *
     * @return in order of time; nothing for what it missed
     */
    List<SensorReading> log(LocalDateTime after, LocalDateTime to);
}
