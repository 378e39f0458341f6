package org.crispwhorl.server.room;

import org.crispwhorl.core.drying.Room;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The air of the studio's room as it was last set. */
@Service
public class StudioRoom {
    private final RoomRows rows;

    StudioRoom(RoomRows rows) {
        this.rows = rows;
    }

    @Transactional(readOnly = true)
    public Room now() {
        return rows.getReferenceById(RoomRow.ONLY).room();
    }

    @Transactional
    public Room set(Room room) {
        rows.getReferenceById(RoomRow.ONLY).keep(room);
        return room;
    }
}
