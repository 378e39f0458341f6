package org.crispwhorl.core.finding;

import static org.crispwhorl.core.measure.Why.in;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.crispwhorl.core.assessment.Assessment;
import org.crispwhorl.core.measure.Limits;
import org.crispwhorl.core.measure.Unit;
import org.crispwhorl.core.measure.Why;
import org.crispwhorl.core.species.Petaled;
import org.crispwhorl.core.species.Veiner;

/** Veins that go so deep into thin paste that it tears along them. */
final class VeinsTooDeep implements Rule {
    /** Share of the paste's thickness below which a vein leaves enough to hold. */
    private static final double DEEPEST = 0.6;

    /** A depth is told in steps of this, mm. */
    private static final double TOLD_MM = 0.05;

    private static final double A_HAIR = 1e-6;

    @Override
    public List<Finding> look(Assessment a) {
        List<Finding> found = new ArrayList<>();
        for (Petaled part : a.species().petaled()) {
            part.pieces().veiner().ifPresent(veiner -> {
                double paste = veiner.pasteMm(part.pieces(), a.paste());
                if (veiner.depthMm() > DEEPEST * paste) {
                    found.add(tooDeep(a, part, veiner, paste));
                }
            });
        }
        return found;
    }

    private static Finding tooDeep(Assessment a, Petaled part, Veiner veiner, double paste) {
        double depth = Limits.within(Veiner.class, "depthMm", Math.floor(DEEPEST * paste / TOLD_MM + A_HAIR) * TOLD_MM);
        return new Finding(
                "veins-too-deep",
                Severity.CHECK,
                Optional.of(part.id()),
                "Veins this deep tear the paste",
                Why.of(
                        "A vein goes at most six tenths into the paste",
                        "Rule of the craft",
                        in("deep", veiner.depthMm(), Unit.FINE_MM),
                        in("thickness at veining", paste, Unit.FINE_MM)),
                List.of(Fix.pieces(
                        a,
                        "press them " + Unit.FINE_MM.write(depth) + " deep",
                        part,
                        p -> p.with(d -> d.veiner = d.veiner.map(v -> v.withDepth(depth))))));
    }
}
