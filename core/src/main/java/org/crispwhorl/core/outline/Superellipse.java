package org.crispwhorl.core.outline;

/** The superellipse (Lamé curve) |x|^e + |y|^e = 1. */
final class Superellipse {
    /** Coefficients of Lanczos' approximation of the gamma function for g = 7, true to 15 digits (P. Godfrey). */
    private static final double[] LANCZOS = {
        0.99999999999980993,
        676.5203681218851,
        -1259.1392167224028,
        771.32342877765313,
        -176.61502916214059,
        12.507343278686905,
        -0.13857109526572012,
        9.9843695780195716e-6,
        1.5056327351493116e-7
    };

    private static final double G = 7;

    private Superellipse() {}

    /**
     * Area of a quarter as a share of the square round it: Γ(1 + 1/e)² ÷ Γ(1 + 2/e).
     *
     * @param e power, 1 (a straight side) and more
     */
    static double shareOfBox(double e) {
        return Math.exp(2 * logGamma(1 + 1 / e) - logGamma(1 + 2 / e));
    }

    /** ln Γ(x) for x of 1 and more. */
    private static double logGamma(double x) {
        double sum = LANCZOS[0];
        for (int i = 1; i < LANCZOS.length; i++) {
            sum += LANCZOS[i] / (x - 1 + i);
        }
        double t = x + G - 0.5;
        return 0.5 * Math.log(2 * Math.PI) + (x - 0.5) * Math.log(t) - t + Math.log(sum);
    }
}
