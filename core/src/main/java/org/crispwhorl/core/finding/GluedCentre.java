package org.crispwhorl.core.finding;

import java.util.Optional;
import org.crispwhorl.core.species.Heart;
import org.crispwhorl.core.species.HeartForm;
import org.crispwhorl.core.species.Overlap;
import org.crispwhorl.core.species.Petaled;
import org.crispwhorl.core.species.Species;

/** Petals that are glued round the heart and have to cover it; petals that stand apart need not. */
final class GluedCentre {
    private GluedCentre() {}

    /** Whether a heart is a ball that petals have to meet over, which has a rule of its own. */
    static boolean isBall(HeartForm form) {
        return form.core();
    }

    /** Petals that lean out no further than this close over the heart, degrees. */
    private static final double CLOSED_DEG = 12;

    /** Whether the first petals are meant to close over a heart; one that is meant to show has no such limit. */
    static boolean closesOver(Petaled first, Heart heart) {
        return first.pieces().leanDeg() <= CLOSED_DEG && heart.form().plain();
    }

    /** The innermost ring, where it is glued on. */
    static Optional<Petaled> firstPetals(Species species) {
        return species.petaled().stream()
                .filter(Petaled::ring)
                .findFirst()
                .filter(p -> p.pieces().attachment().glued())
                .filter(p -> p.pieces().overlap() != Overlap.APART);
    }
}
