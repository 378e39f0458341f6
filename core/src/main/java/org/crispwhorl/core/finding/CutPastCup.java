package org.crispwhorl.core.finding;

import static org.crispwhorl.core.measure.Why.in;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.crispwhorl.core.assessment.Assessment;
import org.crispwhorl.core.measure.Limits;
import org.crispwhorl.core.measure.Unit;
import org.crispwhorl.core.measure.Why;
import org.crispwhorl.core.species.Former;
import org.crispwhorl.core.species.Petaled;

/** A cut in one piece that is laid whole into a cup too small to hold it: its tips stand over the rim and fall back. */
final class CutPastCup implements Rule {
    /** Share of a cup's arc that a cut may take up. */
    private static final double HOLDS = 0.8;

    @Override
    public List<Finding> look(Assessment a) {
        List<Finding> found = new ArrayList<>();
        for (Petaled part : a.species().petaled()) {
            Optional<Former> cup = part.pieces().former().filter(CutPastCup::holdsWholeCuts);
            double middle = part.pieces().making().finishedMiddleMm();
            double across = middle + 2 * part.pieces().finished().lengthMm();
            if (cup.isPresent() && middle > 0 && across > HOLDS * cup.get().arcMm()) {
                found.add(finding(a, part, cup.get(), across));
            }
        }
        return found;
    }

    /** A deep cup holds a whole cut; a shallow former shapes its petals one by one. */
    private static boolean holdsWholeCuts(Former former) {
        return former.side() == Former.Side.CUPS_IN && former.depthMm() >= DEEP * former.rimRadiusMm();
    }

    private static final double DEEP = 0.6;

    private static Finding finding(Assessment a, Petaled part, Former cup, double across) {
        double larger = Math.ceil(cup.rimRadiusMm() * across / (HOLDS * cup.arcMm()));
        double rim = Limits.within(Former.class, "rimRadiusMm", larger);
        double depth = Math.min(rim, Math.ceil(rim * cup.depthMm() / cup.rimRadiusMm()));
        Former wider = new Former("cup " + Unit.MM.write(2 * rim), rim, depth, cup.side());
        return new Finding(
                "cut-past-cup",
                Severity.CHECK,
                Optional.of(part.id()),
                "The cut stands over the rim of its cup",
                Why.of(
                        "A cut laid whole into a cup takes up at most eight tenths of its arc",
                        "Bench experience; arc of a circle",
                        in("finished cut, tip to tip", across, Unit.MM),
                        in("arc of the cup", cup.arcMm(), Unit.MM)),
                List.of(Fix.pieces(
                        a,
                        "use a cup of " + Unit.MM.write(2 * rim) + " across",
                        part,
                        p -> p.withFormer(Optional.of(wider)))));
    }
}
