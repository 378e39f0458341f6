package org.crispwhorl.core.finding;

import static org.crispwhorl.core.measure.Why.in;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.crispwhorl.core.assessment.Assessment;
import org.crispwhorl.core.colour.Colouring;
import org.crispwhorl.core.colour.Pass;
import org.crispwhorl.core.measure.Unit;
import org.crispwhorl.core.measure.Why;
import org.crispwhorl.core.paste.Stage;
import org.crispwhorl.core.species.Part;

/** Paint on paste that is not dry yet runs and softens it. */
final class PaintNotDry implements Rule {
    @Override
    public List<Finding> look(Assessment a) {
        List<Finding> found = new ArrayList<>();
        for (Part part : a.species().parts()) {
            Colouring colour = part.colouring().orElse(Colouring.NONE);
            List<Pass> early = colour.wet().stream()
                    .filter(pass -> pass.at().compareTo(wanted(a)) < 0)
                    .toList();
            if (a.dries(part) && !early.isEmpty()) {
                found.add(new Finding(
                        "paint-not-dry",
                        Severity.CHECK,
                        Optional.of(part.id()),
                        "Painted before it is dry",
                        Why.of(
                                "Liquid goes on paste that is dry through; marzipan is painted once it has skinned",
                                "Rule of the craft",
                                in("wet passes before it", early.size(), Unit.COUNT),
                                in("dry through, safe by", safeByH(a, part), Unit.H)),
                        List.of(Fix.part(
                                a,
                                "paint it when dry",
                                part,
                                p -> p.coloured(c ->
                                        c.each(pass -> pass.wet() && pass.at().compareTo(wanted(a)) < 0
                                                ? pass.withAt(wanted(a))
                                                : pass))))));
            }
        }
        return found;
    }

    private static double safeByH(Assessment a, Part part) {
        return a.course(part).at(wanted(a)).map(r -> r.safeByH()).orElse(Double.POSITIVE_INFINITY);
    }

    /** Dry, or the furthest that the medium gets. */
    private static Stage wanted(Assessment a) {
        Stage furthest = a.paste().furthest();
        return furthest.compareTo(Stage.DRY) < 0 ? furthest : Stage.DRY;
    }
}
