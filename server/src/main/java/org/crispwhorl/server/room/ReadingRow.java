package org.crispwhorl.server.room;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.LocalDateTime;
import org.crispwhorl.core.drying.SensorReading;
import org.springframework.data.domain.Persistable;

/** The row that keeps one reading. */
@Entity
@Table(name = "room_reading")
class ReadingRow implements Persistable<LocalDateTime> {
    @Id
    @Column(name = "taken_at")
    private LocalDateTime at;

    @Column(name = "temperature_c")
    private double temperatureC;

    @Column(name = "humidity_pct")
    private double humidityPct;

    protected ReadingRow() {}

    ReadingRow(SensorReading reading) {
        at = reading.at();
        temperatureC = reading.temperatureC();
        humidityPct = reading.humidityPct();
    }

    @Override
    public LocalDateTime getId() {
        return at;
    }

    /** A reading is written once. */
    @Override
    public boolean isNew() {
        return true;
    }

    SensorReading reading() {
        return new SensorReading(at, temperatureC, humidityPct);
    }
}
