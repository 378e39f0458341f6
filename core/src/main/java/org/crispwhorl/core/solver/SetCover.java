package org.crispwhorl.core.solver;

import com.google.ortools.linearsolver.MPConstraint;
import com.google.ortools.linearsolver.MPObjective;
import com.google.ortools.linearsolver.MPSolver;
import com.google.ortools.linearsolver.MPSolverParameters;
import com.google.ortools.linearsolver.MPVariable;
import java.util.BitSet;
import java.util.List;
import java.util.Optional;

/**
 * The cheapest choice of sets that covers everything, by branch and cut (SCIP): the linear relaxation of a cover is so close to the
 * cover that a solver of linear programs proves in a tenth of a second what a solver of constraints proves in minutes.
 */
public final class SetCover {
    /** It gives up proving after this long and hands over the best that it has. */
    private static final long LIMIT_MS = 10_000;

    private SetCover() {}

    /** The sets chosen, and whether no cheaper choice covers everything. */
    public record Chosen(BitSet sets, boolean proved) {}

    /**
     * @param rows for each thing to be covered, the sets that cover it; none of them empty
     * @param costs of each set, whole numbers of 0 and more
     * @param without a set that must not be chosen; −1 for none
     * @return the best choice that was found; empty where there is none, or no solver
     */
    public static Optional<Chosen> solve(List<BitSet> rows, long[] costs, int without) {
        MPSolver solver = ExactSolver.there() ? MPSolver.createSolver("SCIP") : null;
        if (solver == null) {
            return Optional.empty();
        }
        MPSolverParameters exactly = new MPSolverParameters();
        try {
            MPVariable[] chosen = solver.makeBoolVarArray(costs.length);
            MPObjective objective = solver.objective();
            for (int c = 0; c < costs.length; c++) {
                objective.setCoefficient(chosen[c], costs[c]);
            }
            objective.setMinimization();
            if (without >= 0) {
                chosen[without].setUb(0);
            }
            for (BitSet row : rows) {
                MPConstraint covered = solver.makeConstraint(1, MPSolver.infinity());
                row.stream().forEach(c -> covered.setCoefficient(chosen[c], 1));
            }
            exactly.setDoubleParam(MPSolverParameters.DoubleParam.RELATIVE_MIP_GAP, 0);
            solver.setTimeLimit(LIMIT_MS);
            MPSolver.ResultStatus status = solver.solve(exactly);
            if (status != MPSolver.ResultStatus.OPTIMAL && status != MPSolver.ResultStatus.FEASIBLE) {
                return Optional.empty();
            }
            BitSet sets = new BitSet();
            for (int c = 0; c < costs.length; c++) {
                sets.set(c, chosen[c].solutionValue() > 0.5);
            }
            return Optional.of(new Chosen(sets, status == MPSolver.ResultStatus.OPTIMAL));
        } finally {
            exactly.delete();
            solver.delete();
        }
    }
}
