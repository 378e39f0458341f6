package org.crispwhorl.core.finding;

import static org.crispwhorl.core.measure.Why.in;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.crispwhorl.core.assessment.Assessment;
import org.crispwhorl.core.form.HuggingPetal;
import org.crispwhorl.core.form.PlacedRing;
import org.crispwhorl.core.measure.Unit;
import org.crispwhorl.core.measure.Why;
import org.crispwhorl.core.species.Petaled;

/** A soft petal that lies so far up on what is inside it that what is free of it cannot turn as far as it is meant to. */
final class OpensTooFar implements Rule {
    /** Shares in which a lower opening is sought. */
    private static final double STEP = 0.05;

    /** A lean that is missed by less than this is reached, degrees. */
    private static final double MISSED_DEG = 1;

    @Override
    public List<Finding> look(Assessment a) {
        List<Finding> found = new ArrayList<>();
        for (PlacedRing ring : a.form().faceRings()) {
            Petaled part = ring.part();
            double opens = opensFrom(part);
            if (!(ring.surface() instanceof HuggingPetal petal) || opens >= 1 || reaches(petal, part)) {
                continue;
            }
            double length = part.pieces().finished().lengthMm();
            double reached = Math.round(Math.toDegrees(petal.reachedRad()));
            List<Fix> fixes = new ArrayList<>();
            for (double share = opens - STEP; share >= 0; share -= STEP) {
                double from = Math.round(100 * share) / 100.0;
                Petaled lower = part.with(
                        part.pieces().withAttachment(part.pieces().attachment().opening(from)));
                if (ring.remade(lower).surface() instanceof HuggingPetal p && reaches(p, lower)) {
                    fixes.add(Fix.pieces(
                            a,
                            "let it open from " + Math.round(100 * from) + " % of its length on",
                            part,
                            p2 -> p2.withAttachment(p2.attachment().opening(from))));
                    break;
                }
            }
            fixes.add(
                    Fix.pieces(a, "let it come to " + Unit.DEGREE.write(reached), part, p -> p.withOpensDeg(reached)));
            found.add(new Finding(
                    "opens-too-far",
                    Severity.CHECK,
                    Optional.of(part.id()),
                    "Opens too late to come so far",
                    Why.of(
                            "What is free of the skin turns by one radian for every 3 mm at most",
                            "Bench experience",
                            in("opens from", 100 * opens, Unit.PERCENT),
                            in("free of it", length - petal.hugsToMm(), Unit.MM),
                            in("opening angle", part.pieces().opensDeg(), Unit.DEGREE),
                            in("reaches", reached, Unit.DEGREE)),
                    fixes));
        }
        return found;
    }

    private static double opensFrom(Petaled part) {
        return Math.max(
                part.pieces().attachment().gluedShare(),
                part.pieces().attachment().opensFrom());
    }

    private static boolean reaches(HuggingPetal petal, Petaled part) {
        return Math.abs(Math.toDegrees(petal.reachedRad()) - part.pieces().opensDeg()) <= MISSED_DEG;
    }
}
