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
import org.crispwhorl.core.thinning.PressedBall;

/** A finished thickness that hands cannot reach, or that reads as clumsy. */
final class ThicknessOutOfReach implements Rule {
    /** The thickness that a ball is mended towards, mm. */
    private static final double EASY_MM = 0.8;

    @Override
    public List<Finding> look(Assessment a) {
        List<Finding> found = new ArrayList<>();
        for (Petaled part : a.species().petaled()) {
            if (!part.pieces().making().edible()) {
                continue;
            }
            double finished = part.pieces().finishedMm(a.paste());
            if (finished < PressedBall.THINNEST_MM) {
                found.add(finding(a, part, finished, "Tears: thinner than paste holds", THIN_MM));
            } else if (finished > PressedBall.THICKEST_MM) {
                found.add(finding(a, part, finished, "Too thick to read as a petal", THICK_MM));
            }
        }
        return found;
    }

    /** What a thickness just out of reach is mended to, mm. */
    private static final double THIN_MM = 0.4;

    /** The thinnest that a ball is pressed to, mm. */
    private static final double THIN_BALL_MM = PressedBall.THINNEST_MM;

    private static final double THICK_MM = 1.5;

    private static Finding finding(Assessment a, Petaled part, double finished, String title, double to) {
        Pieces pieces = part.pieces();
        boolean ball = pieces.making().pressed();
        return new Finding(
                ball ? "ball-cannot-make-it" : "thickness",
                ball ? Severity.STOP : Severity.CHECK,
                Optional.of(part.id()),
                ball ? "This ball cannot make that petal" : title,
                Why.of(
                        "Mean finished thickness between 0.35 and 2 mm: volume ÷ area",
                        "Conservation of volume; rule of the craft",
                        in("mean thickness", finished, Unit.FINE_MM),
                        in("thinnest", PressedBall.THINNEST_MM, Unit.FINE_MM),
                        in("thickest", PressedBall.THICKEST_MM, Unit.FINE_MM),
                        in("area of one", pieces.outline().areaMm2(), Unit.SQUARE_MM)),
                fixes(a, part, ball ? List.of(THIN_BALL_MM, EASY_MM) : List.of(to)));
    }

    private static List<Fix> fixes(Assessment a, Petaled part, List<Double> wanted) {
        return wanted.stream().flatMap(to -> fix(a, part, to).stream()).toList();
    }

    private static Optional<Fix> fix(Assessment a, Petaled part, double to) {
        Pieces pieces = part.pieces();
        return pieces.making()
                .thickened(pieces.outline(), to, a.paste())
                .map(made -> Fix.pieces(
                        a,
                        made.pressed()
                                ? "start from a " + made.startsFrom(pieces.outline(), pieces.count(), a.paste())
                                : "make it " + Unit.FINE_MM.write(to) + " thick",
                        part,
                        p -> p.withMaking(
                                p.making().thickened(p.outline(), to, a.paste()).orElse(p.making()))));
    }
}
