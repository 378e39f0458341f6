package org.crispwhorl.server.room;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import org.crispwhorl.core.drying.Room;

/** The one row that keeps the room's air. */
@Entity
@Table(name = "room")
class RoomRow {
    static final int ONLY = 1;

    enum AirKind {
        STILL,
        FAN,
        CABINET
    }

    @Id
    private int id = ONLY;

    @Column(name = "temperature_c")
    private double temperatureC;

    @Column(name = "humidity_pct")
    private double humidityPct;

    @Enumerated(EnumType.STRING)
    @Column(length = 16)
    private AirKind air;

    @Column(name = "inside_c")
    private Double insideC;

    @Column(name = "inside_pct")
    private Double insidePct;

    @Version
    private long version;

    protected RoomRow() {}

    Room room() {
        Room.Air moving =
                switch (air) {
                    case STILL -> new Room.Air.Still();
                    case FAN -> new Room.Air.Fan();
                    case CABINET -> new Room.Air.Cabinet(insideC, insidePct);
                };
        return new Room(temperatureC, humidityPct, moving);
    }

    long version() {
        return version;
    }

    void keep(Room room) {
        temperatureC = room.temperatureC();
        humidityPct = room.humidityPct();
        insideC = null;
        insidePct = null;
        if (room.air() instanceof Room.Air.Cabinet cabinet) {
            air = AirKind.CABINET;
            insideC = cabinet.insideC();
            insidePct = cabinet.insidePct();
        } else {
            air = room.air() instanceof Room.Air.Fan ? AirKind.FAN : AirKind.STILL;
        }
    }
}
