package org.crispwhorl.core.finding;

import static org.crispwhorl.core.measure.Why.in;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.crispwhorl.core.assessment.Assessment;
import org.crispwhorl.core.measure.Unit;
import org.crispwhorl.core.measure.Why;
import org.crispwhorl.core.species.Former;
import org.crispwhorl.core.species.Petaled;

/** A former so small that the piece closes on itself and the layer will not open, or so large that the piece lies flat. */
final class FormerMisfit implements Rule {
    /** A piece bent through more than a half circle closes on itself. */
    private static final double CLOSES_DEG = 180;

    /** A bend that cannot be told from flat. */
    private static final double FLAT_DEG = 5;

    /** The bend that a mend aims at. */
    private static final double OPEN_DEG = 55;

    @Override
    public List<Finding> look(Assessment a) {
        List<Finding> found = new ArrayList<>();
        for (Petaled part : a.species().petaled()) {
            part.pieces().former().ifPresent(former -> {
                double bend = bendDeg(part, former);
                if (bend > CLOSES_DEG) {
                    found.add(tooSmall(a, part, former, bend));
                } else if (bend < FLAT_DEG) {
                    found.add(tooLarge(a, part, former, bend));
                }
            });
        }
        return found;
    }

    private static double bendDeg(Petaled part, Former former) {
        return Math.toDegrees(part.pieces().finished().lengthMm() / former.sphereRadiusMm());
    }

    private static Finding tooSmall(Assessment a, Petaled part, Former former, double bend) {
        double larger = Math.ceil(bend / OPEN_DEG * former.rimRadiusMm());
        double depth = Math.ceil(larger * former.depthMm() / former.rimRadiusMm());
        Former wider = new Former(
                "former " + Unit.MM.write(Math.round(2 * larger)),
                Math.min(200, larger),
                Math.min(Math.min(200, larger), depth),
                former.side());
        return new Finding(
                "former-too-small",
                Severity.CHECK,
                Optional.of(part.id()),
                "Closes on itself in its former",
                why(part, former, bend),
                List.of(Fix.pieces(
                        a,
                        "use a former of " + Unit.MM.write(2 * wider.rimRadiusMm()) + " across",
                        part,
                        p -> p.withFormer(Optional.of(wider)))));
    }

    private static Finding tooLarge(Assessment a, Petaled part, Former former, double bend) {
        return new Finding(
                "former-too-large",
                Severity.CHECK,
                Optional.of(part.id()),
                "Lies flat in its former",
                why(part, former, bend),
                List.of(Fix.pieces(a, "dry it flat, without a former", part, p -> p.withFormer(Optional.empty()))));
    }

    private static Why why(Petaled part, Former former, double bend) {
        return Why.of(
                "A piece bends by its length ÷ the radius of its former: from 5° to 180°",
                "Chord and sagitta of a circle",
                in("finished length", part.pieces().finished().lengthMm(), Unit.MM),
                in("radius of the former", former.sphereRadiusMm(), Unit.MM),
                in("bend", bend, Unit.DEGREE));
    }
}
