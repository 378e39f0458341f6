package org.crispwhorl.core.species;

import java.util.List;
import org.crispwhorl.core.paste.Paste;

/** A part made of equal flat pieces that are thinned, shaped and set round the axis. */
public sealed interface Petaled extends ShadedPart permits Whorl, Calyx, Leaf {
    /** What it is made of. */
    Pieces pieces();

    /** The same part made of other pieces. */
    Petaled with(Pieces newPieces);

    @Override
    Petaled with(Colouring colour);

    @Override
    default int pieceCount() {
        return pieces().count();
    }

    @Override
    default List<Lump> lumps(Paste paste) {
        return pieces().lumps(shade(), paste);
    }

    @Override
    default List<WireCut> wireCuts() {
        return pieces().wires();
    }
}
