package org.crispwhorl.core.solver;

import com.google.ortools.Loader;
import com.google.ortools.sat.CpModel;
import com.google.ortools.sat.CpSolver;
import com.google.ortools.sat.CpSolverStatus;
import java.util.Optional;

/**
 * The exact solver (CP-SAT). It is native code, which a machine may not be able to load: a temporary folder that is full or
 * may not hold programs, a processor that it was not built for. Whoever asks has to have a plainer way to an answer.
 */
public final class ExactSolver {
    /** It gives up proving after this many seconds and hands over the best that it has. */
    private static final double LIMIT_S = 20;

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

    /** Whether it can be used here. */
    public static boolean there() {
        return MISSING.isEmpty();
    }

    /** A model's values once it is solved. */
    public record Solved(CpSolver values, boolean proved) {}

    /**
     * Solves a model with one worker, so that the same question has the same answer every time.
     *
     * @return the best that was found and whether it is proved the best; empty where there is none, or no solver
     */
    public static Optional<Solved> solve(CpModel model) {
        if (!there()) {
            return Optional.empty();
        }
        CpSolver solver = new CpSolver();
        solver.getParameters().setNumSearchWorkers(1).setMaxTimeInSeconds(LIMIT_S);
        CpSolverStatus status = solver.solve(model);
        return status == CpSolverStatus.OPTIMAL || status == CpSolverStatus.FEASIBLE
                ? Optional.of(new Solved(solver, status == CpSolverStatus.OPTIMAL))
                : Optional.empty();
    }
}
