package org.crispwhorl.server.room;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDateTime;
import java.time.temporal.ChronoUnit;
import java.util.List;
import org.crispwhorl.core.drying.SensorReading;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What the sensor told of the room, kept. */
@Service
public class RoomLog {
    /** So far back it is asked the first time, and so long readings are kept. */
    private static final Duration FIRST = Duration.ofDays(4);

    private static final Duration KEPT = Duration.ofDays(60);

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
        Instant now = clock.instant().truncatedTo(ChronoUnit.MINUTES);
        Instant first = now.minus(FIRST);
        Instant after = rows.findFirstByOrderByAtDesc()
                .map(row -> row.reading().at())
                .filter(last -> last.isAfter(first))
                .orElse(first);
        rows.saveAll(sensor.log(after, now).stream().map(ReadingRow::new).toList());
        rows.deleteByAtBefore(now.minus(KEPT));
    }

    /**
     * What was told after a moment, in order of time.
     *
     * @param moment by the studio's clock, as are the readings
     */
    @Transactional(readOnly = true)
    public List<SensorReading> since(LocalDateTime moment) {
        return rows.findByAtAfterOrderByAt(moment.atZone(clock.getZone()).toInstant()).stream()
                .map(ReadingRow::reading)
                .map(r -> new SensorReading(
                        LocalDateTime.ofInstant(r.at(), clock.getZone()), r.temperatureC(), r.humidityPct()))
                .toList();
    }
}
