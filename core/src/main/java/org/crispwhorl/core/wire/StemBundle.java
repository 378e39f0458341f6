package org.crispwhorl.core.wire;

import java.util.Comparator;
import java.util.List;

/** The thickness of wires bundled and taped together. */
public final class StemBundle {
    /** Share of a circle that up to twenty round wires fill. */
    private static final double FEW = 0.70;

    /** Share of it that many fill. */
    private static final double MANY = 0.80;

    private static final int FEW_ARE = 20;

    /** Thickness of florist's tape once stretched, mm. */
    public static final double TAPE_MM = 0.12;

    /** Least circle round k equal circles, as a multiple of their diameter (known optimal packings), from three on. */
    private static final double[] EQUAL = {2.155, 2.414, 2.701, 3, 3};

    private StemBundle() {}

    /** Share of their least circle that k round wires fill. */
    private static double filled(int k) {
        int known = k - 3;
        if (known < EQUAL.length) {
            return k / (EQUAL[known] * EQUAL[known]);
        }
        return k <= FEW_ARE ? FEW : MANY;
    }

    /**
     * Diameter of a bundle before taping, mm: the two thickest side by side, or the least circle that the k thickest fill as well
     * as k equal ones would, for the k that needs most. Equal wires are exact, and a further wire never makes it thinner.
     *
     * @param diametersMm of the wires or threads in it
     */
    public static double diameterMm(List<Double> diametersMm) {
        List<Double> thickFirst =
                diametersMm.stream().sorted(Comparator.reverseOrder()).toList();
        double widest = thickFirst.stream().limit(2).mapToDouble(d -> d).sum();
        double squares = 0;
        for (int k = 1; k <= thickFirst.size(); k++) {
            double d = thickFirst.get(k - 1);
            squares += d * d;
            if (k >= 3) {
                widest = Math.max(widest, Math.sqrt(squares / filled(k)));
            }
        }
        return widest;
    }

    /** The bundle with layers of tape round it, mm. */
    public static double taped(double bundleMm, int layers) {
        return bundleMm + 2 * TAPE_MM * layers;
    }
}
