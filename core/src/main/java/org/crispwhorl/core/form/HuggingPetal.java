package org.crispwhorl.core.form;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import org.crispwhorl.core.measure.Cache;
import org.crispwhorl.core.outline.Outline;
import org.crispwhorl.core.species.Pieces;

/**
 * A soft piece laid on the skin of what is inside it. Along its midrib it follows the skin as far as it hugs it, leaves it along
 * the tangent and turns at a constant rate towards its lean at the tip; past the top of what is inside it runs up. Across it lies
 * round the girth, lapping itself where it is wider; what narrows on the girth is sheared, not stretched. Its two edges stand half
 * a layer in and out, in the same sense for every piece of a ring, so that each lies on its neighbour. Where it has left the skin,
 * the edge that lies outside relaxes to the former's cup, the inner one only where the ring does not lap.
 */
public final class HuggingPetal implements PetalSurface {
    /** Steps along the midrib. */
    static final int STEPS = 32;

    /** Free length that a petal takes to turn by one radian, mm. */
    public static final double MM_PER_RADIAN = 3;

    /** Share of the free length over which its outer edge relaxes, and the least length, mm. */
    private static final double RELAXES_OVER = 0.7;

    private static final double RELAXES_MM = 10;

    /** A ring laps from this number of layers on. */
    private static final double LAPS_FROM = 0.85;

    /** What it is laid on, and where along that its base lies, mm. */
    private final Skin inside;

    private final double wayMm;

    private final Outline outline;
    private final double startMm;
    private final double hugsToMm;
    private final double[] radii;
    private final double[] heights;
    private final double[] directions;

    /** What a layer takes of room at each step, mm. */
    private final double[] layers;

    /** Curvature across on the outer and on the inner side, per mm. */
    private final double[] outerBend;

    private final double[] innerBend;

    /** How far each step has relaxed: 0 round the girth, 1 as its former has it. */
    private final double[] relaxed;

    private final double thickMm;
    private final double stepMm;

    /** The lean that it comes to at its tip, radians; not the one wished where there is not enough free length. */
    private final double reachedRad;

    /** How far it would end short of the top of what is inside it, laid on it to its tip, mm; below 0 where it goes beyond. */
    private final double shortMm;

    private HuggingPetal(LaidRib rib, Skin inside, double wayMm) {
        this.inside = inside;
        this.wayMm = wayMm;
        this.shortMm = rib.shortMm;
        this.outline = rib.outline;
        this.startMm = startMm(rib.outline, wayMm);
        this.hugsToMm = rib.hugsToMm;
        this.radii = rib.r;
        this.heights = rib.z;
        this.directions = rib.theta;
        this.layers = rib.layer;
        this.outerBend = new double[STEPS + 1];
        this.innerBend = new double[STEPS + 1];
        this.relaxed = new double[STEPS + 1];
        this.thickMm = rib.thickMm;
        this.stepMm = rib.stepMm;
        this.reachedRad = rib.reachedRad;
        across(rib);
    }

    private HuggingPetal(HuggingPetal under, Outline small) {
        this.inside = under.inside;
        this.wayMm = under.wayMm;
        this.shortMm = under.shortMm;
        this.outline = small;
        this.startMm = Math.min(under.startMm, small.lengthMm());
        this.hugsToMm = under.hugsToMm;
        this.radii = under.radii;
        this.heights = under.heights;
        this.directions = under.directions;
        this.layers = under.layers;
        this.outerBend = under.outerBend;
        this.innerBend = under.innerBend;
        this.relaxed = under.relaxed;
        this.thickMm = under.thickMm;
        this.stepMm = under.stepMm;
        this.reachedRad = under.reachedRad;
    }

    /**
     * A ring's pieces laid on a skin.
     *
     * @param thickMm mean thickness of the finished piece
     * @param way where along the skin its base lies, mm; what would lie before the skin's beginning is pinched off
     */
    public static HuggingPetal on(Skin skin, Pieces pieces, double thickMm, double way) {
        return LAID.of(
                new Laying(skin, pieces, thickMm, way),
                () -> new HuggingPetal(rib(skin, pieces, pieces.finished(), thickMm, way), skin, way));
    }

    static LaidRib rib(Skin skin, Pieces pieces, Outline finished, double thickMm, double way) {
        return new LaidRib(skin, pieces, finished, thickMm, Math.max(0, way), startMm(finished, way));
    }

