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

/** A petal that is bent just where its wire ends breaks or pulls out there. */
final class WireEndsInBend implements Rule {
    /** A petal bent less than this over its length bears a wire that ends anywhere, degrees. */
    private static final double BENT_DEG = 60;

    /** Bent further than this it closes on itself, which is another matter, degrees. */
    private static final double CLOSED_DEG = 180;

    /** The wire must end before this share of the length, or after the second: outside the middle of the bend. */
    private static final double BEFORE = 0.3;

    private static final double AFTER = 0.65;

    @Override
    public List<Finding> look(Assessment a) {
        List<Finding> found = new ArrayList<>();
        for (Petaled part : a.species().petaled()) {
            Optional<Attachment.Wired> wire = part.pieces().wired();
            if (wire.isPresent() && part.pieces().former().isPresent()) {
                Attachment.Wired wired = wire.get();
                double length = part.pieces().finished().lengthMm();
                double bend =
                        Math.toDegrees(length / part.pieces().former().get().sphereRadiusMm());
                double end = wired.wireInsideMm() / length;
                if (bend > BENT_DEG && bend <= CLOSED_DEG && end > BEFORE && end < AFTER) {
                    found.add(finding(a, part, wired, bend));
                }
            }
        }
        return found;
    }

    private static Finding finding(Assessment a, Petaled part, Attachment.Wired wired, double bend) {
        double length = part.pieces().finished().lengthMm();
        return new Finding(
                "wire-ends-in-bend",
                Severity.CHECK,
                Optional.of(part.id()),
                "The wire ends where the petal bends",
                Why.of(
                        "A wire ends in the first 30 % of a petal that is bent by more than 60°, or goes past 65 %",
                        "Rule of the craft",
                        in("bend over its length", bend, Unit.DEGREE),
                        in("wire inside", wired.wireInsideMm(), Unit.MM),
                        in("finished length", length, Unit.MM),
                        in("wire ends at", 100 * wired.wireInsideMm() / length, Unit.PERCENT)),
                List.of(
                        to(a, part, wired, Math.floor(BEFORE * length)),
                        to(a, part, wired, Math.ceil(AFTER * length))));
    }

    private static Fix to(Assessment a, Petaled part, Attachment.Wired wired, double wireInside) {
        double within = Math.max(2, wireInside);
        return Fix.pieces(
                a, "insert it by " + Unit.MM.write(within), part, p -> p.withWire(w -> w.withWireInside(within)));
    }
}
