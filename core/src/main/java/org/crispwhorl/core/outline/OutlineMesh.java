package org.crispwhorl.core.outline;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeSet;
import org.crispwhorl.core.measure.Cache;

/**
 * An outline lying flat, cut into triangles small enough to be bent. It is cut across along rows, between which it falls into one
 * strip, or several where it has bays or notches; each strip is cut along columns.
 *
 * @param points rows of (across, station), mm
 * @param triangles three indices of points each
 */
public record OutlineMesh(double[][] points, int[] triangles) {
    /** Points closer than this are one, mm. */
    private static final double ONE_MM = 1e-5;

    /** Rows closer than this are one: a row is looked at a hair above and a hair below it, mm. */
    private static final double ONE_ROW_MM = 4 * ONE_MM;

    /** Points on each side of an outline that is not the family's with a whole tip. */
    private static final int POLYGON = 48;

    /**
     * @param fromMm station at which it begins; what is below is left out
     * @param stations rows from there to the tip, 1 or more; more are added where a bay begins or ends
     * @param across columns on each side of the midrib, 1 or more
     * @param creasesMm stations along which it will be creased: no triangle lies over them
     */
    public static OutlineMesh of(Outline outline, double fromMm, int stations, int across, double... creasesMm) {
        List<Object> key = List.of(
                outline,
                fromMm,
                stations,
                across,
                Arrays.stream(creasesMm).boxed().toList());
        return KNOWN.of(key, () -> cut(outline, fromMm, stations, across, creasesMm));
    }

    private static final Cache<List<Object>, OutlineMesh> KNOWN = new Cache<>(256);

    private static OutlineMesh cut(Outline outline, double fromMm, int stations, int across, double... creasesMm) {
        TreeSet<Double> rows = new TreeSet<>();
        for (int i = 0; i <= stations; i++) {
            // Rows crowd towards the tip, where the family's outlines turn fastest.
            rows.add(fromMm + (outline.lengthMm() - fromMm) * Math.sin(Math.PI / 2 * i / stations));
        }
        for (double crease : creasesMm) {
            if (crease > fromMm && crease < outline.lengthMm()) {
                rows.add(crease);
            }
        }
        Builder builder = new Builder(across);
        if (outline.plain()) {
            double[] at = array(rows);
            for (int i = 0; i + 1 < at.length; i++) {
                builder.strip(outline.spanAt(at[i]), at[i], outline.spanAt(at[i + 1]), at[i + 1]);
            }
        } else {
            double[][] ring = outline.polygon(POLYGON);
            turningPoints(ring).stream().filter(at -> at > fromMm).forEach(rows::add);
            double[] at = array(rows);
            for (int i = 0; i + 1 < at.length; i++) {
                builder.band(ring, at[i], at[i + 1]);
            }
        }
        return builder.built();
    }

    /** Area of its triangles, mm². */
    public double areaMm2() {
        double area = 0;
        for (int t = 0; t < triangles.length; t += 3) {
            double[] a = points[triangles[t]];
            double[] b = points[triangles[t + 1]];
            double[] c = points[triangles[t + 2]];
            area += Math.abs((b[0] - a[0]) * (c[1] - a[1]) - (c[0] - a[0]) * (b[1] - a[1])) / 2;
        }
        return area;
    }

    /** The stations, those that are hardly apart taken once. */
    private static double[] array(TreeSet<Double> rows) {
        double[] all = new double[rows.size()];
        int n = 0;
        for (double row : rows) {
            if (n == 0 || row - all[n - 1] > ONE_ROW_MM) {
                all[n++] = row;
            }
        }
        return Arrays.copyOf(all, n);
    }

    /** Stations at which the edge turns from up to down, where strips part and meet, or from outwards to inwards. */
    private static List<Double> turningPoints(double[][] ring) {
        List<Double> stations = new ArrayList<>();
        int n = ring.length;
        for (int i = 0; i < n; i++) {
            double[] before = ring[(i + n - 1) % n];
            double[] after = ring[(i + 1) % n];
            boolean along = (ring[i][1] - before[1]) * (after[1] - ring[i][1]) <= 0;
            boolean across = (ring[i][0] - before[0]) * (after[0] - ring[i][0]) <= 0;
            if (along || across) {
                stations.add(ring[i][1]);
            }
        }
        return stations;
    }

    private static final class Builder {
        private final int across;
        private final List<double[]> points = new ArrayList<>();
        private final List<Integer> corners = new ArrayList<>();
        private final Map<Long, Integer> known = new HashMap<>();

        Builder(int across) {
            this.across = across;
        }

        /** All strips of a polygon between two stations between which its edge does not turn. */
        void band(double[][] ring, double from, double to) {
            double[] low = crossings(ring, from, ONE_MM);
            double[] high = crossings(ring, to, -ONE_MM);
            if (low.length == high.length) {
                for (int i = 0; i + 1 < low.length; i += 2) {
                    strip(new double[] {low[i], low[i + 1]}, from, new double[] {high[i], high[i + 1]}, to);
                }
            }
        }

        /** Where the edge crosses a station, or would a hair beyond it; from left to right. */
        private static double[] crossings(double[][] ring, double station, double beyond) {
            double[] found = new double[ring.length];
            int n = 0;
            double y = station + beyond;
            for (int i = 0; i < ring.length; i++) {
                double[] a = ring[i];
                double[] b = ring[(i + 1) % ring.length];
                if (a[1] <= y != b[1] <= y) {
                    found[n++] = a[0] + (y - a[1]) / (b[1] - a[1]) * (b[0] - a[0]);
                }
            }
            double[] all = Arrays.copyOf(found, n);
            Arrays.sort(all);
            return all;
        }

        /** A strip between two rows, its columns even on each side of the midrib where that runs through it. */
        void strip(double[] lowSpan, double low, double[] highSpan, double high) {
            double[] below = columns(lowSpan, highSpan);
            double[] above = columns(highSpan, lowSpan);
            for (int j = 0; j + 1 < below.length; j++) {
                int a = point(below[j], low);
                int b = point(below[j + 1], low);
                int c = point(above[j], high);
                int d = point(above[j + 1], high);
                triangle(a, c, b);
                triangle(b, c, d);
            }
        }

        private double[] columns(double[] span, double[] other) {
            boolean through = Math.max(span[0], other[0]) <= 0 && Math.min(span[1], other[1]) >= 0;
            double[] columns = new double[2 * across + 1];
            for (int j = 0; j < columns.length; j++) {
                double share = (double) j / (2 * across);
                columns[j] = !through
                        ? span[0] + share * (span[1] - span[0])
                        : j <= across ? span[0] * (1 - 2 * share) : span[1] * (2 * share - 1);
            }
            return columns;
        }

        private int point(double x, double y) {
            long key = Math.round(x / ONE_MM) * (1L << 32) + Math.round(y / ONE_MM);
            return known.computeIfAbsent(key, k -> {
                points.add(new double[] {x, y});
                return points.size() - 1;
            });
        }

        private void triangle(int a, int b, int c) {
            if (a != b && b != c && c != a) {
                corners.add(a);
                corners.add(b);
                corners.add(c);
            }
        }

        OutlineMesh built() {
            return new OutlineMesh(
                    points.toArray(double[][]::new),
                    corners.stream().mapToInt(Integer::intValue).toArray());
        }
    }
}
