package org.crispwhorl.server.room;

import java.time.Clock;
import java.time.LocalDateTime;
import java.time.temporal.ChronoUnit;
import java.util.List;
import org.crispwhorl.core.drying.SensorReading;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What the sensor told of the room, kept. */
@Service
public class RoomLog {
    /** So far back it is asked the first time, and so long readings are kept, days. */
    private static final int FIRST_DAYS = 4;

    private static final int KEPT_DAYS = 60;

    private final ReadingRows rows;
    private final RoomSensor sensor;

    private final Clock clock;

    RoomLog(ReadingRows rows, RoomSensor sensor, Clock clock) {
        this.clock = clock;
        this.rows = rows;
        this.sensor = sensor;
    }

    /** Keeps what the sensor has told since it was last asked, and lets go of what is old. */
    @Transactional
    public void catchUp() {
        LocalDateTime now = LocalDateTime.now(clock).truncatedTo(ChronoUnit.MINUTES);
        LocalDateTime first = now.minusDays(FIRST_DAYS);
        LocalDateTime after = rows.findFirstByOrderByAtDesc()
                .map(row -> row.reading().at())
                .filter(last -> last.isAfter(first))
                .orElse(first);
        rows.saveAll(sensor.log(after, now).stream().map(ReadingRow::new).toList());
        rows.deleteByAtBefore(now.minusDays(KEPT_DAYS));
    }

    /** What was told after a moment, in order of time. */
    @Transactional(readOnly = true)
    public List<SensorReading> since(LocalDateTime moment) {
        return rows.findByAtAfterOrderByAt(moment).stream()
                .map(ReadingRow::reading)
                .toList();
    }
}
