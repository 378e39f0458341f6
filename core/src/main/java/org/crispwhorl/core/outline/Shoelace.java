package org.crispwhorl.core.outline;

/**
 * Area and centre of area of a simple polygon by the shoelace rule.
 *
 * @param area without sign
 * @param centreX of the centre of area
 * @param centreY of the centre of area
 */
record Shoelace(double area, double centreX, double centreY) {
    /** @param ring rows of (x, y), not closed */
    static Shoelace of(double[][] ring) {
        double twice = 0;
        double x = 0;
        double y = 0;
        for (int i = 0; i < ring.length; i++) {
            double[] a = ring[i];
            double[] b = ring[(i + 1) % ring.length];
            double cross = a[0] * b[1] - b[0] * a[1];
            twice += cross;
            x += (a[0] + b[0]) * cross;
            y += (a[1] + b[1]) * cross;
        }
        return new Shoelace(Math.abs(twice) / 2, x / (3 * twice), y / (3 * twice));
    }

    /** Length of the closed line round a polygon. */
    static double perimeter(double[][] ring) {
        double sum = 0;
        for (int i = 0; i < ring.length; i++) {
            double[] a = ring[i];
            double[] b = ring[(i + 1) % ring.length];
            sum += Math.hypot(a[0] - b[0], a[1] - b[1]);
        }
        return sum;
    }
}
