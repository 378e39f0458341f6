package org.crispwhorl.core.drying;

import java.util.List;
import org.crispwhorl.core.paste.Paste;

/** How long a body of a medium takes to reach a stage in an air: a law for each way in which media set. */
public sealed interface DryingLaw permits Evaporating, Cooling {
    /** The law by which a paste sets. */
    static DryingLaw of(Paste paste) {
        return paste.setting().either(Evaporating::new, Cooling::new);
    }

    /**
     * A reading of the air.
     *
     * @param fromH hours after the piece was made from which it holds
     */
    record Reading(double fromH, Room room) {}

    /** Whether its face skins in air that is drier than it is; what does not skin can be shaped until it begins to hold. */
    boolean skins();

    /**
     * The drive F of an air over that of 20 °C and 50 % on the same paste.
     *
     * @return 0 or less where nothing dries; 1 for what does not set by the dryness of the air
     */
    double drive(double temperatureC, double humidityPct);

    /** The drive of the air in which pieces dry. */
    default double drive(Room room) {
        return drive(room.dryingC(), room.dryingPct());
    }

    /**
     * Median hours until a body has dried so far.
     *
     * @return infinite where it never gets there in this air
     */
    default double hoursTo(Rind rind, Body body, Room room) {
        return hoursTo(rind, body, List.of(new Reading(0, room)));
    }

    /**
     * The same through a series of readings of the air; each reading holds until the next, the last one for ever.
     *
     * @param readings by rising hour, the first at hour 0
     */
    double hoursTo(Rind rind, Body body, List<Reading> readings);
}
