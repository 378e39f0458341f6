package org.crispwhorl.core.form;

import org.crispwhorl.core.outline.Outline;
import org.crispwhorl.core.outline.OutlineMesh;
import org.crispwhorl.core.species.Edge;
import org.crispwhorl.core.species.Pieces;
import org.crispwhorl.core.thinning.EdgeRuffle;

/**
 * The surface of one finished piece, placed at azimuth 0: bent along its midrib, and across as part of a circle of the
 * former's radius, or quilled, or folded. Paste keeps its area when it is bent both ways.
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
        double glued = pieces.attachment().gluedShare() * length;
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
        double[] across = across(s, v);
        double y = across[0];
        double lift = across[1];
        Midrib.Beside at = beside(s, lift);
        double theta = at.directionRad();
        return new double[] {
            midrib.radius(at.stationMm()) - lift * Math.cos(theta),
            y,
            midrib.height(at.stationMm()) + lift * Math.sin(theta)
        };
    }

    /** Where a point lies across and above the midrib's side: {y, lift along the normal}, mm. */
    private double[] across(double s, double v) {
        if (foldRad > 0) {
            return new double[] {v * Math.cos(foldRad / 2), Math.abs(v) * Math.sin(foldRad / 2)};
        }
        double radius = quillRad > 0 ? 2 * outline.halfWidthAt(s) / quillRad : acrossMm;
        return radius == 0 || Double.isInfinite(radius)
                ? new double[] {v, 0}
                : new double[] {radius * Math.sin(v / radius), radius * (1 - Math.cos(v / radius))};
    }

    private Midrib.Beside beside(double s, double lift) {
        return lift == 0 ? midrib.beside(s) : midrib.keepingArea(s, lift, outline.widest() * outline.lengthMm());
    }

    /** The station of the midrib beside which a point of the flat outline comes to lie once it is bent, mm. */
    public double stationOf(double s, double v) {
        return beside(s, across(s, v)[1]).stationMm();
    }

    /**
     * A point of the surface with the frill of its edge: a thinned band buckles along the normal, the most at the very edge, not
     * at all inside the band, and the less the nearer to the base.
     *
     * @param s station, mm from the base
     * @param v distance across, measured along the paste, mm
     * @param edge what was done to the edge
     * @param ruffle what its band buckles into
     * @return x outwards, y across, z up, mm
     */
    public double[] frilled(double s, double v, Edge edge, EdgeRuffle ruffle) {
        double[] p = point(s, v);
        if (ruffle.amplitudeMm() == 0) {
            return p;
        }
        double[] span = outline.spanAt(s);
        double toTip = outline.lengthMm() - s;
        double inside = Math.max(0, Math.min(toTip, Math.min(span[1] - v, v - span[0])));
        double share = Math.max(0, 1 - inside / edge.bandMm()) * s / outline.lengthMm();
        double round = Math.abs(v) < AT_TIP_MM && toTip < AT_TIP_MM ? Math.PI / 2 : Math.atan2(Math.abs(v), toTip);
        double along = s + round * outline.widthMm() / 2;
        double off = share * ruffle.amplitudeMm() * Math.sin(2 * Math.PI * along / edge.crestMm());
        double theta = midrib.direction(s);
        p[0] -= off * Math.cos(theta);
        p[2] += off * Math.sin(theta);
        return p;
    }

    private static final double AT_TIP_MM = 1e-6;

    /** Its outline lying flat, cut into triangles that do not lie over its creases. */
    public OutlineMesh flat(int stations, int across) {
        return OutlineMesh.of(
                outline, stations, across, midrib.gluedMm(), midrib.lengthMm() - midrib.turnedMm(), midrib.turnsInAt());
    }

    /** The chord that the piece shows across at a station, mm: 2R·sin(w/2R). */
    public double chordAt(double s) {
        double sum = 0;
        for (double edge : outline.spanAt(s)) {
            double widest = 0;
            for (int i = 1; i <= CHORD_STEPS; i++) {
                widest = Math.max(widest, Math.abs(point(s, edge * i / CHORD_STEPS)[1]));
            }
            sum += widest;
        }
        return sum;
    }

    /** Half the angle that the piece takes up round the axis at a station, radians, at most π: the mean of both its sides. */
    public double halfAngleAt(double s) {
        double[] span = outline.spanAt(s);
        double right = angleTo(s, span[1]);
        return outline.symmetric() ? right : (right + angleTo(s, span[0])) / 2;
    }

    private double angleTo(double s, double edge) {
        double widest = 0;
        for (int i = 1; i <= ACROSS; i++) {
            double[] p = point(s, edge * i / ACROSS);
            widest = Math.max(widest, Math.atan2(Math.abs(p[1]), p[0]));
        }
        return widest;
    }

    private static final int ACROSS = 6;
    private static final int CHORD_STEPS = 24;
}
