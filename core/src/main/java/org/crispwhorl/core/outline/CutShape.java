package org.crispwhorl.core.outline;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.geom.util.AffineTransformation;
import org.locationtech.jts.operation.union.UnaryUnionOp;

/**
 * What one cutter cuts, as a simple polygon lying flat: a single outline, or the petals of a one-piece blossom round their
 * middle.
 */
public final class CutShape {
    private static final GeometryFactory PLANE = new GeometryFactory();

    /** Points on each side of an outline; the polygon then lies within 0.02 mm of the curve for pieces up to 60 mm. */
    private static final int POINTS = 64;

    /** Petals of a one-piece cut hang on their middle by at least this width, mm. */
    private static final double NECK_MM = 1;

    private final Polygon polygon;

    private CutShape(Polygon polygon) {
        this.polygon = polygon;
    }

    /** The shape of a single outline: base at the origin, tip up the y axis. */
    public static CutShape of(Outline outline) {
        return new CutShape(petal(outline, 0));
    }

    /** A plain strip of paste. */
    public static CutShape strip(double alongMm, double highMm) {
        return new CutShape(PLANE.createPolygon(new Coordinate[] {
            new Coordinate(0, 0),
            new Coordinate(alongMm, 0),
            new Coordinate(alongMm, highMm),
            new Coordinate(0, highMm),
            new Coordinate(0, 0)
        }));
    }

    /**
     * An outline that springs from a middle.
     *
     * @param azimuthRad round the middle, from the first
     */
    public record Sprung(Outline outline, double azimuthRad) {}

    /**
     * A one-piece blossom: outlines at equal steps round a middle.
     *
     * @param petals 1 or more
     * @param middleMm diameter of the middle from which they spring
     */
    public static CutShape blossom(Outline outline, int petals, double middleMm) {
        Geometry one = springing(outline, middleMm / 2);
        List<Geometry> all = new ArrayList<>();
        for (int k = 0; k < petals; k++) {
            all.add(turned(one, 2 * Math.PI * k / petals));
        }
        return round(all, middleMm);
    }

    /** A one-piece blossom of unlike lobes round a middle. */
    public static CutShape sprung(List<Sprung> lobes, double middleMm) {
        return round(
                lobes.stream()
                        .map(l -> turned(springing(l.outline(), middleMm / 2), l.azimuthRad()))
                        .toList(),
                middleMm);
    }

    private static Geometry turned(Geometry one, double azimuthRad) {
        return AffineTransformation.rotationInstance(azimuthRad).transform(one);
    }

    private static CutShape round(List<Geometry> lobes, double middleMm) {
        List<Geometry> all = new ArrayList<>(lobes);
        all.add(PLANE.createPoint(new Coordinate(0, 0)).buffer(middleMm / 2, 32));
        Geometry whole = UnaryUnionOp.union(all);
        return new CutShape(
                PLANE.createPolygon(((Polygon) whole).getExteriorRing().getCoordinates()));
    }

    /** A petal with a foot by which it hangs on its middle. */
    private static Geometry springing(Outline outline, double radius) {
        double neck = Math.max(NECK_MM, outline.base() * outline.widthMm()) / 2;
        Polygon petal = petal(outline, radius);
        Geometry foot = PLANE.createPolygon(new Coordinate[] {
            new Coordinate(-neck, 0),
            new Coordinate(neck, 0),
            new Coordinate(neck, radius + NECK_MM / 4),
            new Coordinate(-neck, radius + NECK_MM / 4),
            new Coordinate(-neck, 0)
        });
        Geometry one = petal.union(foot);
        return one instanceof Polygon ? one : petal.union(reaching(foot, petal));
    }

    /** This shape as an outline of its own, from its lowest point to its highest. */
    public Outline traced() {
        return TracedOutline.of(polygon);
    }

    /** A foot drawn out to the lowest corner of a petal whose own shape does not begin at its midrib. */
    private static Geometry reaching(Geometry foot, Polygon petal) {
        Coordinate lowest = Arrays.stream(petal.getCoordinates())
                .min(Comparator.comparingDouble(c -> c.y))
                .orElseThrow();
        return foot.union(PLANE.createPoint(lowest).buffer(NECK_MM / 2)).convexHull();
    }

    private static Polygon petal(Outline outline, double base) {
        double[][] points = outline.polygon(POINTS);
        List<Coordinate> ring = new ArrayList<>();
        for (double[] p : points) {
            Coordinate next = new Coordinate(p[0], p[1] + base);
            if (ring.isEmpty() || ring.get(ring.size() - 1).distance(next) > 1e-6) {
                ring.add(next);
            }
        }
        while (ring.size() > 3 && ring.get(0).distance(ring.get(ring.size() - 1)) < 1e-6) {
            ring.remove(ring.size() - 1);
        }
        ring.add(ring.get(0).copy());
        return PLANE.createPolygon(ring.toArray(Coordinate[]::new));
    }

    /** The polygon itself. */
    public Polygon polygon() {
        return (Polygon) polygon.copy();
    }

    public double areaMm2() {
        return polygon.getArea();
    }

    public double perimeterMm() {
        return polygon.getLength();
    }

    /** From left to right as it lies. */
    public double acrossMm() {
        return polygon.getEnvelopeInternal().getWidth();
    }

    /** From foot to top as it lies. */
    public double alongMm() {
        return polygon.getEnvelopeInternal().getHeight();
    }

    /** Its corners as rows of (x, y) in mm, not closed. */
    public double[][] ring() {
        Coordinate[] c = polygon.getExteriorRing().getCoordinates();
        double[][] ring = new double[c.length - 1][];
        for (int i = 0; i < ring.length; i++) {
            ring[i] = new double[] {c[i].x, c[i].y};
        }
        return ring;
    }
}
