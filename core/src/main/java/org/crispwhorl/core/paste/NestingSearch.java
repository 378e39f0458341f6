package org.crispwhorl.core.paste;

import java.util.ArrayList;
import java.util.List;
import org.crispwhorl.core.outline.CutShape;

/**
 * The search behind {@link Nesting}. A shape is taken as the bands that it fills across and along; a band reaches as far as the
 * shape does anywhere within it, so that what is laid by bands never overlaps.
 */
final class NestingSearch {
    private static final double COARSE_DEG = 10;
    private static final int COARSE_CELLS = 56;
    private static final int FINE_CELLS = 200;
    private static final int COARSE_SHIFTS = 14;
    private static final int FINE_SHIFTS = 40;

    /** Turns either side of the best coarse one, in which it is sought more finely. */
    private static final double[] FINE_DEG = {-5, -2.5, 0, 2.5, 5};

    private final double[][] ring;
    private final double area;
    private final double stripMm;
    private double bestLattice;
    private double bestStrip;
    private Nesting best;

    NestingSearch(CutShape shape, double stripMm) {
        ring = shape.ring();
        area = shape.areaMm2();
        this.stripMm = Math.max(stripMm, narrowest());
    }

    private double narrowest() {
        double least = Double.MAX_VALUE;
        for (double turn = 0; turn < 180; turn += COARSE_DEG) {
            least = Math.min(least, new Turned(ring, turn, 1).heightMm);
        }
        return least;
    }

    Nesting best() {
        double grid = Math.max(grid(0), grid(90));
        double coarse = 0;
        double bestCoarse = -1;
        for (double turn = 0; turn < 180; turn += COARSE_DEG) {
            double before = bestStrip;
            search(turn, COARSE_CELLS, COARSE_SHIFTS);
            if (bestStrip > before && bestStrip > bestCoarse) {
                bestCoarse = bestStrip;
                coarse = turn;
            }
        }
        for (double off : FINE_DEG) {
            search(coarse + off, FINE_CELLS, FINE_SHIFTS);
        }
        return new Nesting(
                best.turnDeg(), bestLattice, best.stripYield(), grid, best.stripMm(), best.pitchMm(), best.pattern());
    }

    /** The plain grid of boxes at a turn; its share of the strip. */
    private double grid(double turnDeg) {
        Turned a = new Turned(ring, turnDeg, 1);
        int rows = (int) Math.floor(stripMm / a.heightMm + 1e-9);
        if (rows == 0) {
            return 0;
        }
        double yield = area / (a.widthMm * a.heightMm);
        bestLattice = Math.max(bestLattice, yield);
        if (yield > bestStrip) {
            List<Nesting.OnStrip> pattern = new ArrayList<>();
            for (int i = 0; i < rows; i++) {
                pattern.add(new Nesting.OnStrip(-a.leftMm, i * a.heightMm - a.footMm, turnDeg));
            }
            bestStrip = yield;
            best = new Nesting(turnDeg, yield, yield, yield, rows * a.heightMm, a.widthMm, pattern);
        }
        return yield;
    }

    private void search(double turnDeg, int cells, int shifts) {
        Turned a = new Turned(ring, turnDeg, cells);
        if (a.heightMm > stripMm + 1e-9) {
            return;
        }
        search(a, new Turned(ring, turnDeg + 180, cells), shifts);
        search(a, a, shifts);
    }

