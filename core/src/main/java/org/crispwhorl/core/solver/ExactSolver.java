package org.crispwhorl.core.solver;

import com.google.ortools.Loader;
import java.util.Optional;

/**
 * The exact solvers. They are native code, which a machine may not be able to load: a temporary folder that is full or
 * may not hold programs, a processor that they were not built for. Whoever asks has to have a plainer way to an answer.
 */
public final class ExactSolver {
    private static final Optional<String> MISSING = load();

    private ExactSolver() {}

    private static Optional<String> load() {
        try {
            Loader.loadNativeLibraries();
            return Optional.empty();
        } catch (UnsatisfiedLinkError | RuntimeException e) {
            return Optional.of(String.valueOf(e.getMessage()));
        }
    }

    /** Whether they can be used here. */
    public static boolean there() {
        return MISSING.isEmpty();
    }
}
