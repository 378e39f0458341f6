package org.crispwhorl.core.form;

import java.util.Arrays;
import org.crispwhorl.core.outline.OutlineMesh;

/**
 * What one piece covers when it is looked at along the axis, as arcs on circles about the axis. Its surface is taken as
 * a mesh of small triangles; the part that still goes outwards and the part that already returns over the centre are kept
 * apart, since the one lies below the parts inside it and the other above.
 */
final class PiecePlan {
    private static final int STATIONS = 18;
    private static final int ACROSS = 5;

    private final Sides outgoing;
    private final Sides returning;

    /**
     * Triangles in polar coordinates, six numbers each (r, φ, …), on both sides of the midrib; φ is taken without its sign.
     *
     * @param left the same array as {@code right} where the piece is symmetric
     */
    private record Sides(double[] right, double[] left) {}

    PiecePlan(PetalSurface surface) {
        double length = surface.outline().lengthMm();
        double turnsIn = surface.midrib().turnsInAt();
        if (!surface.outline().symmetric()) {
            OutlineMesh flat = surface.flat(STATIONS, ACROSS);
            outgoing = new Sides(own(surface, flat, 0, turnsIn, 1), own(surface, flat, 0, turnsIn, -1));
            returning = new Sides(own(surface, flat, turnsIn, length, 1), own(surface, flat, turnsIn, length, -1));
        } else {
            double[] out = triangles(surface, 0, turnsIn);
            double[] back = triangles(surface, turnsIn, length);
            outgoing = new Sides(out, out);
            returning = new Sides(back, back);
        }
    }

    /** Arcs of the part that goes outwards, on circles of radius (k + ½)·step. */
    double[][] outgoing(double step, int circles) {
        return arcs(outgoing, step, circles);
    }

    /** Arcs of the part that returns, on circles of radius (k + ½)·step. */
    double[][] returning(double step, int circles) {
        return arcs(returning, step, circles);
    }

    private static double[][] arcs(Sides sides, double step, int circles) {
        double[][] right = arcs(sides.right(), step, circles);
        double[][] left = sides.left() == sides.right() ? right : arcs(sides.left(), step, circles);
        double[][] both = new double[circles][];
        for (int k = 0; k < circles; k++) {
            both[k] = bothSides(right[k], left[k]);
        }
        return both;
    }

    /** The triangles of an own shape on one side of its midrib whose middle lies between two stations. */
    private static double[] own(PetalSurface surface, OutlineMesh flat, double from, double to, int side) {
        double[] all = new double[2 * flat.triangles().length];
        int n = 0;
        for (int t = 0; t < flat.triangles().length; t += 3) {
            double[][] polar = new double[3][];
            double across = 0;
            double along = 0;
            for (int k = 0; k < 3; k++) {
                double[] at = flat.points()[flat.triangles()[t + k]];
                across += at[0] / 3;
                along += at[1] / 3;
                double[] p = surface.point(at[1], at[0]);
                polar[k] = new double[] {Math.hypot(p[0], p[1]), Math.atan2(Math.abs(p[1]), p[0])};
            }
            if (across * side >= 0 && along >= from && along < to) {
                n = triangle(all, n, polar[0], polar[1], polar[2]);
            }
        }
        return Arrays.copyOf(all, n);
    }

    /** Triangles of the half with positive y of a symmetric piece. */
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

    /** Each triangle leaves its arc on the circles that it meets. */
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
            found[k] = found[k] == null ? Arcs.NONE : Arcs.merged(found[k], used[k]);
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
    private static double[] bothSides(double[] right, double[] left) {
        double[] both = new double[right.length + left.length];
        for (int i = 0; i < left.length; i += 2) {
            both[left.length - 2 - i] = -left[i + 1];
            both[left.length - 1 - i] = -left[i];
        }
        System.arraycopy(right, 0, both, left.length, right.length);
        return Arcs.merged(both, both.length);
    }
}
