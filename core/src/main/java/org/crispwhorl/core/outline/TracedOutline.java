package org.crispwhorl.core.outline;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.crispwhorl.core.measure.InvalidValue;
import org.crispwhorl.core.measure.Limits;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.operation.valid.IsSimpleOp;
import org.locationtech.jts.simplify.DouglasPeuckerSimplifier;
import org.locationtech.jts.simplify.TopologyPreservingSimplifier;

/** Makes an outline of a line that a maker has drawn or traced, or says why paste cannot be cut so. */
public final class TracedOutline {
    /** A drawing of more points than this is no outline. */
    public static final int MOST_POINTS = 20_000;

    /** A gap between the end of a line and its start that counts as closed, as a share of the height. */
    private static final double CLOSED = 1e-3;

    /** Points closer than this are one, as a share of the height. */
    private static final double SAME = 1e-7;

    /** Drawings are not larger than this, in their own units. */
    private static final double FARTHEST = 1e9;

    /** Paste narrower than this tears as it leaves the cutter, mm. */
    private static final double NARROWEST_MM = 0.8;

    /** A point may be narrower than that over so much of its length, mm: that of any petal tip of 23° and more is. */
    private static final double NEEDLE_MM = 3;

    /** What rounding by a disc of straight pieces may leave over, mm. */
    private static final double SLACK_MM = 0.02;

    /** The line is kept to this, mm; a ragged one more roughly, so that it has few enough corners. */
    private static final double[] ROUGHNESS_MM = {0.01, 0.03, 0.1, 0.2};

    /** A shape covers at least so much of the box round it. */
    private static final double LEAST_SHARE = 1e-3;

    private static final GeometryFactory PLANE = new GeometryFactory();

    private TracedOutline() {}

    /**
     * @param points round the outline, x to the right and y up, of any unit, the base down
     * @param closed whether the line goes back to its start by itself
     * @param lengthMm from the lowest to the highest point, 2 to 300
     * @throws InvalidValue where the line is open, crosses itself, encloses nothing, is of no sane size, or has a needle
     */
    public static Outline of(List<double[]> points, boolean closed, double lengthMm) {
        if (points.size() > MOST_POINTS) {
            throw refused(
                    points.size() + " points", "at most " + MOST_POINTS + ": simplify the path where it was drawn");
        }
        double[][] ring = scaled(closedRing(points, closed), lengthMm);
        Bounds box = Bounds.of(ring);
        Polygon whole = simple(ring);
        if (whole.getArea() < LEAST_SHARE * box.width() * box.height()) {
            throw refused("a line that encloses nothing", "an outline with an area");
        }
        if (!Limits.allows(Outline.class, "widthMm", box.width())) {
            throw refused(
                    "a width of " + mm(box.width()) + " at a length of " + mm(lengthMm),
                    "1 to 300 mm: state another length, or turn the drawing");
        }
        Polygon plain = simplified(whole);
        needles(plain);
        double[][] corners = corners(plain);
        Bounds kept = Bounds.of(corners);
        return fitted(OwnShape.of(corners), lengthMm, kept.width() * lengthMm / kept.height());
    }

    /** The outline of a shape that is sound already, as it lies. */
    static Outline of(Polygon shape) {
        Polygon plain = shape;
        for (double rough = ROUGHNESS_MM[0]; plain.getNumPoints() > OwnShape.MOST_CORNERS; rough *= 2) {
            plain = (Polygon) TopologyPreservingSimplifier.simplify(shape, rough);
        }
        double[][] corners = corners(plain);
        Bounds box = Bounds.of(corners);
        return fitted(
                OwnShape.of(corners),
                Limits.within(Outline.class, "lengthMm", box.height()),
                Limits.within(Outline.class, "widthMm", box.width()));
    }

    private static double[][] closedRing(List<double[]> points, boolean closed) {
        for (double[] p : points) {
            if (!(Math.abs(p[0]) <= FARTHEST && Math.abs(p[1]) <= FARTHEST)) {
                throw refused("a point that is no sane number", "numbers of at most " + (long) FARTHEST);
            }
        }
        Bounds box = Bounds.of(points.toArray(double[][]::new));
        List<double[]> kept = new ArrayList<>();
        for (double[] p : points) {
            if (kept.isEmpty() || Math.hypot(p[0] - last(kept)[0], p[1] - last(kept)[1]) > SAME * box.height()) {
                kept.add(p);
            }
        }
        if (kept.size() < 3 || !(box.height() > 0 && box.width() > 0)) {
            throw refused(
                    kept.size() < 3 ? kept.size() + " different points" : "a straight line", "an outline with an area");
        }
        double gap = Math.hypot(kept.get(0)[0] - last(kept)[0], kept.get(0)[1] - last(kept)[1]);
        if (!closed && gap > CLOSED * box.height()) {
            throw refused(
                    String.format(
                            Locale.ROOT,
                            "an open line: its end lies %.0f %% of its height from its start",
                            100 * gap / box.height()),
                    "a closed one: end the path with Z");
        }
        if (gap <= CLOSED * box.height() && kept.size() > 3) {
            kept.remove(kept.size() - 1);
        }
        return kept.toArray(double[][]::new);
    }

    private static double[] last(List<double[]> points) {
        return points.get(points.size() - 1);
    }

