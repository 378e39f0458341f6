package org.crispwhorl.core.species;

import java.util.List;
import org.crispwhorl.core.wire.WireTable;

/** What is asked of a part of its wires: what is cut, and what of it runs down the stem. */
public interface OnWires {
    /** What it puts on the stem. */
    Strand strand(WireTable wires);

    /** The wires cut for it. */
    List<WireCut> wireCuts();

    /** How far down the stem its wires reach, mm; below 0 where they go all the way, into what holds the stem. */
    default double reachesDownMm() {
        return 0;
    }

    /** What its wires are called on a list. */
    String wireName();
}
