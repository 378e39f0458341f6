package org.crispwhorl.core.reckoning;

import org.crispwhorl.core.bench.Kit;
import org.crispwhorl.core.drying.Room;

/** The room and the kit with which a species is reckoned. */
public record Conditions(Room room, Kit kit) {
    /** The reference room and a usual drawer. */
    public static final Conditions USUAL = new Conditions(Room.REFERENCE, Kit.USUAL);

    public Conditions withRoom(Room newRoom) {
        return new Conditions(newRoom, kit);
    }
}
