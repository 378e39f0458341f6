package org.crispwhorl.core.solver;

import com.google.ortools.linearsolver.MPConstraint;
import com.google.ortools.linearsolver.MPObjective;
import com.google.ortools.linearsolver.MPSolver;
import com.google.ortools.linearsolver.MPSolverParameters;
import com.google.ortools.linearsolver.MPVariable;
import java.util.Arrays;
import java.util.Optional;

/**
 * How often each of several patterns is taken so that every demand is covered at the least cost, by branch and cut (SCIP). The
 * linear relaxation of such a problem is nearly always within one of it (Gilmore and Gomory 1961), however large the demands.
 */
public final class Covering implements AutoCloseable {
    private final MPSolver solver;
    private final MPSolverParameters exactly = new MPSolverParameters();
    private final MPVariable[] taken;

    private Covering(MPSolver solver, int[] most) {
        this.solver = solver;
        taken = new MPVariable[most.length];
        for (int p = 0; p < most.length; p++) {
            taken[p] = solver.makeIntVar(0, most[p], "");
        }
        exactly.setDoubleParam(MPSolverParameters.DoubleParam.RELATIVE_MIP_GAP, 0);
    }

    /**
     * A problem without demands yet.
     *
     * @param most how often each pattern may be taken
     * @return empty where there is no solver
     */
    public static Optional<Covering> of(int[] most) {
        MPSolver solver = ExactSolver.there() ? MPSolver.createSolver("SCIP") : null;
        return solver == null ? Optional.empty() : Optional.of(new Covering(solver, most));
    }

    /**
     * How often each pattern is taken.
     *
     * @param bound no choice costs less
     * @param proved whether none costs less than this one
     */
    public record Taken(long[] times, double bound, boolean proved) {}

    /**
     * What the patterns give together, times how often each is taken, lies between two numbers.
     *
     * @param gives of each pattern
     */
    public void between(double least, double most, double[] gives) {
        MPConstraint constraint = solver.makeConstraint(least, most);
        for (int p = 0; p < taken.length; p++) {
            if (gives[p] != 0) {
                constraint.setCoefficient(taken[p], gives[p]);
            }
        }
    }

    /** How often a pattern may be taken from now on. */
    public void most(int pattern, int times) {
        taken[pattern].setUb(times);
    }

    /**
     * A choice from which to begin: the search need not come to it by itself.
     *
     * @param times how often each pattern is taken
     */
    public void begin(long[] times) {
        double[] hint = new double[times.length];
        Arrays.setAll(hint, p -> times[p]);
        solver.setHint(taken, hint);
    }

    /**
     * The cheapest choice.
     *
     * @param costs of each pattern, whole numbers
     * @param budget it gives up proving when that is spent and hands over the best that it has
     * @return empty where it found none
     */
    public Optional<Taken> cheapest(double[] costs, Budget budget) {
        MPObjective objective = solver.objective();
        objective.clear();
        for (int p = 0; p < costs.length; p++) {
            objective.setCoefficient(taken[p], costs[p]);
        }
        objective.setMinimization();
        solver.setTimeLimit(budget.limitMs());
        MPSolver.ResultStatus status = budget.spend(solver::interruptSolve, () -> solver.solve(exactly));
        if (status != MPSolver.ResultStatus.OPTIMAL && status != MPSolver.ResultStatus.FEASIBLE) {
            return Optional.empty();
        }
        long[] times = new long[taken.length];
        for (int p = 0; p < times.length; p++) {
            times[p] = Math.round(taken[p].solutionValue());
        }
        return Optional.of(new Taken(times, objective.bestBound(), status == MPSolver.ResultStatus.OPTIMAL));
    }

    @Override
    public void close() {
        exactly.delete();
        solver.delete();
    }
}
