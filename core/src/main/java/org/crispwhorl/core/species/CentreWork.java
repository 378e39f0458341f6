package org.crispwhorl.core.species;

import org.crispwhorl.core.labour.Labour;
import org.crispwhorl.core.labour.Operation;

/** What is asked of a centre where it is made, and set on. */
public interface CentreWork {
    /** Pieces of paste that it is made of, all alike. */
    default int pieces() {
        return 1;
    }

    /** Rows of a fringe, slivers or the like that the maker adds one by one; each takes as long as a small ball. */
    default int touches() {
        return pieces() - 1;
    }

    /** Whether it is a plain body that is made to be covered: one with a texture, a coat or threads is made to be seen. */
    default boolean plain() {
        return touches() == 0;
    }

    /** What hands do to make it. */
    default Labour making() {
        return Labour.of(Operation.SHAPE, 1);
    }
}
