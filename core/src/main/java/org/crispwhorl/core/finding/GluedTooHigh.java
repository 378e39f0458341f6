package org.crispwhorl.core.finding;

import static org.crispwhorl.core.measure.Why.in;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.crispwhorl.core.assessment.Assessment;
import org.crispwhorl.core.measure.Unit;
import org.crispwhorl.core.measure.Why;
import org.crispwhorl.core.species.Attachment;
import org.crispwhorl.core.species.Petaled;

/** Glue so high that a ring which is meant to open stays closed. */
final class GluedTooHigh implements Rule {
    /** A ring that leans out less than this is meant to stay closed, degrees. */
    private static final double OPENS_DEG = 25;

    /** Glued further up than this share, a petal hardly leaves what it is glued to. */
    private static final double HIGHEST = 0.6;

    /** Half way is what most open rings take. */
    private static final double MENDED = 0.4;

    @Override
    public List<Finding> look(Assessment a) {
        List<Finding> found = new ArrayList<>();
        for (Petaled part : a.species().petaled()) {
            double glued = part.pieces().attachment().gluedShare();
            if (glued > HIGHEST && part.pieces().leanDeg() > OPENS_DEG) {
                double length = part.pieces().finished().lengthMm();
                found.add(new Finding(
                        "glued-too-high",
                        Severity.STOP,
                        Optional.of(part.id()),
                        "Glued so high that the ring closes",
                        Why.of(
                                "The glued length stands upright; only what is above it leans out",
                                "Section of the placed petals",
                                in("glued up to", 100 * glued, Unit.PERCENT),
                                in("free to open", length * (1 - glued), Unit.MM),
                                in("finished length", length, Unit.MM),
                                in("meant to lean", part.pieces().leanDeg(), Unit.DEGREE)),
                        List.of(
                                Mend.pieces(
                                        a,
                                        "glue up to " + Math.round(100 * MENDED) + " %",
                                        part,
                                        p -> p.withAttachment(new Attachment.Glued(MENDED))),
                                Mend.pieces(
                                        a,
                                        "let it stay closed at " + Math.round(OPENS_DEG) + "°",
                                        part,
                                        p -> p.withLean(OPENS_DEG)))));
            }
        }
        return found;
    }
}
