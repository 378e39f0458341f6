package org.crispwhorl.core.form;

import org.crispwhorl.core.measure.Cache;
import org.crispwhorl.core.outline.Outline;
import org.crispwhorl.core.species.Pieces;

/** Where soft pieces are laid so that their tips stand at a height. */
final class TipHeight {
    private static final Cache<HuggingPetal.Laying, Double> KNOWN = new Cache<>(256);

    private TipHeight() {}

    /**
     * Where along the skin the base of a ring's pieces lies so that their tips stand at a height, found by secants: the farther up
     * the skin it is laid, the higher its tip. Below 0 so much of the piece hangs below the skin.
     */
    static double wayReaching(Skin skin, Pieces pieces, double thickMm, double topMm) {
        return KNOWN.of(
                new HuggingPetal.Laying(skin, pieces, thickMm, topMm), () -> sought(skin, pieces, thickMm, topMm));
    }

    private static double sought(Skin skin, Pieces pieces, double thickMm, double topMm) {
        Outline finished = pieces.finished();
        double low = -finished.lengthMm() * HuggingPetal.MOST_PINCHED;
        double below = topMm(skin, pieces, finished, thickMm, low) - topMm;
        double step = (skin.lengthMm() - low) / LOOKED_AT;
        double high = low + step;
        double above = topMm(skin, pieces, finished, thickMm, high) - topMm;
        // The lowest place is the one meant: where rings lean out, a tip may come as high again farther along.
        while (above < 0 && high < skin.lengthMm()) {
            low = high;
            below = above;
            high += step;
            above = topMm(skin, pieces, finished, thickMm, high) - topMm;
        }
        if (below >= 0 || above <= 0) {
            return below >= 0 ? low : high;
        }
        double way = high;
        for (int i = 0; i < SECANTS; i++) {
            // The Illinois way: a side that stays is trusted half as much.
            way = (low * above - high * below) / (above - below);
            double off = topMm(skin, pieces, finished, thickMm, way) - topMm;
            if (Math.abs(off) < STANDS_MM) {
                break;
            }
            if (off < 0) {
                low = way;
                below = off;
                above /= 2;
            } else {
                high = way;
                above = off;
                below /= 2;
            }
        }
        return way;
    }

    private static final int SECANTS = 24;

    /** So many places are looked at for the lowest that will do. */
    private static final int LOOKED_AT = 16;

    /** A tip that stands so near to its height stands right, mm. */
    private static final double STANDS_MM = 0.01;

    /** Height of the tip of pieces whose base lies there, mm. */
    private static double topMm(Skin skin, Pieces pieces, Outline finished, double thickMm, double way) {
        LaidRib rib = HuggingPetal.rib(skin, pieces, finished, thickMm, way);
        double top = rib.z[0];
        for (double z : rib.z) {
            top = Math.max(top, z);
        }
        return top;
    }
}
