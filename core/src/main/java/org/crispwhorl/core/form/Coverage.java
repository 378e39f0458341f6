package org.crispwhorl.core.form;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.crispwhorl.core.measure.Lately;
import org.crispwhorl.core.solid.Solid;
import org.crispwhorl.core.species.Part;

/**
 * Which share of each ring is seen from above and from below, by true height: the surfaces themselves are laid over a fine grid
 * that looks along the axis, and in each of its cells the highest is seen from above and the lowest from below. Where surfaces
 * touch, what was set first lies above.
 */
public final class Coverage {
    /** Cells on each side of the grid over the face. */
    static final int CELLS = 140;

    /** Rows and columns of a piece. */
    private static final int STATIONS = 12;

    private static final int ACROSS = 2;

    /** Surfaces nearer than this touch, mm. */
    private static final float TOUCHING_MM = 0.02f;

    private static final int HEART = -1;
    private static final int NOTHING = -2;

    private final Map<String, Double> above = new HashMap<>();
    private final Map<String, Double> below = new HashMap<>();
    private final Map<String, Double> planMm2 = new HashMap<>();
    private double faceMm2;

    private static final Lately<List<Object>, Coverage> KNOWN = new Lately<>(128);

    /** The coverage of a flower, leaves left out. */
    public static Coverage of(FlowerForm form) {
        return KNOWN.of(faces(form), () -> {
            Coverage coverage = new Coverage();
            coverage.faceMm2 = new Grid(form).count(form.faceRings(), coverage);
            return coverage;
        });
    }

    /** All that what is seen depends on: every surface and where it stands, and what fills the middle. */
    private static List<Object> faces(FlowerForm form) {
        List<Object> key = new ArrayList<>();
        for (PlacedRing ring : form.faceRings()) {
            key.add(ring.part().id());
            key.add(ring.surface());
            key.add(ring.part().pieces().edge());
            key.add(ring.part().pieces().finishedMm(form.paste()));
            key.add(ring.part().belowMm(1));
            key.add(Arrays.stream(ring.azimuthsRad()).boxed().toList());
        }
        for (Part part : form.species().parts()) {
            for (Solid.Turned body : part.core().outsides()) {
                key.add(body.footMm());
                key.add(body.highMm());
                for (int i = 0; i <= TOLD_BY; i++) {
                    key.add(body.radiusAt().applyAsDouble(body.highMm() * i / TOLD_BY));
                }
            }
        }
        return key;
    }

    /** Two bodies that are alike at so many heights are alike. */
    private static final int TOLD_BY = 12;

    private Coverage() {}

    /** The cells that look along the axis. */
    private static final class Grid {
        private final FlowerForm form;
        private final double cellMm;
        private final float[] high = new float[CELLS * CELLS];
        private final float[] low = new float[CELLS * CELLS];
        private final short[] highest = new short[CELLS * CELLS];
        private final short[] lowest = new short[CELLS * CELLS];
        private final short[] stamped = new short[CELLS * CELLS];

        Grid(FlowerForm form) {
            this.form = form;
            cellMm = Math.max(form.faceMm(), 2e-3) / CELLS;
            Arrays.fill(high, Float.NEGATIVE_INFINITY);
            Arrays.fill(low, Float.POSITIVE_INFINITY);
            Arrays.fill(highest, (short) NOTHING);
            Arrays.fill(lowest, (short) NOTHING);
            Arrays.fill(stamped, (short) NOTHING);
        }

        /** Lays all that makes the face over the cells and counts; returns the area of the face, mm². */
        double count(List<PlacedRing> rings, Coverage coverage) {
            hearts();
            int[] plan = new int[rings.size()];
            for (int k = 0; k < rings.size(); k++) {
                plan[k] = lay(rings.get(k), (short) k);
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
            for (int k = 0; k < rings.size(); k++) {
                String id = rings.get(k).part().id();
                coverage.planMm2.put(id, plan[k] * cellMm * cellMm);
                coverage.above.put(id, plan[k] == 0 ? 0 : (double) fromAbove[k] / plan[k]);
                coverage.below.put(id, plan[k] == 0 ? 0 : (double) fromBelow[k] / plan[k]);
            }
            return face * cellMm * cellMm;
        }

        /** The bodies that fill the middle. */
        private void hearts() {
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
        private int lay(PlacedRing ring, short number) {
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
            double ax = a[0] - 0.5;
            double ay = a[1] - 0.5;
            double bx = b[0] - a[0];
            double by = b[1] - a[1];
            double cx = c[0] - a[0];
            double cy = c[1] - a[1];
            double area = bx * cy - cx * by;
            int fromX = (int) Math.max(0, Math.ceil(ax + least(0, bx, cx)));
            int toX = (int) Math.min(CELLS - 1.0, Math.floor(ax - least(0, -bx, -cx)));
            int fromY = (int) Math.max(0, Math.ceil(ay + least(0, by, cy)));
            int toY = (int) Math.min(CELLS - 1.0, Math.floor(ay - least(0, -by, -cy)));
            if (area == 0 || fromX > toX || fromY > toY) {
                return 0;
            }
            // Shares of the corners b and c, and the height, change evenly from cell to cell.
            double shareBx = cy / area;
            double shareBy = -cx / area;
            double shareCx = -by / area;
            double shareCy = bx / area;
            double upB = b[2] - a[2];
            double upC = c[2] - a[2];
            int fresh = 0;
            for (int x = fromX; x <= toX; x++) {
                double shareB = (x - ax) * shareBx + (fromY - ay) * shareBy;
                double shareC = (x - ax) * shareCx + (fromY - ay) * shareCy;
                int at = x * CELLS + fromY;
                for (int y = fromY; y <= toY; y++, at++, shareB += shareBy, shareC += shareCy) {
                    if (shareB >= -EDGE && shareC >= -EDGE && shareB + shareC <= 1 + EDGE) {
                        cell(at, (float) (a[2] + shareB * upB + shareC * upC), number);
                        if (stamped[at] != number) {
                            stamped[at] = number;
                            fresh++;
                        }
                    }
                }
            }
            return fresh;
        }

        /** What lies on the side between two triangles belongs to both. */
        private static final double EDGE = 1e-9;

        private static double least(double a, double b, double c) {
            return Math.min(a, Math.min(b, c));
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
