package org.crispwhorl.server.room;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import org.springframework.data.domain.Persistable;

/** The row that keeps one reading. */
@Entity
@Table(name = "room_reading")
class ReadingRow implements Persistable<Instant> {
    @Id
    @Column(name = "taken_at")
    private Instant at;

    @Column(name = "temperature_c")
    private double temperatureC;

    @Column(name = "humidity_pct")
    private double humidityPct;

    protected ReadingRow() {}

    ReadingRow(RoomSensor.Reading reading) {
        at = reading.at();
        temperatureC = reading.temperatureC();
        humidityPct = reading.humidityPct();
    }

    @Override
    public Instant getId() {
        return at;
    }

    /** A reading is written once. */
    @Override
    public boolean isNew() {
        return true;
    }

    RoomSensor.Reading reading() {
        return new RoomSensor.Reading(at, temperatureC, humidityPct);
    }
}
