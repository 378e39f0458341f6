package org.crispwhorl.core.finding;

import static org.crispwhorl.core.measure.Why.in;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.crispwhorl.core.assessment.Assessment;
import org.crispwhorl.core.assessment.Work;
import org.crispwhorl.core.colour.Colouring;
import org.crispwhorl.core.colour.Pass;
import org.crispwhorl.core.measure.Unit;
import org.crispwhorl.core.measure.Why;
import org.crispwhorl.core.species.Choices;
import org.crispwhorl.core.species.Joining;
import org.crispwhorl.core.species.Petaled;
import org.crispwhorl.core.species.Techniques;

/** Dust that is to go on once the flower stands, where hardly any of the ring can be reached. */
final class ColourOutOfReach implements Rule {
    /** A ring of which less than this share shows from either side is out of the brush's reach. */
    private static final double REACHED = 0.12;

    @Override
    public List<Finding> look(Assessment a) {
        List<Finding> found = new ArrayList<>();
        for (Petaled part : a.species().petaled()) {
            long late = part.colour().dry().stream()
                    .filter(pass -> Work.when(a, part, pass) == Pass.GoesOn.FLOWER)
                    .count();
            if (!part.ring() || late == 0) {
                continue;
            }
            double shows =
                    Math.max(a.coverage().seenFromAbove(part.id()), a.coverage().seenFromBelow(part.id()));
            if (shows < REACHED) {
                found.add(new Finding(
                        "dust-out-of-reach",
                        Severity.CHECK,
                        Optional.of(part.id()),
                        "Out of the brush's reach once it is joined",
                        Why.of(
                                "At least 12 % of a ring shows from above or below where it is dusted on the flower",
                                "Plan of the placed petals",
                                in("shows at most", 100 * shows, Unit.PERCENT),
                                in("dust passes", late, Unit.COUNT)),
                        fixes(a, part)));
            }
        }
        return found;
    }

    private static List<Fix> fixes(Assessment a, Petaled part) {
        return List.of(
                Fix.pieces(
                        a,
                        "dust it when firm, before it is joined",
                        part,
                        p -> p.with(d -> {
                            d.techniques = Optional.of(d.techniques
                                    .orElse(Choices.NONE)
                                    .withDusting(Optional.of(Techniques.Dusting.PARTS)));
                            d.joining = d.joining.whileItBends()
                                    ? Joining.of(Joining.As.FIRM, Joining.Onto.FIRM)
                                    : d.joining;
                        })),
                Fix.part(
                        a,
                        "dust it once it is joined, before the next ring",
                        part,
                        p -> p.with(p.colour()
                                .each(pass -> !pass.wet() && Work.when(a, part, pass) == Pass.GoesOn.FLOWER
                                        ? pass.withWhen(Pass.GoesOn.RING)
                                        : pass))),
                Fix.part(
                        a,
                        "leave its dust out",
                        part,
                        p -> p.with(new Colouring(p.colour().wet()))));
    }
}
