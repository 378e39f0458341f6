package org.crispwhorl.core.finding;

import static org.crispwhorl.core.measure.Why.in;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.crispwhorl.core.assessment.Assessment;
import org.crispwhorl.core.measure.Unit;
import org.crispwhorl.core.measure.Why;
import org.crispwhorl.core.species.Attachment;
import org.crispwhorl.core.species.Petaled;

/** A petal that is glued so far up that what is left free of it cannot turn out as far as it is meant to. */
final class OpensTooFar implements Rule {
    /** Free length that a petal takes to turn out by one radian, mm. */
    private static final double MM_PER_RADIAN = 3;

    @Override
    public List<Finding> look(Assessment a) {
        List<Finding> found = new ArrayList<>();
        for (Petaled part : a.species().petaled()) {
            double glued = part.pieces().attachment().gluedShare();
            double length = part.pieces().finished().lengthMm();
            double reached = Math.toDegrees(length * (1 - glued) / MM_PER_RADIAN);
            double lean = part.pieces().leanDeg();
            if (glued > 0 && lean > reached + 1e-9) {
                double lower = Math.floor(100 * (1 - Math.toRadians(lean) * MM_PER_RADIAN / length)) / 100;
                List<Mend> mends = new ArrayList<>();
                if (lower >= 0) {
                    mends.add(Mend.pieces(
                            a,
                            "glue up to " + Math.round(100 * lower) + " %",
                            part,
                            p -> p.withAttachment(new Attachment.Glued(lower))));
                }
                mends.add(Mend.pieces(
                        a,
                        "let it open to " + Unit.DEGREE.write(Math.floor(reached)) + " only",
                        part,
                        p -> p.withLean(Math.floor(reached))));
                found.add(new Finding(
                        "opens-too-far",
                        Severity.LOOK,
                        Optional.of(part.id()),
                        "Glued too high to open so far",
                        Why.of(
                                "What is free above the glue turns out by one radian for every 3 mm",
                                "Bench experience",
                                in("glued up to", 100 * glued, Unit.PERCENT),
                                in("free above it", length * (1 - glued), Unit.MM),
                                in("lean", lean, Unit.DEGREE),
                                in("reaches", reached, Unit.DEGREE)),
                        mends));
            }
        }
        return found;
    }
}
