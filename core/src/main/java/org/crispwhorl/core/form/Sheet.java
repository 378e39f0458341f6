package org.crispwhorl.core.form;

import java.util.Arrays;
import java.util.Comparator;
import java.util.stream.IntStream;

/** A surface as triangles, ordered in a tree of boxes so that it can be held against another. */
final class Sheet {
    private static final int LEAF = 4;

    private final double[][] points;
    private final int[] triangles;
    private final boolean[] edgePoint;
    private final Box tree;

    /** A box round some triangles: either two smaller boxes, or the triangles themselves. */
    private record Box(double[] low, double[] high, Box first, Box second, int[] held) {
        boolean apartFrom(Box other) {
            for (int k = 0; k < 3; k++) {
                if (low[k] > other.high[k] || other.low[k] > high[k]) {
                    return true;
                }
            }
            return false;
        }

        double size() {
            return (high[0] - low[0]) + (high[1] - low[1]) + (high[2] - low[2]);
        }
    }

    private Sheet(double[][] points, int[] triangles, boolean[] edgePoint) {
        this.points = points;
        this.triangles = triangles;
        this.edgePoint = edgePoint;
        this.tree = box(IntStream.range(0, triangles.length / 3).boxed().toArray(Integer[]::new));
    }

    /**
     * @param points x, y, z of each, mm
     * @param triangles three indices of points each
     */
    static Sheet of(double[][] points, int[] triangles) {
        return new Sheet(points, triangles, edge(points.length, triangles));
    }

    /** The points on the edge: those of sides that only one triangle has. */
    private static boolean[] edge(int count, int[] triangles) {
        java.util.Map<Long, Integer> sides = new java.util.HashMap<>();
        for (int t = 0; t < triangles.length; t += 3) {
            for (int k = 0; k < 3; k++) {
                sides.merge(side(triangles[t + k], triangles[t + (k + 1) % 3]), 1, Integer::sum);
            }
        }
        boolean[] edge = new boolean[count];
        sides.forEach((side, times) -> {
            if (times == 1) {
                edge[(int) (side >> 32)] = true;
                edge[(int) (side & 0xffffffffL)] = true;
            }
        });
        return edge;
    }

    private static long side(int a, int b) {
        return ((long) Math.min(a, b) << 32) | Math.max(a, b);
    }

    /** The same sheet turned round the upright axis and set higher. */
    Sheet placed(double turn, double up) {
        double cos = Math.cos(turn);
        double sin = Math.sin(turn);
        double[][] moved = new double[points.length][];
        for (int i = 0; i < points.length; i++) {
            double[] p = points[i];
            moved[i] = new double[] {p[0] * cos - p[1] * sin, p[0] * sin + p[1] * cos, p[2] + up};
        }
        return new Sheet(moved, triangles, edgePoint);
    }

    private Box box(Integer[] of) {
        double[] low = {Double.POSITIVE_INFINITY, Double.POSITIVE_INFINITY, Double.POSITIVE_INFINITY};
        double[] high = {Double.NEGATIVE_INFINITY, Double.NEGATIVE_INFINITY, Double.NEGATIVE_INFINITY};
        for (int t : of) {
            for (int c = 0; c < 3; c++) {
                double[] p = points[triangles[3 * t + c]];
                for (int k = 0; k < 3; k++) {
                    low[k] = Math.min(low[k], p[k]);
                    high[k] = Math.max(high[k], p[k]);
                }
            }
        }
        if (of.length <= LEAF) {
            return new Box(
                    low,
                    high,
                    null,
                    null,
                    Arrays.stream(of).mapToInt(Integer::intValue).toArray());
        }
        int widest = high[0] - low[0] >= high[1] - low[1] && high[0] - low[0] >= high[2] - low[2]
                ? 0
                : high[1] - low[1] >= high[2] - low[2] ? 1 : 2;
        Arrays.sort(
                of,
                Comparator.comparingDouble(t -> points[triangles[3 * t]][widest]
                        + points[triangles[3 * t + 1]][widest]
                        + points[triangles[3 * t + 2]][widest]));
        int half = of.length / 2;
        return new Box(low, high, box(Arrays.copyOf(of, half)), box(Arrays.copyOfRange(of, half, of.length)), null);
    }

    /** Length of the line along which two sheets pass through each other, mm; 0 where they do not, or only touch. */
    double meetsAlong(Sheet other) {
        return meets(tree, other, other.tree);
    }

    private double meets(Box a, Sheet other, Box b) {
        if (a.apartFrom(b)) {
            return 0;
        }
        if (a.held() == null && (b.held() != null || a.size() >= b.size())) {
            return meets(a.first(), other, b) + meets(a.second(), other, b);
        }
        if (b.held() == null) {
            return meets(a, other, b.first()) + meets(a, other, b.second());
        }
        double sum = 0;
        for (int s : a.held()) {
            for (int t : b.held()) {
                sum += TriangleMeeting.along(corners(s), other.corners(t));
            }
        }
        return sum;
    }

    private double[][] corners(int t) {
        return new double[][] {points[triangles[3 * t]], points[triangles[3 * t + 1]], points[triangles[3 * t + 2]]};
    }

    /**
     * How far it stands off another sheet on the side on which it stands off less, mm: of its points that lie over the other, not
     * beside it. 0 where it lies on one side alone.
     */
    double standsThrough(Sheet other) {
        double above = 0;
        double below = 0;
        for (double[] p : points) {
            double off = other.offset(p);
            above = Math.max(above, off);
            below = Math.max(below, -off);
        }
        return Math.min(above, below);
    }

    /** Signed distance of a point from this sheet; 0 for one that lies beside it, nearest to its edge. */
    private double offset(double[] p) {
        double nearest = Double.POSITIVE_INFINITY;
        double signed = 0;
        double[] weights = new double[3];
        for (int t = 0; t < triangles.length / 3; t++) {
            double[][] c = corners(t);
            double[] on = TriangleMeeting.nearest(p, c, weights);
            double[] d = TriangleMeeting.minus(p, on);
            double distance = TriangleMeeting.dot(d, d);
            if (distance < nearest) {
                nearest = distance;
                boolean beside = true;
                for (int k = 0; k < 3; k++) {
                    beside &= weights[k] < OVER || edgePoint[triangles[3 * t + k]];
                }
                double[] normal =
                        TriangleMeeting.cross(TriangleMeeting.minus(c[1], c[0]), TriangleMeeting.minus(c[2], c[0]));
                signed = beside ? 0 : Math.signum(TriangleMeeting.dot(d, normal)) * Math.sqrt(distance);
            }
        }
        return signed;
    }

    /** Share of a corner below which it does not carry a point. */
    private static final double OVER = 1e-9;
}
