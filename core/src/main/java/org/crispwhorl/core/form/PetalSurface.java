package org.crispwhorl.core.form;

import org.crispwhorl.core.outline.Outline;
import org.crispwhorl.core.outline.OutlineMesh;
import org.crispwhorl.core.species.Edge;
import org.crispwhorl.core.thinning.EdgeRuffle;

/**
 * The surface of one finished piece, placed at azimuth 0. Stations go from its base to its tip along the midrib, which lies in the
 * plane of its azimuth; what is across is measured along the paste.
 */
public sealed interface PetalSurface permits StandingPetal, HuggingPetal {
    /** Finished, after thinning. */
    Outline outline();

    /** The station at which it begins: what hangs below is pinched off; 0 where nothing is. */
    default double startMm() {
        return 0;
    }

    /** Radius of its midrib at a station, mm; negative past the axis. */
    double radius(double s);

    /** Height of its midrib above the neck at a station, mm. */
    double height(double s);

    /** Direction of its midrib at a station, radians from the axis: 0 upwards, π/2 outwards. */
    double direction(double s);

    /** Stations at which its midrib turns from going outwards to going inwards or back, from the base on. */
    double[] turns();

    /** Stations along which it is creased, so that no triangle may lie over them. */
    double[] creases();

    /**
     * A point of the surface moved along its normal towards the axis, so that a cup is filled.
     *
     * @param s station, mm from the base
     * @param v distance across, measured along the paste, mm
     * @param inMm how far towards the axis
     * @return x outwards, y across, z up, mm
     */
    double[] point(double s, double v, double inMm);

    /** A point of the surface: x outwards, y across, z up, mm. */
    default double[] point(double s, double v) {
        return point(s, v, 0);
    }

    /** The station of the midrib beside which a point of the flat outline comes to lie once it is bent, mm. */
    double stationOf(double s, double v);

    /** The surface of a smaller piece that lies on this one. */
    PetalSurface carrying(Outline small);

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
    default double[] frilled(double s, double v, Edge edge, EdgeRuffle ruffle) {
        if (ruffle.amplitudeMm() == 0) {
            return point(s, v);
        }
        double[] span = outline().spanAt(s);
        double toTip = outline().lengthMm() - s;
        double inside = Math.max(0, Math.min(toTip, Math.min(span[1] - v, v - span[0])));
        double share = Math.max(0, 1 - inside / edge.bandMm()) * s / outline().lengthMm();
        double round = Math.abs(v) < AT_TIP_MM && toTip < AT_TIP_MM ? Math.PI / 2 : Math.atan2(Math.abs(v), toTip);
        double along = s + round * outline().widthMm() / 2;
        return point(s, v, share * ruffle.amplitudeMm() * Math.sin(2 * Math.PI * along / edge.crestMm()));
    }

    /** Nearer to the tip than this a point is the tip, mm. */
    double AT_TIP_MM = 1e-6;

    /** Its outline lying flat, cut into triangles that do not lie over its creases. */
    default OutlineMesh flat(int stations, int across) {
        return OutlineMesh.of(outline(), startMm(), stations, across, creases());
    }

    /** The chord that the piece shows across at a station, mm: 2R·sin(w/2R). */
    default double chordAt(double s) {
        double sum = 0;
        for (double edge : outline().spanAt(s)) {
            double widest = 0;
            for (int i = 1; i <= CHORD_STEPS; i++) {
                widest = Math.max(widest, Math.abs(point(s, edge * i / CHORD_STEPS)[1]));
            }
            sum += widest;
        }
        return sum;
    }

    /**
     * Its back at a station in the plane of its azimuth, (radius, height): moved out of the midrib, and by how far its edges swing
     * out beyond that.
     *
     * @param outMm from the midrib to the back of the paste
     * @param edges share of the swing of its edges that counts
     */
    default double[] back(double s, double outMm, double edges) {
        double theta = direction(s);
        double swing = 0;
        if (edges > 0) {
            for (double v : outline().spanAt(Math.min(s, outline().lengthMm() * NEAR_TIP))) {
                double[] p = point(s, v);
                double out =
                        (Math.hypot(p[0], p[1]) - radius(s)) * Math.cos(theta) - (p[2] - height(s)) * Math.sin(theta);
                swing = Math.max(swing, out);
            }
        }
        double out = outMm + edges * swing;
        return new double[] {Math.max(0, radius(s) + Math.cos(theta) * out), height(s) - Math.sin(theta) * out};
    }

    /** At its very tip a piece has no edges; those just below it count there. */
    double NEAR_TIP = 0.98;

    /** Half the angle that the piece takes up round the axis at a station, radians: the mean of both its sides. */
    default double halfAngleAt(double s) {
        double[] span = outline().spanAt(s);
        double right = angleTo(s, span[1]);
        return (right + angleTo(s, span[0])) / 2;
    }

    /** The angle from the midrib to the farthest that lies between it and a point across, followed round the axis. */
    private double angleTo(double s, double edge) {
        double widest = 0;
        double before = 0;
        for (int i = 1; i <= ANGLE_STEPS; i++) {
            double[] p = point(s, edge * i / ANGLE_STEPS);
            double at = Math.atan2(Math.signum(edge) * p[1], p[0]);
            before += Math.IEEEremainder(at - before, 2 * Math.PI);
            widest = Math.max(widest, before);
        }
        return widest;
    }

    int ANGLE_STEPS = 6;
    int CHORD_STEPS = 24;
}