    /** The ring at its true size, its lowest point at 0, its middle in the middle. */
    private static double[][] scaled(double[][] ring, double lengthMm) {
        Bounds box = Bounds.of(ring);
        double scale = lengthMm / box.height();
        double[][] sized = new double[ring.length][];
        for (int i = 0; i < ring.length; i++) {
            sized[i] = new double[] {
                (ring[i][0] - (box.left() + box.right()) / 2) * scale, (ring[i][1] - box.low()) * scale
            };
        }
        return sized;
    }

    private static Polygon simple(double[][] ring) {
        Polygon polygon = polygon(ring);
        IsSimpleOp check = new IsSimpleOp(polygon.getExteriorRing());
        if (!check.isSimple()) {
            throw refused("a line that crosses itself " + at(check.getNonSimpleLocation()), "one that does not");
        }
        return polygon;
    }

    private static Polygon polygon(double[][] ring) {
        Coordinate[] c = new Coordinate[ring.length + 1];
        for (int i = 0; i <= ring.length; i++) {
            double[] p = ring[i % ring.length];
            c[i] = new Coordinate(p[0], p[1]);
        }
        return PLANE.createPolygon(c);
    }

    private static Polygon simplified(Polygon whole) {
        double roughest = ROUGHNESS_MM[ROUGHNESS_MM.length - 1];
        if (plainer(whole, roughest).getNumPoints() <= OwnShape.MOST_CORNERS + 1) {
            for (double rough : ROUGHNESS_MM) {
                if (plainer(whole, rough) instanceof Polygon polygon
                        && polygon.getNumPoints() > 3
                        && polygon.getNumPoints() <= OwnShape.MOST_CORNERS + 1
                        && polygon.isValid()) {
                    return polygon;
                }
            }
        }
        throw refused(
                "an edge too ragged for a cutter",
                "one that " + OwnShape.MOST_CORNERS + " corners follow within " + mm(roughest));
    }

    private static Geometry plainer(Polygon whole, double toleranceMm) {
        DouglasPeuckerSimplifier simplifier = new DouglasPeuckerSimplifier(whole);
        simplifier.setDistanceTolerance(toleranceMm);
        simplifier.setEnsureValid(false);
        return simplifier.getResultGeometry();
    }

    /** What an opening of the shape by a disc (erosion, then dilation) loses is narrower than the disc. */
    private static void needles(Polygon shape) {
        Geometry eroded = shape.buffer(-NARROWEST_MM / 2);
        if (eroded.isEmpty()) {
            throw refused("a piece nowhere " + mm(NARROWEST_MM) + " wide", "a broader one, or a greater length");
        }
        Geometry lost = shape.difference(eroded.buffer(NARROWEST_MM / 2 + SLACK_MM));
        for (int i = 0; i < lost.getNumGeometries(); i++) {
            Geometry needle = lost.getGeometryN(i);
            double reach = Math.hypot(
                    needle.getEnvelopeInternal().getWidth(),
                    needle.getEnvelopeInternal().getHeight());
            if (reach > NEEDLE_MM) {
                throw refused(
                        "a needle " + mm(reach) + " long, narrower than " + mm(NARROWEST_MM) + " "
                                + at(needle.getInteriorPoint().getCoordinate()),
                        "a blunter point: paste so narrow tears");
            }
        }
    }

    private static double[][] corners(Polygon polygon) {
        Coordinate[] c = polygon.getExteriorRing().getCoordinates();
        double[][] ring = new double[c.length - 1][];
        for (int i = 0; i < ring.length; i++) {
            ring[i] = new double[] {c[i].x, c[i].y};
        }
        return ring;
    }

    /** The shape at its size, with the numbers of the family's outline that comes nearest in width and area. */
    static Outline fitted(OwnShape shape, double lengthMm, double widthMm) {
        double widest = 0.5;
        double most = 0;
        for (int i = 1; i < STATIONS; i++) {
            double[] span = shape.spanAt((double) i / STATIONS);
            if (span[1] - span[0] > most + 1e-9) {
                most = span[1] - span[0];
                widest = (double) i / STATIONS;
            }
        }
        widest = Limits.within(Outline.class, "widest", widest);
        double[] foot = shape.spanAt(FOOT);
        double base = Limits.within(Outline.class, "base", Math.rint(Math.min(1, foot[1] - foot[0]) * 100) / 100);
        double area = Shoelace.of(shape.ring(1, 1)).area();
        double low = Limits.within(Outline.class, "tip", Double.NEGATIVE_INFINITY);
        double high = Limits.within(Outline.class, "tip", Double.POSITIVE_INFINITY);
        for (int i = 0; i < HALVINGS; i++) {
            double tip = (low + high) / 2;
            if (Outline.of(lengthMm, widthMm, widest, base, tip).areaMm2() < area * lengthMm * widthMm) {
                low = tip;
            } else {
                high = tip;
            }
        }
        double tip = Math.rint(low * 10) / 10;
        return new Outline(lengthMm, widthMm, widest, base, tip, 1, 0, Optional.of(shape));
    }

    /** Stations among which the widest is sought, and halvings by which the tip is. */
    private static final int STATIONS = 40;

    private static final int HALVINGS = 30;

    /** Station at which the width of the base is taken, as a share of the length. */
    private static final double FOOT = 0.02;

    private static String at(Coordinate where) {
        return String.format(
                Locale.ROOT, "near %.1f mm from the middle and %.1f mm up from the base", where.x, where.y);
    }

    private static String mm(double value) {
        return String.format(Locale.ROOT, "%.1f mm", value);
    }

    private static InvalidValue refused(String came, String expected) {
        return new InvalidValue("outline", came, expected);
    }
}
