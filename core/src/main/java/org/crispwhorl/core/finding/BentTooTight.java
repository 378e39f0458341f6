package org.crispwhorl.core.finding;

import static org.crispwhorl.core.measure.Why.in;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.crispwhorl.core.assessment.Assessment;
import org.crispwhorl.core.measure.Unit;
import org.crispwhorl.core.measure.Why;
import org.crispwhorl.core.species.Petaled;
import org.crispwhorl.core.species.Pieces;
import org.crispwhorl.core.species.Ridges;

/** A tube rolled tighter, or a ridge pinched higher, than paste of its thickness goes round without cracking. */
final class BentTooTight implements Rule {
    /** Paste goes round a hollow of so many times its thickness across, and no less. */
    private static final double HOLLOW = 2;

    /** A ridge is pinched up to so many thicknesses. */
    private static final double PINCHED = 3;

    private static final double TENTH = 10;

    @Override
    public List<Finding> look(Assessment a) {
        List<Finding> found = new ArrayList<>();
        for (Petaled part : a.species().petaled()) {
            Pieces pieces = part.pieces();
            double thick = pieces.finishedMm(a.paste());
            if (pieces.quillDeg() > 0) {
                double across = 2 * pieces.finished().widthMm() / Math.toRadians(pieces.quillDeg()) - thick;
                if (across < HOLLOW * thick) {
                    found.add(quill(a, part, across, thick));
                }
            }
            pieces.ridges()
                    .filter(r -> r.made() == Ridges.RidgeMade.PINCHED && r.highMm() > PINCHED * thick)
                    .ifPresent(r -> found.add(ridge(a, part, r, thick)));
        }
        return found;
    }

    private static Finding quill(Assessment a, Petaled part, double across, double thick) {
        double least = (HOLLOW + 1) * thick;
        double degrees = Math.floor(Math.toDegrees(2 * part.pieces().finished().widthMm() / least));
        return new Finding(
                "rolled-too-tight",
                Severity.CHECK,
                Optional.of(part.id()),
                "Rolled tighter than its thickness goes round",
                Why.of(
                        "A hollow of at least two thicknesses across stays inside what is rolled lengthways",
                        "Rule of the craft",
                        in("hollow, across", Math.max(0, across), Unit.FINE_MM),
                        in("finished thickness", thick, Unit.FINE_MM)),
                List.of(Fix.pieces(
                        a, "roll it by " + Unit.DEGREE.write(degrees), part, p -> p.with(d -> d.quillDeg = degrees))));
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
