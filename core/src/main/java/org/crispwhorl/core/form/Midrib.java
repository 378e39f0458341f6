package org.crispwhorl.core.form;

/**
 * The midrib of a placed piece in the plane of its azimuth. It stands upright along what it is glued to, then leaves it at
 * angle α and bends at a constant rate, θ(s) = α − κ·(s − g)/L, so that it is an arc of a circle; a tip that is turned back
 * over a stick is a second arc the other way.
 *
 * @param neckMm r0, radius at its base
 * @param onStemMm z0, height of its base
 * @param opensRad α: 0 upright, π/2 flat, more is turned back
 * @param bendRad κ over the whole length: positive bends towards the axis
 * @param lengthMm L
 * @param gluedMm g, length from the base that is glued and stands upright
 * @param turnedMm length of the tip that is turned back
 */
public record Midrib(
        double neckMm,
        double onStemMm,
        double opensRad,
        double bendRad,
        double lengthMm,
        double gluedMm,
        double turnedMm) {
    /** Below this bend the midrib counts as straight. */
    private static final double STRAIGHT = 1e-9;

    /** How far a turned tip goes round its stick. */
    private static final double TURN_BACK_RAD = Math.toRadians(120);

    /** A midrib that is free from its base on, its tip as it lies. */
    public Midrib(double neckMm, double onStemMm, double opensRad, double bendRad, double lengthMm) {
        this(neckMm, onStemMm, opensRad, bendRad, lengthMm, 0, 0);
    }

    private double rate() {
        return bendRad / lengthMm;
    }

    private double tipFrom() {
        return lengthMm - turnedMm;
    }

    private double bodyDirection(double s) {
        return opensRad - rate() * (s - gluedMm);
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

    /** Length of the bent body up to a station; the edges of a cupped piece reach a little beyond its midrib's ends. */
    private double body(double s) {
        double to = turnedMm == 0 ? s : Math.min(s, tipFrom());
        return gluedMm == 0 ? to : Math.max(0, to - gluedMm);
    }

    /** Radius ρ at a station, mm; negative past the axis. */
    public double radius(double s) {
        double body = body(s);
        double r = neckMm + outwards(opensRad, rate(), body);
        return s <= tipFrom() || turnedMm == 0
                ? r
                : r + outwards(bodyDirection(tipFrom()), -TURN_BACK_RAD / turnedMm, s - tipFrom());
    }

    /** Height z at a station, mm. */
    public double height(double s) {
        double body = body(s);
        double z = onStemMm + (gluedMm == 0 ? 0 : Math.min(s, gluedMm)) + upwards(opensRad, rate(), body);
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

    /**
     * Where beside the midrib a point of the paste comes to lie.
     *
     * @param stationMm station of the midrib
     * @param directionRad direction of the piece there, from the axis; only at the line of glue is it not the midrib's own
     */
    record Beside(double stationMm, double directionRad) {}

    /** Beside a station itself. */
    Beside beside(double s) {
        return new Beside(s, direction(s));
    }

    /**
     * Where a point at a distance above the midrib's side of the piece lies so that the paste there keeps its area: where the piece
     * is bent towards it, a strip so high is shorter than the midrib by 1 + h·dθ/ds, and the paste makes up for that by reaching
     * farther from the middle of the piece; at the line of glue, where the piece kinks away from it, it fills the wedge h·α.
     *
     * @param s station of the point in the flat outline, mm
     * @param heightMm h, how far it lies above the midrib along the normal, signed
     * @param fromMm station that stays where it is
     */
    Beside keepingArea(double s, double heightMm, double fromMm) {
        double body = Math.max(LEAST_SHARE, 1 - heightMm * rate());
        double from = Math.max(gluedMm, Math.min(fromMm, tipFrom()));
        double at = from + (s - from) / body;
        if (gluedMm > 0 && at < gluedMm) {
            double rest = (from - s) - (from - gluedMm) * body;
            double wedge = Math.max(0, heightMm * opensRad);
            return rest < wedge
                    ? new Beside(gluedMm, opensRad * (1 - rest / wedge))
                    : new Beside(gluedMm - (rest - wedge), 0);
        }
        if (turnedMm > 0 && at > tipFrom()) {
            double tip = Math.max(LEAST_SHARE, 1 + heightMm * TURN_BACK_RAD / turnedMm);
            return beside(tipFrom() + ((s - from) - (tipFrom() - from) * body) / tip);
        }
        return beside(at);
    }

    /** Deeper cups than these would stretch an edge without end; paste crumples there. */
    private static final double LEAST_SHARE = 0.4;

    /** The station at which it stops going outwards and begins to return to the axis; the length where it never does. */
    public double turnsInAt() {
        if (opensRad <= 0) {
            return 0;
        }
        double at = bendRad <= 0 ? lengthMm : gluedMm + opensRad / rate();
        return at >= tipFrom() ? lengthMm : at;
    }
}
