package org.crispwhorl.core.species;

import java.util.Optional;
import java.util.function.UnaryOperator;
import org.crispwhorl.core.colour.Colouring;

/** A part that is not of paste itself: it has no shade, takes no colour and starts from no lump. */
public sealed interface UnshadedPart extends Part permits Heads, Supports {
    @Override
    default Optional<String> shadeId() {
        return Optional.empty();
    }

    @Override
    default Optional<Colouring> colouring() {
        return Optional.empty();
    }

    @Override
    default Part coloured(UnaryOperator<Colouring> edit) {
        return this;
    }

    @Override
    default Optional<StartsFrom> startsFrom(BuildContext made) {
        return Optional.empty();
    }
}
