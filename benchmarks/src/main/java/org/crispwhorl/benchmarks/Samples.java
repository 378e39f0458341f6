package org.crispwhorl.benchmarks;

import java.util.Arrays;

/** Measured times. */
record Samples(double[] millis) {
    Samples {
        millis = millis.clone();
        Arrays.sort(millis);
    }

    /** The time that a share of the samples does not exceed (nearest rank). */
    double percentile(double share) {
        return millis[Math.max(0, (int) Math.ceil(share * millis.length) - 1)];
    }

    String told() {
        return String.format(
                java.util.Locale.ROOT,
                "median %.1f ms, p95 %.1f ms, worst %.1f ms of %d",
                percentile(0.5),
                percentile(0.95),
                percentile(1),
                millis.length);
    }
}
