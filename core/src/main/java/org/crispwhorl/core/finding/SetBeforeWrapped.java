package org.crispwhorl.core.finding;

import static org.crispwhorl.core.measure.Why.in;

import java.util.List;
import java.util.Optional;
import org.crispwhorl.core.assessment.Assessment;
import org.crispwhorl.core.measure.Text;
import org.crispwhorl.core.measure.Unit;
import org.crispwhorl.core.measure.Why;
import org.crispwhorl.core.species.Joining;
import org.crispwhorl.core.species.Overlap;
import org.crispwhorl.core.species.Petaled;

/** Petals that are to lie on what is inside them for a good part of their length, but are firm by then: they break, or stand off. */
final class SetBeforeWrapped implements Rule {
    /** Share of its length up to which a firm petal can be glued on without lying round. */
    private static final double FOOT = 0.35;

    @Override
    public List<Finding> look(Assessment a) {
        return a.species().petaled().stream()
                .filter(Petaled::ring)
                .filter(part -> part.glued() && part.pieces().overlap() != Overlap.APART)
                .filter(part -> part.pieces().attachment().gluedShare() > FOOT)
                .filter(part -> a.dries(part) && !a.joinedWhileItBends(part))
                .map(part -> finding(a, part))
                .toList();
    }

    private static Finding finding(Assessment a, Petaled part) {
        return new Finding(
                "set-before-wrapped",
                Severity.CHECK,
                Optional.of(part.id()),
                "It is " + Text.Labels.of(part.joins(a).as()) + " before it is laid round: it no longer bends",
                Why.of(
                        "What lies on what is inside it beyond its foot is laid on while it bends",
                        "Rule of the craft",
                        in(
                                "glued up to, of its length",
                                100 * part.pieces().attachment().gluedShare(),
                                Unit.PERCENT)),
                List.of(Fix.pieces(
                        a,
                        "set " + part.name() + " soft",
                        part,
                        p -> p.withJoining(new Joining(
                                Joining.As.SOFT, Joining.Onto.HOLDS, p.joining().rest())))));
    }
}
