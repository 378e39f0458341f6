package org.crispwhorl.core.finding;

import static org.crispwhorl.core.measure.Why.in;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.crispwhorl.core.assessment.Assessment;
import org.crispwhorl.core.measure.Unit;
import org.crispwhorl.core.measure.Why;
import org.crispwhorl.core.species.Choices;
import org.crispwhorl.core.species.Petaled;
import org.crispwhorl.core.species.Pieces;
import org.crispwhorl.core.species.Techniques;
import org.crispwhorl.core.thinning.Thinning;

/** A sheet rolled thinner than what keeps it off the board lets it roll evenly. */
final class RolledTooThin implements Rule {
    @Override
    public List<Finding> look(Assessment a) {
        List<Finding> found = new ArrayList<>();
        for (Petaled part : a.species().petaled()) {
            double rolled = part.pieces().making().rolledMm();
            double least = a.techniques(part).board().leastRolledMm();
            if (rolled > 0 && rolled < least) {
                found.add(new Finding(
                        "rolled-too-thin",
                        Severity.CHECK,
                        Optional.of(part.id()),
                        "Rolled thinner than it rolls evenly",
                        Why.of(
                                "On white fat paste rolls evenly to " + Unit.FINE_MM.write(0.4) + ", on cornflour to "
                                        + Unit.FINE_MM.write(0.6),
                                "Rule of the craft",
                                in("rolled", rolled, Unit.FINE_MM),
                                in("least", least, Unit.FINE_MM)),
                        List.of(
                                Fix.pieces(
                                        a,
                                        "roll it to " + Unit.FINE_MM.write(least),
                                        part,
                                        p -> p.withThinning(
                                                new Thinning(least, Math.min(least, p.finishedMm(a.paste()))))),
                                Fix.pieces(a, "keep it off the board with white fat", part, RolledTooThin::onFat))));
            }
        }
        return found;
    }

    private static Pieces onFat(Pieces pieces) {
        Choices own = pieces.techniques().orElse(Choices.NONE);
        return pieces.with(d -> d.techniques = Optional.of(own.withBoard(Optional.of(Techniques.Board.FAT))));
    }
}