    /** Rows of the pair a, b side by side, b higher by v; each row is shifted by u against the one before. */
    private void search(Turned a, Turned b, int shifts) {
        double cell = a.cell;
        int own = Math.max(a.clearAcross(a, 0), b.clearAcross(b, 0));
        int reach = a.rows();
        int step = Math.max(1, 2 * reach / shifts);
        for (int v = -reach; v <= reach; v += step) {
            int toB = a.clearAcross(b, v);
            int toA = b.clearAcross(a, -v);
            int pitch = Math.max(own, Math.max(1, toB + toA));
            if (toB + toA < pitch) {
                toB += (pitch - toB - toA) / 2;
            }
            int shiftStep = Math.max(1, pitch / shifts);
            for (int u = 0; u < pitch; u += shiftStep) {
                int rise = rise(a, b, toB, v, u, pitch);
                double yield = 2 * area / (pitch * cell * rise * cell);
                bestLattice = Math.max(bestLattice, yield);
                if (yield > bestStrip) {
                    onStrip(a, b, toB, v, u, pitch, rise);
                }
            }
        }
    }

    /**
     * How far each row has to stand above the one before so that no pieces overlap. Slender pieces that lie aslant reach into
     * the rows beyond the next, and past several of their neighbours along the row.
     */
    private static int rise(Turned a, Turned b, int toB, int v, int u, int pitch) {
        int rise = 1;
        int high = Math.max(a.rows(), b.rows()) + Math.abs(v);
        int wide = Math.max(a.columns(), b.columns()) + Math.abs(toB);
        for (int k = 1; k * rise < high; k++) {
            int first = Math.floorDiv(-wide - k * u, pitch);
            int last = Math.floorDiv(wide - k * u, pitch) + 1;
            for (int j = first; j <= last; j++) {
                int at = k * u + j * pitch;
                int clear = Math.max(a.clearAbove(a, at), b.clearAbove(b, at));
                clear = Math.max(clear, a.clearAbove(b, at + toB) - v);
                clear = Math.max(clear, b.clearAbove(a, at - toB) + v);
                rise = Math.max(rise, clear <= 0 ? 1 : (clear + k - 1) / k);
            }
        }
        return rise;
    }

    /** Cuts the lattice to the strip: as many rows as its width takes. */
    private void onStrip(Turned a, Turned b, int toB, int v, int u, int pitch, int rise) {
        double cell = a.cell;
        for (boolean fromA : new boolean[] {true, false}) {
            double foot = fromA ? 0 : v * cell;
            List<Nesting.OnStrip> pattern = new ArrayList<>();
            double top = 0;
            int most = (int) Math.ceil(stripMm / (rise * cell)) + 2;
            for (int i = -most; i <= most; i++) {
                double shift = Math.floorMod((long) i * u, pitch) * cell;
                double lowA = i * rise * cell - foot;
                double lowB = lowA + v * cell;
                if (lowA > -1e-9 && lowA + a.heightMm <= stripMm + 1e-9) {
                    pattern.add(new Nesting.OnStrip(shift - a.leftMm, lowA - a.footMm, a.turnDeg));
                    top = Math.max(top, lowA + a.heightMm);
                }
                if (lowB > -1e-9 && lowB + b.heightMm <= stripMm + 1e-9) {
                    pattern.add(new Nesting.OnStrip(shift + toB * cell - b.leftMm, lowB - b.footMm, b.turnDeg));
                    top = Math.max(top, lowB + b.heightMm);
                }
            }
            double yield = pattern.size() * area / (pitch * cell * top);
            if (!pattern.isEmpty() && yield > bestStrip) {
                bestStrip = yield;
                best = new Nesting(a.turnDeg, yield, yield, 0, top, pitch * cell, pattern);
            }
        }
    }

    /** The shape turned, as bands of cells: how far each band reaches, in cells from the shape's own lower left corner. */
    private static final class Turned {
        final double turnDeg;
        final double cell;
        final double leftMm;
        final double footMm;
        final double widthMm;
        final double heightMm;
        private final int[] left;
        private final int[] right;
        private final int[] foot;
        private final int[] top;

