package org.crispwhorl.core.studio;

import java.util.Optional;
import org.crispwhorl.core.measure.Words;
import org.crispwhorl.core.species.Leaf;
import org.crispwhorl.core.species.Part;
import org.crispwhorl.core.species.Petaled;

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
    BODY;

    /** Of what sort the pieces of a part are. */
    public static PieceSort of(Part part) {
        Optional<Petaled> flat = part.flat();
        if (flat.isEmpty()) {
            return BODY;
        }
        if (part instanceof Leaf) {
            return LEAF;
        }
        if (flat.get().pieces().cut().filter(cut -> cut.onePiece()).isPresent()) {
            return ONE_PIECE;
        }
        return flat.get().pieces().wired().isPresent() ? WIRED : SET;
    }
}
