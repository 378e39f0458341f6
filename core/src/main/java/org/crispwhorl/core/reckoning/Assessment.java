package org.crispwhorl.core.reckoning;

import java.util.LinkedHashMap;
import java.util.Map;
import org.crispwhorl.core.centre.StamenRing;
import org.crispwhorl.core.drying.Body;
import org.crispwhorl.core.drying.DryingCourse;
import org.crispwhorl.core.drying.Spread;
import org.crispwhorl.core.flower.Coverage;
import org.crispwhorl.core.flower.FlowerForm;
import org.crispwhorl.core.species.Attachment;
import org.crispwhorl.core.species.Heart;
import org.crispwhorl.core.species.Part;
import org.crispwhorl.core.species.Petaled;
import org.crispwhorl.core.species.Species;
import org.crispwhorl.core.species.Stamens;
import org.crispwhorl.core.wire.LoadedWire;

/** A species under its conditions, with what is derived from both worked out when it is first asked for. */
public final class Assessment {
    private final Species species;
    private final Conditions conditions;
    private final Map<String, DryingCourse> courses = new LinkedHashMap<>();
    private FlowerForm form;
    private Coverage coverage;

    public Assessment(Species species, Conditions conditions) {
        this.species = species;
        this.conditions = conditions;
    }

    public Species species() {
        return species;
    }

    public Conditions conditions() {
        return conditions;
    }

    public FlowerForm form() {
        if (form == null) {
            form = FlowerForm.of(species);
        }
        return form;
    }

    public Coverage coverage() {
        if (coverage == null) {
            coverage = Coverage.of(form());
        }
        return coverage;
    }

    /** The course of a part's drying; bought stamens have none. */
    public DryingCourse course(Part part) {
        return courses.computeIfAbsent(
                part.id(), id -> DryingCourse.of(species.medium(), body(part), conditions.room(), Spread.UNRECORDED));
    }

    /** Whether a part is made of paste that has to dry. */
    public static boolean dries(Part part) {
        return !(part instanceof Stamens);
    }

    private static Body body(Part part) {
        if (part instanceof Petaled petaled) {
            return Body.sheet(
                    petaled.pieces().thinning().finishedMm(), petaled.pieces().drying());
        }
        if (part instanceof Heart heart) {
            return Body.solid(heart.form().volumeMm3(), heart.form().surfaceMm2());
        }
        throw new IllegalArgumentException(part.id() + " does not dry");
    }

    /** Mass of paste in one piece of a part, g; 0 for bought stamens. */
    public double pieceG(Part part) {
        if (part instanceof Petaled petaled) {
            return species.medium().grams(petaled.pieces().volumeMm3());
        }
        return part instanceof Heart heart ? species.medium().grams(heart.form().volumeMm3()) : 0;
    }

    /** Pieces of a part in one flower. */
    public static int pieces(Part part) {
        if (part instanceof Petaled petaled) {
            return petaled.pieces().count();
        }
        return part instanceof Stamens stamens ? new StamenRing(stamens).heads() : 1;
    }

    /** The load that a wired piece puts on its wire; it ends at the base, so the centre of mass lies beyond. */
    public LoadedWire load(Petaled part, Attachment.Wired wired) {
        return new LoadedWire(pieceG(part), part.pieces().finished().centroidMm(), wired.freeMm());
    }
}
