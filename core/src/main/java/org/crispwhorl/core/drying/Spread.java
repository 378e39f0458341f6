package org.crispwhorl.core.drying;

/**
 * How sure a drying time is: lognormal about its median.
 *
 * @param sigma standard deviation of the logarithm
 */
public record Spread(double sigma) {
    /** Before any record of the studio's own. */
    public static final Spread UNRECORDED = new Spread(0.35);

    /** Standard normal quantile of 90 %. */
    private static final double Z90 = 1.2815515655446004;

    /** The time by which nine of ten are there. */
    public double safeBy(double median) {
        return median * Math.exp(Z90 * sigma);
    }

    /**
     * How long a drying time turns out, over the time by which nine of ten are there.
     *
     * @param normal how far from the median, as a standard normal number
     */
    public double overSafe(double normal) {
        return Math.exp(sigma * (normal - Z90));
    }

    /** Half a deviation on either side: between these a part-dry window is counted as open. */
    public double likelyBy(double median) {
        return median * Math.exp(sigma / 2);
    }

    /** Half a deviation before the median. */
    public double likelyUntil(double median) {
        return median * Math.exp(-sigma / 2);
    }

    /** The chance that a lognormal time of that median is at most t, by the normal distribution of its logarithm. */
    public double chanceBy(double t, double median) {
        return phi(Math.log(t / median) / sigma);
    }

    /** Standard normal distribution function (Abramowitz and Stegun 26.2.17, true to 7.5e-8). */
    static double phi(double z) {
        double t = 1 / (1 + 0.2316419 * Math.abs(z));
        double tail = Math.exp(-z * z / 2)
                / Math.sqrt(2 * Math.PI)
                * t
                * (0.319381530 + t * (-0.356563782 + t * (1.781477937 + t * (-1.821255978 + t * 1.330274429))));
        return z >= 0 ? 1 - tail : tail;
    }
}
