package org.crispwhorl.core.drying;

/**
 * What dries. The water has to go as far as the drying length ℓ: volume ÷ surface, for a sheet its thickness where one face sees
 * the air, half of it where both do.
 *
 * @param sheet whether it is a sheet, and not a solid
 * @param freeMm ℓ of the free part, by which it skins, holds and bends, as it lies on one face
 * @param thickestMm ℓ at its thickest place, by which it is firm and dry, as it lies on one face
 * @param firstShare share of ℓ that counts at first: 1 on one face, a half on both
 * @param changesAfterH hours after which that changes; infinite where it does not
 * @param thenShare share of ℓ that counts from then on
 */
public record Body(
        boolean sheet, double freeMm, double thickestMm, double firstShare, double changesAfterH, double thenShare) {
    private static final double BOTH_FACES = 0.5;

    /** A body whose drying length is the same everywhere and all the time. */
    public static Body of(double lengthMm) {
        return new Body(false, lengthMm, lengthMm, 1, Double.POSITIVE_INFINITY, 1);
    }

    /**
     * A sheet as it lies.
     *
     * @param freeMm its thickness
     * @param thickestMm drying length at its ridge, foot or wherever it is thickest
     */
    public static Body sheet(double freeMm, double thickestMm, Lying lying) {
        double thickest = Math.max(freeMm, thickestMm);
        if (lying instanceof Lying.Hung) {
            return new Body(true, freeMm, thickest, BOTH_FACES, Double.POSITIVE_INFINITY, BOTH_FACES);
        }
        if (lying instanceof Lying.TurnedOut turned) {
            return new Body(true, freeMm, thickest, 1, turned.afterH(), BOTH_FACES);
        }
        return new Body(true, freeMm, thickest, 1, Double.POSITIVE_INFINITY, 1);
    }

    /**
     * The drying length at a place where a sheet is thicker, mm: ℓ = t + (H − t)·b/(b + 2H), for water leaves a narrow ridge by its
     * flanks too.
     *
     * @param freeMm thickness t of the sheet beside it
     * @param highMm thickness H there
     * @param wideMm how wide b it is so thick
     */
    public static double ridgeMm(double freeMm, double highMm, double wideMm) {
        return highMm <= freeMm ? freeMm : freeMm + (highMm - freeMm) * wideMm / (wideMm + 2 * highMm);
    }

    /** Any solid, by its volume in mm³ and its whole surface in mm². */
    public static Body solid(double volumeMm3, double surfaceMm2) {
        return of(volumeMm3 / surfaceMm2);
    }

    /** The drying length at its thickest place at first, mm. */
    public double firstMm() {
        return firstShare * thickestMm;
    }

    /** The same body as if it were as thick everywhere as its free part. */
    public Body freePart() {
        return new Body(sheet, freeMm, freeMm, firstShare, changesAfterH, thenShare);
    }

    /** The drying length at its thickest place after some hours, mm. */
    double lengthMm(double hour) {
        return thickestMm * (hour < changesAfterH ? firstShare : thenShare);
    }
}
