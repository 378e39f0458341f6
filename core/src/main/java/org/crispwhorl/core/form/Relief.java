package org.crispwhorl.core.form;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import org.crispwhorl.core.measure.Cache;
import org.crispwhorl.core.paste.Paste;
import org.crispwhorl.core.solid.Solid;

/**
 * How high and how low a ring or a centre stands in each cell of a grid that looks along the axis.
 *
 * @param high of its highest point in each cell, mm above the neck; minus infinity where it is not
 * @param low of its lowest; infinity where it is not
 * @param covered cells in which it is
 * @param from first cell in which it is, of all in their order
 * @param to the cell after its last
 */
record Relief(float[] high, float[] low, int covered, int from, int to) {
    /** Cells on each side of the grid over the face. */
    static final int CELLS = 146;

    /** Rows and columns of a piece. */
    private static final int STATIONS = 14;

    private static final int ACROSS = 2;

    /** Cells grow by so much from one size to the next, so that what has not changed keeps its cells when the face grows a little. */
    private static final double SIZES = 1.02;

    /** Side of a cell for a face so wide, mm: the least of the sizes that covers it. */
    static double cellMm(double faceMm) {
        double least = Math.max(faceMm, 2e-3) / CELLS;
        return Math.pow(SIZES, Math.ceil(Math.log(least) / Math.log(SIZES)));
    }

    static float[] filled(float with) {
        float[] cells = new float[CELLS * CELLS];
        Arrays.fill(cells, with);
        return cells;
    }

    private static final Cache<List<Object>, Relief> KNOWN = new Cache<>(40);

    /** All pieces of a ring, made of a paste. */
    static Relief of(PlacedRing ring, Paste paste, double cellMm) {
        List<Object> key = List.of(
                ring.surface(),
                ring.part().pieces().edge(),
                ring.part().pieces().finishedMm(paste),
                ring.part().belowMm(1),
                Arrays.stream(ring.azimuthsRad()).boxed().toList(),
                cellMm);
        return KNOWN.of(key, () -> {
            Cells cells = new Cells(cellMm);
            cells.lay(ring, paste);
            return cells.seen();
        });
    }

    /** A body of revolution. */
    static Relief of(Solid.Turned body, double cellMm) {
        List<Object> key = new ArrayList<>(told(body));
        key.add(cellMm);
        return KNOWN.of(key, () -> {
            Cells cells = new Cells(cellMm);
            cells.lay(body);
            return cells.seen();
        });
    }

    /** What a body is told by: two that are alike at so many heights are alike. */
    static List<Object> told(Solid.Turned body) {
        List<Object> told = new ArrayList<>(List.of(body.footMm(), body.highMm()));
        for (int i = 0; i <= TOLD_BY; i++) {
            told.add(body.radiusAt().applyAsDouble(body.highMm() * i / TOLD_BY));
        }
        return told;
    }

    private static final int TOLD_BY = 12;

    /** The cells while something is laid over them. */
    private static final class Cells {
        private static final int PROFILE = 48;

        private final double cellMm;
        private final float[] high = filled(Float.NEGATIVE_INFINITY);
        private final float[] low = filled(Float.POSITIVE_INFINITY);

        Cells(double cellMm) {
            this.cellMm = cellMm;
        }

        Relief seen() {
            int covered = 0;
            int from = high.length;
            int to = 0;
            for (int c = 0; c < high.length; c++) {
                if (high[c] > Float.NEGATIVE_INFINITY) {
                    covered++;
                    from = Math.min(from, c);
                    to = c + 1;
                }
            }
            return new Relief(high, low, covered, from, to);
        }

        void lay(Solid.Turned body) {
            double reach = body.reachMm();
            int steps = (int) Math.ceil(reach / cellMm) + 1;
            double[] top = new double[steps + 1];
            double[] foot = new double[steps + 1];
            Arrays.fill(top, Double.NEGATIVE_INFINITY);
            Arrays.fill(foot, Double.POSITIVE_INFINITY);
            for (int i = 0; i <= PROFILE; i++) {
                double z = body.highMm() * i / PROFILE;
                int last = (int) Math.min(steps, body.radiusAt().applyAsDouble(z) / cellMm);
                for (int r = 0; r <= last; r++) {
                    top[r] = Math.max(top[r], body.footMm() + z);
                    foot[r] = Math.min(foot[r], body.footMm() + z);
                }
            }
            int most = (int) Math.ceil(reach / cellMm);
            for (int x = -most; x < most; x++) {
                for (int y = -most; y < most; y++) {
                    int r = (int) Math.round(Math.sqrt((x + 0.5) * (x + 0.5) + (y + 0.5) * (y + 0.5)));
                    int cx = CELLS / 2 + x;
                    int cy = CELLS / 2 + y;
                    if (r <= steps && top[r] >= foot[r] && cx >= 0 && cy >= 0 && cx < CELLS && cy < CELLS) {
                        cell(cx * CELLS + cy, (float) top[r]);
                        cell(cx * CELLS + cy, (float) foot[r]);
                    }
                }
            }
        }

