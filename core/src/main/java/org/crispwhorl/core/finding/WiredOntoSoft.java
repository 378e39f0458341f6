package org.crispwhorl.core.finding;

import static org.crispwhorl.core.measure.Why.in;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.crispwhorl.core.assessment.Assessment;
import org.crispwhorl.core.measure.Unit;
import org.crispwhorl.core.measure.Why;
import org.crispwhorl.core.species.Centre;
import org.crispwhorl.core.species.Joining;
import org.crispwhorl.core.species.Petaled;

/** Wired petals are taped round a centre that still gives way: the tape cuts into it, and it turns. */
final class WiredOntoSoft implements Rule {
    @Override
    public List<Finding> look(Assessment a) {
        List<Finding> found = new ArrayList<>();
        Optional<Centre> centre = a.species().centre();
        if (centre.filter(c -> a.dries(c) && !c.holdsAtOnce()).isEmpty()) {
            return found;
        }
        for (Petaled part : a.species().petaled()) {
            Joining joining = part.joins(a);
            if (part.ring()
                    && part.pieces().wired().isPresent()
                    && !joining.whileItBends()
                    && joining.onto() == Joining.Onto.SOFT) {
                found.add(new Finding(
                        "wired-onto-soft",
                        Severity.CHECK,
                        Optional.of(part.id()),
                        "Its wires are taped round a centre that is still soft",
                        Why.of(
                                "Firm petals on wires go onto what is firm",
                                "Rule of the craft",
                                in("wires", part.pieces().count(), Unit.COUNT)),
                        List.of(Fix.pieces(
                                a,
                                "wait until it is firm",
                                part,
                                p -> p.withJoining(new Joining(
                                        p.joining().as(),
                                        Joining.Onto.FIRM,
                                        p.joining().rest()))))));
            }
        }
        return found;
    }
}
