package org.crispwhorl.core.flower;

import java.util.Arrays;

/**
 * What one piece covers when it is looked at along the axis, as arcs on circles about the axis. Its surface is taken as
 * a mesh of small triangles; the part that still goes outwards and the part that already returns over the centre are kept
 * apart, since the one lies below the parts inside it and the other above.
 */
final class PiecePlan {
    private static final int STATIONS = 18;
    private static final int ACROSS = 5;

    private final double[] outgoing;
    private final double[] returning;

    PiecePlan(PetalSurface surface) {
        double length = surface.outline().lengthMm();
        double turnsIn = surface.midrib().turnsInAt();
        outgoing = triangles(surface, 0, turnsIn);
        returning = triangles(surface, turnsIn, length);
    }

    /** Arcs of the part that goes outwards, on circles of radius (k + ½)·step. */
    double[][] outgoing(double step, int circles) {
        return arcs(outgoing, step, circles);
    }

    /** Arcs of the part that returns, on circles of radius (k + ½)·step. */
    double[][] returning(double step, int circles) {
        return arcs(returning, step, circles);
    }

    /** Triangles in polar coordinates, six numbers each (r, φ, …), of the half with positive y. */
    private static double[] triangles(PetalSurface surface, double from, double to) {
        if (to - from < 1e-6) {
            return Arcs.NONE;
        }
        int rows = Math.max(
                3, (int) Math.ceil(STATIONS * (to - from) / surface.outline().lengthMm()));
        double[][][] grid = new double[rows + 1][ACROSS + 1][];
        for (int i = 0; i <= rows; i++) {
            // Stations crowd towards the end, where the outline turns fastest.
            double s = from + (to - from) * Math.sin(Math.PI / 2 * i / rows);
            double half = surface.outline().halfWidthAt(s);
            for (int j = 0; j <= ACROSS; j++) {
                double v = half * j / ACROSS;
                double[] p = surface.point(Math.max(from, surface.outline().notchedStation(s, v)), v);
                grid[i][j] = new double[] {Math.hypot(p[0], p[1]), Math.atan2(Math.abs(p[1]), p[0])};
            }
        }
        double[] all = new double[rows * ACROSS * 12];
        int n = 0;
        for (int i = 0; i < rows; i++) {
            for (int j = 0; j < ACROSS; j++) {
                n = triangle(all, n, grid[i][j], grid[i + 1][j], grid[i][j + 1]);
                n = triangle(all, n, grid[i + 1][j + 1], grid[i + 1][j], grid[i][j + 1]);
            }
        }
        return all;
    }

    private static int triangle(double[] all, int n, double[] a, double[] b, double[] c) {
        all[n] = a[0];
        all[n + 1] = a[1];
        all[n + 2] = b[0];
        all[n + 3] = b[1];
        all[n + 4] = c[0];
        all[n + 5] = c[1];
        return n + 6;
    }

    /** Each triangle leaves its arc on the circles that it meets; the mirrored half is added at the end. */
    private static double[][] arcs(double[] t, double step, int circles) {
        double[][] found = new double[circles][];
        int[] used = new int[circles];
        for (int i = 0; i < t.length; i += 6) {
            double least = Math.min(t[i], Math.min(t[i + 2], t[i + 4]));
            double most = Math.max(t[i], Math.max(t[i + 2], t[i + 4]));
            int last = Math.min(circles - 1, (int) Math.floor(most / step - 0.5));
            for (int k = Math.max(0, (int) Math.ceil(least / step - 0.5)); k <= last; k++) {
                if (found[k] == null) {
                    found[k] = new double[32];
                } else if (used[k] + 2 > found[k].length) {
                    found[k] = Arrays.copyOf(found[k], 2 * found[k].length);
                }
                used[k] += arc(t, i, (k + 0.5) * step, found[k], used[k]);
            }
        }
        for (int k = 0; k < circles; k++) {
            found[k] = found[k] == null ? Arcs.NONE : mirrored(Arcs.merged(found[k], used[k]));
        }
        return found;
    }

    /** Puts the arc of one triangle on one circle into a list; returns how many numbers it took. */
    private static int arc(double[] t, int i, double r, double[] list, int at) {
        double from = Double.POSITIVE_INFINITY;
        double to = Double.NEGATIVE_INFINITY;
        for (int e = 0; e < 6; e += 2) {
            int f = (e + 2) % 6;
            double r0 = t[i + e];
            double r1 = t[i + f];
            if ((r0 - r) * (r1 - r) <= 0 && r0 != r1) {
                double phi = t[i + e + 1] + (r - r0) / (r1 - r0) * (t[i + f + 1] - t[i + e + 1]);
                from = Math.min(from, phi);
                to = Math.max(to, phi);
            }
        }
        if (from >= to) {
            return 0;
        }
        list[at] = from;
        list[at + 1] = to;
        return 2;
    }

    /** Arcs of one side of the midrib with those of the other. */
    private static double[] mirrored(double[] half) {
        double[] both = new double[2 * half.length];
        for (int i = 0; i < half.length; i += 2) {
            both[half.length - 2 - i] = -half[i + 1];
            both[half.length - 1 - i] = -half[i];
            both[half.length + i] = half[i];
            both[half.length + i + 1] = half[i + 1];
        }
        return Arcs.merged(both, both.length);
    }
}