        Turned(double[][] ring, double turnDeg, int cells) {
            this.turnDeg = turnDeg;
            double cos = Math.cos(Math.toRadians(turnDeg));
            double sin = Math.sin(Math.toRadians(turnDeg));
            double[][] p = new double[ring.length][];
            double minX = Double.MAX_VALUE;
            double minY = Double.MAX_VALUE;
            double maxX = -Double.MAX_VALUE;
            double maxY = -Double.MAX_VALUE;
            for (int i = 0; i < ring.length; i++) {
                p[i] = new double[] {ring[i][0] * cos - ring[i][1] * sin, ring[i][0] * sin + ring[i][1] * cos};
                minX = Math.min(minX, p[i][0]);
                maxX = Math.max(maxX, p[i][0]);
                minY = Math.min(minY, p[i][1]);
                maxY = Math.max(maxY, p[i][1]);
            }
            leftMm = minX;
            footMm = minY;
            widthMm = maxX - minX;
            heightMm = maxY - minY;
            cell = Math.max(widthMm, heightMm) / cells;
            int columns = (int) Math.ceil(widthMm / cell - 1e-9);
            int rows = (int) Math.ceil(heightMm / cell - 1e-9);
            left = filled(rows, Integer.MAX_VALUE);
            right = filled(rows, Integer.MIN_VALUE);
            foot = filled(columns, Integer.MAX_VALUE);
            top = filled(columns, Integer.MIN_VALUE);
            for (int i = 0; i < p.length; i++) {
                double[] q = p[(i + 1) % p.length];
                double x0 = (p[i][0] - minX) / cell;
                double y0 = (p[i][1] - minY) / cell;
                double x1 = (q[0] - minX) / cell;
                double y1 = (q[1] - minY) / cell;
                reach(y0, x0, y1, x1, left, right);
                reach(x0, y0, x1, y1, foot, top);
            }
        }

        private static int[] filled(int n, int value) {
            int[] all = new int[n];
            java.util.Arrays.fill(all, value);
            return all;
        }

        /** Takes an edge into the bands that it crosses. */
        private static void reach(double s0, double t0, double s1, double t1, int[] least, int[] most) {
            double from = Math.min(s0, s1);
            double to = Math.max(s0, s1);
            int first = Math.max(0, (int) Math.floor(from + 1e-9));
            int last = Math.min(least.length - 1, (int) Math.floor(to - 1e-9));
            for (int k = Math.min(first, least.length - 1);
                    k <= Math.max(last, Math.min(first, least.length - 1));
                    k++) {
                double a = Math.max(from, k);
                double b = Math.max(a, Math.min(to, k + 1));
                double ta = to - from < 1e-12 ? t0 : t0 + (t1 - t0) * ((s0 <= s1 ? a - s0 : s0 - a) / (to - from));
                double tb = to - from < 1e-12 ? t1 : t0 + (t1 - t0) * ((s0 <= s1 ? b - s0 : s0 - b) / (to - from));
                least[k] = Math.min(least[k], (int) Math.floor(Math.min(ta, tb) + 1e-9));
                most[k] = Math.max(most[k], (int) Math.ceil(Math.max(ta, tb) - 1e-9));
            }
        }

        int rows() {
            return left.length;
        }

        int columns() {
            return foot.length;
        }

        /** Least distance to the right at which another, higher by v cells, is clear of this; 0 where they never meet. */
        int clearAcross(Turned other, int v) {
            return clear(right, other.left, v);
        }

        /** Least distance upwards at which another, to the right by u cells, is clear of this; very low where they never meet. */
        int clearAbove(Turned other, int u) {
            return u > -other.foot.length && u < foot.length ? clear(top, other.foot, u) : Integer.MIN_VALUE / 2;
        }

        private static int clear(int[] most, int[] least, int shift) {
            int from = Math.max(0, shift);
            int to = Math.min(most.length, least.length + shift);
            int clear = from < to ? Integer.MIN_VALUE / 2 : 0;
            for (int k = from; k < to; k++) {
                clear = Math.max(clear, most[k] - least[k - shift]);
            }
            return clear;
        }
    }
}
