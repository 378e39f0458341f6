package org.crispwhorl.server.conditions;

import org.crispwhorl.core.reckoning.Assessment;
import org.crispwhorl.core.reckoning.Conditions;
import org.crispwhorl.core.species.Species;
import org.crispwhorl.server.drawer.StudioDrawer;
import org.crispwhorl.server.room.StudioRoom;
import org.crispwhorl.server.ways.StudioWays;
import org.springframework.stereotype.Service;

/** The conditions of the studio as they are now: the one place from which every room has them. */
@Service
public class StudioConditions {
    private final StudioRoom room;
    private final StudioDrawer drawer;
    private final StudioWays ways;

    StudioConditions(StudioRoom room, StudioDrawer drawer, StudioWays ways) {
        this.room = room;
        this.drawer = drawer;
        this.ways = ways;
    }

    public Conditions now() {
        return new Conditions(room.now(), drawer.kit(), ways.now());
    }

    /** A species as this studio makes it. */
    public Assessment assessed(Species species) {
        return new Assessment(species, now());
    }
}
