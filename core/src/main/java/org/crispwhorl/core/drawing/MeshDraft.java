package org.crispwhorl.core.drawing;

import java.util.Arrays;
import java.util.function.DoubleUnaryOperator;
import org.crispwhorl.core.form.PlacedRing;

/** A mesh while it is being made. */
final class MeshDraft {
    private double[] points = new double[1024];
    private int[] triangles = new int[1024];
    private int pointCount;
    private int cornerCount;
    private double[] colours = {};

    int point(double x, double y, double z) {
        if (3 * pointCount + 3 > points.length) {
            points = Arrays.copyOf(points, 2 * points.length);
        }
        points[3 * pointCount] = x;
        points[3 * pointCount + 1] = y;
        points[3 * pointCount + 2] = z;
        return pointCount++;
    }

    /** A triangle, unless two of its corners lie in one place. */
    void triangle(int a, int b, int c) {
        if (same(a, b) || same(b, c) || same(c, a)) {
            return;
        }
        if (cornerCount + 3 > triangles.length) {
            triangles = Arrays.copyOf(triangles, 2 * triangles.length);
        }
        triangles[cornerCount++] = a;
        triangles[cornerCount++] = b;
        triangles[cornerCount++] = c;
    }

    private boolean same(int a, int b) {
        return Math.abs(points[3 * a] - points[3 * b]) < 1e-6
                && Math.abs(points[3 * a + 1] - points[3 * b + 1]) < 1e-6
                && Math.abs(points[3 * a + 2] - points[3 * b + 2]) < 1e-6;
    }

    /** A piece made at azimuth 0, turned round the axis and set higher or lower. */
    void placed(double[][] piece, int[] corners, double azimuth, double up) {
        double cos = Math.cos(azimuth);
        double sin = Math.sin(azimuth);
        int first = pointCount;
        for (double[] p : piece) {
            point(p[0] * cos - p[1] * sin, p[0] * sin + p[1] * cos, p[2] + up);
        }
        for (int t = 0; t < corners.length; t += 3) {
            triangle(first + corners[t], first + corners[t + 1], first + corners[t + 2]);
        }
    }

    /** One side of a piece whose points have colours of their own, turned and set so. */
    void placed(PlacedRing.Piece piece, int side, double[][] tints, double azimuth, double up) {
        int first = pointCount;
        int[] t = piece.triangles();
        int[] corners = new int[t.length];
        boolean asIs = side == piece.faces();
        for (int i = 0; i < t.length; i += 3) {
            corners[i] = t[i];
            corners[i + 1] = t[asIs ? i + 1 : i + 2];
            corners[i + 2] = t[asIs ? i + 2 : i + 1];
        }
        placed(piece.points(), corners, azimuth, up);
        if (colours.length < 3 * pointCount) {
            colours = Arrays.copyOf(colours, Math.max(3 * pointCount, 2 * colours.length));
        }
        for (int i = 0; i < tints.length; i++) {
            System.arraycopy(tints[i], 0, colours, 3 * (first + i), 3);
        }
    }

    /** Two triangles for every field of a grid of points that stands row by row. */
    void grid(int first, int rows, int columns) {
        for (int i = 0; i + 1 < rows; i++) {
            for (int j = 0; j + 1 < columns; j++) {
                int a = first + i * columns + j;
                triangle(a, a + columns, a + 1);
                triangle(a + 1, a + columns, a + columns + 1);
            }
        }
    }

    /** A body turned round an upright axis through (x, y). */
    void turned(double x, double y, double footMm, double highMm, DoubleUnaryOperator radiusAt, int rows, int round) {
        int first = pointCount;
        for (int i = 0; i <= rows; i++) {
            // Rows crowd at both ends, where a ball closes fastest.
            double z = highMm * (1 - Math.cos(Math.PI * i / rows)) / 2;
            double radius = radiusAt.applyAsDouble(z);
            for (int j = 0; j <= round; j++) {
                double turn = 2 * Math.PI * j / round;
                point(x + radius * Math.cos(turn), y + radius * Math.sin(turn), footMm + z);
            }
        }
        grid(first, rows + 1, round + 1);
    }

    /** A straight round bar. */
    void bar(double[] from, double[] to, double radius, int round) {
        double[] d = {to[0] - from[0], to[1] - from[1], to[2] - from[2]};
        double length = Math.sqrt(d[0] * d[0] + d[1] * d[1] + d[2] * d[2]);
        if (length < 1e-9) {
            return;
        }
        double[] aside = Math.abs(d[2]) > 0.9 * length ? new double[] {1, 0, 0} : new double[] {0, 0, 1};
        double[] u = unit(cross(d, aside));
        double[] v = unit(cross(d, u));
        int first = pointCount;
        for (double[] end : new double[][] {from, to}) {
            for (int j = 0; j <= round; j++) {
                double c = radius * Math.cos(2 * Math.PI * j / round);
                double s = radius * Math.sin(2 * Math.PI * j / round);
                point(end[0] + c * u[0] + s * v[0], end[1] + c * u[1] + s * v[1], end[2] + c * u[2] + s * v[2]);
            }
        }
        grid(first, 2, round + 1);
    }

    private static double[] cross(double[] a, double[] b) {
        return new double[] {a[1] * b[2] - a[2] * b[1], a[2] * b[0] - a[0] * b[2], a[0] * b[1] - a[1] * b[0]};
    }

    private static double[] unit(double[] a) {
        double length = Math.sqrt(a[0] * a[0] + a[1] * a[1] + a[2] * a[2]);
        return new double[] {a[0] / length, a[1] / length, a[2] / length};
    }

    boolean isEmpty() {
        return cornerCount == 0;
    }

    Mesh made(String partId, String colour) {
        return new Mesh(
                partId,
                colour,
                Arrays.copyOf(points, 3 * pointCount),
                Arrays.copyOf(triangles, cornerCount),
                Arrays.copyOf(colours, Math.min(colours.length, 3 * pointCount)));
    }
}
