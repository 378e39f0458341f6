package org.crispwhorl.core.finding;

import static org.crispwhorl.core.measure.Why.in;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.crispwhorl.core.assessment.Assessment;
import org.crispwhorl.core.drying.DryingCourse;
import org.crispwhorl.core.drying.Lying;
import org.crispwhorl.core.measure.Unit;
import org.crispwhorl.core.measure.Why;
import org.crispwhorl.core.paste.Stage;
import org.crispwhorl.core.species.Joining;
import org.crispwhorl.core.species.Petaled;

/** Thick pieces that lie in their formers until they are firm or dry: their backs see no air. */
final class BackNeverDried implements Rule {
    /** Thinner pieces are dry on their backs when they are on their faces, mm. */
    private static final double THICK_MM = 1.5;

    @Override
    public List<Finding> look(Assessment a) {
        List<Finding> found = new ArrayList<>();
        for (Petaled part : a.species().petaled()) {
            Joining.As as = part.joins(a).as();
            boolean waits = as == Joining.As.FIRM || as == Joining.As.DRY;
            boolean thick =
                    part.pieces().making().rolledMm() > 0 && part.pieces().finishedMm(a.paste()) > THICK_MM;
            if (thick && waits && part.pieces().drying() instanceof Lying.OneSided && a.dries(part)) {
                looked(a, part).ifPresent(found::add);
            }
        }
        return found;
    }

    private static Optional<Finding> looked(Assessment a, Petaled part) {
        Optional<Double> holds = safeByH(a, part, Stage.PART_DRY);
        Optional<Double> lying = safeByH(a, part, a.paste().furthest(Stage.DRY));
        if (holds.isEmpty() || lying.isEmpty()) {
            return Optional.empty();
        }
        double afterH = Math.ceil(holds.get());
        Fix turned = Fix.pieces(
                a,
                "turn them out after " + Unit.H.write(afterH),
                part,
                p -> p.with(d -> d.drying = new Lying.TurnedOut(afterH)));
        Optional<Double> sooner = new Assessment(turned.species(), a.conditions())
                .course((Petaled) turned.species().part(part.id()).orElseThrow())
                .at(a.paste().furthest(Stage.DRY))
                .map(DryingCourse.Reached::safeByH);
        return sooner.filter(h -> h < lying.get())
                .map(h -> new Finding(
                        "back-never-dried",
                        Severity.CHECK,
                        Optional.of(part.id()),
                        "So thick, and their backs see no air until they are used",
                        Why.of(
                                "What lies on something dries from one face alone",
                                "Rule of the craft: above 1.5 mm",
                                in("finished thickness", part.pieces().finishedMm(a.paste()), Unit.FINE_MM),
                                in("dry through, not turned, safe by", lying.get(), Unit.H),
                                in("turned out once they hold, safe by", h, Unit.H)),
                        List.of(turned)));
    }

    private static Optional<Double> safeByH(Assessment a, Petaled part, Stage stage) {
        return a.course(part).at(stage).map(DryingCourse.Reached::safeByH);
    }
}
