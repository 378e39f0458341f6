package org.crispwhorl.core.colour;

import org.crispwhorl.core.measure.ShownAsPicture;
import org.crispwhorl.core.measure.Text;

/** Which part of a piece a pass of colour goes on; each is reckoned from where it is strongest. */
@Text(label = "zone", means = "Which part of a piece it goes on.")
@ShownAsPicture
public enum Zone {
    @Text(label = "all over", means = "The whole of it.")
    ALL,
    @Text(label = "from the edge", means = "From the edge inwards, all round but for the foot.")
    EDGE,
    @Text(label = "from the foot", means = "From the foot outwards.")
    FOOT,
    @Text(label = "at the tip", means = "From the tip downwards.")
    TIP,
    @Text(label = "down the midrib", means = "A stripe down the middle.")
    MIDRIB,
    @Text(label = "between the petals", means = "At the sides below the widest place, where it would lie in shadow.")
    BETWEEN;

    /** How far a place lies from where this zone is strongest, mm. */
    double offMm(Spot at) {
        return switch (this) {
            case ALL -> 0;
            case EDGE -> at.toEdgeMm();
            case FOOT -> at.fromFootMm();
            case TIP -> at.toTipMm();
            case MIDRIB -> at.toMidribMm();
            case BETWEEN -> at.toLowSideMm();
        };
    }

    /** Whether it reaches over everything, so that it cannot be made wider. */
    public boolean everywhere() {
        return this == ALL;
    }

    /** The same on a body that is no flat piece: it has a foot and a tip, and everything else goes all over it. */
    double offOnBodyMm(double fromFootMm, double toTipMm) {
        return switch (this) {
            case FOOT -> fromFootMm;
            case TIP -> toTipMm;
            case ALL, EDGE, MIDRIB, BETWEEN -> 0;
        };
    }

    /** Whether it reaches over the whole of a body that is no flat piece. */
    boolean everywhereOnBody() {
        return this != FOOT && this != TIP;
    }

    /** Whether it is reckoned from the sides of a piece. */
    boolean fromSides() {
        return this == EDGE || this == BETWEEN;
    }
}
