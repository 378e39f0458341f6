package org.crispwhorl.core.form;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import org.crispwhorl.core.solid.Solid;

/**
 * What a soft piece is laid on: a surface of revolution, as its meridian from the axis under the flower round to the top, by the
 * way along it. It begins as the centre, or as the wires where there is none; after each ring it is that ring's back.
 */
public final class Skin {
    /** Points of the meridian lie so far apart, mm. */
    private static final double STEP_MM = 0.8;

    /** Corners are rounded over so many points on each side. */
    private static final int ROUNDED = 2;

    /** Points closer than this are one, mm. */
    private static final double ONE_MM = 1e-6;

    /** Slices in which the outside of the centres is taken. */
    private static final int SLICES = 160;

    private final double[] radii;
    private final double[] heights;

    /** Way from the first point to each, mm. */
    private final double[] techniques;

    /**
     * A place on the skin.
     *
     * @param radiusMm from the axis
     * @param heightMm above the neck
     * @param outwards how far it goes outwards there for a step along it, 0 upwards, 1 outwards, below 0 inwards over the top
     * @param upwards how far it goes upwards for that step
     */
    public record At(double radiusMm, double heightMm, double outwards, double upwards) {
        /** Of the meridian there, radians: 0 upwards, π/2 outwards. */
        double directionRad() {
            return Math.atan2(outwards, upwards);
        }

        /** How far a point lies off the skin along its normal there, mm; below 0 inside of it. */
        double off(double radius, double height) {
            return (radius - radiusMm) * upwards - (height - heightMm) * outwards;
        }

        double distance(double radius, double height) {
            double across = radius - radiusMm;
            double up = height - heightMm;
            return Math.sqrt(across * across + up * up);
        }
    }

    /** Direction at each point: outwards and upwards for a step along it. */
    private final double[] outwards;

    private final double[] upwards;

    private Skin(double[] radii, double[] heights) {
        int n = radii.length;
        this.radii = radii;
        this.heights = heights;
        this.techniques = new double[n];
        this.outwards = new double[n];
        this.upwards = new double[n];
        for (int i = 1; i < n; i++) {
            techniques[i] = techniques[i - 1] + length(radii[i] - radii[i - 1], heights[i] - heights[i - 1]);
        }
        for (int i = 0; i < n; i++) {
            int before = Math.max(0, i - 1);
            int after = Math.min(n - 1, i + 1);
            double out = radii[after] - radii[before];
            double up = heights[after] - heights[before];
            double whole = Math.max(ONE_MM, length(out, up));
            outwards[i] = out / whole;
            upwards[i] = up / whole;
        }
    }

    /** Two are the same when they go through the same points. */
    @Override
    public boolean equals(Object other) {
        return this == other
                || other instanceof Skin s && Arrays.equals(radii, s.radii) && Arrays.equals(heights, s.heights);
    }

    @Override
    public int hashCode() {
        return 31 * Arrays.hashCode(radii) + Arrays.hashCode(heights);
    }

    private static double length(double a, double b) {
        return Math.sqrt(a * a + b * b);
    }

    /** A meridian through points (radius, height), with its corners rounded. */
    static Skin through(List<double[]> points) {
        List<double[]> kept = new ArrayList<>();
        for (double[] p : points) {
            double[] last = kept.isEmpty() ? null : kept.get(kept.size() - 1);
            if (last == null || Math.hypot(p[0] - last[0], p[1] - last[1]) > ONE_MM) {
                kept.add(new double[] {Math.max(0, p[0]), p[1]});
            }
        }
        if (kept.size() == 1) {
            kept.add(new double[] {kept.get(0)[0], kept.get(0)[1] + STEP_MM});
        }
        double[] r = new double[kept.size()];
        double[] z = new double[kept.size()];
        for (int i = 0; i < r.length; i++) {
            r[i] = kept.get(i)[0];
            z[i] = kept.get(i)[1];
        }
        return new Skin(r, z).even().rounded();
    }

    /** The outside of a flower's centres, from the lowest foot to the highest top; of a wire's end where there are none. */
    static Skin of(List<Solid.Turned> centres, double wireMm) {
        if (centres.isEmpty()) {
            double r = Math.max(wireMm, ONE_MM);
            return through(
                    List.of(new double[] {0, -r}, new double[] {r, -r}, new double[] {r, 0}, new double[] {0, 0}));
        }
        double low = centres.stream().mapToDouble(Solid::lowMm).min().orElse(0);
        double high = centres.stream().mapToDouble(Solid::topMm).max().orElse(0);
        List<double[]> points = new ArrayList<>();
        points.add(new double[] {0, low});
        for (int i = 0; i <= SLICES; i++) {
            // Slices crowd at both ends, where a ball turns fastest.
            double z = low + (high - low) * (1 - Math.cos(Math.PI * i / SLICES)) / 2;
            double r = wireMm;
            for (Solid.Turned centre : centres) {
                double above = z - centre.footMm();
                if (above >= 0 && above <= centre.highMm()) {
                    r = Math.max(r, centre.radiusAt().applyAsDouble(above));
                }
            }
            points.add(new double[] {r, z});
        }
        points.add(new double[] {0, high});
        return through(points);
    }

    /**
     * The same spread out level: what is wider than the centre that it is laid on lies flat under it.
     *
     * @param share of the way there, 0 the same, 1 level
     * @param reachMm how far out it goes then
     */
    Skin spread(double share, double reachMm) {
        if (share <= 0) {
            return this;
        }
        List<double[]> points = new ArrayList<>();
        double low = heights[0];
        for (int i = 0; i <= SLICES; i++) {
            double part = (double) i / SLICES;
            At at = at(part * lengthMm());
            points.add(new double[] {
                at.radiusMm() + share * (part * reachMm - at.radiusMm()), at.heightMm() + share * (low - at.heightMm())
            });
        }
        return through(points);
    }

