package org.crispwhorl.core.flower;

import org.crispwhorl.core.outline.Outline;
import org.crispwhorl.core.species.Pieces;

/**
 * The surface of one finished piece, placed at azimuth 0: bent along its midrib, and across as part of a circle of the
 * former's radius.
 *
 * @param midrib along its length
 * @param outline finished, after thinning
 * @param acrossMm signed radius across: positive cups up and inwards, negative falls away, infinite is flat
 */
public record PetalSurface(Midrib midrib, Outline outline, double acrossMm) {
    /** The surface of a part's pieces, leaving the axis at a neck radius and a seat height. */
    public static PetalSurface of(Pieces pieces, double neckMm, double seatMm) {
        Outline finished = pieces.finished();
        double radius =
                pieces.former().map(f -> f.side().sign() * f.sphereRadiusMm()).orElse(Double.POSITIVE_INFINITY);
        double bend = finished.lengthMm() / radius;
        Midrib midrib = new Midrib(neckMm, seatMm, Math.toRadians(pieces.leanDeg()), bend, finished.lengthMm());
        return new PetalSurface(midrib, finished, radius);
    }

    /**
     * A point of the surface.
     *
     * @param s station, mm from the base
     * @param v distance across, measured along the paste, mm
     * @return x outwards, y across, z up, mm
     */
    public double[] point(double s, double v) {
        double turn = Double.isInfinite(acrossMm) ? 0 : v / acrossMm;
        double y = Double.isInfinite(acrossMm) ? v : acrossMm * Math.sin(turn);
        double lift = Double.isInfinite(acrossMm) ? 0 : acrossMm * (1 - Math.cos(turn));
        double theta = midrib.direction(s);
        return new double[] {midrib.radius(s) - lift * Math.cos(theta), y, midrib.height(s) + lift * Math.sin(theta)};
    }

    /** The chord that the piece shows across at a station, mm: 2R·sin(w/2R). */
    public double chordAt(double s) {
        double half = Math.min(outline.halfWidthAt(s), Math.PI / 2 * Math.abs(acrossMm));
        return 2 * Math.abs(point(s, half)[1]);
    }

    /** Half the angle that the piece takes up round the axis at a station, radians, at most π. */
    public double halfAngleAt(double s) {
        double half = outline.halfWidthAt(s);
        double widest = 0;
        for (int i = 1; i <= ACROSS; i++) {
            double[] p = point(s, half * i / ACROSS);
            widest = Math.max(widest, Math.atan2(Math.abs(p[1]), p[0]));
        }
        return widest;
    }

    private static final int ACROSS = 6;
}
