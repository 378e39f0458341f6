package org.crispwhorl.core.drawing;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.Polygon;

/**
 * The outline of what folds over itself, seen from one side: all that it covers is laid over a fine grid, smoothed, and its longest
 * edge followed (marching squares). What is finer than a cell of the grid is lost, and holes are closed.
 */
final class Silhouette {
    private static final GeometryFactory GEOMETRY = new GeometryFactory();

    /** Cells on the longer side of what is outlined. */
    private static final int CELLS = 120;

    /** Empty nodes kept all round, so that every edge closes. */
    private static final int MARGIN = 3;

    private final double leastX;
    private final double leastY;
    private final double cell;
    private final int columns;
    private final int rows;
    private final boolean[] covered;
    private final float[] field;

    private Silhouette(List<double[]> corners) {
        double fromX = Double.POSITIVE_INFINITY;
        double fromY = Double.POSITIVE_INFINITY;
        double toX = Double.NEGATIVE_INFINITY;
        double toY = Double.NEGATIVE_INFINITY;
        for (double[] p : corners) {
            fromX = Math.min(fromX, p[0]);
            fromY = Math.min(fromY, p[1]);
            toX = Math.max(toX, p[0]);
            toY = Math.max(toY, p[1]);
        }
        cell = Math.max(1e-6, Math.max(toX - fromX, toY - fromY) / CELLS);
        leastX = fromX - MARGIN * cell;
        leastY = fromY - MARGIN * cell;
        columns = (int) Math.ceil((toX - fromX) / cell) + 2 * MARGIN + 1;
        rows = (int) Math.ceil((toY - fromY) / cell) + 2 * MARGIN + 1;
        covered = new boolean[columns * rows];
        field = new float[columns * rows];
    }

    /**
     * @param triangles points (x, y) in threes, mm
     * @return what they cover, without holes; empty where that is nothing
     */
    static Polygon of(List<double[]> triangles) {
        if (triangles.isEmpty()) {
            return GEOMETRY.createPolygon();
        }
        Silhouette silhouette = new Silhouette(triangles);
        for (int i = 0; i < triangles.size(); i += 3) {
            silhouette.cover(triangles.get(i), triangles.get(i + 1), triangles.get(i + 2));
        }
        silhouette.smooth();
        return silhouette.edge();
    }

    private void cover(double[] a, double[] b, double[] c) {
        double fromY = Math.min(a[1], Math.min(b[1], c[1]));
        double toY = Math.max(a[1], Math.max(b[1], c[1]));
        int first = (int) Math.ceil((fromY - leastY) / cell);
        int last = (int) Math.floor((toY - leastY) / cell);
        for (int row = first; row <= last; row++) {
            double y = leastY + row * cell;
            double[] span = {Double.POSITIVE_INFINITY, Double.NEGATIVE_INFINITY};
            cross(a, b, y, span);
            cross(b, c, y, span);
            cross(c, a, y, span);
            int from = (int) Math.ceil((span[0] - leastX) / cell);
            int to = (int) Math.floor((span[1] - leastX) / cell);
            for (int column = from; column <= to; column++) {
                covered[row * columns + column] = true;
            }
        }
    }

    /** Widens a span to where a side crosses a row. */
    private static void cross(double[] a, double[] b, double y, double[] span) {
        if ((a[1] <= y) == (b[1] < y)) {
            return;
        }
        double x = a[1] == b[1] ? a[0] : a[0] + (y - a[1]) / (b[1] - a[1]) * (b[0] - a[0]);
        span[0] = Math.min(span[0], x);
        span[1] = Math.max(span[1], x);
    }

    /** The share of the nine nodes round each that is covered. */
    private void smooth() {
        for (int y = 1; y < rows - 1; y++) {
            for (int x = 1; x < columns - 1; x++) {
                int n = 0;
                for (int k = (y - 1) * columns + x - 1; k <= (y + 1) * columns + x - 1; k += columns) {
                    n += (covered[k] ? 1 : 0) + (covered[k + 1] ? 1 : 0) + (covered[k + 2] ? 1 : 0);
                }
                field[y * columns + x] = n / 9f;
            }
        }
    }

    private boolean in(int node) {
        return field[node] > HALF;
    }

    private static final float HALF = 0.5f;

    /**
     * The longest way round what is covered. Sides of cells are numbered by their first node: those along a row first, those across
     * rows after them; each that the edge crosses leads on to just one other.
     */
    private Polygon edge() {
        int nodes = columns * rows;
        int[] next = new int[2 * nodes];
        Arrays.fill(next, -1);
        for (int y = 0; y + 1 < rows; y++) {
            for (int x = 0; x + 1 < columns; x++) {
                int at = y * columns + x;
                link(next, new int[] {at, at + 1, at + columns + 1, at + columns}, new int[] {
                    at, nodes + at + 1, at + columns, nodes + at
                });
            }
        }
        Polygon best = GEOMETRY.createPolygon();
        for (int side = 0; side < next.length; side++) {
            if (next[side] >= 0) {
                Polygon round = follow(next, side);
                best = round.getArea() > best.getArea() ? round : best;
            }
        }
        return best;
    }

    /** Links the sides of a cell that the edge enters it and leaves it by; where corners face each other, each by itself. */
    private void link(int[] next, int[] round, int[] sides) {
        for (int i = 0; i < 4; i++) {
            if (in(round[i]) && !in(round[(i + 1) % 4])) {
                int k = i;
                while (in(round[k]) && (k + 3) % 4 != i) {
                    k = (k + 3) % 4;
                }
                next[sides[i]] = sides[k];
            }
        }
    }

    private Polygon follow(int[] next, int from) {
        List<Coordinate> ring = new ArrayList<>();
        int side = from;
        while (next[side] >= 0) {
            ring.add(crossing(side));
            int on = next[side];
            next[side] = -1;
            side = on;
        }
        if (ring.size() < 3) {
            return GEOMETRY.createPolygon();
        }
        ring.add(ring.get(0).copy());
        return GEOMETRY.createPolygon(ring.toArray(Coordinate[]::new));
    }

    private Coordinate crossing(int side) {
        int nodes = columns * rows;
        boolean along = side < nodes;
        int a = along ? side : side - nodes;
        int b = along ? a + 1 : a + columns;
        double share = (HALF - field[a]) / (field[b] - field[a]);
        double x = a % columns + (along ? share : 0);
        double y = a / columns + (along ? 0 : share);
        return new Coordinate(leastX + x * cell, leastY + y * cell);
    }
}
