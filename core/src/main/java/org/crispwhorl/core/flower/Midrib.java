package org.crispwhorl.core.flower;

/**
 * The midrib of a placed piece in the plane of its azimuth. It stands upright along what it is glued to, then leaves it at
 * angle α and bends at a constant rate, θ(s) = α − κ·(s − g)/L, so that it is an arc of a circle; a tip that is turned back
 * over a stick is a second arc the other way.
 *
 * @param neckMm r0, radius at its base
 * @param seatMm z0, height of its base
 * @param leanRad α: 0 upright, π/2 flat, more is turned back
 * @param bendRad κ over the whole length: positive bends towards the axis
 * @param lengthMm L
 * @param gluedMm g, length from the base that is glued and stands upright
 * @param turnedMm length of the tip that is turned back
 */
public record Midrib(
        double neckMm,
        double seatMm,
        double leanRad,
        double bendRad,
        double lengthMm,
        double gluedMm,
        double turnedMm) {
    /** Below this bend the midrib counts as straight. */
    private static final double STRAIGHT = 1e-9;

    /** How far a turned tip goes round its stick. */
    private static final double TURN_BACK_RAD = Math.toRadians(120);

    /** A midrib that is free from its base on, its tip as it lies. */
    public Midrib(double neckMm, double seatMm, double leanRad, double bendRad, double lengthMm) {
        this(neckMm, seatMm, leanRad, bendRad, lengthMm, 0, 0);
    }

    private double rate() {
        return bendRad / lengthMm;
    }

    private double tipFrom() {
        return lengthMm - turnedMm;
    }

    private double bodyDirection(double s) {
        return leanRad - rate() * (s - gluedMm);
    }

    /** Direction at a station, radians from the axis. */
    public double direction(double s) {
        if (s < gluedMm) {
            return 0;
        }
        return s <= tipFrom() || turnedMm == 0
                ? bodyDirection(s)
                : bodyDirection(tipFrom()) + TURN_BACK_RAD * (s - tipFrom()) / turnedMm;
    }

    /** Radius ρ at a station, mm; negative past the axis. */
    public double radius(double s) {
        double body = Math.max(0, Math.min(s, tipFrom()) - gluedMm);
        double r = neckMm + outwards(leanRad, rate(), body);
        return s <= tipFrom() || turnedMm == 0
                ? r
                : r + outwards(bodyDirection(tipFrom()), -TURN_BACK_RAD / turnedMm, s - tipFrom());
    }

    /** Height z at a station, mm. */
    public double height(double s) {
        double body = Math.max(0, Math.min(s, tipFrom()) - gluedMm);
        double z = seatMm + Math.min(s, gluedMm) + upwards(leanRad, rate(), body);
        return s <= tipFrom() || turnedMm == 0
                ? z
                : z + upwards(bodyDirection(tipFrom()), -TURN_BACK_RAD / turnedMm, s - tipFrom());
    }

    private static double outwards(double direction, double rate, double length) {
        return Math.abs(rate * length) < STRAIGHT
                ? length * Math.sin(direction)
                : (Math.cos(direction - rate * length) - Math.cos(direction)) / rate;
    }

    private static double upwards(double direction, double rate, double length) {
        return Math.abs(rate * length) < STRAIGHT
                ? length * Math.cos(direction)
                : (Math.sin(direction) - Math.sin(direction - rate * length)) / rate;
    }

    /** The station at which it stops going outwards and begins to return to the axis; the length where it never does. */
    public double turnsInAt() {
        if (leanRad <= 0) {
            return 0;
        }
        double at = bendRad <= 0 ? lengthMm : gluedMm + leanRad / rate();
        return at >= tipFrom() ? lengthMm : at;
    }
}
