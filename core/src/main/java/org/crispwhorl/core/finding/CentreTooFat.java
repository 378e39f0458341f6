package org.crispwhorl.core.finding;

import static org.crispwhorl.core.measure.Why.in;

import java.util.List;
import java.util.Optional;
import org.crispwhorl.core.assessment.Assessment;
import org.crispwhorl.core.measure.Unit;
import org.crispwhorl.core.measure.Why;
import org.crispwhorl.core.species.ConeRule;
import org.crispwhorl.core.species.Heart;
import org.crispwhorl.core.species.Petaled;
import org.crispwhorl.core.species.Pieces;

/** The petals glued round the heart are too narrow to go round it. */
final class CentreTooFat implements Rule {
    /** Share of the girth that must be covered twice for the petals to hold each other. */
    private static final double OVERLAP = 0.1;

    @Override
    public List<Finding> look(Assessment a) {
        Optional<Petaled> first = GluedCentre.firstPetals(a.species());
        Optional<Heart> heart = a.species().heart();
        if (first.isEmpty() || heart.isEmpty() || GluedCentre.isBall(heart.get().form())) {
            return List.of();
        }
        if (!GluedCentre.closesOver(first.get(), heart.get())) {
            return List.of();
        }
        Pieces pieces = first.get().pieces();
        double girthMm = heart.get().form().diameterMm();
        double width = pieces.finished().widthMm();
        double needed = ConeRule.wrapWidthMm(girthMm, pieces.count(), OVERLAP);
        if (width >= needed - 1e-9) {
            return List.of();
        }
        double cutWidth = Math.ceil(2 * needed / pieces.growth()) / 2;
        int more = (int) Math.ceil(needed * pieces.count() / width - 1e-9);
        double thinner = Math.floor(2 * width * pieces.count() / (Math.PI * (1 + OVERLAP))) / 2;
        return List.of(new Finding(
                "centre-too-fat",
                Severity.LOOK,
                Optional.of(first.get().id()),
                "Too narrow to wrap the heart",
                Why.of(
                        "Petals wrap a heart when count × width is at least its girth and a tenth",
                        "Girth of a circle",
                        in("petals", pieces.count(), Unit.COUNT),
                        in("finished width", width, Unit.MM),
                        in("width needed", needed, Unit.MM),
                        in("diameter of the heart", girthMm, Unit.MM)),
                List.of(
                        Mend.pieces(
                                a,
                                "cut them " + Unit.MM.write(cutWidth) + " wide",
                                first.get(),
                                p -> p.outlined(o -> o.withWidth(cutWidth))),
                        Mend.pieces(a, "make " + more + " of them", first.get(), p -> p.withCount(more)),
                        Mend.part(
                                a,
                                "make the heart " + Unit.MM.write(thinner) + " thick",
                                heart.get(),
                                h -> h.withForm(
                                        h.form().resized(thinner, h.form().heightMm()))))));
    }
}
