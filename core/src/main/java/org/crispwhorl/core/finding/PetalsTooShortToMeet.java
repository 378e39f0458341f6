package org.crispwhorl.core.finding;

import static org.crispwhorl.core.measure.Why.in;

import java.util.List;
import java.util.Optional;
import org.crispwhorl.core.assessment.Assessment;
import org.crispwhorl.core.measure.Unit;
import org.crispwhorl.core.measure.Why;

/** Petals laid round a bought core do not meet on top of it. */
final class PetalsTooShortToMeet implements Rule {
    @Override
    public List<Finding> look(Assessment a) {
        return GluedCentre.of(a)
                .filter(c -> c.isCore() && c.closes() && c.open())
                .map(c -> List.of(finding(a, c)))
                .orElse(List.of());
    }

    private static Finding finding(Assessment a, GluedCentre centre) {
        double way = centre.wayMm();
        double cut = centre.cutLengthMm();
        double size = Math.floor(centre.centre().form().diameterMm() * centre.petalMm() / way * GluedCentre.REACHED);
        return new Finding(
                "petals-too-short-to-meet",
                centre.centre().form().volumeMm3() == 0 ? Severity.STOP : Severity.CHECK,
                Optional.of(centre.petals().id()),
                "Too short to meet over the ball",
                Why.of(
                        "From a petal's base along the core to its top",
                        "Arc of the core's profile",
                        in("core", centre.centre().form().diameterMm(), Unit.MM),
                        in("way to the top", way, Unit.MM),
                        in("petal, from its base", centre.petalMm(), Unit.MM)),
                List.of(
                        Fix.pieces(
                                a,
                                "cut them " + Unit.MM.write(cut) + " long",
                                centre.petals(),
                                p -> p.outlined(o -> o.withLength(cut))),
                        Fix.part(
                                a,
                                "use a ball of " + Unit.MM.write(size),
                                centre.centre(),
                                h -> h.withForm(h.form().resized(size, size)))));
    }
}
