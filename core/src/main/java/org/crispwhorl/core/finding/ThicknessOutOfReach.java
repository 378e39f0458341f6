package org.crispwhorl.core.finding;

import static org.crispwhorl.core.measure.Why.in;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.crispwhorl.core.measure.Unit;
import org.crispwhorl.core.measure.Why;
import org.crispwhorl.core.reckoning.Assessment;
import org.crispwhorl.core.species.HollowedCone;
import org.crispwhorl.core.species.Making;
import org.crispwhorl.core.species.Petaled;
import org.crispwhorl.core.species.Pieces;
import org.crispwhorl.core.thinning.PressedBall;
import org.crispwhorl.core.thinning.Thinning;

/** A finished thickness that hands cannot reach, or that reads as clumsy. */
final class ThicknessOutOfReach implements Rule {
    /** The thickness that a ball is mended towards, mm. */
    private static final double EASY_MM = 0.8;

    @Override
    public List<Finding> look(Assessment a) {
        List<Finding> found = new ArrayList<>();
        for (Petaled part : a.species().petaled()) {
            if (part.pieces().making() instanceof Making.Tape) {
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

    private static final double THICK_MM = 1.5;

    private static Finding finding(Assessment a, Petaled part, double finished, String title, double to) {
        Pieces pieces = part.pieces();
        boolean ball = pieces.making() instanceof Making.Pressed || pieces.making() instanceof Making.Weighed;
        return new Finding(
                ball ? "ball-cannot-make-it" : "thickness",
                ball ? Severity.STOP : Severity.LOOK,
                Optional.of(part.id()),
                ball ? "This ball cannot make that petal" : title,
                Why.of(
                        "Mean finished thickness between 0.35 and 2 mm: volume ÷ area",
                        "Conservation of volume; rule of the craft",
                        in("mean thickness", finished, Unit.FINE_MM),
                        in("thinnest", PressedBall.THINNEST_MM, Unit.FINE_MM),
                        in("thickest", PressedBall.THICKEST_MM, Unit.FINE_MM),
                        in("area of one", pieces.outline().areaMm2(), Unit.SQUARE_MM)),
                List.of(mend(a, part, to)));
    }

    private static Mend mend(Assessment a, Petaled part, double to) {
        Pieces pieces = part.pieces();
        PressedBall easy = PressedBall.forPetal(pieces.outline().areaMm2(), EASY_MM);
        if (pieces.making() instanceof Making.Pressed) {
            double ball = Math.round(2 * easy.diameterMm()) / 2.0;
            return Mend.part(
                    a,
                    "start from a ball of " + Unit.MM.write(ball),
                    () -> part.with(pieces.withMaking(new Making.Pressed(ball))));
        }
        if (pieces.making() instanceof Making.Weighed) {
            double grams = Math.max(0.1, Math.round(10 * easy.grams(a.paste())) / 10.0);
            return Mend.part(
                    a,
                    "start from a ball of " + Unit.G.write(grams),
                    () -> part.with(pieces.withMaking(new Making.Weighed(grams))));
        }
        if (pieces.making() instanceof HollowedCone cone) {
            return Mend.part(
                    a,
                    "hollow it to a wall of " + to + " mm",
                    () -> part.with(pieces.withMaking(new HollowedCone(to, cone.footMm(), cone.footWidthMm()))));
        }
        if (pieces.making() instanceof Making.Pulled) {
            return Mend.part(
                    a,
                    "pull it to " + to + " mm at the lip",
                    () -> part.with(pieces.withMaking(new Making.Pulled(EASY_MM * 2, to))));
        }
        double rolled = Math.max(pieces.making().rolledMm(), to);
        return Mend.part(a, "thin to " + to + " mm", () -> part.with(pieces.withThinning(new Thinning(rolled, to))));
    }
}
