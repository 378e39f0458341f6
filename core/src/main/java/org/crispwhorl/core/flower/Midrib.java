package org.crispwhorl.core.flower;

/**
 * The midrib of a placed piece in the plane of its azimuth: it leaves the axis at radius r0 at angle α and bends at a
 * constant rate through κ over its length, θ(s) = α − κ·s/L, so that it is an arc of a circle.
 *
 * @param neckMm r0, radius at its base
 * @param seatMm z0, height of its base
 * @param leanRad α: 0 upright, π/2 flat, more is turned back
 * @param bendRad κ over the whole length: positive bends towards the axis
 * @param lengthMm L
 */
public record Midrib(double neckMm, double seatMm, double leanRad, double bendRad, double lengthMm) {
    /** Below this bend over the length the midrib counts as straight. */
    private static final double STRAIGHT = 1e-9;

    /** Direction at a station, radians from the axis. */
    public double direction(double s) {
        return leanRad - bendRad * s / lengthMm;
    }

    /** Radius ρ at a station, mm; negative past the axis. */
    public double radius(double s) {
        if (Math.abs(bendRad) < STRAIGHT) {
            return neckMm + s * Math.sin(leanRad);
        }
        return neckMm + lengthMm / bendRad * (Math.cos(direction(s)) - Math.cos(leanRad));
    }

    /** Height z at a station, mm. */
    public double height(double s) {
        if (Math.abs(bendRad) < STRAIGHT) {
            return seatMm + s * Math.cos(leanRad);
        }
        return seatMm + lengthMm / bendRad * (Math.sin(leanRad) - Math.sin(direction(s)));
    }

    /** The station at which it stops going outwards and begins to return to the axis; the length where it never does. */
    public double turnsInAt() {
        if (leanRad <= 0) {
            return 0;
        }
        return bendRad <= 0 ? lengthMm : Math.min(lengthMm, lengthMm * leanRad / bendRad);
    }
}
