package org.crispwhorl.core.paste;

import org.crispwhorl.core.measure.InvalidValue;

/** The density of a paste from one ball, measured across and weighed: 1000·m ÷ (πD³/6). */
public final class Density {
    private static final double LEAST = 0.5;
    private static final double GREATEST = 3;

    private Density() {}

    /**
     * @param ballMm diameter of the ball, more than 0
     * @param ballG its weight, more than 0
     * @return g/cm³
     * @throws InvalidValue where no paste has such a density: the ball was measured or weighed wrongly
     */
    public static double ofBall(double ballMm, double ballG) {
        if (!(ballMm > 0)) {
            throw new InvalidValue("ballMm", ballMm, "a ball of more than 0 mm across");
        }
        double density = 1000 * ballG / (Math.PI * ballMm * ballMm * ballMm / 6);
        if (!(density >= LEAST && density <= GREATEST)) {
            throw new InvalidValue(
                    "ballG",
                    ballG,
                    String.format(
                            java.util.Locale.ROOT,
                            "a weight that comes to %.1f to %.1f g/cm³ for a ball of %.1f mm; this one comes to %.2f:"
                                    + " measure it across once more, and tare the dish",
                            LEAST,
                            GREATEST,
                            ballMm,
                            density));
        }
        return density;
    }
}
