package org.crispwhorl.benchmarks;

import com.google.ortools.Loader;
import com.google.ortools.linearsolver.MPConstraint;
import com.google.ortools.linearsolver.MPObjective;
import com.google.ortools.linearsolver.MPSolver;
import com.google.ortools.linearsolver.MPVariable;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Random;
import org.crispwhorl.core.wire.CuttingPlan;
import org.crispwhorl.core.wire.WireCutter;
import org.crispwhorl.core.wire.WirePiece;
import org.crispwhorl.core.wire.WireStock;

/**
 * Random orders of wire, cut by the exact plan, by first-fit-decreasing, and bounded from below by the linear relaxation over all
 * patterns (Gilmore and Gomory's column generation).
 */
final class WireOrders {
    private static final int ORDERS = 200;
    private static final long SEED = 20260;
    private static final double STOCK_MM = 360;
    private static final WireStock STOCK = new WireStock(List.of(STOCK_MM), List.of());

    private int proved;
    private long exact;
    private long plain;
    private long missed;
    private double bound;
    private final double[] ms = new double[ORDERS];

    private WireOrders() {}

    static WireOrders measure() {
        Loader.loadNativeLibraries();
        WireOrders all = new WireOrders();
        Random random = new Random(SEED);
        for (int i = 0; i < ORDERS; i++) {
            List<WirePiece> pieces = new ArrayList<>();
            int lengths = 3 + random.nextInt(6);
            for (int k = 0; k < lengths; k++) {
                pieces.add(new WirePiece(40 + random.nextInt(211), 4 + random.nextInt(120)));
            }
            all.order(i, pieces);
        }
        return all;
    }

    private void order(int i, List<WirePiece> pieces) {
        long begun = System.nanoTime();
        CuttingPlan plan = WireCutter.plan(pieces, STOCK);
        ms[i] = (System.nanoTime() - begun) / 1e6;
        int first = WireCutter.firstFitDecreasing(pieces, STOCK).wholeWires();
        proved += plan.proved() ? 1 : 0;
        exact += plan.wholeWires();
        plain += first;
        missed += first > plan.wholeWires() ? 1 : 0;
        bound += relaxed(pieces);
    }

    /** Least number of wires where a pattern may be used a fraction of a time. */
    private static double relaxed(List<WirePiece> pieces) {
        int n = pieces.size();
        List<int[]> patterns = new ArrayList<>();
        for (int i = 0; i < n; i++) {
            int[] alone = new int[n];
            alone[i] = (int) (STOCK_MM / pieces.get(i).lengthMm());
            patterns.add(alone);
        }
        while (true) {
            MPSolver solver = MPSolver.createSolver("GLOP");
            MPConstraint[] rows = new MPConstraint[n];
            Arrays.setAll(rows, i -> solver.makeConstraint(pieces.get(i).count(), MPSolver.infinity()));
            MPObjective objective = solver.objective();
            objective.setMinimization();
            for (int[] pattern : patterns) {
                MPVariable used = solver.makeNumVar(0, MPSolver.infinity(), "");
                objective.setCoefficient(used, 1);
                for (int i = 0; i < n; i++) {
                    rows[i].setCoefficient(used, pattern[i]);
                }
            }
            solver.solve();
            double[] worth = new double[n];
            Arrays.setAll(worth, i -> rows[i].dualValue());
            int[] better = knapsack(pieces, worth);
            double value = 0;
            for (int i = 0; i < n; i++) {
                value += better[i] * worth[i];
            }
            if (value <= 1 + 1e-7) {
                return objective.value();
            }
            patterns.add(better);
        }
    }

    /** The pattern that is worth most. */
    private static int[] knapsack(List<WirePiece> pieces, double[] worth) {
        int stock = (int) STOCK_MM;
        double[] best = new double[stock + 1];
        int[] last = new int[stock + 1];
        Arrays.fill(last, -1);
        for (int l = 1; l <= stock; l++) {
            best[l] = best[l - 1];
            for (int i = 0; i < worth.length; i++) {
                int length = (int) pieces.get(i).lengthMm();
                if (length <= l && best[l - length] + worth[i] > best[l] + 1e-12) {
                    best[l] = best[l - length] + worth[i];
                    last[l] = i;
                }
            }
        }
        int[] pattern = new int[worth.length];
        for (int l = stock; l > 0; ) {
            if (last[l] < 0) {
                l--;
            } else {
                pattern[last[l]]++;
                l -= (int) pieces.get(last[l]).lengthMm();
            }
        }
        return pattern;
    }

    String provedTold() {
        return proved + " of " + ORDERS;
    }

    String timeTold() {
        Arrays.sort(ms);
        return String.format(Locale.ROOT, "median %.1f ms, worst %.0f ms", ms[ORDERS / 2], ms[ORDERS - 1]);
    }

    String wiresTold() {
        return String.format(
                Locale.ROOT,
                "exact %d, first-fit-decreasing %d (more in %d of %d orders), linear bound %.1f",
                exact,
                plain,
                missed,
                ORDERS,
                bound);
    }
}
