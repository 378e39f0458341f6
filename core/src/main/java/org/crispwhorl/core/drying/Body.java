package org.crispwhorl.core.drying;

/**
 * What dries, by its drying length ℓ = volume ÷ exposed area in mm. A sheet that is turned out changes ℓ on the way.
 *
 * @param firstMm ℓ at first
 * @param changesAfterH hours after which ℓ changes; infinite where it does not
 * @param thenMm ℓ from then on
 */
public record Body(double firstMm, double changesAfterH, double thenMm) {
    /** A body whose drying length stays the same. */
    public static Body of(double lengthMm) {
        return new Body(lengthMm, Double.POSITIVE_INFINITY, lengthMm);
    }

    /** A sheet of a thickness in mm, as it lies. One face sees the air, or both do. */
    public static Body sheet(double thicknessMm, Lying lying) {
        if (lying instanceof Lying.Hung) {
            return of(thicknessMm / 2);
        }
        if (lying instanceof Lying.TurnedOut turned) {
            return new Body(thicknessMm, turned.afterH(), thicknessMm / 2);
        }
        return of(thicknessMm);
    }

    /** Any solid, by its volume in mm³ and its open surface in mm². */
    public static Body solid(double volumeMm3, double openMm2) {
        return of(volumeMm3 / openMm2);
    }
}
