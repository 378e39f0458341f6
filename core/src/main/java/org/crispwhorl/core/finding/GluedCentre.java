package org.crispwhorl.core.finding;

import java.util.Optional;
import org.crispwhorl.core.species.Attachment;
import org.crispwhorl.core.species.CappedHalfBall;
import org.crispwhorl.core.species.CoveredBall;
import org.crispwhorl.core.species.HeartForm;
import org.crispwhorl.core.species.Overlap;
import org.crispwhorl.core.species.Petaled;
import org.crispwhorl.core.species.Species;
import org.crispwhorl.core.species.Whorl;

/** Petals that are glued round the heart and have to cover it; petals that stand apart need not. */
final class GluedCentre {
    private GluedCentre() {}

    /** Whether a heart is a ball that petals have to meet over, which has a rule of its own. */
    static boolean isBall(HeartForm form) {
        return form instanceof CoveredBall || form instanceof CappedHalfBall;
    }

    /** The innermost ring, where it is glued on. */
    static Optional<Petaled> firstPetals(Species species) {
        return species.petaled().stream()
                .filter(Whorl.class::isInstance)
                .findFirst()
                .filter(p -> p.pieces().attachment() instanceof Attachment.Glued)
                .filter(p -> p.pieces().overlap() != Overlap.APART);
    }
}
