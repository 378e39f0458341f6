package org.crispwhorl.core.species;

/** A part of a flower. Parts stand in build order, from the heart outwards. */
public sealed interface Part permits Heart, Stamens, Petaled {
    /** Pattern of a part's id: what findings, drawings and plans point at. */
    String ID = "[a-z][a-z0-9-]{0,39}";

    /** Unique within the species. */
    String id();

    /** The maker's name for it. */
    String name();

    /** Id of the shade of paste that it is made of, or that tips its stamens. */
    String shade();

    /** How many times dust is gone over each piece. */
    int dustPasses();
}
