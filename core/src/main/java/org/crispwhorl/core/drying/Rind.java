package org.crispwhorl.core.drying;

import org.crispwhorl.core.paste.Stage;

/**
 * How far paste has dried, and how deep: makers judge a piece by its rind, not by its middle. A thin sheet is dried as a whole; of a
 * thick body only so much of its drying length counts.
 *
 * @param moistureRatio share of the water to be lost that is still there, above 0 and below 1
 * @param depthMm how deep it is asked for; infinite for dry through
 */
public record Rind(double moistureRatio, double depthMm) {
    /** It keeps its shape. */
    public static final Rind HOLDS = new Rind(0.90, 3.6);

    /** It no longer bends. */
    public static final Rind STOPS_BENDING = new Rind(0.62, 3.6);

    /** It can be handled, glued, hung. */
    public static final Rind FIRM = new Rind(0.45, 1.7);

    /** It can be dusted hard, taped tight, travelled. */
    public static final Rind DRY = new Rind(0.15, 1.0);

    /** Its middle too: told, but asked by nothing. */
    public static final Rind DRY_THROUGH = new Rind(0.15, Double.POSITIVE_INFINITY);

    /** The rate of M = exp(−1.897·t/t_dry), so that it is dry through at t_dry. */
    private static final double RATE = -Math.log(0.15);

    /** What a stage of drying asks; that of a face that skins has a clock of its own. */
    public static Rind of(Stage stage) {
        return switch (stage) {
            case SKINNED, PART_DRY -> HOLDS;
            case FIRM -> FIRM;
            case DRY -> DRY;
        };
    }

    /** The drying length that counts, mm: ℓ_c = (ℓ⁻⁴ + c⁻⁴)^(−1/4), smoothly the lesser of the body's own and the rind. */
    public double lengthMm(double bodyMm) {
        return Double.isInfinite(depthMm) ? bodyMm : Math.pow(Math.pow(bodyMm, -4) + Math.pow(depthMm, -4), -0.25);
    }

    /** Share of the time of drying through after which it is there, of a body of that length. */
    double share() {
        return -Math.log(moistureRatio) / RATE;
    }
}