        void lay(PlacedRing ring, Paste paste) {
            PlacedRing.Piece piece = ring.piece(STATIONS, ACROSS, paste);
            int[] t = piece.triangles();
            double[] x = new double[piece.points().length];
            double[] y = new double[x.length];
            double[] z = new double[x.length];
            double[] azimuths = ring.azimuthsRad();
            for (int k = 0; k < azimuths.length; k++) {
                double cos = Math.cos(azimuths[k]) / cellMm;
                double sin = Math.sin(azimuths[k]) / cellMm;
                double down = ring.belowMm(k);
                for (int i = 0; i < x.length; i++) {
                    double[] p = piece.points()[i];
                    x[i] = CELLS / 2.0 - 0.5 + p[0] * cos - p[1] * sin;
                    y[i] = CELLS / 2.0 - 0.5 + p[0] * sin + p[1] * cos;
                    z[i] = p[2] - down;
                }
                for (int i = 0; i < t.length; i += 3) {
                    triangle(x, y, z, t[i], t[i + 1], t[i + 2]);
                }
            }
        }

        /** Lays one triangle over the cells whose middles it covers. */
        private void triangle(double[] xs, double[] ys, double[] zs, int a, int b, int c) {
            double ax = xs[a];
            double ay = ys[a];
            double bx = xs[b] - ax;
            double by = ys[b] - ay;
            double cx = xs[c] - ax;
            double cy = ys[c] - ay;
            double area = bx * cy - cx * by;
            int fromX = (int) Math.max(0, Math.ceil(ax + Math.min(0, Math.min(bx, cx))));
            int toX = (int) Math.min(CELLS - 1.0, Math.floor(ax + Math.max(0, Math.max(bx, cx))));
            if (area == 0 || fromX > toX) {
                return;
            }
            // Shares of the corners b and c, and the height, change evenly from cell to cell.
            double shareBx = cy / area;
            double shareBy = -cx / area;
            double shareCx = -by / area;
            double shareCy = bx / area;
            double upB = zs[b] - zs[a];
            double upC = zs[c] - zs[a];
            double upY = shareBy * upB + shareCy * upC;
            for (int x = fromX; x <= toX; x++) {
                double atB = (x - ax) * shareBx - ay * shareBy;
                double atC = (x - ax) * shareCx - ay * shareCy;
                // The stretch of the row that lies in the triangle: both shares at least 0, together at most 1.
                double from = 0;
                double to = CELLS - 1.0;
                if (shareBy > 0) {
                    from = Math.max(from, -(atB + EDGE) / shareBy);
                } else if (shareBy < 0) {
                    to = Math.min(to, -(atB + EDGE) / shareBy);
                } else if (atB < -EDGE) {
                    continue;
                }
                if (shareCy > 0) {
                    from = Math.max(from, -(atC + EDGE) / shareCy);
                } else if (shareCy < 0) {
                    to = Math.min(to, -(atC + EDGE) / shareCy);
                } else if (atC < -EDGE) {
                    continue;
                }
                double both = shareBy + shareCy;
                if (both > 0) {
                    to = Math.min(to, (1 + EDGE - atB - atC) / both);
                } else if (both < 0) {
                    from = Math.max(from, (1 + EDGE - atB - atC) / both);
                } else if (atB + atC > 1 + EDGE) {
                    continue;
                }
                int first = (int) Math.ceil(from);
                int last = (int) Math.floor(to);
                float z = (float) (zs[a] + atB * upB + atC * upC);
                float up = (float) upY;
                int row = x * CELLS;
                for (int y = first; y <= last; y++) {
                    float at = z + y * up;
                    high[row + y] = Math.max(high[row + y], at);
                    low[row + y] = Math.min(low[row + y], at);
                }
            }
        }

        /** What lies on the side between two triangles belongs to both. */
        private static final double EDGE = 1e-9;

        private void cell(int at, float z) {
            if (z > high[at]) {
                high[at] = z;
            }
            if (z < low[at]) {
                low[at] = z;
            }
        }
    }
}
