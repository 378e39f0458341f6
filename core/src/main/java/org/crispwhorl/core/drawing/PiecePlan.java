package org.crispwhorl.core.drawing;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.crispwhorl.core.form.HuggingPetal;
import org.crispwhorl.core.form.PetalSurface;
import org.crispwhorl.core.measure.Cache;
import org.crispwhorl.core.outline.OutlineMesh;
import org.crispwhorl.core.species.Edge;
import org.crispwhorl.core.thinning.EdgeRuffle;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.operation.overlayng.OverlayNG;
import org.locationtech.jts.operation.overlayng.OverlayNGRobust;
import org.locationtech.jts.simplify.DouglasPeuckerSimplifier;
import org.locationtech.jts.simplify.TopologyPreservingSimplifier;

/** What a stretch of a piece covers when it is looked at from straight above, as one shape. */
final class PiecePlan {
    private static final GeometryFactory GEOMETRY = new GeometryFactory();
    private static final int POINTS_PER_SIDE = 18;

    private PiecePlan() {}

    /**
     * The plan of a stretch of a surface: its boundary where that does not fold over itself, else its silhouette, as that of a
     * frilled one, whose paste stands farther out below a trough than at its edge.
     */
    static Geometry of(PetalSurface surface, double from, double to, Edge edge, double bodyMm, int count) {
        return PLANS.of(
                List.of(surface, from, to, edge, bodyMm, count > MANY),
                () -> simple(drawnPlan(surface, from, to, edge, bodyMm, count)));
    }

    private static Geometry simple(Geometry plan) {
        DouglasPeuckerSimplifier quick = new DouglasPeuckerSimplifier(plan);
        quick.setDistanceTolerance(STRAIGHT_MM);
        quick.setEnsureValid(false);
        Geometry simple = quick.getResultGeometry();
        return simple.isEmpty() || !simple.isValid()
                ? TopologyPreservingSimplifier.simplify(plan, STRAIGHT_MM)
                : simple;
    }

    /** What lies so near to a straight line is drawn as one, mm. */
    private static final double STRAIGHT_MM = 0.04;

    private static final Cache<List<Object>, Geometry> PLANS = new Cache<>(512);

    private static Geometry drawnPlan(
            PetalSurface surface, double from, double to, Edge edge, double bodyMm, int count) {
        EdgeRuffle ruffle = edge.ruffle(bodyMm);
        if (surface instanceof HuggingPetal hugging) {
            return laid(hugging, from, to, edge, ruffle)
                    .orElseGet(() -> folded(surface, from, to, edge, ruffle, count));
        }
        if (ruffle.amplitudeMm() > 0) {
            return folded(surface, from, to, edge, ruffle, count);
        }
        int large = (int) Math.min(MOST_PER_SIDE, surface.outline().perimeterMm() / LARGE_STEP_MM);
        double[][] outline =
                surface.outline().polygon(Math.max(large, count > MANY ? POINTS_OF_MANY : POINTS_PER_SIDE));
        if (edge.finish() == Edge.Finish.TORN) {
            outline = TornEdge.of(outline, surface.outline().lengthMm());
        }
        double[][] bent = new double[outline.length][];
        for (int i = 0; i < bent.length; i++) {
            double[] at = outline[i];
            bent[i] = new double[] {at[0], at[1], surface.stationOf(at[1], at[0])};
        }
        double[][] clipped = clip(clip(bent, from, 1), to, -1);
        if (clipped.length < 3) {
            return GEOMETRY.createPolygon();
        }
        Coordinate[] ring = new Coordinate[clipped.length + 1];
        for (int i = 0; i < clipped.length; i++) {
            double[] p = surface.point(clipped[i][1], clipped[i][0]);
            ring[i] = new Coordinate(p[0], p[1]);
        }
        ring[clipped.length] = ring[0].copy();
        Polygon polygon = GEOMETRY.createPolygon(ring);
        return polygon.isValid() ? polygon : folded(surface, from, to, edge, ruffle, count);
    }

    /**
     * The plan of a stretch of a piece that is laid round, each side of its midrib by itself: what goes round by more than half a turn
     * lies on itself beyond that. None where a side folds over itself.
     */
    private static Optional<Geometry> laid(HuggingPetal surface, double from, double to, Edge edge, EdgeRuffle ruffle) {
        Polygon outer = side(surface, from, to, 1, edge, ruffle);
        Polygon inner = side(surface, from, to, -1, edge, ruffle);
        return outer.isValid() && inner.isValid()
                ? Optional.of(whole(OverlayNGRobust.overlay(outer, inner, OverlayNG.UNION)))
                : Optional.empty();
    }

    private static Polygon side(HuggingPetal surface, double from, double to, int side, Edge edge, EdgeRuffle ruffle) {
        double[][] outline = surface.outline().polygon(LAID_POINTS);
        if (edge.finish() == Edge.Finish.TORN) {
            outline = TornEdge.of(outline, surface.outline().lengthMm());
        }
        double[][] along = new double[outline.length][];
        for (int i = 0; i < along.length; i++) {
            along[i] = new double[] {outline[i][0], outline[i][1], outline[i][1]};
        }
        double[][] stretch = clip(clip(along, Math.max(from, surface.startMm()), 1), to, -1);
        for (double[] p : stretch) {
            p[2] = p[0];
        }
        double[][] half = clip(stretch, 0, side);
        if (half.length < 3) {
            return GEOMETRY.createPolygon();
        }
        List<Coordinate> ring = new ArrayList<>();
        double step = surface.outline().widthMm() / LAID_ACROSS;
        for (int i = 0; i < half.length; i++) {
            double[] a = half[i];
            double[] b = half[(i + 1) % half.length];
            int parts = (int) Math.max(1, Math.ceil(Math.abs(b[0] - a[0]) / step));
            for (int k = 0; k < parts; k++) {
                double share = (double) k / parts;
                double v = a[0] + share * (b[0] - a[0]);
                double s = a[1] + share * (b[1] - a[1]);
                double[] p = surface.frilled(s, surface.halfRound(s, v), edge, ruffle);
                ring.add(new Coordinate(p[0], p[1]));
            }
        }
        ring.add(ring.get(0).copy());
        return GEOMETRY.createPolygon(ring.toArray(Coordinate[]::new));
    }

