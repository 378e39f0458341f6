package org.crispwhorl.core.finding;

import static org.crispwhorl.core.measure.Why.in;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.crispwhorl.core.assessment.Assessment;
import org.crispwhorl.core.measure.Unit;
import org.crispwhorl.core.measure.Why;
import org.crispwhorl.core.species.Overlap;
import org.crispwhorl.core.species.Petaled;

/** A count that cannot be closed in the chosen order of overlap. */
final class OrderCannotClose implements Rule {
    @Override
    public List<Finding> look(Assessment a) {
        List<Finding> found = new ArrayList<>();
        for (Petaled part : a.species().petaled()) {
            int count = part.pieces().count();
            if (!part.pieces().overlap().closes(count)) {
                found.add(new Finding(
                        "order-cannot-close",
                        Severity.CHECK,
                        Optional.of(part.id()),
                        "An odd count cannot be closed in this order",
                        Why.of(
                                "One over one and opposite pairs ask for an even count",
                                "Counting round a ring",
                                in("petals", count, Unit.COUNT)),
                        List.of(
                                Fix.pieces(
                                        a,
                                        "make " + (count + 1) + " of them",
                                        part,
                                        p -> p.withCount(Math.min(120, count + 1))),
                                Fix.pieces(a, "tuck them round", part, p -> p.withOverlap(Overlap.TUCKED)))));
            }
        }
        return found;
    }
}
