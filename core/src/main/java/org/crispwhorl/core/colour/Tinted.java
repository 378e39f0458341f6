package org.crispwhorl.core.colour;

import java.util.Arrays;
import java.util.List;
import java.util.stream.IntStream;
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
    private final double[][] absorbing;

    /** The sides of the piece but for its foot, two corners each: across and along. */
    private final double[][] sides;

    /** Whether a side lies below the widest place. */
    private final boolean[] low;

    private final boolean asksSides;
    private final boolean steamed;

    /**
     * @param outline of the finished piece
     * @param startMm the station at which it begins
     * @param steamed whether it is passed through steam at last
     */
    public Tinted(Colouring colouring, Outline outline, double startMm, boolean steamed) {
        this.steamed = steamed;
        this.passes =
                colouring.passes().stream().filter(p -> !p.colours().isEmpty()).toList();
        this.outline = outline;
        this.startMm = startMm;
        this.absorbing = passes.stream()
                .map(pass -> MixingLaw.absorbing(Mixture.linear(pass)))
                .toArray(double[][]::new);
        double foot = Math.max(startMm, FOOT * outline.lengthMm());
        double widest = outline.widest() * outline.lengthMm();
        double[][] edge = outline.polygon(EDGE_POINTS);
        this.sides = IntStream.range(0, edge.length)
                .mapToObj(i -> new double[] {
                    edge[i][0], edge[i][1], edge[(i + 1) % edge.length][0], edge[(i + 1) % edge.length][1]
                })
                .filter(side -> side[1] >= foot || side[3] >= foot)
                .toArray(double[][]::new);
        this.low = new boolean[sides.length];
        for (int i = 0; i < sides.length; i++) {
            low[i] = Math.min(sides[i][1], sides[i][3]) <= widest;
        }
        this.asksSides = passes.stream().anyMatch(pass -> pass.zone().fromSides());
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
        for (int i = 0; i < absorbing.length; i++) {
            if (passes.get(i).on(side)) {
                spot = spot == null ? spot(s, v, asksSides) : spot;
                Pass pass = passes.get(i);
                under = MixingLaw.overAbsorbing(under, absorbing[i], pass.seen(pass.shareAt(spot), steamed));
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
                laid += pass.shareAt(spot(
                                s, span[0] + (k + 0.5) * across, pass.zone().fromSides()))
                        * step
                        * across;
            }
        }
        return pass.side() == Pass.PieceSide.BOTH ? 2 * laid : laid;
    }

    private static final int AREA_STEPS = 24;

    /** How far a place lies from where a zone is strongest, mm. */
    public double offMm(Zone zone, double s, double v) {
        return zone.offMm(spot(s, v, zone.fromSides()));
    }

    /** @param asked whether it is asked how far its sides are */
    private Spot spot(double s, double v, boolean asked) {
        double toEdge = Double.POSITIVE_INFINITY;
        double toLowSide = Double.POSITIVE_INFINITY;
        for (int i = 0; asked && i < sides.length; i++) {
            double off = squareTo(sides[i], v, s);
            toEdge = Math.min(toEdge, off);
            toLowSide = low[i] ? Math.min(toLowSide, off) : toLowSide;
        }
        double[] span = outline.spanAt(s);
        double half = Math.max(1e-9, v >= 0 ? span[1] : -span[0]);
        return new Spot(
                s - startMm,
                outline.lengthMm() - s,
                Math.sqrt(toEdge),
                Math.abs(v),
                Math.sqrt(toLowSide),
                Math.max(-1, Math.min(1, v / half)));
    }

    /** The square of the distance of a place to a side, mm². */
    private static double squareTo(double[] side, double x, double y) {
        double dx = side[2] - side[0];
        double dy = side[3] - side[1];
        double length = dx * dx + dy * dy;
        double along = length == 0 ? 0 : Math.max(0, Math.min(1, ((x - side[0]) * dx + (y - side[1]) * dy) / length));
        double offX = x - side[0] - along * dx;
        double offY = y - side[1] - along * dy;
        return offX * offX + offY * offY;
    }

    /** Two are the same when the same passes lie on the same piece. */
    @Override
    public boolean equals(Object other) {
        return other instanceof Tinted t
                && passes.equals(t.passes)
                && outline.equals(t.outline)
                && startMm == t.startMm
                && steamed == t.steamed;
    }

    @Override
    public int hashCode() {
        return Arrays.hashCode(new Object[] {passes, outline, startMm, steamed});
    }
}
