package org.crispwhorl.core.book;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.testng.annotations.Test;

/** The posterior of a drying factor beside an integration of its own, and whether its intervals hold what they promise. */
public class RateLearntTest {
    private static final double SIGMA = 0.35;
    private static final double NOISE = 0.25;

    /** The normal distribution function by Simpson's rule from -8 on. */
    private static double phi(double z) {
        if (z <= -8) {
            return 0;
        }
        int n = 2000;
        double h = (Math.min(z, 8) + 8) / n;
        double sum = 0;
        for (int i = 0; i <= n; i++) {
            double x = -8 + i * h;
            sum += (i == 0 || i == n ? 1 : i % 2 == 0 ? 2 : 4) * Math.exp(-x * x / 2);
        }
        return sum * h / 3 / Math.sqrt(2 * Math.PI);
    }

    /** Median and standard deviation of the logarithm, integrated over the factor itself and not its logarithm. */
    private static double[] integrated(List<RateLearnt.Seen> looks) {
        int n = 4000;
        double from = 0.15;
        double to = 6;
        double h = (to - from) / n;
        double[] weight = new double[n];
        double all = 0;
        double mean = 0;
        for (int i = 0; i < n; i++) {
            double f = from + (i + 0.5) * h;
            double log = Math.log(f);
            double w = Math.exp(-log * log / (2 * SIGMA * SIGMA)) / f;
            for (RateLearnt.Seen seen : looks) {
                double ready = Double.isInfinite(seen.ready()) ? 1 : phi((Math.log(seen.ready()) + log) / NOISE);
                double notYet = seen.notYet() <= 0 ? 0 : phi((Math.log(seen.notYet()) + log) / NOISE);
                w *= ready - notYet;
            }
            weight[i] = w;
            all += w;
            mean += w * log;
        }
        mean /= all;
        double square = 0;
        double below = 0;
        double median = 0;
        for (int i = 0; i < n; i++) {
            double log = Math.log(from + (i + 0.5) * h);
            square += weight[i] / all * (log - mean) * (log - mean);
            if (below < all / 2 && below + weight[i] >= all / 2) {
                median = from + (i + (all / 2 - below) / weight[i]) * h;
            }
            below += weight[i];
        }
        return new double[] {median, Math.sqrt(square)};
    }

    private static List<RateLearnt.Seen> studio(Random random, double factor, int records) {
        List<RateLearnt.Seen> looks = new ArrayList<>();
        for (int i = 0; i < records; i++) {
            double there = Math.exp(NOISE * random.nextGaussian()) / factor;
            double early = (0.4 + 0.9 * random.nextDouble()) / factor;
            double late = early * (1.1 + random.nextDouble());
            looks.add(
                    there <= early
                            ? new RateLearnt.Seen(0, early)
                            : there <= late
                                    ? new RateLearnt.Seen(early, late)
                                    : new RateLearnt.Seen(late, Double.POSITIVE_INFINITY));
        }
        return looks;
    }

    @Test
    public void agreesWithAnIntegrationOfItsOwn() {
        Random random = new Random(1);
        for (int k = 0; k < 8; k++) {
            List<RateLearnt.Seen> looks = studio(random, 0.6 + 1.1 * random.nextDouble(), k);
            RateLearnt learnt = RateLearnt.of(looks);
            double[] own = integrated(looks);
            assertEquals(learnt.factor(), own[0], 0.01 * own[0], k + " looks");
            assertEquals(learnt.sigma(), own[1], 0.01 * own[1], k + " looks");
            assertTrue(learnt.low() < learnt.factor() && learnt.factor() < learnt.high());
        }
    }

    @Test
    public void fourOfFiveIntervalsHoldTheTruth() {
        Random random = new Random(2);
        int held = 0;
        int studios = 1000;
        for (int k = 0; k < studios; k++) {
            double truth = 0.6 + 1.1 * random.nextDouble();
            RateLearnt learnt = RateLearnt.of(studio(random, truth, 12));
            held += learnt.low() <= truth && truth <= learnt.high() ? 1 : 0;
        }
        assertTrue(held >= 750 && held <= 850, held + " of " + studios);
    }

    @Test
    public void withoutARecordItIsThePrior() {
        RateLearnt none = RateLearnt.of(List.of());
        assertEquals(none.factor(), 1, 1e-6);
        assertEquals(none.sigma(), SIGMA, 1e-3);
        assertEquals(none.high(), Math.exp(1.2815515655 * SIGMA), 2e-3);
        none.curve().forEach(p -> assertEquals(p.before(), p.after(), 1e-9));
    }

    @Test
    public void whatIsFoundReadyEarlyDriesFaster() {
        RateLearnt early = RateLearnt.of(List.of(new RateLearnt.Seen(0, 0.5), new RateLearnt.Seen(0, 0.5)));
        RateLearnt late = RateLearnt.of(List.of(
                new RateLearnt.Seen(1.6, Double.POSITIVE_INFINITY),
                new RateLearnt.Seen(1.6, Double.POSITIVE_INFINITY)));
        assertTrue(early.factor() > 1.2, early.toString());
        assertTrue(late.factor() < 0.8, late.toString());
        assertTrue(early.sigma() < SIGMA && late.sigma() < SIGMA);
    }
}
