package org.crispwhorl.core.bench;

import java.util.Optional;
import org.crispwhorl.core.measure.InvalidValue;
import org.crispwhorl.core.measure.Unit;
import org.crispwhorl.core.outline.Outline;
import org.crispwhorl.core.paste.Paste;
import org.crispwhorl.core.species.Pieces;

/**
 * What a measured petal tells: paste keeps its volume, so how large a piece has become says how thin it is.
 *
 * @param thickMm mean thickness that it has reached
 * @param wantedMm as designed
 * @param offShare how far that is off, as a share of what is wanted; below 0 is too thin
 * @param advice what to do now
 */
public record Measured(double thickMm, double wantedMm, double offShare, String advice) {
    /** Closer than this share is as designed: a hand does not measure finer. */
    private static final double CLOSE = 0.08;

    private static final double LEAST_MM = 1;
    private static final double MOST_MM = 500;

    /**
     * @param lengthMm as it lies, from base to tip
     * @param widthMm where it is widest
     * @return none where it has no paste of its own to measure
     * @throws InvalidValue where a length is none that a petal has
     */
    public static Optional<Measured> of(Pieces pieces, Paste paste, double lengthMm, double widthMm) {
        check("lengthMm", lengthMm);
        check("widthMm", widthMm);
        Outline finished = pieces.finished();
        double areaMm2 = finished.areaMm2() * (lengthMm / finished.lengthMm()) * (widthMm / finished.widthMm());
        double wanted = pieces.finishedMm(paste);
        double volume = wanted * finished.areaMm2();
        if (volume <= 0) {
            return Optional.empty();
        }
        double thick = volume / areaMm2;
        double off = thick / wanted - 1;
        return Optional.of(new Measured(thick, wanted, off, advice(finished, off, lengthMm, widthMm)));
    }

    private static String advice(Outline finished, double off, double lengthMm, double widthMm) {
        String size = Unit.MM.write(finished.lengthMm()) + " × " + Unit.MM.write(finished.widthMm());
        double longer = lengthMm / finished.lengthMm();
        double wider = widthMm / finished.widthMm();
        if (Math.abs(off) <= CLOSE) {
            return longer / wider > 1 + CLOSE
                    ? "as thin as designed, but drawn out: thin it across"
                    : wider / longer > 1 + CLOSE
                            ? "as thin as designed, but spread: thin it towards the tip"
                            : "as designed";
        }
        if (off > 0) {
            String where =
                    longer < wider - CLOSE ? ", most towards the tip" : wider < longer - CLOSE ? ", most across" : "";
            return "still thick: thin it until it is " + size + where;
        }
        return "thinner than designed: leave it, let it skin a little longer before it is lifted, or begin with thicker paste";
    }

    private static void check(String field, double value) {
        if (!(value >= LEAST_MM && value <= MOST_MM)) {
            throw new InvalidValue(field, value, "from 1 to 500 mm");
        }
    }
}
