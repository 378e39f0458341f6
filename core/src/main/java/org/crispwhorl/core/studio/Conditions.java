package org.crispwhorl.core.studio;

import io.soabase.recordbuilder.core.RecordBuilder;
import org.crispwhorl.core.drying.Room;
import org.crispwhorl.core.species.Techniques;

/**
 * Under which a species is reckoned.
 *
 * @param room the air as it is now
 * @param kit what the studio has at hand
 * @param techniques how it works, where makers disagree
 * @param pace how fast its hands are
 */
@RecordBuilder
public record Conditions(Room room, Kit kit, Techniques techniques, Pace pace) implements ConditionsBuilder.With {
    /** An ordinary room, a usual drawer, the usual ways and a practised hand. */
    public static final Conditions USUAL = new Conditions(Room.REFERENCE, Kit.USUAL, Techniques.USUAL, Pace.UNRECORDED);
}
