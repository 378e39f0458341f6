package org.crispwhorl.core.finding;

import static org.crispwhorl.core.measure.Why.in;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.crispwhorl.core.flower.FlowerForm;
import org.crispwhorl.core.measure.Limits;
import org.crispwhorl.core.measure.Unit;
import org.crispwhorl.core.measure.Why;
import org.crispwhorl.core.outline.Outline;
import org.crispwhorl.core.reckoning.Assessment;
import org.crispwhorl.core.species.Leaf;
import org.crispwhorl.core.species.Part;
import org.crispwhorl.core.species.Petaled;
import org.crispwhorl.core.species.Species;

/** The flower comes out wider or narrower than it is wanted. */
final class FaceOffWidth implements Rule {
    /** Share of the wanted width by which it may be off. */
    private static final double ALLOWED = 0.05;

    /** Scaling is repeated, since necks and formers do not grow with the petals. */
    private static final int ROUNDS = 6;

    @Override
    public List<Finding> look(Assessment a) {
        double wanted = a.species().faceMm();
        double face = a.form().faceMm();
        if (face == 0 || Math.abs(face - wanted) <= ALLOWED * wanted) {
            return List.of();
        }
        List<Mend> mends = new ArrayList<>();
        List<Petaled> rings =
                a.species().petaled().stream().filter(p -> !(p instanceof Leaf)).toList();
        if (!rings.isEmpty()) {
            Species scaled = scaled(a);
            Petaled first = (Petaled) scaled.part(rings.get(0).id()).orElseThrow();
            double factor = first.pieces().outline().lengthMm()
                    / rings.get(0).pieces().outline().lengthMm();
            mends.add(Mend.of(
                    "cut every petal at " + Math.round(100 * factor) + " % of its size",
                    () -> scaled,
                    a.conditions().room()));
        }
        mends.add(Mend.of(
                "want it " + Unit.MM.write(Math.round(face)) + " wide",
                () -> a.species().withFace(Math.round(face)),
                a.conditions().room()));
        return List.of(new Finding(
                "face-off-width",
                Severity.LOOK,
                Optional.empty(),
                face > wanted ? "Wider than wanted" : "Narrower than wanted",
                Why.of(
                        "Width across the face within 5 % of the width wanted",
                        "Plan of the placed petals",
                        in("across the face", face, Unit.MM),
                        in("wanted", wanted, Unit.MM)),
                mends));
    }

    /** Every petal larger or smaller by what the face is off, again until that is little. */
    private static Species scaled(Assessment a) {
        Species species = a.species();
        double face = a.form().faceMm();
        for (int i = 0; i < ROUNDS && Math.abs(face / a.species().faceMm() - 1) > CLOSE_ENOUGH; i++) {
            species = cutAt(species, a.species().faceMm() / face);
            face = FlowerForm.of(species, a.paste(), a.wireTable()).faceMm();
        }
        return species;
    }

    /** Share of the width within which scaling stops. */
    private static final double CLOSE_ENOUGH = 0.01;

    private static Species cutAt(Species species, double factor) {
        List<Part> parts = new ArrayList<>();
        for (Part part : species.parts()) {
            if (part instanceof Petaled petaled && !(part instanceof Leaf)) {
                Outline outline = petaled.pieces().outline();
                parts.add(petaled.with(petaled.pieces().withOutline(scaled(outline, factor))));
            } else {
                parts.add(part);
            }
        }
        return species.withParts(parts);
    }

    /** An outline larger or smaller by the factor nearest to the one wanted that leaves it one that can be stated. */
    private static Outline scaled(Outline outline, double factor) {
        double least = Math.max(
                Limits.least(Outline.class, "lengthMm") / outline.lengthMm(),
                Limits.least(Outline.class, "widthMm") / outline.widthMm());
        double most = Math.min(
                Limits.greatest(Outline.class, "lengthMm") / outline.lengthMm(),
                Limits.greatest(Outline.class, "widthMm") / outline.widthMm());
        double within = Math.min(Math.max(least, factor), most);
        return outline.withLength(Limits.within(Outline.class, "lengthMm", outline.lengthMm() * within))
                .withWidth(Limits.within(Outline.class, "widthMm", outline.widthMm() * within));
    }
}
