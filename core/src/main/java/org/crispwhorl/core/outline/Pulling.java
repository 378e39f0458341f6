package org.crispwhorl.core.outline;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.crispwhorl.core.measure.InvalidValue;
import org.crispwhorl.core.measure.Limits;

/**
 * Pulls an outline into shape by its station points. One of the family stays in it: its points set length, width, widest place,
 * base, fullness of the tip and depth of the notches. An own shape gives way round the point that is pulled, the less the farther
 * along its edge.
 */
public final class Pulling {
    /** Station of the point that sets the fullness of a family tip, as a share of the way from the widest place to the tip. */
    private static final double SHOULDER = 0.6;

    /** Stations between base and tip at which an own shape has points on both sides. */
    private static final int STATIONS = 8;

    /** An own shape gives way over this share of its edge to each side of the point. */
    private static final double GIVES_WAY = 0.11;

    /** Sides are divided to this share of the edge before they give way. */
    private static final double FINE = 0.006;

    private Pulling() {}

    /** The points of an outline, from its base up the right side and down the left. */
    public static List<StationPoint> points(Outline outline) {
        return outline.own().isPresent() ? ownPoints(outline) : familyPoints(outline);
    }

    private static List<StationPoint> familyPoints(Outline o) {
        double widest = o.widest() * o.lengthMm();
        double shoulder = widest + SHOULDER * (o.lengthMm() - widest);
        List<StationPoint> points = new ArrayList<>();
        both(points, "base", "base", o.base() * o.widthMm() / 2, 0);
        both(points, "widest", "width, and where it is widest", o.widthMm() / 2, widest);
        both(points, "shoulder", "fullness of the tip", o.halfWidthAt(shoulder), shoulder);
        points.add(new StationPoint("tip", "length", 0, o.lengthMm()));
        if (o.lobes() > 1) {
            double across = o.widthMm() / o.lobes() * (o.lobes() / 2) - o.widthMm() / 2;
            points.add(new StationPoint(
                    "notch", "depth of the notches", across, o.notchedStation(wholeAt(o, across), across)));
        }
        return points;
    }

    /** Where the whole tip stands over a distance from the midrib. */
    private static double wholeAt(Outline o, double across) {
        double share = Math.abs(2 * across / o.widthMm());
        double u = Math.pow(1 - Math.pow(share, o.tip()), 1 / o.tip());
        return o.lengthMm() * (o.widest() + (1 - o.widest()) * u);
    }

    private static void both(List<StationPoint> points, String id, String label, double across, double along) {
        points.add(new StationPoint(id + "-right", label, across, along));
        points.add(new StationPoint(id + "-left", label, -across, along));
    }

    private static List<StationPoint> ownPoints(Outline o) {
        List<StationPoint> points = new ArrayList<>();
        points.add(end(o, "base", -1));
        for (int i = 1; i < STATIONS; i++) {
            double along = o.lengthMm() * i / STATIONS;
            double[] span = o.spanAt(along);
            points.add(new StationPoint("right-" + i, "the right edge", span[1], along));
            points.add(new StationPoint("left-" + i, "the left edge", span[0], along));
        }
        points.add(end(o, "tip", 1));
        return points;
    }

    /** The lowest or the highest point; where the end is flat, or lobes end alike, the one nearest to the midrib. */
    private static StationPoint end(Outline o, String id, int side) {
        double at = side < 0 ? 0 : o.lengthMm();
        double[] best = null;
        for (double[] p : o.polygon(FREED_POINTS)) {
            boolean atEnd = Math.abs(p[1] - at) <= LEVEL * o.lengthMm();
            best = atEnd && (best == null || Math.abs(p[0]) < Math.abs(best[0])) ? p : best;
        }
        double[] found = best == null ? new double[] {0, at} : best;
        return new StationPoint(id, "the " + id, found[0], found[1]);
    }

    /** An end counts as flat within this share of the length. */
    private static final double LEVEL = 0.004;

    /**
     * An outline with one of its points pulled somewhere else.
     *
     * @param to one of its points, where it is to lie
     * @param bothSides whether the other side of an own shape is pulled alike
     * @throws InvalidValue where it has no such point, or would come to a shape that cannot be cut
     */
    public static Outline pulled(Outline outline, StationPoint to, boolean bothSides) {
        StationPoint point = points(outline).stream()
                .filter(p -> p.id().equals(to.id()))
                .findFirst()
                .orElseThrow(() -> new InvalidValue("to/id", "'" + to.id() + "'", "a point of this outline"));
        return outline.own().isPresent()
                ? ownPulled(outline, point, to.acrossMm(), to.alongMm(), bothSides)
                : familyPulled(outline, point, to.acrossMm(), to.alongMm());
    }

