package org.crispwhorl.core.finding;

import static org.crispwhorl.core.measure.Why.in;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.crispwhorl.core.assessment.Assessment;
import org.crispwhorl.core.measure.Unit;
import org.crispwhorl.core.measure.Why;
import org.crispwhorl.core.species.Petaled;
import org.crispwhorl.core.species.Ridges;

/** A ridge pinched higher than paste of its thickness gives without tearing beside it. */
final class RidgeTooHigh implements Rule {
    /** A ridge is pinched up to so many thicknesses. */
    private static final double PINCHED = 3;

    private static final double TENTH = 10;

    @Override
    public List<Finding> look(Assessment a) {
        List<Finding> found = new ArrayList<>();
        for (Petaled part : a.species().petaled()) {
            double thick = part.pieces().finishedMm(a.paste());
            part.pieces()
                    .ridges()
                    .filter(r -> r.made() == Ridges.RidgeMade.PINCHED && r.highMm() > PINCHED * thick)
                    .ifPresent(r -> found.add(ridge(a, part, r, thick)));
        }
        return found;
    }

    private static Finding ridge(Assessment a, Petaled part, Ridges ridges, double thick) {
        double high = Math.floor(TENTH * PINCHED * thick) / TENTH;
        return new Finding(
                "ridge-too-high",
                Severity.CHECK,
                Optional.of(part.id()),
                "Ridges pinched higher than the paste gives",
                Why.of(
                        "A ridge is pinched up to three thicknesses: beyond that the paste beside it tears",
                        "Rule of the craft",
                        in("ridge", ridges.highMm(), Unit.FINE_MM),
                        in("finished thickness", thick, Unit.FINE_MM)),
                List.of(Fix.pieces(
                        a,
                        "pinch them " + Unit.FINE_MM.write(high) + " high",
                        part,
                        p -> p.with(d -> d.ridges =
                                Optional.of(new Ridges(ridges.made(), ridges.count(), high, ridges.wideMm()))))));
    }
}
