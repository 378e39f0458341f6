package org.crispwhorl.core.finding;

import static org.crispwhorl.core.measure.Why.in;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.crispwhorl.core.measure.Unit;
import org.crispwhorl.core.measure.Why;
import org.crispwhorl.core.reckoning.Assessment;
import org.crispwhorl.core.species.Petaled;
import org.crispwhorl.core.species.Whorl;

/** A ring of petals that is hardly seen from above: work that nobody sees. */
final class RingHidden implements Rule {
    /** A ring that shows less than this share of itself from above is as good as hidden. */
    private static final double HARDLY_SEEN = 0.03;

    private static final double[] GROWTHS = {1.1, 1.2, 1.35, 1.5, 1.7, 2};

    @Override
    public List<Finding> look(Assessment a) {
        List<Finding> found = new ArrayList<>();
        for (Petaled part : a.species().petaled()) {
            if (!(part instanceof Whorl)) {
                continue;
            }
            double seen = a.coverage().seenFromAbove(part.id());
            if (seen < HARDLY_SEEN) {
                found.add(new Finding(
                        "ring-hidden",
                        Severity.LOOK,
                        Optional.of(part.id()),
                        "Hardly seen from above",
                        Why.of(
                                "Share of the ring's plan that nothing covers from above",
                                "Plan of the placed petals",
                                in("seen from above", 100 * seen, Unit.PERCENT),
                                in("worth making from", 100 * HARDLY_SEEN, Unit.PERCENT),
                                in("petals in it", part.pieces().count(), Unit.COUNT)),
                        mends(a, part)));
            }
        }
        return found;
    }

    private static List<Mend> mends(Assessment a, Petaled part) {
        for (double growth : GROWTHS) {
            double length = Math.ceil(part.pieces().outline().lengthMm() * growth);
            Petaled longer =
                    part.with(part.pieces().withOutline(part.pieces().outline().withLength(Math.min(300, length))));
            Assessment after = new Assessment(a.species().with(longer), a.conditions());
            if (after.coverage().seenFromAbove(part.id()) >= HARDLY_SEEN) {
                return List.of(Mend.part(a, "cut them " + Unit.MM.write(length) + " long", longer));
            }
        }
        return List.of();
    }
}
