package org.crispwhorl.server.conditions;

import org.crispwhorl.core.assessment.Assessment;
import org.crispwhorl.core.drying.Room;
import org.crispwhorl.core.species.Species;
import org.crispwhorl.core.species.Techniques;
import org.crispwhorl.core.studio.Conditions;
import org.crispwhorl.core.studio.Kit;
import org.crispwhorl.core.studio.Pace;
import org.crispwhorl.server.choices.Choice;
import org.crispwhorl.server.choices.StudioChoices;
import org.crispwhorl.server.drawer.StudioDrawer;
import org.crispwhorl.server.room.StudioRoom;
import org.springframework.stereotype.Service;

/** The conditions of the studio as they are now: the one place from which every room has them. */
@Service
public class StudioConditions {
    private final StudioRoom room;
    private final StudioDrawer drawer;
    private final StudioChoices choices;

    StudioConditions(StudioRoom room, StudioDrawer drawer, StudioChoices choices) {
        this.room = room;
        this.drawer = drawer;
        this.choices = choices;
    }

    public Conditions now() {
        return new Conditions(room(), kit(), techniques(), pace());
    }

    public Room room() {
        return room.now();
    }

    public Kit kit() {
        return drawer.kit();
    }

    public Techniques techniques() {
        return choices.now(Choice.TECHNIQUES);
    }

    public Pace pace() {
        return choices.now(Choice.PACE);
    }

    /** A species as this studio makes it. */
    public Assessment assessed(Species species) {
        return new Assessment(species, now());
    }
}
