package org.crispwhorl.server.choices;

import java.util.Optional;
import org.crispwhorl.server.problem.Versioned;

/** Something that is chosen once for all work, wherever it is kept. */
public interface Chosen<T> {
    /** In its address. */
    String name();

    Class<T> type();

    /** As it was last chosen, with the version of it that is kept. */
    Versioned<T> kept();

    /**
     * Chooses another.
     *
     * @param version from which it was changed; empty where whoever chooses does not care
     * @throws org.crispwhorl.server.problem.TwoVersions where another is kept by now
     */
    Versioned<T> choose(T chosen, Optional<Long> version);
}
