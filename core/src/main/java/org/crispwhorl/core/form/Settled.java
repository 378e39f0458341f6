package org.crispwhorl.core.form;

import org.crispwhorl.core.outline.Outline;
import org.crispwhorl.core.paste.Paste;
import org.crispwhorl.core.species.Pieces;

/**
 * How hands settle a ring that stands behind another so that its pieces do not go through that one: its neck a little lower, or
 * leaned out a little more, by no more than it takes.
 *
 * @param lowerMm how much lower its neck is taped or glued
 * @param leanDeg how much more it leans out
 */
record Settled(double lowerMm, double leanDeg) {
    static final Settled AS_STATED = new Settled(0, 0);

    /** Hands go no lower, and lean a piece out no further, than this. */
    private static final double MOST_LOWER_MM = 5;

    private static final double MOST_LEAN_DEG = 15;

    /** Paste gives way by so much where it lies on other paste, mm. */
    private static final double GIVES_MM = 0.3;

    private static final int STEPS = 10;
    private static final double FROM = 0.3;
    private static final int BISECTIONS = 12;

    /** What a ring's pieces need to clear the back of the ring before; as stated where neither is enough. */
    static Settled below(Skin skin, Pieces pieces, Paste paste, double neckMm, double seatMm) {
        double half = pieces.finishedMm(paste) / 2;
        if (clears(AS_STATED, skin, pieces, half, neckMm, seatMm)) {
            return AS_STATED;
        }
        Settled lowest = new Settled(MOST_LOWER_MM, 0);
        if (clears(lowest, skin, pieces, half, neckMm, seatMm)) {
            return least(lowest, skin, pieces, half, neckMm, seatMm);
        }
        Settled widest = new Settled(0, MOST_LEAN_DEG);
        return clears(widest, skin, pieces, half, neckMm, seatMm)
                ? least(widest, skin, pieces, half, neckMm, seatMm)
                : AS_STATED;
    }

    /** The least share of a way of settling that clears. */
    private static Settled least(Settled most, Skin skin, Pieces pieces, double half, double neckMm, double seatMm) {
        double low = 0;
        double high = 1;
        for (int i = 0; i < BISECTIONS; i++) {
            double mid = (low + high) / 2;
            if (clears(most.part(mid), skin, pieces, half, neckMm, seatMm)) {
                high = mid;
            } else {
                low = mid;
            }
        }
        return most.part(high);
    }

    private Settled part(double share) {
        return new Settled(lowerMm * share, leanDeg * share);
    }

    /** The piece settled so. */
    StandingPetal petal(Pieces pieces, double neckMm, double seatMm) {
        return StandingPetal.of(pieces, neckMm, seatMm - lowerMm, leanDeg);
    }

    /** Whether its midrib and its edges keep out of the ring before, from where it has left the neck. */
    private static boolean clears(
            Settled settled, Skin skin, Pieces pieces, double half, double neckMm, double seatMm) {
        StandingPetal petal = settled.petal(pieces, neckMm, seatMm);
        Outline outline = petal.outline();
        for (int i = 0; i <= STEPS; i++) {
            double s = outline.lengthMm() * (FROM + (0.99 - FROM) * i / STEPS);
            double[] span = outline.spanAt(s);
            for (double v : new double[] {0, span[0], span[1]}) {
                double[] p = petal.point(s, v);
                if (skin.off(Math.hypot(p[0], p[1]), p[2]) < half - GIVES_MM) {
                    return false;
                }
            }
        }
        return true;
    }
}
