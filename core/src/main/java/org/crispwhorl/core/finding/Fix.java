package org.crispwhorl.core.finding;

import java.util.function.UnaryOperator;
import org.crispwhorl.core.assessment.Assessment;
import org.crispwhorl.core.drying.Room;
import org.crispwhorl.core.species.Part;
import org.crispwhorl.core.species.Petaled;
import org.crispwhorl.core.species.Pieces;
import org.crispwhorl.core.species.Species;
import org.crispwhorl.core.studio.AppliedTechniques;

/**
 * A change that puts a finding right: an edit, which is made on the design itself when it is asked for. What no range allows is no
 * mend.
 */
public final class Fix {
    private final String label;
    private final UnaryOperator<Species> edit;
    private final Room room;
    private final Assessment found;
    private Species mended;

    private Fix(String label, UnaryOperator<Species> edit, Room room, Assessment found) {
        this.label = label;
        this.edit = edit;
        this.room = room;
        this.found = found;
    }

    /** A mend that changes the room, and leaves the design as it is. */
    static Fix room(Assessment a, String label, Room room) {
        return new Fix(label, UnaryOperator.identity(), room, a);
    }

    /** A mend that changes the species as a whole. */
    static Fix species(Assessment a, String label, UnaryOperator<Species> edit) {
        return new Fix(label, edit, a.conditions().room(), a);
    }

    /**
     * A mend that changes one part.
     *
     * @param edit made on the part of that id as it is designed
     */
    @SuppressWarnings("unchecked")
    static <P extends Part> Fix part(Assessment a, String label, P part, UnaryOperator<P> edit) {
        return species(
                a,
                label,
                s -> s.with(
                        edit.apply((P) part.getClass().cast(s.part(part.id()).orElseThrow()))));
    }

    /** A mend that changes the pieces of one part. */
    static Fix pieces(Assessment a, String label, Petaled part, UnaryOperator<Pieces> edit) {
        return part(a, label, part, p -> p.with(edit.apply(p.pieces())));
    }

    /** What it will change, with the figures. */
    public String label() {
        return label;
    }

    /**
     * The whole mended design, with ways that would override the mend cleared.
     *
     * @throws org.crispwhorl.core.measure.InvalidValue where it would need what a range does not allow
     */
    public Species species() {
        if (mended == null) {
            mended = AppliedTechniques.edited(
                    found.designed(),
                    found.conditions().techniques(),
                    found.conditions().kit(),
                    edit);
        }
        return mended;
    }

    /** The room it needs. */
    public Room room() {
        return room;
    }
}
