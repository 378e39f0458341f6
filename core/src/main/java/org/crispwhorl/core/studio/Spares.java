package org.crispwhorl.core.studio;

import org.crispwhorl.core.measure.Limits;
import org.crispwhorl.core.measure.Quantity;
import org.crispwhorl.core.measure.Text;
import org.crispwhorl.core.measure.Unit;

/** Spares by odds: breakage is a Beta, so that the count of broken pieces is beta-binomial. */
@Text(label = "breakage", means = "How many pieces break.")
public record Spares(
        @Quantity(
                label = "broken",
                unit = Unit.COUNT,
                min = 0.1,
                max = 1e6,
                usual = 1.5,
                means = "Beta parameter a: pieces broken, those of the prior included.")
        double broken,

        @Quantity(
                label = "whole",
                unit = Unit.COUNT,
                min = 0.1,
                max = 1e6,
                usual = 28.5,
                means = "Beta parameter b: pieces whole, those of the prior included.")
        double whole) {
    /** Before any record: 5 % breakage on the mean. */
    public static final Spares UNRECORDED = new Spares(1.5, 28.5);

    public Spares {
        Limits.check(Spares.class, broken, whole);
    }

    /** What the studio's own record makes of it. */
    public Spares after(int brokenPieces, int wholePieces) {
        return new Spares(broken + brokenPieces, whole + wholePieces);
    }

    /** The odds that must be met of having enough good pieces. */
    public static final double ODDS = 0.95;

    /** No maker makes more spares than this for each piece needed, and a few besides. */
    private static final int MOST_EACH = 20;

    /**
     * The fewest spares with which at least {@code needed} good pieces come out at odds of 95 % or better. Where nearly everything
     * breaks no number is enough; then it is {@value MOST_EACH} for each piece and as many besides.
     *
     * @param needed 0 or more
     */
    public int forPieces(int needed) {
        if (needed <= 0) {
            return 0;
        }
        int most = MOST_EACH * (needed + 1);
        int enough = 1;
        while (enough < most && chanceEnough(needed, enough - 1) < ODDS) {
            enough = Math.min(most, 2 * enough);
        }
        int least = 0;
        while (least < enough) {
            int middle = (least + enough) / 2;
            if (chanceEnough(needed, middle) < ODDS) {
                least = middle + 1;
            } else {
                enough = middle;
            }
        }
        return least;
    }

    /**
     * P(at most {@code spare} of needed + spare break), by the beta-binomial's own recurrence, in logarithms, so that nothing is
     * too small to be counted.
     */
    double chanceEnough(int needed, int spare) {
        int n = needed + spare;
        double log = 0;
        for (int i = 0; i < n; i++) {
            log += Math.log((whole + i) / (broken + whole + i));
        }
        double sum = Math.exp(log);
        for (int k = 0; k < spare; k++) {
            log += Math.log((double) (n - k) / (k + 1) * (broken + k) / (whole + n - k - 1));
            sum += Math.exp(log);
        }
        return sum;
    }

    /** Cells into which shares from 0 to 1 are cut. */
    private static final int CELLS = 20_000;

    /**
     * The share of broken pieces below which it lies with a chance, by adding up the Beta's density.
     *
     * @param chance above 0 and below 1
     */
    public double shareBelow(double chance) {
        double[] density = new double[CELLS];
        double most = Double.NEGATIVE_INFINITY;
        for (int i = 0; i < CELLS; i++) {
            double x = (i + 0.5) / CELLS;
            density[i] = (broken - 1) * Math.log(x) + (whole - 1) * Math.log1p(-x);
            most = Math.max(most, density[i]);
        }
        double sum = 0;
        for (int i = 0; i < CELLS; i++) {
            density[i] = Math.exp(density[i] - most);
            sum += density[i];
        }
        double below = 0;
        for (int i = 0; i < CELLS; i++) {
            if (below + density[i] >= chance * sum) {
                return (i + (chance * sum - below) / density[i]) / CELLS;
            }
            below += density[i];
        }
        return 1;
    }

    /** Mean share that breaks. */
    public double meanShare() {
        return broken / (broken + whole);
    }
}
