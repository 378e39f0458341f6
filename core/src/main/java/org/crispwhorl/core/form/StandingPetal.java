package org.crispwhorl.core.form;

import org.crispwhorl.core.outline.Outline;
import org.crispwhorl.core.species.Attachment;
import org.crispwhorl.core.species.Pieces;

/**
 * A piece that stands by itself, as its former left it: on a wire of its own, or glued when it is firm. It is bent along its
 * midrib, and across as part of a circle of the former's radius; it may be quilled or folded besides. Paste keeps its area when it
 * is bent both ways.
 *
 * @param midrib along its length
 * @param outline finished, after thinning
 * @param acrossMm signed radius across: positive cups up and inwards, negative falls away, infinite is flat
 * @param quillRad how far it turns across at every station, 0 where it is not quilled; a deeper cup goes before it
 * @param foldRad angle by which its halves are folded up, 0 where it is not folded
 */
public record StandingPetal(Midrib midrib, Outline outline, double acrossMm, double quillRad, double foldRad)
        implements PetalSurface {
    /** A surface that its former alone has shaped. */
    public StandingPetal(Midrib midrib, Outline outline, double acrossMm) {
        this(midrib, outline, acrossMm, 0, 0);
    }

    /**
     * The surface of a part's pieces. Its lean is that at half of what is free of it; a free wire runs straight on from the neck in
     * the direction in which the blade begins.
     *
     * @param neckMm radius at which the wire or the glued base leaves the flower's middle
     * @param onStemMm height of that place
     */
    public static StandingPetal of(Pieces pieces, double neckMm, double onStemMm) {
        return of(pieces, neckMm, onStemMm, 0);
    }

    /** The same leaned out by so many degrees more. */
    static StandingPetal of(Pieces pieces, double neckMm, double onStemMm, double moreDeg) {
        Outline finished = pieces.finished();
        double length = finished.lengthMm();
        double radius =
                pieces.former().map(f -> f.side().sign() * f.sphereRadiusMm()).orElse(Double.POSITIVE_INFINITY);
        double glued = pieces.attachment().gluedShare() * length;
        double turned = Math.min(pieces.edge().turnedMm(), length - glued);
        double begins = Math.toRadians(pieces.opensDeg() + moreDeg) + (length - glued) / radius / 2;
        double wire = pieces.wired().map(Attachment.Wired::freeMm).orElse(0.0);
        Midrib midrib = new Midrib(
                neckMm + wire * Math.sin(begins),
                onStemMm + wire * Math.cos(begins),
                begins,
                length / radius,
                length,
                glued,
                turned);
        return new StandingPetal(
                midrib, finished, radius, Math.toRadians(pieces.quillDeg()), Math.toRadians(pieces.foldDeg()));
    }

    @Override
    public double radius(double s) {
        return midrib.radius(s);
    }

    @Override
    public double height(double s) {
        return midrib.height(s);
    }

    @Override
    public double direction(double s) {
        return midrib.direction(s);
    }

    @Override
    public double[] turns() {
        double at = midrib.turnsInAt();
        return at > 0 && at < outline.lengthMm() ? new double[] {at} : new double[0];
    }

    @Override
    public double[] creases() {
        return new double[] {midrib.gluedMm(), midrib.lengthMm() - midrib.turnedMm(), midrib.turnsInAt()};
    }

    @Override
    public double[] point(double s, double v, double inMm) {
        double[] across = across(s, v);
        double lift = across[1];
        Midrib.Beside at = beside(s, lift);
        double theta = at.directionRad();
        double frill = midrib.direction(s);
        return new double[] {
            midrib.radius(at.stationMm()) - lift * Math.cos(theta) - inMm * Math.cos(frill),
            across[0],
            midrib.height(at.stationMm()) + lift * Math.sin(theta) + inMm * Math.sin(frill)
        };
    }

    /** Where a point lies across and above the midrib's side: {y, lift along the normal}, mm. */
    private double[] across(double s, double v) {
        double bend = acrossMm == 0 ? 0 : 1 / acrossMm;
        double half = outline.halfWidthAt(s);
        if (quillRad > 0 && half > 0) {
            double quilled = quillRad / (2 * half);
            bend = bend > 0 ? Math.max(bend, quilled) : bend + quilled;
        }
        double side = Math.abs(bend * v) < FLAT ? Math.abs(v) : Math.abs(Math.sin(bend * v) / bend);
        double lift = Math.abs(bend * v) < FLAT ? 0 : (1 - Math.cos(bend * v)) / bend;
        double signed = Math.abs(bend * v) < FLAT ? v : Math.sin(bend * v) / bend;
        if (foldRad == 0) {
            return new double[] {signed, lift};
        }
        double cos = Math.cos(foldRad / 2);
        double sin = Math.sin(foldRad / 2);
        return new double[] {Math.signum(v) * (side * cos - lift * sin), side * sin + lift * cos};
    }

    /** Below this turn across a piece counts as flat there, radians. */
    private static final double FLAT = 1e-9;

    private Midrib.Beside beside(double s, double lift) {
        return lift == 0 ? midrib.beside(s) : midrib.keepingArea(s, lift, outline.widest() * outline.lengthMm());
    }

    @Override
    public double stationOf(double s, double v) {
        return beside(s, across(s, v)[1]).stationMm();
    }

    @Override
    public PetalSurface carrying(Outline small) {
        return new StandingPetal(midrib, small, acrossMm);
    }
}
