package org.crispwhorl.core;

import static org.testng.Assert.assertEquals;

/** Comparisons as the craft makes them. */
public final class Close {
    private Close() {}

    /** Within a share of what is expected. */
    public static void within(double share, double actual, double expected) {
        assertEquals(actual, expected, Math.abs(expected) * share, "off by more than " + 100 * share + " %");
    }

    /** Within one per cent: the tolerance of every worked check. */
    public static void onePercent(double actual, double expected) {
        within(0.01, actual, expected);
    }
}
