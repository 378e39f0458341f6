package org.crispwhorl.core.finding;

import static org.crispwhorl.core.measure.Why.in;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.crispwhorl.core.assessment.Assessment;
import org.crispwhorl.core.assessment.Work;
import org.crispwhorl.core.measure.Unit;
import org.crispwhorl.core.measure.Why;
import org.crispwhorl.core.outline.Outline;
import org.crispwhorl.core.paste.Grooves;
import org.crispwhorl.core.species.Choices;
import org.crispwhorl.core.species.Petaled;
import org.crispwhorl.core.species.PiecesDraft;
import org.crispwhorl.core.species.Techniques;

/** A piece that is longer than the grooves of the board on which it is cut: a part of its midrib stays without a ridge. */
final class GrooveTooShort implements Rule {
    @Override
    public List<Finding> look(Assessment a) {
        Optional<Grooves> laid = a.conditions().kit().laid();
        List<Finding> found = new ArrayList<>();
        for (Petaled part : a.species().petaled()) {
            Outline outline = part.pieces().outline();
            if (laid.isPresent() && Work.grooved(a, part) && laid.get().alongOne(outline) == 0) {
                found.add(new Finding(
                        "groove-too-short",
                        Severity.CHECK,
                        Optional.of(part.id()),
                        "Longer than the board's grooves",
                        Why.of(
                                "A groove at least as long as the cut piece",
                                "Your ridged board",
                                in("groove", laid.get().longMm(), Unit.MM),
                                in("piece", outline.lengthMm(), Unit.MM)),
                        List.of(Fix.pieces(a, "pin the ridge by hand", part, p -> p.with(GrooveTooShort::pinned)))));
            }
        }
        return found;
    }

    private static void pinned(PiecesDraft draft) {
        draft.techniques =
                Optional.of(draft.techniques.orElse(Choices.NONE).withRidge(Optional.of(Techniques.Ridge.PINNED)));
    }
}
