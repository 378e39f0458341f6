package org.crispwhorl.core.drying;

import org.crispwhorl.core.paste.Paste;

/**
 * How long the face of a piece stays open on the bench, before it skins and can no longer be cut, veined or wired: a law of its
 * face, not of its body, in the bench's own air.
 */
public final class SkinClock {
    /** Minutes for a sheet of the usual thickness in the reference room, uncovered. */
    private static final double USUAL_MIN = 12;

    private static final double USUAL_MM = 0.7;

    /** A thicker sheet feeds its face a little longer. */
    private static final double EXPONENT = 0.3;

    /** A cover slows skinning by this factor. */
    public static final double COVER = 12;

    private SkinClock() {}

    /**
     * Hours until it has skinned, uncovered: 12 min · (ℓ/0.7)^0.3 ÷ (air·F).
     *
     * @param thicknessMm of the finished piece as it lies there
     * @param room the bench's air; what a drying cabinet does inside is not asked
     * @return infinite where it never skins: in air as damp as the paste, and for what sets by cooling
     */
    public static double hours(Paste paste, double thicknessMm, Room room) {
        DryingLaw law = DryingLaw.of(paste);
        if (!law.skins()) {
            return Double.POSITIVE_INFINITY;
        }
        double bench = room.benchRate() * law.drive(room.temperatureC(), room.humidityPct());
        return hours(thicknessMm, bench);
    }

    /** The same where a piece is brought to dry, hours: there it skins also where the bench is too damp for it. */
    public static double whereItDriesH(Paste paste, double thicknessMm, Room room) {
        return Math.min(
                hours(paste, thicknessMm, room),
                hours(thicknessMm, room.air().rate() * DryingLaw.of(paste).drive(room)));
    }

    private static double hours(double thicknessMm, double air) {
        return air <= 0 ? Double.POSITIVE_INFINITY : USUAL_MIN / 60 * Math.pow(thicknessMm / USUAL_MM, EXPONENT) / air;
    }
}
