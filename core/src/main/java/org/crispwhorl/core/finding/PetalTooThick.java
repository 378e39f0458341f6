package org.crispwhorl.core.finding;

import static org.crispwhorl.core.measure.Why.in;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.crispwhorl.core.assessment.Assessment;
import org.crispwhorl.core.measure.Unit;
import org.crispwhorl.core.measure.Why;
import org.crispwhorl.core.species.Joining;
import org.crispwhorl.core.species.Petaled;
import org.crispwhorl.core.species.Pieces;

/** A petal is thicker than its build can be: a frill does not ruffle, a soft ring slides as it hangs, a petal looks like a slab. */
final class PetalTooThick implements Rule {
    private static final double FRILLED_MM = 1.0;
    private static final double HUNG_MM = 1.2;
    private static final double EVER_MM = 2.0;

    /** Thinned so, it is well within what it may be. */
    private static final double WITHIN = 0.8;

    @Override
    public List<Finding> look(Assessment a) {
        List<Finding> found = new ArrayList<>();
        for (Petaled part : a.species().petaled()) {
            Pieces pieces = part.pieces();
            boolean frilled = pieces.edge().crestMm() > 0;
            boolean hangs = part.ring()
                    && pieces.wired().isEmpty()
                    && part.joins(a).rest().until() != Joining.Rest.Until.NOTHING
                    && part.joins(a).rest().position() == Joining.Rest.Position.HANGING;
            double most = frilled ? FRILLED_MM : hangs ? HUNG_MM : EVER_MM;
            double thick = pieces.finishedMm(a.paste());
            boolean sheet = pieces.making().rolledMm() > 0;
            if (part.ring() && sheet && thick > most) {
                found.add(finding(a, part, thick, most, frilled, hangs));
            }
        }
        return found;
    }

    private static Finding finding(
            Assessment a, Petaled part, double thick, double most, boolean frilled, boolean hangs) {
        List<Fix> fixes = new ArrayList<>();
        Pieces pieces = part.pieces();
        double to = WITHIN * most;
        pieces.making()
                .thickened(pieces.outline(), to, a.paste())
                .ifPresent(thinner -> fixes.add(
                        Fix.pieces(a, "thin it to " + Unit.FINE_MM.write(to), part, p -> p.withMaking(thinner))));
        return new Finding(
                "petal-too-thick",
                Severity.CHECK,
                Optional.of(part.id()),
                frilled
                        ? "Too thick to frill"
                        : hangs ? "Too thick to stay as it hangs" : "Thicker than a petal ever is",
                Why.of(
                        "Frilled at most 1.0 mm, laid on soft and hung at most 1.2, any petal at most 2.0",
                        "Rule of the craft",
                        in("finished thickness", thick, Unit.FINE_MM),
                        in("at most", most, Unit.FINE_MM)),
                fixes);
    }
}