    private static final int LAID_POINTS = 40;
    private static final int LAID_ACROSS = 16;

    /** The plan of a stretch of a surface that may fold over itself. */
    private static Polygon folded(
            PetalSurface surface, double from, double to, Edge edge, EdgeRuffle ruffle, int count) {
        OutlineMesh flat = surface.flat(count > MANY ? CELL_STATIONS_OF_MANY : CELL_STATIONS, CELLS_ACROSS);
        double[][] all = new double[flat.points().length][];
        for (int i = 0; i < all.length; i++) {
            double[] at = flat.points()[i];
            all[i] = new double[] {at[0], at[1], surface.stationOf(at[1], at[0])};
        }
        List<double[]> seen = new ArrayList<>();
        int[] t = flat.triangles();
        for (int i = 0; i < t.length; i += 3) {
            double[][] kept = clip(clip(new double[][] {all[t[i]], all[t[i + 1]], all[t[i + 2]]}, from, 1), to, -1);
            double[][] bent = new double[kept.length][];
            for (int k = 0; k < kept.length; k++) {
                bent[k] = surface.frilled(kept[k][1], kept[k][0], edge, ruffle);
            }
            for (int k = 1; k + 1 < kept.length; k++) {
                seen.addAll(List.of(bent[0], bent[k], bent[k + 1]));
            }
        }
        Polygon plan = Silhouette.of(seen);
        return edge.finish() == Edge.Finish.TORN ? torn(plan) : plan;
    }

    /** A plan whose outer edge is torn as it is seen; as it was where a tear would cut through it. */
    private static Polygon torn(Polygon plan) {
        Coordinate[] ring = plan.getExteriorRing().getCoordinates();
        double least = plan.getEnvelopeInternal().getMinX();
        double[][] outline = new double[Math.max(0, ring.length - 1)][];
        for (int i = 0; i < outline.length; i++) {
            outline[i] = new double[] {ring[i].y, ring[i].x - least};
        }
        double[][] torn = TornEdge.of(outline, plan.getEnvelopeInternal().getWidth());
        if (torn.length < 3) {
            return plan;
        }
        Coordinate[] around = new Coordinate[torn.length + 1];
        for (int i = 0; i < torn.length; i++) {
            around[i] = new Coordinate(torn[i][1] + least, torn[i][0]);
        }
        around[torn.length] = around[0].copy();
        Polygon drawn = GEOMETRY.createPolygon(around);
        return drawn.isValid() ? drawn : plan;
    }

    private static final int CELL_STATIONS = 13;
    private static final int CELL_STATIONS_OF_MANY = 8;
    private static final int CELLS_ACROSS = 4;

    /** Petals of a ring of more than so many are small on the screen, and fewer points draw them. */
    private static final int MANY = 8;

    private static final int POINTS_OF_MANY = 15;
    private static final int MOST_PER_SIDE = 48;

    /** Large pieces are drawn with two points for so much of their edge, mm. */
    private static final double LARGE_STEP_MM = 8;

    /** Cells joined to one shape: slits as fine as a line is drawn are closed. */
    private static Geometry whole(Geometry cells) {
        if (cells == null) {
            return GEOMETRY.createPolygon();
        }
        return cells instanceof Polygon one && one.getNumInteriorRing() == 0
                ? one
                : largest(cells.buffer(SLIT_MM, ROUND).buffer(-SLIT_MM, ROUND));
    }

    private static final double SLIT_MM = 0.2;

    /** Steps in which a quarter of a turn is rounded. */
    private static final int ROUND = 2;

    private static Geometry largest(Geometry geometry) {
        Geometry best = GEOMETRY.createPolygon();
        for (int i = 0; i < geometry.getNumGeometries(); i++) {
            if (geometry.getGeometryN(i).getArea() > best.getArea()) {
                best = geometry.getGeometryN(i);
            }
        }
        return best instanceof Polygon polygon
                ? GEOMETRY.createPolygon(polygon.getExteriorRing().getCoordinates())
                : best;
    }

    /** Keeps the side of a line across the bent piece (Sutherland and Hodgman's clipping by one half-plane). */
    private static double[][] clip(double[][] polygon, double station, int side) {
        List<double[]> kept = new ArrayList<>();
        for (int i = 0; i < polygon.length; i++) {
            double[] a = polygon[i];
            double[] b = polygon[(i + 1) % polygon.length];
            double da = side * (a[2] - station);
            double db = side * (b[2] - station);
            if (da >= 0) {
                kept.add(a);
            }
            if (da * db < 0) {
                double share = da / (da - db);
                kept.add(new double[] {a[0] + share * (b[0] - a[0]), a[1] + share * (b[1] - a[1]), station});
            }
        }
        return kept.toArray(double[][]::new);
    }
}
