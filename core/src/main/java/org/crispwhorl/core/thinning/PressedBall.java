package org.crispwhorl.core.thinning;

import org.crispwhorl.core.measure.InvalidValue;
import org.crispwhorl.core.measure.Unit;
import org.crispwhorl.core.paste.Paste;

/**
 * A petal pressed from a ball without a cutter: the ball's volume πD³/6 is the petal's area times its mean thickness.
 *
 * @param diameterMm of the ball
 * @param areaMm2 of the pressed petal
 */
public record PressedBall(double diameterMm, double areaMm2) {
    /** Thinnest mean thickness that holds together, mm. */
    public static final double THINNEST_MM = 0.35;

    /** A log as thick as the ball wanted, sliced at this share of it, gives balls of that size: (πD³/6) ÷ (πD²/4) = 2D/3. */
    public static final double SLICE_OF_ITS_BALL = 2.0 / 3;

    /** Thickest that still reads as a petal, mm. */
    public static final double THICKEST_MM = 2;

    /**
     * @throws InvalidValue where the mean thickness would come out below 0.35 mm or above 2 mm
     */
    public PressedBall {
        if (!(diameterMm > 0) || !(areaMm2 > 0)) {
            throw new InvalidValue(
                    diameterMm > 0 ? "areaMm2" : "diameterMm", diameterMm > 0 ? areaMm2 : diameterMm, "more than 0");
        }
        double thickness = volumeMm3(diameterMm) / areaMm2;
        if (thickness < THINNEST_MM || thickness > THICKEST_MM) {
            throw new InvalidValue(
                    "diameterMm",
                    diameterMm,
                    "a ball that presses out to " + THINNEST_MM + " to " + Unit.FINE_MM.write(THICKEST_MM)
                            + "; this one comes to "
                            + Unit.FINE_MM.write(thickness));
        }
    }

    /** Volume of a ball, mm³. */
    public static double volumeMm3(double diameterMm) {
        return Math.PI * diameterMm * diameterMm * diameterMm / 6;
    }

    /** The ball of a volume, mm across: ∛(6V/π). */
    public static double diameterMm(double volumeMm3) {
        return Math.cbrt(6 * volumeMm3 / Math.PI);
    }

    /** The ball of a weight, mm across. */
    public static double diameterOf(double grams, Paste paste) {
        return diameterMm(grams * 1000 / paste.densityGPerCm3());
    }

    /** Mean thickness of the petal, mm. */
    public double thicknessMm() {
        return volumeMm3(diameterMm) / areaMm2;
    }

    /** Weight of the ball, g. */
    public double grams(Paste paste) {
        return paste.grams(volumeMm3(diameterMm));
    }
}
