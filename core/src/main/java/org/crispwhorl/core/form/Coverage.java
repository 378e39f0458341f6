package org.crispwhorl.core.form;

import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.crispwhorl.core.solid.Solid;
import org.crispwhorl.core.species.Part;

/**
 * Which share of each ring is seen from above and from below, by true height: the surfaces themselves are laid over a fine grid
 * that looks along the axis, and in each of its cells the highest is seen from above and the lowest from below. Where surfaces
 * touch, what was set first lies above.
 */
public final class Coverage {
    /** Cells on each side of the grid over the face. */
    static final int CELLS = 160;

    /** Rows and columns of a piece. */
    private static final int STATIONS = 18;

    private static final int ACROSS = 3;

    /** Surfaces nearer than this touch, mm. */
    private static final float TOUCHING_MM = 0.02f;

    private static final int HEART = -1;
    private static final int NOTHING = -2;

    private final Map<String, Double> above = new HashMap<>();
    private final Map<String, Double> below = new HashMap<>();
    private final Map<String, Double> planMm2 = new HashMap<>();
    private final double faceMm2;

    private final double reachMm;
    private final double cellMm;
    private final float[] high = new float[CELLS * CELLS];
    private final float[] low = new float[CELLS * CELLS];
    private final short[] highest = new short[CELLS * CELLS];
    private final short[] lowest = new short[CELLS * CELLS];
    private final short[] stamped = new short[CELLS * CELLS];

    /** The coverage of a flower, leaves left out. */
    public static Coverage of(FlowerForm form) {
        return new Coverage(form);
    }

    private Coverage(FlowerForm form) {
        List<PlacedRing> rings = form.faceRings();
        reachMm = Math.max(form.faceMm() / 2, 1e-3);
        cellMm = 2 * reachMm / CELLS;
        Arrays.fill(high, Float.NEGATIVE_INFINITY);
        Arrays.fill(low, Float.POSITIVE_INFINITY);
        Arrays.fill(highest, (short) NOTHING);
        Arrays.fill(lowest, (short) NOTHING);
        Arrays.fill(stamped, (short) NOTHING);
        hearts(form);
        int[] plan = new int[rings.size()];
        for (int k = 0; k < rings.size(); k++) {
            plan[k] = lay(rings.get(k), form, (short) k);
        }
        int[] fromAbove = new int[rings.size()];
        int[] fromBelow = new int[rings.size()];
        int face = 0;
        for (int c = 0; c < highest.length; c++) {
            if (highest[c] != NOTHING) {
                face++;
                if (highest[c] >= 0) {
                    fromAbove[highest[c]]++;
                }
                if (lowest[c] >= 0) {
                    fromBelow[lowest[c]]++;
                }
            }
        }
        faceMm2 = face * cellMm * cellMm;
        for (int k = 0; k < rings.size(); k++) {
            String id = rings.get(k).part().id();
            planMm2.put(id, plan[k] * cellMm * cellMm);
            above.put(id, plan[k] == 0 ? 0 : (double) fromAbove[k] / plan[k]);
            below.put(id, plan[k] == 0 ? 0 : (double) fromBelow[k] / plan[k]);
        }
    }

    /** The bodies that fill the middle. */
    private void hearts(FlowerForm form) {
        for (Part part : form.species().parts()) {
            for (Solid.Turned body : part.core().outsides()) {
                turned(body);
            }
        }
    }

