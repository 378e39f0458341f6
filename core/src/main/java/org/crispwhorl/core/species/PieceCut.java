package org.crispwhorl.core.species;

import java.util.Optional;
import org.crispwhorl.core.outline.Cut;
import org.crispwhorl.core.outline.Outline;
import org.crispwhorl.core.paste.Paste;

/** What is asked of a way of making where its pieces are cut or begun. */
public interface PieceCut {
    /** What its cutter cuts; none where it is made without one. */
    Optional<Cut> cutOf(Outline outline, int count);

    /** Whether it is pressed out of a ball of a size that was chosen, so that the ball may be too small for it. */
    default boolean pressed() {
        return false;
    }

    /** The outline that is printed at its true size to be cut round; none where no template is used. */
    default Optional<Cut> templateOf(Outline outline) {
        return Optional.empty();
    }

    /** What the work starts from besides the outline itself, for a list of pieces. */
    String startsFrom(Outline outline, int count, Paste paste);
}
