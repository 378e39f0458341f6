package org.crispwhorl.core.finding;

import static org.crispwhorl.core.measure.Why.in;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import org.crispwhorl.core.assessment.Assessment;
import org.crispwhorl.core.assessment.Coloured;
import org.crispwhorl.core.colour.Worn;
import org.crispwhorl.core.measure.Unit;
import org.crispwhorl.core.measure.Why;
import org.crispwhorl.core.paste.MixingLaw;
import org.crispwhorl.core.species.ColourSteps;
import org.crispwhorl.core.species.Petaled;

/** Two neighbouring rings of a graded flower whose edges differ by far more than those of the others. */
final class ColourJump implements Rule {
    /** A flower is graded from so many rings on. */
    private static final int GRADED = 4;

    /** A step that is so many times the largest of the others is a jump, and no smaller than that in OKLab. */
    private static final double TIMES = 2;

    private static final double SEEN = 0.08;

    @Override
    public List<Finding> look(Assessment a) {
        List<Petaled> rings =
                a.species().petaled().stream().filter(Petaled::ring).toList();
        boolean coloured = rings.stream().anyMatch(r -> r.colour().passes().stream()
                .anyMatch(p -> !p.colours().isEmpty()));
        if (rings.size() < GRADED || !coloured) {
            return List.of();
        }
        double[] steps = IntStream.range(1, rings.size())
                .mapToDouble(i -> apart(a, rings.get(i - 1), rings.get(i)))
                .toArray();
        int largest = IntStream.range(0, steps.length)
                .reduce((i, k) -> steps[k] > steps[i] ? k : i)
                .orElseThrow();
        double others = IntStream.range(0, steps.length)
                .filter(i -> i != largest)
                .mapToDouble(i -> steps[i])
                .max()
                .orElse(0);
        // Where only one step is a step at all the flower has two colours on purpose.
        boolean graded = others >= MixingLaw.SAME;
        if (!graded || steps[largest] < SEEN || steps[largest] < TIMES * others) {
            return List.of();
        }
        Petaled inner = rings.get(largest);
        Petaled outer = rings.get(largest + 1);
        return List.of(new Finding(
                "colour-jump",
                Severity.CHECK,
                Optional.of(outer.id()),
                "Its edge jumps from the ring inside it",
                Why.of(
                        "From ring to ring edges change by much the same in a graded flower",
                        "Distance in OKLab of what the passes leave below the tip",
                        in("from the ring inside it", steps[largest], Unit.NONE),
                        in("most of the other steps", others, Unit.NONE)),
                fixes(a, rings, inner, outer)));
    }

    private static double apart(Assessment a, Petaled one, Petaled other) {
        return MixingLaw.distance(edge(a, one), edge(a, other));
    }

    private static double[] edge(Assessment a, Petaled ring) {
        return MixingLaw.linear(Coloured.worn(a, ring).map(Worn::edge).orElseThrow());
    }

    /** The outer one as the inner, by the ladder of their shades; or the inner as the outer. */
    private static List<Fix> fixes(Assessment a, List<Petaled> rings, Petaled inner, Petaled outer) {
        List<Fix> fixes = new ArrayList<>();
        fixes.add(Fix.species(
                a,
                "colour " + outer.name() + " as " + inner.name(),
                s -> ColourSteps.copied(s, inner.id(), outer.id())));
        fixes.add(Fix.species(
                a,
                "colour " + inner.name() + " as " + outer.name(),
                s -> ColourSteps.copied(s, outer.id(), inner.id())));
        fixes.add(Fix.species(
                a,
                "step the rings between the first and the last",
                s -> ColourSteps.between(
                        s, rings.get(0).id(), rings.get(rings.size() - 1).id())));
        return fixes;
    }
}
