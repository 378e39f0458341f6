package org.crispwhorl.core.finding;

import static org.crispwhorl.core.measure.Why.in;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.crispwhorl.core.assessment.Assessment;
import org.crispwhorl.core.form.FlowerForm;
import org.crispwhorl.core.measure.Limits;
import org.crispwhorl.core.measure.Unit;
import org.crispwhorl.core.measure.Why;
import org.crispwhorl.core.outline.Outline;
import org.crispwhorl.core.species.Part;
import org.crispwhorl.core.species.Petaled;
import org.crispwhorl.core.species.Species;

/** The flower comes out wider or narrower than it is wanted. */
final class FaceOffWidth implements Rule {
    /** Share of the wanted width by which it may be off. */
    private static final double ALLOWED = 0.05;

    /** Scaling is repeated, since necks and formers do not grow with the petals. */
    static final String KIND = "face-off-width";

    private static final int ROUNDS = 6;

    /** What is narrower than any face, such as a spray of leaves on a bare wire, has none to be off. */
    @Override
    public List<Finding> look(Assessment a) {
        double wanted = a.species().faceMm();
        double face = a.form().faceMm();
        if (face < Limits.least(Species.class, "faceMm") || Math.abs(face - wanted) <= ALLOWED * wanted) {
            return List.of();
        }
        List<Fix> fixes = new ArrayList<>();
        List<Petaled> rings =
                a.species().petaled().stream().filter(Petaled::inHead).toList();
        if (!rings.isEmpty()) {
            boolean formed = rings.stream().anyMatch(r -> r.pieces().former().isPresent());
            for (boolean withFormers : formed ? new boolean[] {false, true} : new boolean[] {false}) {
                double factor = factor(a, withFormers);
                if (factor <= MOST && factor >= 1 / MOST) {
                    fixes.add(Fix.species(
                            a,
                            "cut every petal at " + Math.round(100 * factor) + " % of its size"
                                    + (withFormers
                                            ? ", in formers as much " + (factor > 1 ? "larger" : "smaller")
                                            : ""),
                            s -> cutAt(s, factor, withFormers)));
                }
            }
        }
        fixes.add(Fix.species(
                a, "want it " + Unit.MM.write(Math.round(face)) + " wide", s -> s.withFaceMm(Math.round(face))));
        return List.of(new Finding(
                KIND,
                Severity.CHECK,
                Optional.empty(),
                face > wanted ? "Wider than wanted" : "Narrower than wanted",
                Why.of(
                        "Width across the face within 5 % of the width wanted",
                        "Plan of the placed petals",
                        in("across the face", face, Unit.MM),
                        in("wanted", wanted, Unit.MM)),
                fixes));
    }

    /** What every petal is cut larger or smaller by: by what the face is off, again until that is little. */
    private static double factor(Assessment a, boolean withFormers) {
        double factor = 1;
        double face = a.form().faceMm();
        for (int i = 0; i < ROUNDS && Math.abs(face / a.species().faceMm() - 1) > CLOSE_ENOUGH; i++) {
            factor *= a.species().faceMm() / face;
            face = FlowerForm.of(cutAt(a.species(), factor, withFormers), a.paste(), a.wireTable())
                    .faceMm();
        }
        return factor;
    }

    /** No petal is cut, and no former asked for, more than half as large again. */
    private static final double MOST = 1.5;

    /** Share of the width within which scaling stops. */
    private static final double CLOSE_ENOUGH = 0.01;

    private static Species cutAt(Species species, double factor, boolean withFormers) {
        List<Part> parts = new ArrayList<>();
        for (Part part : species.parts()) {
            parts.add(
                    part.inHead()
                            ? part.petalsOtherwise(p -> p.with(
                                    p.pieces().outlined(o -> scaled(o, factor)).with(d -> {
                                        if (withFormers) {
                                            d.former = d.former.map(f -> f.scaled(factor));
                                        }
                                        d.making = d.making.scaled(factor);
                                    })))
                            : part);
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