    /** How pieces are laid: where their base lies, or how high their tips stand. */
    record Laying(Skin skin, Pieces pieces, double thickMm, double atMm) {}

    private static final Cache<Laying, HuggingPetal> LAID = new Cache<>(256);

    private static double startMm(Outline finished, double way) {
        return Math.min(Math.max(0, -way), finished.lengthMm() * MOST_PINCHED);
    }

    /** At most so much of a piece is pinched off. */
    static final double MOST_PINCHED = 0.9;

    /** How it lies across at each step. */
    private void across(LaidRib rib) {
        double length = outline.lengthMm();
        double over = Math.max(RELAXES_OVER * (length - hugsToMm), RELAXES_MM);
        double widest = Math.max(startMm, outline.widest() * length);
        double laps = rib.count * rib.width(widest) / (2 * Math.PI * Math.max(thickMm, radius(widest)));
        double frees = 1 - smooth((laps - LAPS_FROM) / (1 - LAPS_FROM));
        for (int i = 0; i <= STEPS; i++) {
            double s = startMm + i * stepMm;
            double free = smooth((s - hugsToMm) / over);
            // Meusnier: a plane tilted out of the level one cuts the cone round the axis in a flatter curve.
            double theta = directions[i];
            double level = 1 / Math.max(thickMm / 2, radii[i]);
            double tilted = level * Math.cos(theta) / Math.max(LEAST_TILT, Math.cos(theta - free * theta));
            double girth = level + Math.min(1, TILTS * free) * (tilted - level);
            double half = outline.halfWidthAt(s);
            double bend = rib.formerBend;
            if (rib.quillRad > 0 && half > 0) {
                double quilled = rib.quillRad / (2 * half);
                bend = bend > 0 ? Math.max(bend, quilled) : bend + quilled;
            }
            relaxed[i] = free;
            outerBend[i] = girth + free * (bend - girth);
            innerBend[i] = Math.max(outerBend[i], girth + free * frees * (bend - girth));
        }
    }

    /** An edge that has relaxed by one part in so many swings with all that it has left the girth. */
    private static final double SWINGS = 4;

    private static final double LEAST_TILT = 0.2;

    /** What has relaxed by one part in so many lies in the tilted plane. */
    private static final double TILTS = 10;

    static double smooth(double x) {
        double c = Math.max(0, Math.min(1, x));
        return c * c * (3 - 2 * c);
    }

    /** Two are the same when they lie the same. */
    @Override
    public boolean equals(Object other) {
        return this == other
                || other instanceof HuggingPetal p
                        && outline.equals(p.outline)
                        && startMm == p.startMm
                        && thickMm == p.thickMm
                        && Arrays.equals(radii, p.radii)
                        && Arrays.equals(heights, p.heights)
                        && Arrays.equals(layers, p.layers)
                        && Arrays.equals(outerBend, p.outerBend)
                        && Arrays.equals(innerBend, p.innerBend)
                        && Arrays.equals(relaxed, p.relaxed);
    }

    @Override
    public int hashCode() {
        return 31 * outline.hashCode() + Arrays.hashCode(heights);
    }

    @Override
    public Outline outline() {
        return outline;
    }

    @Override
    public double startMm() {
        return startMm;
    }

    /** How far it would end short of the top of what is inside it, laid on it to its tip, mm; below 0 where it goes beyond. */
    public double shortMm() {
        return shortMm;
    }

    /** How far up it follows what is inside it, mm from its base. */
    public double hugsToMm() {
        return hugsToMm;
    }

    /** The lean that it comes to at its tip, radians. */
    public double reachedRad() {
        return reachedRad;
    }

    private double along(double[] at, double s) {
        double x = Math.max(0, Math.min(STEPS, (s - startMm) / stepMm));
        int i = (int) Math.min(STEPS - 1, x);
        return at[i] + (x - i) * (at[i + 1] - at[i]);
    }

    @Override
    public double radius(double s) {
        return along(radii, s);
    }

    @Override
    public double height(double s) {
        return along(heights, s);
    }

    @Override
    public double direction(double s) {
        return along(directions, s);
    }

    /** A midrib must go on the other way for so long before it counts as having turned, mm. */
    private static final double TURNED_MM = 0.5;

