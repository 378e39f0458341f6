package org.crispwhorl.core.outline;

/** The box round a polygon. */
record Bounds(double left, double right, double low, double high) {
    static Bounds of(double[][] ring) {
        double left = Double.POSITIVE_INFINITY;
        double right = Double.NEGATIVE_INFINITY;
        double low = Double.POSITIVE_INFINITY;
        double high = Double.NEGATIVE_INFINITY;
        for (double[] p : ring) {
            left = Math.min(left, p[0]);
            right = Math.max(right, p[0]);
            low = Math.min(low, p[1]);
            high = Math.max(high, p[1]);
        }
        return new Bounds(left, right, low, high);
    }

    double width() {
        return right - left;
    }

    double height() {
        return high - low;
    }
}
