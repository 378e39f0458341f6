package org.crispwhorl.core.bench;

import org.crispwhorl.core.measure.Limits;
import org.crispwhorl.core.measure.Quantity;
import org.crispwhorl.core.measure.Unit;
import org.crispwhorl.core.measure.Words;

/** Spares by odds: breakage is a Beta, so that the count of broken pieces is beta-binomial. */
@Words(label = "breakage", means = "How many pieces break.")
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

    /**
     * The fewest spares with which at least {@code needed} good pieces come out at odds of 95 % or better.
     *
     * @param needed 0 or more
     */
    public int forPieces(int needed) {
        int spare = 0;
        while (needed > 0 && chanceEnough(needed, spare) < ODDS) {
            spare++;
        }
        return spare;
    }

    /** P(at most {@code spare} of needed + spare break), by the beta-binomial's own recurrence. */
    double chanceEnough(int needed, int spare) {
        int n = needed + spare;
        double p = 1;
        for (int i = 0; i < n; i++) {
            p *= (whole + i) / (broken + whole + i);
        }
        double sum = p;
        for (int k = 0; k < spare; k++) {
            p *= (double) (n - k) / (k + 1) * (broken + k) / (whole + n - k - 1);
            sum += p;
        }
        return sum;
    }

    /** Mean share that breaks. */
    public double meanShare() {
        return broken / (broken + whole);
    }
}
