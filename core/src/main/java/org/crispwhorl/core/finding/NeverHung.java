package org.crispwhorl.core.finding;

import static org.crispwhorl.core.measure.Why.in;

import java.util.List;
import java.util.Optional;
import org.crispwhorl.core.assessment.Assessment;
import org.crispwhorl.core.drying.Lying;
import org.crispwhorl.core.measure.Unit;
import org.crispwhorl.core.measure.Why;
import org.crispwhorl.core.species.Joining;
import org.crispwhorl.core.species.Petaled;

/** Soft petals that lean out and are glued on are neither hung nor held by anything until they hold: they sink. */
final class NeverHung implements Rule {
    /** Petals that lean out less stand by themselves, degrees; what lies back further lies on something. */
    private static final double STANDS_DEG = 25;

    private static final double LIES_BACK_DEG = 100;

    @Override
    public List<Finding> look(Assessment a) {
        boolean canHang = a.species().centre().filter(c -> c.wires() > 0).isPresent();
        if (!canHang || a.species().parts().stream().anyMatch(part -> hangs(part.joins(a)))) {
            return List.of();
        }
        return a.species().petaled().stream()
                .filter(Petaled::ring)
                .filter(part -> part.glued() && part.joins(a).as() == Joining.As.SOFT)
                .filter(part ->
                        part.pieces().opensDeg() > STANDS_DEG && part.pieces().opensDeg() < LIES_BACK_DEG)
                .filter(part ->
                        part.pieces().former().isEmpty() && part.pieces().drying() instanceof Lying.OneSided)
                .reduce((inner, outer) -> outer)
                .map(part -> List.of(finding(a, part)))
                .orElse(List.of());
    }

    private static boolean hangs(Joining joining) {
        return joining.rest().until() != Joining.Rest.Until.NOTHING
                && joining.rest().position() != Joining.Rest.Position.UPRIGHT;
    }

    private static Finding finding(Assessment a, Petaled part) {
        return new Finding(
                "never-hung",
                Severity.CHECK,
                Optional.of(part.id()),
                "Soft petals that lean out are never hung: they sink before they hold",
                Why.of(
                        "Until they hold, petals that lean out hang head down, or lie in something",
                        "Rule of the craft",
                        in("lean at the tip", part.pieces().opensDeg(), Unit.DEGREE)),
                List.of(
                        Fix.pieces(
                                a,
                                "hang it until " + part.name() + " hold",
                                part,
                                p -> p.withJoining(new Joining(
                                        p.joining().as(),
                                        p.joining().onto(),
                                        new Joining.Rest(Joining.Rest.Until.HOLDS, 0, Joining.Rest.Position.HANGING)))),
                        Fix.pieces(a, "let them dry hanging", part, p -> p.with(d -> d.drying = new Lying.Hung()))));
    }
}
