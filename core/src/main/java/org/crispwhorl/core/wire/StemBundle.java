package org.crispwhorl.core.wire;

import java.util.List;

/** The thickness of wires bundled and taped together. */
public final class StemBundle {
    /** Share of a circle that round wires fill when many are bundled. */
    private static final double PACKING = 0.8;

    /** Thickness of florist's tape once stretched, mm. */
    public static final double TAPE_MM = 0.12;

    /** Least circle round n equal circles, as a multiple of their diameter (known optimal packings). */
    private static final double[] EQUAL = {0, 1, 2, 2.155, 2.414, 2.701, 3, 3};

    private StemBundle() {}

    /**
     * Diameter of a bundle before taping, mm.
     *
     * @param diametersMm of the wires or threads in it
     */
    public static double diameterMm(List<Double> diametersMm) {
        if (diametersMm.isEmpty()) {
            return 0;
        }
        boolean equal = diametersMm.stream().distinct().count() == 1;
        if (equal && diametersMm.size() < EQUAL.length) {
            return EQUAL[diametersMm.size()] * diametersMm.get(0);
        }
        double squares = 0;
        double thickest = 0;
        for (double d : diametersMm) {
            squares += d * d;
            thickest = Math.max(thickest, d);
        }
        return Math.max(thickest, Math.sqrt(squares / PACKING));
    }

    /** The bundle with layers of tape round it, mm. */
    public static double taped(double bundleMm, int layers) {
        return bundleMm + 2 * TAPE_MM * layers;
    }
}
