package org.crispwhorl.core.species;

/** A part that has a shade of its own, of paste or of what tips or covers it. */
public sealed interface ShadedPart extends Part
        permits Heart, Stamens, FineStamens, Pistil, Petaled, Roll, Bead, Tendril, StemWrap {
    /** Id of the shade of paste that it is made of, or that tips or covers it. */
    String shade();

    /** Colour that goes on afterwards. */
    Colouring colour();

    /** The same part coloured otherwise. */
    ShadedPart with(Colouring colour);
}
