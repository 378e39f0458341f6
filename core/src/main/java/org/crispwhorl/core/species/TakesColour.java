package org.crispwhorl.core.species;

import java.util.Optional;
import java.util.function.UnaryOperator;
import org.crispwhorl.core.colour.Colouring;

/** What is asked of a part where colour goes on it. */
public interface TakesColour {
    /** Its colour after shaping; none where it has none of its own. */
    Optional<Colouring> colouring();

    /** The same part with its colour changed; one that has none of its own stays as it is. */
    Part coloured(UnaryOperator<Colouring> edit);

    /** How many pieces each pass of colour goes over, one by one. */
    default int colouredPieces() {
        return 1;
    }

    /** Whether its colour lies in zones of a flat piece, on its face and its back; a body is coloured as a whole, or from its foot. */
    default boolean zoned() {
        return false;
    }
}
