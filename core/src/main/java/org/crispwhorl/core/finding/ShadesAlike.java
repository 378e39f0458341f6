package org.crispwhorl.core.finding;

import static org.crispwhorl.core.measure.Why.in;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.crispwhorl.core.assessment.Assessment;
import org.crispwhorl.core.measure.Unit;
import org.crispwhorl.core.measure.Why;
import org.crispwhorl.core.paste.MixingLaw;
import org.crispwhorl.core.paste.Shade;

/** Two neighbouring shades of one strong colour cannot be told apart. */
final class ShadesAlike implements Rule {
    @Override
    public List<Finding> look(Assessment a) {
        List<Finding> found = new ArrayList<>();
        List<Shade> shades = a.species().shades();
        for (int i = 0; i + 1 < shades.size(); i++) {
            Shade one = shades.get(i);
            Shade next = shades.get(i + 1);
            double apart = MixingLaw.distance(one, next);
            if (one.strong().equals(next.strong()) && apart < MixingLaw.SAME) {
                found.add(new Finding(
                        "shades-alike",
                        Severity.CHECK,
                        Optional.empty(),
                        one.name() + " and " + next.name() + " cannot be told apart",
                        Why.of(
                                "Distance in OKLab of at least 0.02",
                                "Kubelka-Munk mixing, OKLab",
                                in("apart", apart, Unit.NONE),
                                in(one.name(), one.share(), Unit.NONE),
                                in(next.name(), next.share(), Unit.NONE)),
                        fixes(a, i)));
            }
        }
        return found;
    }

    /** The nearest share, stepping away from the neighbour, at which the second shade can be told apart. */
    private static List<Fix> fixes(Assessment a, int i) {
        Shade one = a.species().shades().get(i);
        Shade next = a.species().shades().get(i + 1);
        double step = next.share() <= one.share() ? -0.01 : 0.01;
        for (double share = next.share() + step; share >= 0 && share <= 1; share += step) {
            double rounded = Math.rint(share * 100) / 100;
            Shade moved = next.withShare(rounded);
            if (MixingLaw.distance(one, moved) >= MixingLaw.SAME) {
                return List.of(Fix.species(
                        a,
                        "mix " + next.name() + " at " + Math.round(100 * rounded) + " % master",
                        s -> s.withShades(s.shades().stream()
                                .map(shade -> shade.id().equals(next.id()) ? shade.withShare(rounded) : shade)
                                .toList())));
            }
        }
        return List.of();
    }
}
