package org.crispwhorl.core.flower;

import org.crispwhorl.core.outline.Outline;
import org.crispwhorl.core.species.Attachment;
import org.crispwhorl.core.species.Pieces;

/**
 * The surface of one finished piece, placed at azimuth 0: bent along its midrib, and across as part of a circle of the
 * former's radius, or quilled, or folded.
 *
 * @param midrib along its length
 * @param outline finished, after thinning
 * @param acrossMm signed radius across: positive cups up and inwards, negative falls away, infinite is flat
 * @param quillRad how far it turns across at every station, 0 where it is not quilled; goes before the radius
 * @param foldRad angle by which its halves are folded up, 0 where it is not folded; goes before the radius
 */
public record PetalSurface(Midrib midrib, Outline outline, double acrossMm, double quillRad, double foldRad) {
    /** A surface that its former alone has shaped. */
    public PetalSurface(Midrib midrib, Outline outline, double acrossMm) {
        this(midrib, outline, acrossMm, 0, 0);
    }

    /** The surface of a part's pieces, leaving the axis at a neck radius and a seat height. */
    public static PetalSurface of(Pieces pieces, double neckMm, double seatMm) {
        Outline finished = pieces.finished();
        double length = finished.lengthMm();
        double radius =
                pieces.former().map(f -> f.side().sign() * f.sphereRadiusMm()).orElse(Double.POSITIVE_INFINITY);
        double glued = pieces.attachment() instanceof Attachment.Glued glue ? glue.upTo() * length : 0;
        double turned = Math.min(pieces.edge().turnedMm(), length - glued);
        Midrib midrib =
                new Midrib(neckMm, seatMm, Math.toRadians(pieces.leanDeg()), length / radius, length, glued, turned);
        return new PetalSurface(
                midrib, finished, radius, Math.toRadians(pieces.quillDeg()), Math.toRadians(pieces.foldDeg()));
    }

    /**
     * A point of the surface.
     *
     * @param s station, mm from the base
     * @param v distance across, measured along the paste, mm
     * @return x outwards, y across, z up, mm
     */
    public double[] point(double s, double v) {
        double y = v;
        double lift = 0;
        if (foldRad > 0) {
            y = v * Math.cos(foldRad / 2);
            lift = Math.abs(v) * Math.sin(foldRad / 2);
        } else {
            double radius = quillRad > 0 ? 2 * outline.halfWidthAt(s) / quillRad : acrossMm;
            if (radius != 0 && !Double.isInfinite(radius)) {
                y = radius * Math.sin(v / radius);
                lift = radius * (1 - Math.cos(v / radius));
            }
        }
        double theta = midrib.direction(s);
        return new double[] {midrib.radius(s) - lift * Math.cos(theta), y, midrib.height(s) + lift * Math.sin(theta)};
    }

    /** The chord that the piece shows across at a station, mm: 2R·sin(w/2R). */
    public double chordAt(double s) {
        double half = outline.halfWidthAt(s);
        double widest = 0;
        for (int i = 1; i <= CHORD_STEPS; i++) {
            widest = Math.max(widest, Math.abs(point(s, half * i / CHORD_STEPS)[1]));
        }
        return 2 * widest;
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
    private static final int CHORD_STEPS = 24;
}