    private static Outline familyPulled(Outline o, StationPoint point, double across, double along) {
        double half = Math.abs(across);
        return switch (point.id().replaceFirst("-(left|right)$", "")) {
            case "base" -> o.withBase(hundredth(within("base", 2 * half / o.widthMm())));
            case "widest" ->
                new Outline(
                        o.lengthMm(),
                        tenth(within("widthMm", 2 * half)),
                        hundredth(within("widest", along / o.lengthMm())),
                        o.base(),
                        o.tip(),
                        o.lobes(),
                        o.notch());
            case "shoulder" -> withTip(o, fullness(o, half));
            case "tip" -> o.withLength(tenth(within("lengthMm", along)));
            default ->
                new Outline(
                        o.lengthMm(),
                        o.widthMm(),
                        o.widest(),
                        o.base(),
                        o.tip(),
                        o.lobes(),
                        hundredth(within("notch", (wholeAt(o, point.acrossMm()) - along) / o.lengthMm())));
        };
    }

    private static Outline withTip(Outline o, double tip) {
        return new Outline(o.lengthMm(), o.widthMm(), o.widest(), o.base(), tip, o.lobes(), o.notch());
    }

    /** The tip power at which the outline is so wide at its shoulder, by bisection: a fuller tip is wider there. */
    private static double fullness(Outline o, double half) {
        double at = o.lengthMm() * (o.widest() + SHOULDER * (1 - o.widest()));
        double low = within("tip", Double.NEGATIVE_INFINITY);
        double high = within("tip", Double.POSITIVE_INFINITY);
        for (int i = 0; i < HALVINGS; i++) {
            double tip = (low + high) / 2;
            if (withTip(o, tip).halfWidthAt(at) < half) {
                low = tip;
            } else {
                high = tip;
            }
        }
        return tenth(low);
    }

    private static Outline ownPulled(Outline o, StationPoint point, double across, double along, boolean bothSides) {
        double[][] shape = o.own().orElseThrow().ring(o.lengthMm(), o.widthMm());
        double edge = Shoelace.perimeter(shape);
        double[][] ring = Outline.divided(shape, FINE * edge);
        double dx = across - point.acrossMm();
        double dy = along - point.alongMm();
        double[][] pulled = give(ring, ring, point.acrossMm(), point.alongMm(), dx, dy, edge);
        boolean onASide = !point.id().equals("tip") && !point.id().equals("base");
        if (bothSides && onASide) {
            double[] span = o.spanAt(point.alongMm());
            double other = point.id().startsWith("left") ? span[1] : span[0];
            pulled = give(pulled, ring, other, point.alongMm(), -dx, dy, edge);
        }
        Bounds box = Bounds.of(pulled);
        return TracedOutline.of(List.of(pulled), true, within("lengthMm", box.height()));
    }

    /** Moves the points of a ring near a place, by how far along the edge they lie from it. */
    private static double[][] give(
            double[][] moving, double[][] ring, double x, double y, double dx, double dy, double edge) {
        int nearest = 0;
        for (int i = 0; i < ring.length; i++) {
            if (Math.hypot(ring[i][0] - x, ring[i][1] - y) < Math.hypot(ring[nearest][0] - x, ring[nearest][1] - y)) {
                nearest = i;
            }
        }
        double[] away = new double[ring.length];
        double along = 0;
        for (int k = 1; k < ring.length; k++) {
            double[] a = ring[(nearest + k - 1) % ring.length];
            double[] b = ring[(nearest + k) % ring.length];
            along += Math.hypot(b[0] - a[0], b[1] - a[1]);
            away[(nearest + k) % ring.length] = Math.min(along, edge - along);
        }
        double[][] given = new double[ring.length][];
        for (int i = 0; i < ring.length; i++) {
            double u = away[i] / (GIVES_WAY * edge);
            double share = u >= 1 ? 0 : (1 + Math.cos(Math.PI * u)) / 2;
            given[i] = new double[] {moving[i][0] + share * dx, moving[i][1] + share * dy};
        }
        return given;
    }

    /** An outline of the family as an own shape, to be pulled at any station. */
    public static Outline freed(Outline outline) {
        return outline.own().isPresent()
                ? outline
                : TracedOutline.of(List.of(outline.polygon(FREED_POINTS)), true, outline.lengthMm());
    }

    /** The outline of the family that comes nearest. */
    public static Outline ofTheFamily(Outline outline) {
        return new Outline(
                outline.lengthMm(),
                outline.widthMm(),
                outline.widest(),
                outline.base(),
                outline.tip(),
                outline.lobes(),
                outline.notch(),
                Optional.empty());
    }

    private static final int FREED_POINTS = 96;
    private static final int HALVINGS = 40;

    private static double within(String component, double value) {
        return Limits.within(Outline.class, component, value);
    }

    private static double tenth(double value) {
        return Math.rint(value * 10) / 10;
    }

    private static double hundredth(double value) {
        return Math.rint(value * 100) / 100;
    }
}
