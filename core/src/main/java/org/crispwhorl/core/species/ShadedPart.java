package org.crispwhorl.core.species;

import java.util.Optional;
import java.util.function.UnaryOperator;
import org.crispwhorl.core.colour.Colouring;

/** A part that has a shade of its own, of paste or of what tips or covers it. */
public sealed interface ShadedPart extends Part
        permits Centre, Stamens, FineStamens, Pistil, Petaled, Roll, Bead, Tendril, StemWrap {
    /** Id of the shade of paste that it is made of, or that tips or covers it. */
    String shade();

    /** Colour that goes on afterwards. */
    Colouring colour();

    /** The same part coloured otherwise. */
    ShadedPart with(Colouring colour);

    @Override
    default Optional<Colouring> colouring() {
        return Optional.of(colour());
    }

    @Override
    default Optional<String> shadeId() {
        return Optional.of(shade());
    }

    @Override
    default Part coloured(UnaryOperator<Colouring> edit) {
        return with(edit.apply(colour()));
    }

    /** Its wires go by its own name. */
    @Override
    default String wireName() {
        return name();
    }
}
