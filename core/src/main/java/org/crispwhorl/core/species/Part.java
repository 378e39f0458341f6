package org.crispwhorl.core.species;

import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import org.crispwhorl.core.measure.Figures;
import org.crispwhorl.core.measure.ShownAsPicture;
import org.crispwhorl.core.paste.Shade;

/**
 * A part of a flower. Parts stand in build order, from the centre outwards and then down the stem. What the rest of the program
 * asks of a part, its kind answers here, so that a new kind is written in one place.
 */
@ShownAsPicture
public sealed interface Part extends Standing, OnWires, OfPaste, MadeByHand, TakesColour, BoughtAndEaten
        permits ShadedPart, UnshadedPart {
    /** Pattern of a part's id: what findings, drawings and plans point at. */
    String ID = Shade.ID;

    /** Unique within the species. */
    String id();

    /** The maker's name for it. */
    String name();

    /** What it is, in as few words as a bead of the strand has room for. */
    String inShort();

    /** What of its design changes nothing as it is: paths of fields, as they stand in a document. */
    default List<String> idle() {
        return List.of();
    }

    /** What of its design changes nothing for the heads that there are besides, or because there are none. */
    default List<String> idleAmong(Optional<Heads> heads) {
        return List.of();
    }

    /** The same with its flat pieces otherwise; itself where it has none. */
    default Part petalsOtherwise(UnaryOperator<Petaled> change) {
        return this;
    }

    /** Its flat pieces; none where it is made of none. */
    default Optional<Petaled> flat() {
        return Optional.empty();
    }

    /** Its own figures: sizes, fit, pieces and wire. */
    void figures(Figures figures, BuildContext made);

    /**
     * The part in a head at a stage of opening.
     *
     * @param ring how many rings lie inside it and itself, where it is one
     * @param stalkMm free stalk of the head; 0 where it keeps its stem
     * @return none where such a head has none
     */
    Optional<Part> opened(Opening opening, int ring, double stalkMm);
}
