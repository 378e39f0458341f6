package org.crispwhorl.core.form;

/** Two triangles in space, and a point and a triangle. */
final class TriangleMeeting {
    /** Distances smaller than this are none, mm. */
    private static final double TOUCHING = 1e-9;

    private TriangleMeeting() {}

    /**
     * Length of the line along which two triangles pass through each other (T. Möller's test: each triangle covers an interval of
     * the line in which their planes meet, and what both cover is common).
     *
     * @return mm; 0 where they are apart, touch in a point, or lie in one plane; where a side of one lies in the plane of the other,
     *     its length if the rest lies below
     */
    static double along(double[][] a, double[][] b) {
        double[] normalB = cross(minus(b[1], b[0]), minus(b[2], b[0]));
        double[] sideA = sides(a, normalB, b[0]);
        if (sideA == null) {
            return 0;
        }
        double[] normalA = cross(minus(a[1], a[0]), minus(a[2], a[0]));
        double[] sideB = sides(b, normalA, a[0]);
        if (sideB == null) {
            return 0;
        }
        double[] line = cross(normalA, normalB);
        double length = Math.sqrt(dot(line, line));
        if (length == 0) {
            return 0;
        }
        double[] unit = {line[0] / length, line[1] / length, line[2] / length};
        double[] from = interval(a, sideA, unit, a[0]);
        double[] to = interval(b, sideB, unit, a[0]);
        double common = Math.min(from[1], to[1]) - Math.max(from[0], to[0]);
        return common > TOUCHING ? common : 0;
    }

    /**
     * Signed distances of corners from a plane; null where all lie on one side. What lies in the plane counts as above it, so that
     * of two triangles whose common side lies in it only one meets it.
     */
    private static double[] sides(double[][] corners, double[] normal, double[] on) {
        double length = Math.sqrt(dot(normal, normal));
        if (length == 0) {
            return null;
        }
        double[] side = new double[3];
        boolean above = false;
        boolean below = false;
        for (int k = 0; k < 3; k++) {
            side[k] = dot(normal, minus(corners[k], on)) / length;
            side[k] = Math.abs(side[k]) < TOUCHING ? 0 : side[k];
            above |= side[k] >= 0;
            below |= side[k] < 0;
        }
        return above && below ? side : null;
    }

    /** What a triangle covers of a line in which it meets a plane. */
    private static double[] interval(double[][] corners, double[] side, double[] unit, double[] origin) {
        double low = Double.POSITIVE_INFINITY;
        double high = Double.NEGATIVE_INFINITY;
        for (int k = 0; k < 3; k++) {
            int next = (k + 1) % 3;
            double p = dot(unit, minus(corners[k], origin));
            if (side[k] >= 0 != side[next] >= 0) {
                double q = dot(unit, minus(corners[next], origin));
                double at = p + (q - p) * side[k] / (side[k] - side[next]);
                low = Math.min(low, at);
                high = Math.max(high, at);
            }
        }
        return new double[] {low, high};
    }

    /**
     * The point of a triangle nearest to a point (by the regions of its corners, sides and face; Ericson's order of them).
     *
     * @param weights takes the shares of the three corners in the answer
     */
    static double[] nearest(double[] p, double[][] t, double[] weights) {
        double[] ab = minus(t[1], t[0]);
        double[] ac = minus(t[2], t[0]);
        double[] ap = minus(p, t[0]);
        double d1 = dot(ab, ap);
        double d2 = dot(ac, ap);
        if (d1 <= 0 && d2 <= 0) {
            return at(t, weights, 1, 0, 0);
        }
        double[] bp = minus(p, t[1]);
        double d3 = dot(ab, bp);
        double d4 = dot(ac, bp);
        if (d3 >= 0 && d4 <= d3) {
            return at(t, weights, 0, 1, 0);
        }
        double vc = d1 * d4 - d3 * d2;
        if (vc <= 0 && d1 >= 0 && d3 <= 0) {
            double v = d1 / (d1 - d3);
            return at(t, weights, 1 - v, v, 0);
        }
        double[] cp = minus(p, t[2]);
        double d5 = dot(ab, cp);
        double d6 = dot(ac, cp);
        if (d6 >= 0 && d5 <= d6) {
            return at(t, weights, 0, 0, 1);
        }
        double vb = d5 * d2 - d1 * d6;
        if (vb <= 0 && d2 >= 0 && d6 <= 0) {
            double w = d2 / (d2 - d6);
            return at(t, weights, 1 - w, 0, w);
        }
        double va = d3 * d6 - d5 * d4;
        if (va <= 0 && d4 - d3 >= 0 && d5 - d6 >= 0) {
            double w = (d4 - d3) / ((d4 - d3) + (d5 - d6));
            return at(t, weights, 0, 1 - w, w);
        }
        double sum = va + vb + vc;
        return sum == 0 ? at(t, weights, 1, 0, 0) : at(t, weights, va / sum, vb / sum, vc / sum);
    }

    private static double[] at(double[][] t, double[] weights, double a, double b, double c) {
        weights[0] = a;
        weights[1] = b;
        weights[2] = c;
        double[] p = new double[3];
        for (int k = 0; k < 3; k++) {
            p[k] = a * t[0][k] + b * t[1][k] + c * t[2][k];
        }
        return p;
    }

    static double[] minus(double[] a, double[] b) {
        return new double[] {a[0] - b[0], a[1] - b[1], a[2] - b[2]};
    }

    static double dot(double[] a, double[] b) {
        return a[0] * b[0] + a[1] * b[1] + a[2] * b[2];
    }

    static double[] cross(double[] a, double[] b) {
        return new double[] {a[1] * b[2] - a[2] * b[1], a[2] * b[0] - a[0] * b[2], a[0] * b[1] - a[1] * b[0]};
    }
}
