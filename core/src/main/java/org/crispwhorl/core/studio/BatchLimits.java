package org.crispwhorl.core.studio;

import java.util.OptionalInt;

/**
 * Pieces made in batches small enough to be shaped before the paste skins over.
 *
 * @param openTimeMin minutes from cutting to skinned, as the paste waits
 * @param perPieceMin minutes of working time from cut to laid down
 * @param formers formers free, empty where they do not limit
 * @param grooves grooves of the ridged board, empty where none is used
 * @param window pieces that are all set while they bend, empty where they are not set part-dry
 */
public record BatchLimits(
        double openTimeMin, double perPieceMin, OptionalInt formers, OptionalInt grooves, OptionalInt window) {
    /** The most pieces in one batch, at least 1. */
    public int largest() {
        int byTime = (int) Math.max(1, Math.min(10_000, Math.floor(openTimeMin / perPieceMin)));
        return Math.max(
                1,
                Math.min(
                        byTime,
                        Math.min(Math.min(formers.orElse(byTime), window.orElse(byTime)), grooves.orElse(byTime))));
    }

    /** Lots for a number of pieces. */
    public int batchesFor(int pieces) {
        return (pieces + largest() - 1) / largest();
    }
}
