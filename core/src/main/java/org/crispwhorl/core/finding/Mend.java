package org.crispwhorl.core.finding;

import java.util.function.Supplier;
import org.crispwhorl.core.drying.Room;
import org.crispwhorl.core.reckoning.Assessment;
import org.crispwhorl.core.species.Part;
import org.crispwhorl.core.species.Species;

/** A change that puts a finding right. It is only made when it is asked for: what no range allows is no mend. */
public final class Mend {
    private final String label;
    private final Supplier<Species> made;
    private final Room room;

    private Mend(String label, Supplier<Species> made, Room room) {
        this.label = label;
        this.made = made;
        this.room = room;
    }

    static Mend of(String label, Supplier<Species> made, Room room) {
        return new Mend(label, made, room);
    }

    static Mend part(Assessment a, String label, Supplier<? extends Part> changed) {
        return of(label, () -> a.species().with(changed.get()), a.conditions().room());
    }

    /** What it will change, with the figures. */
    public String label() {
        return label;
    }

    /**
     * The whole mended design.
     *
     * @throws org.crispwhorl.core.measure.InvalidValue where it would need what a range does not allow
     */
    public Species species() {
        return made.get();
    }

    /** The room it needs. */
    public Room room() {
        return room;
    }
}
