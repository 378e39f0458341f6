package org.crispwhorl.core.reckoning;

import org.crispwhorl.core.bench.Kit;
import org.crispwhorl.core.drying.Room;
import org.crispwhorl.core.species.Ways;

/** The room, the kit and the ways of the studio in which a species is reckoned. */
public record Conditions(Room room, Kit kit, Ways ways) {
    /** The reference room and a usual drawer. */
    public static final Conditions USUAL = new Conditions(Room.REFERENCE, Kit.USUAL, Ways.USUAL);

    public Conditions withRoom(Room newRoom) {
        return new Conditions(newRoom, kit, ways);
    }

    public Conditions withKit(Kit newKit) {
        return new Conditions(room, newKit, ways);
    }

    public Conditions withWays(Ways newWays) {
        return new Conditions(room, kit, newWays);
    }
}
