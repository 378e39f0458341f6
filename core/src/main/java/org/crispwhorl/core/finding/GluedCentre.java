package org.crispwhorl.core.finding;

import java.util.Optional;
import org.crispwhorl.core.assessment.Assessment;
import org.crispwhorl.core.form.HuggingPetal;
import org.crispwhorl.core.form.PlacedRing;
import org.crispwhorl.core.species.Centre;
import org.crispwhorl.core.species.CentreForm;
import org.crispwhorl.core.species.Overlap;
import org.crispwhorl.core.species.Petaled;
import org.crispwhorl.core.species.Pieces;

/**
 * Petals that are laid soft round the centre and have to cover it; petals that stand apart need not, and a centre that is meant to
 * show has no such limit.
 *
 * @param centre what they are laid on
 * @param petals the innermost ring
 * @param surface how it lies
 */
record GluedCentre(Centre centre, Petaled petals, HuggingPetal surface) {
    /** Petals that lean out no further than this at their tips close over the centre, degrees. */
    private static final double CLOSED_DEG = 12;

    /** Petals that lie on the centre for so much of their length are closed to the tip. */
    private static final double TO_THE_TIP = 0.95;

    /** A mend lets a petal reach over the top by so much of its way. */
    static final double REACHED = 0.95;

    /** What is open by less than this over the top closes, mm. */
    private static final double OPEN_MM = 0.5;

    /** The centre of a flower whose innermost ring is laid round its centre. */
    static Optional<GluedCentre> of(Assessment a) {
        Optional<Centre> centre = a.species().centre();
        Optional<PlacedRing> ring = a.form().rings().stream()
                .filter(r -> r.part().ring())
                .findFirst()
                .filter(r -> r.part().pieces().overlap() != Overlap.APART);
        return centre.isPresent() && ring.isPresent() && ring.get().surface() instanceof HuggingPetal surface
                ? Optional.of(new GluedCentre(centre.get(), ring.get().part(), surface))
                : Optional.empty();
    }

    /** Whether the centre is a bought core, which has a rule of its own. */
    boolean isCore() {
        return centre.form().core();
    }

    /** Whether the petals are meant to close over a centre that is not meant to show. */
    boolean closes() {
        CentreForm form = centre.form();
        Pieces pieces = petals.pieces();
        boolean toTheTip =
                Math.max(pieces.attachment().gluedShare(), pieces.attachment().opensFrom()) >= TO_THE_TIP;
        return form.core()
                ? form.volumeMm3() == 0 || toTheTip
                : form.plain() && (toTheTip || pieces.opensDeg() <= CLOSED_DEG || tallerThanItsPetals());
    }

    /** Whether a cone of paste stands above the petals that are laid well up it, however they lean. */
    private boolean tallerThanItsPetals() {
        double reach = petals.pieces().finished().lengthMm() - surface.startMm();
        return petals.pieces().attachment().gluedShare() >= LAID_UP
                && centre.form().heightMm() > reach;
    }

    /** Petals glued to less of their length stand round a centre and do not cover it. */
    private static final double LAID_UP = 0.4;

    /** Whether the petals, laid on to their tips, leave the top of the centre open. */
    boolean open() {
        return surface.shortMm() > OPEN_MM;
    }

    /** From a petal's base along the centre over its top, mm. */
    double wayMm() {
        return petalMm() + surface.shortMm();
    }

    /** What of a petal lies on the centre from its base on, mm. */
    double petalMm() {
        return petals.pieces().finished().lengthMm() - surface.startMm();
    }

    /** The least length that covers the centre, mm. */
    double neededMm() {
        return wayMm() / REACHED;
    }

    /** The cutter's length at which it would. */
    double cutLengthMm() {
        return Math.ceil(2 * (neededMm() + surface.startMm()) / petals.pieces().growth()) / 2;
    }
}