    private void turned(Solid.Turned body) {
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
                    cell(cx * CELLS + cy, (float) top[r], (short) HEART);
                    cell(cx * CELLS + cy, (float) foot[r], (short) HEART);
                }
            }
        }
    }

    private static final int PROFILE = 48;

    /** Lays all pieces of a ring over the grid; returns how many cells they cover, each once. */
    private int lay(PlacedRing ring, FlowerForm form, short number) {
        PlacedRing.Piece piece = ring.piece(STATIONS, ACROSS, form.paste());
        double[][] flat = new double[piece.points().length][3];
        int covered = 0;
        double[] azimuths = ring.azimuthsRad();
        for (int k = 0; k < azimuths.length; k++) {
            double cos = Math.cos(azimuths[k]) / cellMm;
            double sin = Math.sin(azimuths[k]) / cellMm;
            double down = ring.belowMm(k);
            for (int i = 0; i < flat.length; i++) {
                double[] p = piece.points()[i];
                flat[i][0] = CELLS / 2.0 + p[0] * cos - p[1] * sin;
                flat[i][1] = CELLS / 2.0 + p[0] * sin + p[1] * cos;
                flat[i][2] = p[2] - down;
            }
            int[] t = piece.triangles();
            for (int i = 0; i < t.length; i += 3) {
                covered += triangle(flat[t[i]], flat[t[i + 1]], flat[t[i + 2]], number);
            }
        }
        return covered;
    }

    /** Lays one triangle over the cells whose middles it covers; returns how many its ring had not covered before. */
    private int triangle(double[] a, double[] b, double[] c, short number) {
        double area = (b[0] - a[0]) * (c[1] - a[1]) - (c[0] - a[0]) * (b[1] - a[1]);
        if (area == 0) {
            return 0;
        }
        double slopeX = ((b[2] - a[2]) * (c[1] - a[1]) - (c[2] - a[2]) * (b[1] - a[1])) / area;
        double slopeY = ((b[0] - a[0]) * (c[2] - a[2]) - (c[0] - a[0]) * (b[2] - a[2])) / area;
        int fromX = (int) Math.max(0, Math.ceil(Math.min(a[0], Math.min(b[0], c[0])) - 0.5));
        int toX = (int) Math.min(CELLS - 1.0, Math.floor(Math.max(a[0], Math.max(b[0], c[0])) - 0.5));
        int fresh = 0;
        for (int x = fromX; x <= toX; x++) {
            double px = x + 0.5;
            // Where the column enters the triangle and leaves it again.
            double ab = crossing(a, b, px);
            double bc = crossing(b, c, px);
            double ca = crossing(c, a, px);
            double enters = least(ab, bc, ca);
            double leaves = -least(-ab, -bc, -ca);
            int fromY = (int) Math.max(0, Math.ceil(enters - 0.5));
            int toY = (int) Math.min(CELLS - 1.0, Math.floor(leaves - 0.5));
            double z = a[2] + slopeX * (px - a[0]) + slopeY * (fromY + 0.5 - a[1]);
            int at = x * CELLS + fromY;
            for (int y = fromY; y <= toY; y++, at++, z += slopeY) {
                cell(at, (float) z, number);
                if (stamped[at] != number) {
                    stamped[at] = number;
                    fresh++;
                }
            }
        }
        return fresh;
    }

    /** Where a side crosses a column; not a number where it does not. */
    private static double crossing(double[] p, double[] q, double x) {
        return p[0] <= x == q[0] <= x ? Double.NaN : p[1] + (x - p[0]) / (q[0] - p[0]) * (q[1] - p[1]);
    }

    /** The least of those that are numbers. */
    private static double least(double a, double b, double c) {
        double least = Double.POSITIVE_INFINITY;
        least = a < least ? a : least;
        least = b < least ? b : least;
        return c < least ? c : least;
    }

    private void cell(int at, float z, short number) {
        if (z > high[at] + TOUCHING_MM) {
            high[at] = z;
            highest[at] = number;
        }
        if (z <= low[at] + TOUCHING_MM) {
            low[at] = Math.min(z, low[at]);
            lowest[at] = number;
        }
    }

    /** Share of a ring's plan area that is seen from above, 0 to 1. */
    public double seenFromAbove(String partId) {
        return above.getOrDefault(partId, 0.0);
    }

    /** Share of a ring's plan area that is seen from below, 0 to 1. */
    public double seenFromBelow(String partId) {
        return below.getOrDefault(partId, 0.0);
    }

    /** Area that a ring covers in plan, its own overlaps counted once, mm². */
    public double planMm2(String partId) {
        return planMm2.getOrDefault(partId, 0.0);
    }

    /** Area of the whole face in plan, mm². */
    public double faceMm2() {
        return faceMm2;
    }
}
