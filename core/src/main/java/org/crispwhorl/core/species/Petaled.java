package org.crispwhorl.core.species;

/** A part made of equal flat pieces cut from a sheet, thinned, shaped and set round the axis. */
public sealed interface Petaled extends Part permits Whorl, Calyx, Leaf {
    Pieces pieces();

    /** The same part made of other pieces. */
    Petaled with(Pieces newPieces);
}
