package org.crispwhorl.core.species;

import java.util.List;
import org.crispwhorl.core.paste.Paste;

/** A part of a flower. Parts stand in build order, from the heart outwards and then down the stem. */
public sealed interface Part permits ShadedPart, Heads {
    /** Pattern of a part's id: what findings, drawings and plans point at. */
    String ID = "[a-z][a-z0-9-]{0,39}";

    /** Unique within the species. */
    String id();

    /** The maker's name for it. */
    String name();

    /** How many separate pieces it has. */
    int pieceCount();

    /** The paste in it, lump by lump; empty where it has none of its own. */
    List<Lump> lumps(Paste paste);

    /** The wires cut for it. */
    List<WireCut> wireCuts();
}
