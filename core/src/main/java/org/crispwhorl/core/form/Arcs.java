package org.crispwhorl.core.form;

import java.util.Arrays;

/**
 * Arcs of a circle that are covered: sorted, disjoint intervals of angle within 0 to 2π, as pairs (from, to). The whole
 * coverage of a flower is reckoned on circles of many radii with these.
 */
public final class Arcs {
    public static final double TURN = 2 * Math.PI;
    static final double[] NONE = {};

    private Arcs() {}

    /** The arcs of a piece, repeated at each of a ring's azimuths. */
    static double[] repeated(double[] piece, double[] azimuths) {
        if (piece.length == 0) {
            return NONE;
        }
        double[] all = new double[2 * piece.length * azimuths.length];
        int n = 0;
        for (double azimuth : azimuths) {
            for (int i = 0; i < piece.length; i += 2) {
                double width = piece[i + 1] - piece[i];
                if (width >= TURN) {
                    return new double[] {0, TURN};
                }
                double from = wrap(piece[i] + azimuth);
                double to = from + width;
                all[n++] = from;
                all[n++] = Math.min(to, TURN);
                if (to > TURN) {
                    all[n++] = 0;
                    all[n++] = to - TURN;
                }
            }
        }
        return merged(all, n);
    }

    /** Angles brought into 0 to 2π. */
    static double wrap(double angle) {
        double a = angle % TURN;
        return a < 0 ? a + TURN : a;
    }

    /** Sorts and merges the first n numbers of a list of pairs; the list is changed. */
    static double[] merged(double[] pairs, int n) {
        for (int i = 2; i < n; i += 2) {
            double from = pairs[i];
            double to = pairs[i + 1];
            int j = i - 2;
            while (j >= 0 && pairs[j] > from) {
                pairs[j + 2] = pairs[j];
                pairs[j + 3] = pairs[j + 1];
                j -= 2;
            }
            pairs[j + 2] = from;
            pairs[j + 3] = to;
        }
        int out = 0;
        for (int i = 0; i < n; i += 2) {
            if (out > 0 && pairs[i] <= pairs[out - 1]) {
                pairs[out - 1] = Math.max(pairs[out - 1], pairs[i + 1]);
            } else {
                pairs[out] = pairs[i];
                pairs[out + 1] = pairs[i + 1];
                out += 2;
            }
        }
        return Arrays.copyOf(pairs, out);
    }

    static double[] union(double[] a, double[] b) {
        if (a.length == 0) {
            return b;
        }
        if (b.length == 0) {
            return a;
        }
        double[] both = Arrays.copyOf(a, a.length + b.length);
        System.arraycopy(b, 0, both, a.length, b.length);
        return merged(both, both.length);
    }

    /** The angle covered. */
    static double measure(double[] arcs) {
        double sum = 0;
        for (int i = 0; i < arcs.length; i += 2) {
            sum += arcs[i + 1] - arcs[i];
        }
        return sum;
    }

    /** The angle of {@code arcs} that {@code covered} leaves open. */
    static double measureBeyond(double[] arcs, double[] covered) {
        return arcs.length == 0 ? 0 : measure(union(arcs, covered)) - measure(covered);
    }

    /** The largest angle left open round the whole circle. */
    static double largestGap(double[] arcs) {
        if (arcs.length == 0) {
            return TURN;
        }
        double gap = arcs[0] + TURN - arcs[arcs.length - 1];
        for (int i = 2; i < arcs.length; i += 2) {
            gap = Math.max(gap, arcs[i] - arcs[i - 1]);
        }
        return gap;
    }
}