    @Override
    public double[] turns() {
        double[] found = new double[STEPS];
        int n = 0;
        int going = 0;
        double extreme = radii[0];
        int at = 0;
        for (int i = 1; i <= STEPS; i++) {
            double by = radii[i] - extreme;
            if (going * by > 0 || going == 0 && Math.abs(by) < TURNED_MM) {
                extreme = going == 0 ? extreme : radii[i];
                at = going == 0 ? 0 : i;
            } else if (Math.abs(by) >= TURNED_MM) {
                if (going != 0) {
                    found[n++] = startMm + at * stepMm;
                }
                going = by > 0 ? 1 : -1;
                extreme = radii[i];
                at = i;
            }
        }
        return Arrays.copyOf(found, n);
    }

    @Override
    public double[] creases() {
        return turns();
    }

    @Override
    public double stationOf(double s, double v) {
        return s;
    }

    @Override
    public PetalSurface carrying(Outline small) {
        return new HuggingPetal(this, small);
    }

    /** How far across from the midrib a piece goes until it has come half-way round, mm, towards one edge. */
    public double halfRound(double s, double edge) {
        double bend = along(edge >= 0 ? outerBend : innerBend, s);
        double most = bend * Math.abs(edge) > HALF_ROUND ? HALF_ROUND / bend : Math.abs(edge);
        return Math.signum(edge) * most;
    }

    /** Just less than half a turn, radians. */
    private static final double HALF_ROUND = Math.PI - 0.02;

    @Override
    public double[] point(double s, double v, double inMm) {
        double half = Math.max(Math.abs(v), outline.halfWidthAt(s));
        // The outer edge lies half a layer out, the inner one half a layer in; near the axis there is no room for that.
        double tuck = Math.min((along(layers, s) - thickMm) / 2, TUCKED * along(radii, s));
        double out = (half > 0 ? tuck * v / half : 0) - inMm;
        double bend = along(v >= 0 ? outerBend : innerBend, s);
        double turned = bend * v;
        double side = Math.abs(turned) < FLAT ? v : Math.sin(turned) / bend;
        double deep = Math.abs(turned) < FLAT ? 0 : (1 - Math.cos(turned)) / bend;
        side += out * Math.sin(turned);
        deep -= out * Math.cos(turned);
        double tilt = along(relaxed, s) * along(directions, s);
        return new double[] {along(radii, s) - deep * Math.cos(tilt), side, along(heights, s) + deep * Math.sin(tilt)};
    }

    private static final double FLAT = 1e-9;

    /** Share of its radius by which an edge stands in or out at most. */
    private static final double TUCKED = 0.25;

    /** Columns on each side of its midrib that follow its curve, at least as many as asked for. */
    int columns(int least) {
        double most = 0;
        for (int i = 0; i <= STEPS; i++) {
            most = Math.max(most, innerBend[i] * outline.halfWidthAt(startMm + i * stepMm));
        }
        return (int) Math.max(least, Math.min(MOST_TIMES * least, Math.ceil(most * least / COLUMNS_RAD)));
    }

    /** So many times the columns asked for at most, and over how much of a turn those go. */
    private static final double MOST_TIMES = 3;

    private static final double COLUMNS_RAD = 1.4;

    /**
     * The skin with this ring on it: the skin inside it up to its base, then its back, moved out by how far its edges swing beyond
     * its midrib; where it is closed, what it left of the skin goes on beyond its tip.
     */
    Skin outside() {
        return OUTSIDES.of(new Outside(this, inside, wayMm), this::laidOn);
    }

    private record Outside(HuggingPetal petal, Skin inside, double wayMm) {}

    private static final Cache<Outside, Skin> OUTSIDES = new Cache<>(256);

    private Skin laidOn() {
        List<double[]> points = new ArrayList<>(inside.upTo(Math.max(0, wayMm)));
        for (int i = 0; i <= STEPS; i++) {
            points.add(back(startMm + i * stepMm, layers[i] / 2, Math.min(1, SWINGS * relaxed[i])));
        }
        if (points.get(0)[0] > 0) {
            points.add(0, new double[] {0, points.get(0)[1]});
        }
        if (hugsToMm >= outline.lengthMm() - 2 * stepMm) {
            double top = points.get(points.size() - 1)[1];
            inside.from(0).stream()
                    .filter(p -> p[1] > top && p[0] <= radii[STEPS])
                    .forEach(points::add);
            if (radii[STEPS] <= layers[STEPS]) {
                points.add(new double[] {0, points.get(points.size() - 1)[1]});
            }
        }
        return Skin.through(points);
    }
}
