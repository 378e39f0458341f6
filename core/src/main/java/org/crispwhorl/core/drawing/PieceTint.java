package org.crispwhorl.core.drawing;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import org.crispwhorl.core.colour.Pass;
import org.crispwhorl.core.colour.Tinted;
import org.crispwhorl.core.form.PetalSurface;
import org.crispwhorl.core.measure.Cache;
import org.crispwhorl.core.outline.OutlineMesh;
import org.crispwhorl.core.paste.MixingLaw;

/** The colours of a stretch of a coloured piece as it is seen from straight above, in the cells of a grid over it. */
final class PieceTint {
    /** Cells on the longer side. */
    private static final int CELLS = 56;

    private static final int STATIONS = 20;
    private static final int ACROSS = 6;
    private static final double LEAST_MM = 1e-3;

    private PieceTint() {}

    private static final Cache<List<Object>, Drawing.ColourGrid> KNOWN = new Cache<>(128);

    /**
     * @param base the paste, reflectances in linear light
     * @param from station from which on it is seen
     * @param to station up to which it is seen
     * @return none where no pass leaves a colour on that side
     */
    static Optional<Drawing.ColourGrid> of(
            PetalSurface surface, Tinted tinted, double[] base, double from, double to, Pass.PieceSide side) {
        if (!tinted.coloured(side)) {
            return Optional.empty();
        }
        List<Object> key = List.of(surface, tinted, Arrays.stream(base).boxed().toList(), from, to, side);
        return Optional.of(KNOWN.of(key, () -> new Grid(surface, from, to).tint(tinted, base, side)));
    }

    /** Where each cell lies on the piece. */
    private static final class Grid {
        private final double cellMm;
        private final double toX;
        private final double fromY;
        private final int columns;
        private final int rows;
        private final double[] stations;
        private final double[] across;
        private final double[] heights;

        /** A station of the stretch, for one that covers no cell: it is shorter than its triangles, or seen edge-on. */
        private final double middle;

        Grid(PetalSurface surface, double from, double to) {
            OutlineMesh flat = surface.flat(STATIONS, ACROSS);
            int n = flat.points().length;
            double[][] seen = new double[n][];
            double leastX = Double.POSITIVE_INFINITY;
            double mostX = Double.NEGATIVE_INFINITY;
            double leastY = Double.POSITIVE_INFINITY;
            double mostY = Double.NEGATIVE_INFINITY;
            for (int i = 0; i < n; i++) {
                double[] at = flat.points()[i];
                seen[i] = surface.point(at[1], at[0]);
                leastX = Math.min(leastX, seen[i][0]);
                mostX = Math.max(mostX, seen[i][0]);
                leastY = Math.min(leastY, seen[i][1]);
                mostY = Math.max(mostY, seen[i][1]);
            }
            cellMm = Math.max(LEAST_MM, Math.max(mostX - leastX, mostY - leastY) / CELLS);
            toX = mostX;
            fromY = leastY;
            columns = (int) Math.max(1, Math.ceil((mostY - leastY) / cellMm));
            rows = (int) Math.max(1, Math.ceil((mostX - leastX) / cellMm));
            stations = new double[columns * rows];
            across = new double[columns * rows];
            heights = new double[columns * rows];
            middle = (Math.max(0, from) + Math.min(to, surface.outline().lengthMm())) / 2;
            Arrays.fill(heights, Double.NEGATIVE_INFINITY);
            int[] t = flat.triangles();
            for (int i = 0; i < t.length; i += 3) {
                double station = 0;
                for (int k = 0; k < 3; k++) {
                    double[] at = flat.points()[t[i + k]];
                    station += surface.stationOf(at[1], at[0]) / 3;
                }
                if (station >= from && station <= to) {
                    lay(flat.points(), seen, t[i], t[i + 1], t[i + 2]);
                }
            }
        }

        /** Lays a triangle over the cells that it is the highest to cover. */
        private void lay(double[][] flat, double[][] seen, int a, int b, int c) {
            new Raster(columns, rows, BEYOND).lay(cell(seen[a]), cell(seen[b]), cell(seen[c]), (at, atA, atB, atC) -> {
                double up = atA * seen[a][2] + atB * seen[b][2] + atC * seen[c][2];
                if (up > heights[at]) {
                    heights[at] = up;
                    stations[at] = atA * flat[a][1] + atB * flat[b][1] + atC * flat[c][1];
                    across[at] = atA * flat[a][0] + atB * flat[b][0] + atC * flat[c][0];
                }
            });
        }

        private static final double BEYOND = 0.02;

        /** Column and row, of which a whole number is a cell's middle. */
        private double[] cell(double[] p) {
            return new double[] {(p[1] - fromY) / cellMm - 0.5, (toX - p[0]) / cellMm - 0.5};
        }

        Drawing.ColourGrid tint(Tinted tinted, double[] base, Pass.PieceSide side) {
            byte[] rgb = new byte[3 * columns * rows];
            boolean[] known = new boolean[columns * rows];
            boolean none = true;
            for (int at = 0; at < known.length; at++) {
                known[at] = heights[at] > Double.NEGATIVE_INFINITY;
                none &= !known[at];
                if (known[at]) {
                    put(rgb, at, tinted.at(base, stations[at], across[at], side));
                }
            }
            if (none) {
                known[0] = true;
                put(rgb, 0, tinted.at(base, middle, 0, side));
            }
            spread(rgb, known);
            return new Drawing.ColourGrid(fromY, -toX, cellMm, columns, rows, rgb);
        }

        private static void put(byte[] rgb, int at, double[] colour) {
            for (int k = 0; k < 3; k++) {
                rgb[3 * at + k] = (byte) MixingLaw.code(colour[k]);
            }
        }

        /** Cells beyond the piece take the colour of the nearest, so that its edge is coloured to the end. */
        private void spread(byte[] rgb, boolean[] known) {
            int[] queue = new int[known.length];
            int end = 0;
            for (int at = 0; at < known.length; at++) {
                if (known[at]) {
                    queue[end++] = at;
                }
            }
            for (int i = 0; i < end; i++) {
                int row = queue[i] / columns;
                int column = queue[i] % columns;
                for (int[] by : BESIDE) {
                    int at = (row + by[0]) * columns + column + by[1];
                    boolean there =
                            row + by[0] >= 0 && row + by[0] < rows && column + by[1] >= 0 && column + by[1] < columns;
                    if (there && !known[at]) {
                        known[at] = true;
                        System.arraycopy(rgb, 3 * queue[i], rgb, 3 * at, 3);
                        queue[end++] = at;
                    }
                }
            }
        }

        private static final int[][] BESIDE = {{0, 1}, {0, -1}, {1, 0}, {-1, 0}};
    }
}
