package org.crispwhorl.server.room;

import java.util.Optional;
import org.crispwhorl.core.drying.Room;
import org.crispwhorl.server.choices.Chosen;
import org.crispwhorl.server.problem.Versioned;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.json.JsonMapper;

/** The air of the studio's room as it was last set. */
@Service
public class StudioRoom implements Chosen<Room> {
    private final RoomRows rows;
    private final JsonMapper json;

    StudioRoom(RoomRows rows, JsonMapper json) {
        this.json = json;
        this.rows = rows;
    }

    @Override
    public String name() {
        return "room";
    }

    @Override
    public Class<Room> type() {
        return Room.class;
    }

    @Transactional(readOnly = true)
    public Room now() {
        return rows.findById(RoomRow.ONLY).orElseThrow().room();
    }

    /** The room with the version of it that is kept. */
    @Transactional(readOnly = true)
    @Override
    public Versioned<Room> kept() {
        return kept(rows.findById(RoomRow.ONLY).orElseThrow());
    }

    private static Versioned<Room> kept(RoomRow row) {
        return new Versioned<>(row.room(), row.version());
    }

    @Transactional
    public void set(Room room) {
        choose(room, Optional.empty());
    }

    /**
     * Sets the air.
     *
     * @param version from which it was changed
     * @throws org.crispwhorl.server.problem.TwoVersions where another is kept by now
     */
    @Transactional
    @Override
    public Versioned<Room> choose(Room room, Optional<Long> version) {
        RoomRow row = rows.findById(RoomRow.ONLY).orElseThrow();
        kept(row).checkAgainst(room, version, json.valueToTree(row.room()));
        row.keep(room);
        return kept(rows.saveAndFlush(row));
    }
}
