package org.crispwhorl.core.species;

import org.crispwhorl.core.measure.Words;

/** Sorts of pieces that break alike. */
@Words(label = "sort", means = "Sorts of pieces that break alike.")
public enum PieceSort {
    @Words(label = "pieces of any sort")
    ANY,
    @Words(label = "wired petals")
    WIRED,
    @Words(label = "petals set without a wire")
    SET,
    @Words(label = "one-piece cuts")
    ONE_PIECE,
    @Words(label = "leaves")
    LEAF,
    @Words(label = "hearts and other bodies")
    BODY
}
