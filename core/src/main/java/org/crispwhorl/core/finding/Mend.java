package org.crispwhorl.core.finding;

import org.crispwhorl.core.drying.Room;
import org.crispwhorl.core.species.Part;
import org.crispwhorl.core.species.Species;

/**
 * A change that puts a finding right.
 *
 * @param label what it will change, with the figures
 * @param species the whole mended design
 * @param room the room it needs
 */
public record Mend(String label, Species species, Room room) {
    static Mend part(org.crispwhorl.core.reckoning.Assessment a, String label, Part changed) {
        return new Mend(label, a.species().with(changed), a.conditions().room());
    }
}
