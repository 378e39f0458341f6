package org.crispwhorl.core.species;

import java.util.List;
import org.crispwhorl.core.paste.Paste;
import org.crispwhorl.core.wire.WireTable;
import org.crispwhorl.core.work.Steps;

/** A species as a studio makes it: what a part may ask about the flower that it is in. */
public interface BuildContext {
    /** The species as it is made. */
    Species species();

    /** The paste that it is made of, as the studio has it. */
    Paste paste();

    /** How thick the studio's wires are. */
    WireTable wireTable();

    /** The ways of a part: its own choices go before those of the species. */
    Techniques techniques(Part part);

    /** Diameter of the stem with everything taped in, before it is thickened, mm. */
    double bareStemMm();

    /** The further heads on the stem, stage by stage; empty where there are none. */
    List<? extends OpenHeads> opened();

    /** What hands do to make all of the further heads, and to put each together; nothing where there are none. */
    Steps makingHeads();

    /** Heads at one stage of opening, made as a species of their own. */
    interface OpenHeads {
        /** The stage, and how many heads are at it. */
        Opening opening();

        /** One of them. */
        BuildContext head();
    }
}
