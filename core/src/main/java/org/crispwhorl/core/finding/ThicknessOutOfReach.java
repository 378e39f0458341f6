package org.crispwhorl.core.finding;

import static org.crispwhorl.core.measure.Why.in;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.crispwhorl.core.measure.Unit;
import org.crispwhorl.core.measure.Why;
import org.crispwhorl.core.reckoning.Assessment;
import org.crispwhorl.core.species.Petaled;
import org.crispwhorl.core.thinning.PressedBall;
import org.crispwhorl.core.thinning.Thinning;

/** A finished thickness that hands cannot reach, or that reads as clumsy. */
final class ThicknessOutOfReach implements Rule {
    @Override
    public List<Finding> look(Assessment a) {
        List<Finding> found = new ArrayList<>();
        for (Petaled part : a.species().petaled()) {
            Thinning thinning = part.pieces().thinning();
            if (thinning.finishedMm() < PressedBall.THINNEST_MM) {
                found.add(finding(a, part, thinning, "Tears: thinner than paste holds", 0.4, thinning.rolledMm()));
            } else if (thinning.finishedMm() > PressedBall.THICKEST_MM) {
                found.add(finding(a, part, thinning, "Too thick to read as a petal", 1.5, thinning.rolledMm()));
            }
        }
        return found;
    }

    private static Finding finding(
            Assessment a, Petaled part, Thinning thinning, String title, double finished, double rolled) {
        Thinning mended = new Thinning(Math.max(rolled, finished), finished);
        return new Finding(
                "thickness",
                Severity.LOOK,
                Optional.of(part.id()),
                title,
                Why.of(
                        "Mean finished thickness between 0.35 and 2 mm",
                        "Rule of the craft",
                        in("finished", thinning.finishedMm(), Unit.NONE),
                        in("thinnest", PressedBall.THINNEST_MM, Unit.NONE),
                        in("thickest", PressedBall.THICKEST_MM, Unit.NONE)),
                List.of(Mend.part(
                        a,
                        "thin to " + finished + " mm",
                        part.with(part.pieces().withThinning(mended)))));
    }
}