    /** How far it comes from the axis, mm. */
    double widestMm() {
        double widest = 0;
        for (double radius : radii) {
            widest = Math.max(widest, radius);
        }
        return widest;
    }

    /** The same meridian with its points at even steps. */
    private Skin even() {
        double whole = lengthMm();
        int n = (int) Math.max(4, Math.ceil(whole / STEP_MM));
        double[] r = new double[n + 1];
        double[] z = new double[n + 1];
        int k = 1;
        for (int i = 0; i <= n; i++) {
            double way = whole * i / n;
            while (k < techniques.length - 1 && techniques[k] < way) {
                k++;
            }
            double share = (way - techniques[k - 1]) / Math.max(ONE_MM, techniques[k] - techniques[k - 1]);
            r[i] = radii[k - 1] + share * (radii[k] - radii[k - 1]);
            z[i] = heights[k - 1] + share * (heights[k] - heights[k - 1]);
        }
        return new Skin(r, z);
    }

    /** The same meridian, its corners rounded; it still begins and ends where it did. */
    private Skin rounded() {
        int n = radii.length;
        double[] r = radii.clone();
        double[] z = heights.clone();
        for (int i = 1; i + 1 < n; i++) {
            int by = Math.min(ROUNDED, Math.min(i, n - 1 - i));
            double sumR = 0;
            double sumZ = 0;
            for (int k = i - by; k <= i + by; k++) {
                sumR += radii[k];
                sumZ += heights[k];
            }
            r[i] = sumR / (2 * by + 1);
            z[i] = sumZ / (2 * by + 1);
        }
        return new Skin(r, z);
    }

    /** From its beginning to its end, mm. */
    double lengthMm() {
        return techniques[techniques.length - 1];
    }

    /** Its lowest height, mm. */
    double lowMm() {
        double low = heights[0];
        for (double z : heights) {
            low = Math.min(low, z);
        }
        return low;
    }

    /** Its greatest height, mm. */
    double topMm() {
        double top = heights[0];
        for (double z : heights) {
            top = Math.max(top, z);
        }
        return top;
    }

    /**
     * The place at a way along it. Beyond its end it goes on as it was going where it ends away from the axis, and up where it ends
     * on it; before its beginning there is nothing but the stem.
     */
    At at(double way) {
        int n = techniques.length;
        if (way <= 0) {
            return new At(radii[0], heights[0] + way, outwards[0], upwards[0]);
        }
        if (way >= techniques[n - 1]) {
            double over = way - techniques[n - 1];
            boolean onAxis = radii[n - 1] <= 2 * STEP_MM;
            double out = onAxis ? 0 : outwards[n - 1];
            double up = onAxis ? 1 : upwards[n - 1];
            return new At(Math.max(0, radii[n - 1] + over * out), heights[n - 1] + over * up, out, up);
        }
        int k = segment(way);
        double share = (way - techniques[k - 1]) / Math.max(ONE_MM, techniques[k] - techniques[k - 1]);
        return new At(
                between(radii, k, share),
                between(heights, k, share),
                between(outwards, k, share),
                between(upwards, k, share));
    }

    private static double between(double[] at, int k, double share) {
        return at[k - 1] + share * (at[k] - at[k - 1]);
    }

    /** The segment that a way lies in; points lie at nearly even steps. */
    private int segment(double way) {
        int n = techniques.length;
        int k = Math.max(1, Math.min(n - 1, (int) (way / techniques[n - 1] * (n - 1)) + 1));
        while (k > 1 && techniques[k - 1] > way) {
            k--;
        }
        while (k < n - 1 && techniques[k] < way) {
            k++;
        }
        return k;
    }

    /** The way to where it first rises above a height; 0 where all of it is higher, to its end where none is. */
    double wayAt(double heightMm) {
        if (heightMm < heights[0]) {
            return 0;
        }
        for (int i = 1; i < heights.length; i++) {
            if (heights[i - 1] <= heightMm && heightMm < heights[i]) {
                double share = (heightMm - heights[i - 1]) / (heights[i] - heights[i - 1]);
                return techniques[i - 1] + share * (techniques[i] - techniques[i - 1]);
            }
        }
        return lengthMm();
    }

    /** How far a point lies off it, mm; below 0 inside, far above 0 beyond its end. */
    double off(double radius, double height) {
        int nearest = 0;
        double best = Double.POSITIVE_INFINITY;
        for (int i = 0; i < radii.length; i++) {
            double across = radius - radii[i];
            double up = height - heights[i];
            double d = across * across + up * up;
            if (d < best) {
                best = d;
                nearest = i;
            }
        }
        // What lies beyond the end is not over it.
        double along = (radius - radii[nearest]) * outwards[nearest] + (height - heights[nearest]) * upwards[nearest];
        if (nearest == radii.length - 1 && along > 0) {
            return Math.sqrt(best);
        }
        return (radius - radii[nearest]) * upwards[nearest] - (height - heights[nearest]) * outwards[nearest];
    }

    /** Its points up to a way along it, (radius, height). */
    List<double[]> upTo(double way) {
        List<double[]> points = new ArrayList<>();
        for (int i = 0; i < radii.length && techniques[i] < way; i++) {
            points.add(new double[] {radii[i], heights[i]});
        }
        return points;
    }

    /** Its points from a way along it on, (radius, height). */
    List<double[]> from(double way) {
        List<double[]> points = new ArrayList<>();
        for (int i = 0; i < radii.length; i++) {
            if (techniques[i] > way) {
                points.add(new double[] {radii[i], heights[i]});
            }
        }
        return points;
    }
}
