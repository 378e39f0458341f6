package org.crispwhorl.core.bench;

/**
 * Spares by odds: breakage is a Beta, so that the count of broken pieces is beta-binomial.
 *
 * @param broken Beta parameter a: pieces broken, prior included
 * @param whole Beta parameter b: pieces whole, prior included
 */
public record Spares(double broken, double whole) {
    /** Before any record: 5 % breakage on the mean. */
    public static final Spares UNRECORDED = new Spares(1.5, 28.5);

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
