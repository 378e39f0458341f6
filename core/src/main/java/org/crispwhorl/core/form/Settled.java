package org.crispwhorl.core.form;

import org.crispwhorl.core.measure.Cache;
import org.crispwhorl.core.outline.Outline;
import org.crispwhorl.core.paste.Paste;
import org.crispwhorl.core.species.Pieces;

/**
 * How hands settle a ring that stands behind another so that its pieces do not go through that one: its neck a little lower, or
 * leaned out a little more, by no more than it takes.
 *
 * @param lowerMm how much lower its neck is taped or glued
 * @param opensDeg how much more it leans out
 */
record Settled(double lowerMm, double opensDeg) {
    static final Settled AS_STATED = new Settled(0, 0);

    /** Hands go no lower, and lean a piece out no further, than this. */
    private static final double MOST_LOWER_MM = 5;

    private static final double MOST_LEAN_DEG = 15;

    /** Paste gives way by so much where it lies on other paste, mm. */
    private static final double GIVES_MM = 0.3;

    private static final int STEPS = 10;
    private static final double FROM = 0.3;
    private static final int BISECTIONS = 12;

    /**
     * What a ring's pieces need to clear the back of the ring before: a neck somewhat lower, and where that is not enough some more
     * lean as well; all that hands do where neither is enough.
     */
    static Settled below(Skin skin, Pieces pieces, Paste paste, double neckMm, double onStemMm) {
        double half = pieces.finishedMm(paste) / 2;
        return KNOWN.of(
                new Settling(skin, pieces, half, neckMm, onStemMm), () -> sought(skin, pieces, half, neckMm, onStemMm));
    }

    private record Settling(Skin skin, Pieces pieces, double half, double neckMm, double onStemMm) {}

    private static final Cache<Settling, Settled> KNOWN = new Cache<>(256);

    private static Settled sought(Skin skin, Pieces pieces, double half, double neckMm, double onStemMm) {
        Settled lowest = new Settled(MOST_LOWER_MM, 0);
        Settled widest = new Settled(MOST_LOWER_MM, MOST_LEAN_DEG);
        return clears(AS_STATED, skin, pieces, half, neckMm, onStemMm)
                ? AS_STATED
                : clears(lowest, skin, pieces, half, neckMm, onStemMm)
                        ? least(AS_STATED, lowest, skin, pieces, half, neckMm, onStemMm)
                        : clears(widest, skin, pieces, half, neckMm, onStemMm)
                                ? least(lowest, widest, skin, pieces, half, neckMm, onStemMm)
                                : widest;
    }

    /** The least of the way from one settling to another that clears. */
    private static Settled least(
            Settled from, Settled to, Skin skin, Pieces pieces, double half, double neckMm, double onStemMm) {
        double low = 0;
        double high = 1;
        for (int i = 0; i < BISECTIONS; i++) {
            double mid = (low + high) / 2;
            if (clears(from.towards(to, mid), skin, pieces, half, neckMm, onStemMm)) {
                high = mid;
            } else {
                low = mid;
            }
        }
        return from.towards(to, high);
    }

    private Settled towards(Settled other, double share) {
        return new Settled(lowerMm + (other.lowerMm - lowerMm) * share, opensDeg + (other.opensDeg - opensDeg) * share);
    }

    /** The piece settled so. */
    StandingPetal petal(Pieces pieces, double neckMm, double onStemMm) {
        return StandingPetal.of(pieces, neckMm, onStemMm - lowerMm, opensDeg);
    }

    /** Whether its midrib and its edges keep out of the ring before, from where it has left the neck. */
    private static boolean clears(
            Settled settled, Skin skin, Pieces pieces, double half, double neckMm, double onStemMm) {
        StandingPetal petal = settled.petal(pieces, neckMm, onStemMm);
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
