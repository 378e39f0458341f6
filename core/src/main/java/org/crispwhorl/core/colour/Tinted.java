package org.crispwhorl.core.colour;

import java.util.Arrays;
import java.util.List;
import org.crispwhorl.core.outline.Outline;
import org.crispwhorl.core.paste.MixingLaw;

/** A finished piece as its passes leave it: the colour at each of its points, face and back. */
public final class Tinted {
    /** Points on each side of the outline from which its edge is taken. */
    private static final int EDGE_POINTS = 20;

    /** Below this share of its length the edge is the foot's. */
    private static final double FOOT = 0.04;

    private final List<Pass> passes;
    private final Outline outline;
    private final double startMm;
    private final double[][] colours;
    private final double[][] edge;

    /**
     * @param outline of the finished piece
     * @param startMm the station at which it begins
     */
    public Tinted(Colouring colouring, Outline outline, double startMm) {
        this.passes =
                colouring.passes().stream().filter(p -> !p.colours().isEmpty()).toList();
        this.outline = outline;
        this.startMm = startMm;
        this.colours = passes.stream().map(Mixture::linear).toArray(double[][]::new);
        this.edge = outline.polygon(EDGE_POINTS);
    }

    /** The colour of what is no flat piece once its passes are on, each all over: zones and sides are those of flat pieces. */
    public static double[] allOver(Colouring colouring, double[] base) {
        double[] under = base;
        for (Pass pass : colouring.passes()) {
            if (!pass.colours().isEmpty()) {
                under = MixingLaw.over(under, Mixture.linear(pass), pass.fullShare());
            }
        }
        return under;
    }

    /** The colours that lie on what is no flat piece, of so much surface. */
    public static List<ColourUse> usesAllOver(Colouring colouring, double surfaceMm2) {
        return colouring.passes().stream()
                .flatMap(pass -> Mixture.uses(pass, surfaceMm2 * pass.fullShare()).stream())
                .toList();
    }

    /** Whether any pass leaves a colour. */
    public boolean coloured() {
        return !passes.isEmpty();
    }

    /** Whether any pass leaves a colour on a side. */
    public boolean coloured(Pass.PieceSide side) {
        return passes.stream().anyMatch(p -> p.on(side));
    }

    /**
     * The colour of a point: each pass over what lies under it (Kubelka–Munk, each channel of linear light).
     *
     * @param base the paste, reflectances in linear light
     * @param s station, mm from the base
     * @param v across from the midrib, mm
     * @return reflectances in linear light: red, green, blue
     */
    public double[] at(double[] base, double s, double v, Pass.PieceSide side) {
        double[] under = base;
        Spot spot = null;
        for (int i = 0; i < colours.length; i++) {
            if (passes.get(i).on(side)) {
                spot = spot == null ? spot(s, v) : spot;
                under = MixingLaw.over(under, colours[i], passes.get(i).shareAt(spot));
            }
        }
        return under;
    }

    /** What it looks like at a few places. */
    public Worn worn(double[] faceBase, double[] backBase) {
        return new Worn(
                MixingLaw.hex(faceBase),
                at(faceBase, Worn.FOOT),
                at(faceBase, Worn.MIDDLE),
                at(faceBase, Worn.EDGE),
                MixingLaw.hex(
                        at(backBase, startMm + Worn.MIDDLE * (outline.lengthMm() - startMm), 0, Pass.PieceSide.BACK)));
    }

    private String at(double[] base, double share) {
        return MixingLaw.hex(at(base, startMm + share * (outline.lengthMm() - startMm), 0, Pass.PieceSide.FACE));
    }

    /** The colours that lie on one piece. */
    public List<ColourUse> uses() {
        return passes.stream()
                .flatMap(pass -> Mixture.uses(pass, laidMm2(pass)).stream())
                .toList();
    }

    /** Area that a pass covers, weighted by its share there, mm², on the sides that it goes on. */
    double laidMm2(Pass pass) {
        double laid = 0;
        double step = (outline.lengthMm() - startMm) / AREA_STEPS;
        for (int i = 0; i < AREA_STEPS; i++) {
            double s = startMm + (i + 0.5) * step;
            double[] span = outline.spanAt(s);
            double across = (span[1] - span[0]) / AREA_STEPS;
            for (int k = 0; k < AREA_STEPS; k++) {
                laid += pass.shareAt(spot(s, span[0] + (k + 0.5) * across)) * step * across;
            }
        }
        return pass.side() == Pass.PieceSide.BOTH ? 2 * laid : laid;
    }

    private static final int AREA_STEPS = 24;

    /** How far a place lies from where a zone is strongest, mm. */
    public double offMm(Zone zone, double s, double v) {
        return zone.offMm(spot(s, v));
    }

    private Spot spot(double s, double v) {
        double toEdge = Double.POSITIVE_INFINITY;
        double toLowSide = Double.POSITIVE_INFINITY;
        double foot = Math.max(startMm, FOOT * outline.lengthMm());
        double widest = outline.widest() * outline.lengthMm();
        for (int i = 0; i < edge.length; i++) {
            double[] a = edge[i];
            double[] b = edge[(i + 1) % edge.length];
            if (a[1] < foot && b[1] < foot) {
                continue;
            }
            double off = distance(v, s, a, b);
            toEdge = Math.min(toEdge, off);
            if (Math.min(a[1], b[1]) <= widest) {
                toLowSide = Math.min(toLowSide, off);
            }
        }
        double[] span = outline.spanAt(s);
        double half = Math.max(1e-9, v >= 0 ? span[1] : -span[0]);
        return new Spot(
                s - startMm,
                outline.lengthMm() - s,
                toEdge,
                Math.abs(v),
                toLowSide,
                Math.max(-1, Math.min(1, v / half)));
    }

    private static double distance(double x, double y, double[] a, double[] b) {
        double dx = b[0] - a[0];
        double dy = b[1] - a[1];
        double length = dx * dx + dy * dy;
        double along = length == 0 ? 0 : Math.max(0, Math.min(1, ((x - a[0]) * dx + (y - a[1]) * dy) / length));
        double offX = x - a[0] - along * dx;
        double offY = y - a[1] - along * dy;
        return Math.sqrt(offX * offX + offY * offY);
    }

    /** Two are the same when the same passes lie on the same piece. */
    @Override
    public boolean equals(Object other) {
        return other instanceof Tinted t
                && passes.equals(t.passes)
                && outline.equals(t.outline)
                && startMm == t.startMm;
    }

    @Override
    public int hashCode() {
        return Arrays.hashCode(new Object[] {passes, outline, startMm});
    }
}
