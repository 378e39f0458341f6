package org.crispwhorl.core.book;

import java.util.ArrayList;
import java.util.List;
import org.crispwhorl.core.drying.Spread;

/**
 * How fast a medium dries here over what is reckoned, by what was looked at: a posterior over the logarithm of that factor on a grid,
 * from a normal prior (0, 0.35²) and looks that say only *not yet* and *ready*, each with a lognormal error of 0.25.
 *
 * @param factor its median
 * @param low below which it lies with a chance of 10 %
 * @param high above which it lies with a chance of 10 %
 * @param sigma standard deviation of its logarithm
 * @param curve how likely each factor is, before and after
 */
public record RateLearnt(double factor, double low, double high, double sigma, List<Likely> curve) {
    /** Error of one look: a piece and an eye differ by so much. */
    static final double NOISE = 0.25;

    private static final double SPAN = 1.75;
    private static final int STEPS = 1400;

    /** Points of the grid from one of the curve to the next. */
    private static final int DRAWN_EVERY = 14;

    public RateLearnt {
        curve = List.copyOf(curve);
    }

    /**
     * What was seen of one piece, in its reckoned median times.
     *
     * @param notYet when it was last looked at and was not as it had to be; 0 where nobody looked
     * @param ready when it was found as it had to be; infinite where it was not
     */
    public record Seen(double notYet, double ready) {}

    /** How likely a factor is, before the records and with them; each sums up to 1 over the logarithm. */
    public record Likely(double factor, double before, double after) {}

    /** What looks make of it; without any it is the prior. */
    static RateLearnt of(List<Seen> looks) {
        double[] prior = new double[STEPS + 1];
        double[] post = new double[STEPS + 1];
        double most = Double.NEGATIVE_INFINITY;
        for (int i = 0; i <= STEPS; i++) {
            double x = at(i);
            double z = x / Spread.UNRECORDED.sigma();
            prior[i] = -z * z / 2;
            post[i] = prior[i];
            for (Seen seen : looks) {
                post[i] += Math.log(Math.max(Double.MIN_NORMAL, chance(seen, x)));
            }
            most = Math.max(most, post[i]);
        }
        double priorSum = 0;
        double sum = 0;
        for (int i = 0; i <= STEPS; i++) {
            prior[i] = Math.exp(prior[i]);
            post[i] = Math.exp(post[i] - most);
            priorSum += prior[i];
            sum += post[i];
        }
        double mean = 0;
        double square = 0;
        for (int i = 0; i <= STEPS; i++) {
            prior[i] /= priorSum;
            post[i] /= sum;
            mean += post[i] * at(i);
            square += post[i] * at(i) * at(i);
        }
        List<Likely> curve = new ArrayList<>();
        for (int i = 0; i <= STEPS; i += DRAWN_EVERY) {
            curve.add(new Likely(Math.exp(at(i)), prior[i] * STEPS / (2 * SPAN), post[i] * STEPS / (2 * SPAN)));
        }
        return new RateLearnt(
                quantile(post, 0.5),
                quantile(post, 0.1),
                quantile(post, 0.9),
                Math.sqrt(Math.max(0, square - mean * mean)),
                curve);
    }

    private static double at(int i) {
        return -SPAN + 2 * SPAN * i / STEPS;
    }

    /** The chance of what was seen where the logarithm of the factor is x: times are then e^−x of the reckoned median. */
    private static double chance(Seen seen, double x) {
        Spread error = new Spread(NOISE);
        double median = Math.exp(-x);
        double ready = Double.isInfinite(seen.ready()) ? 1 : error.chanceBy(seen.ready(), median);
        double notYet = seen.notYet() <= 0 ? 0 : error.chanceBy(seen.notYet(), median);
        return ready - notYet;
    }

    /** The factor below which so much of it lies, between the points of the grid. */
    private static double quantile(double[] density, double share) {
        double below = 0;
        for (int i = 0; i <= STEPS; i++) {
            if (below + density[i] >= share) {
                double within = (share - below) / density[i] - 0.5;
                return Math.exp(at(i) + within * 2 * SPAN / STEPS);
            }
            below += density[i];
        }
        return Math.exp(SPAN);
    }
}
