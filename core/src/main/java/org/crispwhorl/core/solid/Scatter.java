package org.crispwhorl.core.solid;

import java.util.ArrayList;
import java.util.List;

/** Places spread evenly. */
public final class Scatter {
    /** Divergence of a spiral: the golden angle, degrees. */
    public static final double GOLDEN_DEG = 137.50776405;

    private Scatter() {}

    /**
     * Points that fill a disc evenly, each a golden angle on from the one before (Vogel's model).
     *
     * @param radiusMm of the disc; 0 for all in the middle
     * @param z height at which they lie, mm
     */
    public static List<double[]> overDisc(int count, double radiusMm, double z) {
        List<double[]> places = new ArrayList<>(count);
        for (int i = 0; i < count; i++) {
            double r = Math.max(0, radiusMm) * Math.sqrt((i + 0.5) / count);
            double turn = Math.toRadians(GOLDEN_DEG) * i;
            places.add(new double[] {r * Math.cos(turn), r * Math.sin(turn), z});
        }
        return places;
    }

    /**
     * Points at equal steps on a circle.
     *
     * @param shift how far the first stands on from the x axis, in steps
     */
    public static List<double[]> onCircle(int count, double radiusMm, double shift, double z) {
        List<double[]> places = new ArrayList<>(count);
        for (int i = 0; i < count; i++) {
            double turn = 2 * Math.PI * (i + shift) / count;
            places.add(new double[] {radiusMm * Math.cos(turn), radiusMm * Math.sin(turn), z});
        }
        return places;
    }
}
