package org.crispwhorl.core.solver;

import com.google.ortools.linearsolver.MPConstraint;
import com.google.ortools.linearsolver.MPSolver;
import com.google.ortools.linearsolver.MPVariable;
import java.util.Optional;

/** The linear relaxation of a covering problem to which patterns are added one by one, as their worth is found (GLOP). */
public final class GrowingCover implements AutoCloseable {
    private final MPSolver solver;
    private final MPConstraint[] rows;

    private GrowingCover(MPSolver solver, double[] least, double[] most) {
        this.solver = solver;
        rows = new MPConstraint[least.length];
        for (int i = 0; i < rows.length; i++) {
            rows[i] = solver.makeConstraint(least[i], most[i]);
        }
        solver.objective().setMinimization();
    }

    /**
     * A problem without patterns yet.
     *
     * @param least what the patterns have to give together, row by row
     * @param most what they may give at the most
     * @return empty where there is no solver
     */
    public static Optional<GrowingCover> of(double[] least, double[] most) {
        MPSolver solver = ExactSolver.there() ? MPSolver.createSolver("GLOP") : null;
        return solver == null ? Optional.empty() : Optional.of(new GrowingCover(solver, least, most));
    }

    /** Adds a pattern by its cost and what it gives to each row. */
    public void add(double cost, double[] gives) {
        MPVariable taken = solver.makeNumVar(0, MPSolver.infinity(), "");
        solver.objective().setCoefficient(taken, cost);
        for (int i = 0; i < rows.length; i++) {
            if (gives[i] != 0) {
                rows[i].setCoefficient(taken, gives[i]);
            }
        }
    }

    /**
     * The worth of one more in each row.
     *
     * @return empty where the patterns so far cannot give what is asked
     */
    public Optional<double[]> worths() {
        if (solver.solve() != MPSolver.ResultStatus.OPTIMAL) {
            return Optional.empty();
        }
        double[] worths = new double[rows.length];
        for (int i = 0; i < rows.length; i++) {
            worths[i] = rows[i].dualValue();
        }
        return Optional.of(worths);
    }

    /** The least cost of the patterns so far. */
    public double cost() {
        return solver.objective().value();
    }

    @Override
    public void close() {
        solver.delete();
    }
}
