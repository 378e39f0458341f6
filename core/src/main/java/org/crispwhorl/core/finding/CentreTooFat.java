package org.crispwhorl.core.finding;

import static org.crispwhorl.core.measure.Why.in;

import java.util.List;
import java.util.Optional;
import org.crispwhorl.core.assessment.Assessment;
import org.crispwhorl.core.measure.Unit;
import org.crispwhorl.core.measure.Why;
import org.crispwhorl.core.species.ConeRule;
import org.crispwhorl.core.species.Pieces;

/** The petals laid round the centre are too narrow to go round it where they are widest. */
final class CentreTooFat implements Rule {
    /** Share of the girth that must be covered twice for the petals to hold each other. */
    private static final double OVERLAP = 0.1;

    @Override
    public List<Finding> look(Assessment a) {
        return GluedCentre.of(a)
                .filter(GluedCentre::closes)
                .flatMap(c -> finding(a, c))
                .map(List::of)
                .orElse(List.of());
    }

    private static Optional<Finding> finding(Assessment a, GluedCentre centre) {
        Pieces pieces = centre.petals().pieces();
        double widest = Math.max(
                centre.surface().startMm(),
                pieces.finished().widest() * pieces.finished().lengthMm());
        double across = 2 * centre.surface().radius(widest);
        double width = pieces.finished().widthMm();
        double needed = ConeRule.wrapWidthMm(across, pieces.count(), OVERLAP);
        if (width >= needed - 1e-9) {
            return Optional.empty();
        }
        double cutWidth = Math.ceil(2 * needed / pieces.growth()) / 2;
        int more = (int) Math.ceil(needed * pieces.count() / width - 1e-9);
        double thinner = Math.floor(2 * centre.centre().form().diameterMm() * width / needed) / 2;
        return Optional.of(new Finding(
                "centre-too-fat",
                Severity.CHECK,
                Optional.of(centre.petals().id()),
                "Too narrow to wrap the centre",
                Why.of(
                        "Petals wrap a centre when count × width is at least the girth where they are widest, and a tenth",
                        "Girth of a circle",
                        in("petals", pieces.count(), Unit.COUNT),
                        in("finished width", width, Unit.MM),
                        in("width needed", needed, Unit.MM),
                        in("across where they are widest", across, Unit.MM)),
                List.of(
                        Fix.pieces(
                                a,
                                "cut them " + Unit.MM.write(cutWidth) + " wide",
                                centre.petals(),
                                p -> p.outlined(o -> o.withWidth(cutWidth))),
                        Fix.pieces(a, "make " + more + " of them", centre.petals(), p -> p.withCount(more)),
                        Fix.part(
                                a,
                                "make the centre " + Unit.MM.write(thinner) + " thick",
                                centre.centre(),
                                h -> h.withForm(
                                        h.form().resized(thinner, h.form().heightMm()))))));
    }
}
