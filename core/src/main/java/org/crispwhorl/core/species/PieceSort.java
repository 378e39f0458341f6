package org.crispwhorl.core.species;

import org.crispwhorl.core.measure.Text;

/** Sorts of pieces that break alike. */
@Text(label = "sort", means = "Sorts of pieces that break alike.")
public enum PieceSort {
    @Text(label = "pieces of any sort")
    ANY,
    @Text(label = "wired petals")
    WIRED,
    @Text(label = "petals set without a wire")
    SET,
    @Text(label = "one-piece cuts")
    ONE_PIECE,
    @Text(label = "leaves")
    LEAF,
    @Text(label = "centres and other bodies")
    BODY
}
