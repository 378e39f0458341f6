package org.crispwhorl.core.drawing;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import org.crispwhorl.core.form.FlowerForm;
import org.crispwhorl.core.form.HuggingPetal;
import org.crispwhorl.core.form.PetalSurface;
import org.crispwhorl.core.form.PlacedRing;
import org.crispwhorl.core.measure.Lately;
import org.crispwhorl.core.outline.OutlineMesh;
import org.crispwhorl.core.paste.Paste;
import org.crispwhorl.core.solid.Solid;
import org.crispwhorl.core.species.Edge;
import org.crispwhorl.core.species.Heart;
import org.crispwhorl.core.species.Lining;
import org.crispwhorl.core.species.Overlap;
import org.crispwhorl.core.species.Part;
import org.crispwhorl.core.species.Pieces;
import org.crispwhorl.core.thinning.EdgeRuffle;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.geom.util.AffineTransformation;
import org.locationtech.jts.operation.overlayng.OverlayNG;
import org.locationtech.jts.operation.overlayng.OverlayNGRobust;
import org.locationtech.jts.simplify.TopologyPreservingSimplifier;

/** Draws a flower's face and section from its computed form. */
public final class Draughting {
    private static final GeometryFactory GEOMETRY = new GeometryFactory();
    private static final int POINTS_PER_SIDE = 18;
    private static final int PROFILE_POINTS = 20;

    /** Farther along the midrib than any piece reaches, mm. */
    private static final double BEYOND_MM = 1e4;

    private final FlowerForm form;

    private Draughting(FlowerForm form) {
        this.form = form;
    }

    public static Drawing of(FlowerForm form) {
        Draughting draughting = new Draughting(form);
        return new Drawing(draughting.face(), draughting.section(), HabitDraughting.of(form));
    }

    /** Only the face, for small drawings. */
    public static Drawing.Face faceOf(FlowerForm form) {
        return new Draughting(form).face();
    }

    private Drawing.Face face() {
        List<Lap> laps = new ArrayList<>();
        List<Drawing.Gap> gaps = new ArrayList<>();
        for (PlacedRing ring : form.rings()) {
            laps.addAll(laps(ring));
            carried(ring).ifPresent(laps::add);
            double gap = ring.gapMm();
            if (gap > PlacedRing.SEEN_MM && ring.part().pieces().overlap() != Overlap.APART) {
                gaps.add(new Drawing.Gap(
                        ring.part().id(),
                        round(ring.gapRadiusMm()),
                        round(Math.toDegrees(ring.gapAzimuthRad())),
                        round(gap)));
            }
        }
        FaceSolids solids = FaceSolids.of(form);
        return new Drawing.Face(
                round(form.faceMm() / 2), painted(laps), solids.discs(), solids.strokes(), solids.rounds(), gaps);
    }

    /** A stretch of a ring's pieces that goes outwards or inwards all along, as it is seen and where it lies. */
    private record Lap(Drawing.Ring ring, PaintOrder.Shape shape) {}

    /** All shapes by true height, those over the middle after those under it. */
    private List<Drawing.Ring> painted(List<Lap> laps) {
        List<PaintOrder.Shape> shapes = new ArrayList<>();
        middle().ifPresent(shapes::add);
        int hearts = shapes.size();
        laps.forEach(lap -> shapes.add(lap.shape()));
        List<Drawing.Ring> rings = new ArrayList<>();
        boolean over = false;
        for (int at : PaintOrder.of(shapes)) {
            over |= at < hearts;
            if (at >= hearts) {
                Drawing.Ring ring = laps.get(at - hearts).ring();
                rings.add(over ? ring.over() : ring);
            }
        }
        return rings;
    }

    /** What stands in the middle: at each radius the highest that reaches so far. */
    private Optional<PaintOrder.Shape> middle() {
        List<Solid> bodies = form.species().parts().stream()
                .filter(Part::inHead)
                .flatMap(part -> form.solids(part).stream())
                .filter(body -> body.topMm() > 0)
                .toList();
        double widest = bodies.stream().mapToDouble(Solid::reachMm).max().orElse(0);
        return bodies.isEmpty()
                ? Optional.empty()
                : Optional.of(new PaintOrder.Shape(0, widest, r -> top(bodies, r), true));
    }

    private static double top(List<Solid> bodies, double r) {
        double top = Double.NEGATIVE_INFINITY;
        for (Solid body : bodies) {
            top = Math.max(top, body.topAt(r));
        }
        return top;
    }

    /** The stretches of a ring between the stations at which its pieces turn. */
    private List<Lap> laps(PlacedRing ring) {
        PetalSurface surface = ring.surface();
        double[] turns = surface.turns();
        List<Lap> laps = new ArrayList<>();
        for (int i = 0; i <= turns.length; i++) {
            double from = i == 0 ? -BEYOND_MM : turns[i - 1];
            double to = i == turns.length ? BEYOND_MM : turns[i];
            PaintOrder.Shape shape = shape(
                    surface,
                    Math.max(surface.startMm(), from),
                    Math.min(surface.outline().lengthMm(), to),
                    !ring.part().inHead());
            lap(ring, from, to).ifPresent(r -> laps.add(new Lap(r, shape)));
        }
        return laps;
    }

    /** Where a stretch of a midrib lies: along it the radius only grows, or only shrinks. */
    private static PaintOrder.Shape shape(PetalSurface surface, double from, double to, boolean under) {
        double[] radii = new double[SHAPE_STEPS + 1];
        double[] heights = new double[SHAPE_STEPS + 1];
        for (int i = 0; i <= SHAPE_STEPS; i++) {
            double s = from + (to - from) * i / SHAPE_STEPS;
            radii[i] = Math.abs(surface.radius(s));
            heights[i] = surface.height(s) - (under ? BEYOND_MM : 0);
        }
        double least = Arrays.stream(radii).min().orElse(0);
        double most = Arrays.stream(radii).max().orElse(0);
        return new PaintOrder.Shape(
                least,
                most,
                r -> {
                    int nearest = 0;
                    for (int i = 1; i <= SHAPE_STEPS; i++) {
                        nearest = Math.abs(radii[i] - r) < Math.abs(radii[nearest] - r) ? i : nearest;
                    }
                    return heights[nearest];
                },
                false);
    }

    private static final int SHAPE_STEPS = 24;

    /** The small petals that a ring's petals carry, lying on them. */
    private static Optional<Lap> carried(PlacedRing ring) {
        return ring.part().pieces().carries().map(small -> {
            PetalSurface on = ring.surface().carrying(small.outline());
            Geometry shape = planOf(
                    on,
                    -BEYOND_MM,
                    BEYOND_MM,
                    Edge.PLAIN,
                    0,
                    ring.part().pieces().count());
            double[] azimuths = new double[ring.azimuthsRad().length];
            Arrays.setAll(azimuths, i -> round(Math.toDegrees(ring.azimuthsRad()[i]) % 360));
            PaintOrder.Shape lies = shape(
                    on, on.startMm(), small.outline().lengthMm(), !ring.part().inHead());
            return new Lap(
                    new Drawing.Ring(
                            ring.part().id(),
                            Drawing.Lap.UNDER,
                            Optional.of(small.shade()),
                            flat(shape.getCoordinates()),
                            azimuths,
                            List.of()),
                    new PaintOrder.Shape(
                            lies.fromMm(), lies.toMm(), r -> lies.heightAt().applyAsDouble(r) + ON_IT_MM, false));
        });
    }

    /** What is carried lies so far above what carries it, mm. */
    private static final double ON_IT_MM = 0.3;

    private Optional<Drawing.Ring> lap(PlacedRing ring, double from, double to) {
        Pieces pieces = ring.part().pieces();
        PetalSurface surface = ring.surface();
        Geometry shape = planOf(surface, from, to, pieces.edge(), pieces.finishedMm(form.paste()), pieces.count());
        if (shape.isEmpty() || shape.getArea() < 0.01) {
            return Optional.empty();
        }
        int[] order = paintOrder(pieces.overlap(), ring.azimuthsRad().length);
        double[] azimuths = IntStream.of(order)
                .mapToDouble(i -> round(Math.toDegrees(ring.azimuthsRad()[i]) % 360))
                .toArray();
        List<Drawing.Closing> closings =
                pieces.overlap() == Overlap.TUCKED ? closings(shape, ring.azimuthsRad()) : List.of();
        // What goes inwards shows its back.
        double base = Math.max(surface.startMm(), from);
        double tip = Math.min(surface.outline().lengthMm(), to);
        boolean showsBack = Math.abs(surface.radius(tip)) < Math.abs(surface.radius(base));
        Optional<String> back = showsBack ? pieces.lining().map(Lining::shade) : Optional.empty();
        return Optional.of(new Drawing.Ring(
                ring.part().id(), Drawing.Lap.UNDER, back, flat(shape.getCoordinates()), azimuths, closings));
    }

    /** The order in which pieces are painted, undermost first. */
    private static int[] paintOrder(Overlap overlap, int n) {
        return switch (overlap) {
            case TUCKED, APART -> IntStream.range(0, n).toArray();
            case PAIRS ->
                IntStream.range(0, n).map(i -> (i / 2 + i % 2 * (n / 2)) % n).toArray();
            case SUCCESSIVE -> IntStream.range(0, n).map(i -> n - 1 - i).toArray();
            case ALTERNATE ->
                IntStream.concat(
                                IntStream.range(0, n).filter(i -> i % 2 == 1),
                                IntStream.range(0, n).filter(i -> i % 2 == 0))
                        .toArray();
        };
    }

    /**
     * The plan of a stretch of a surface: its boundary where that does not fold over itself, else its cells joined, as those of a
     * frilled one, whose paste stands farther out below a trough than at its edge.
     */
    private static Geometry planOf(PetalSurface surface, double from, double to, Edge edge, double bodyMm, int count) {
        return PLANS.of(
                List.of(surface, from, to, edge, bodyMm, count > MANY),
                () -> TopologyPreservingSimplifier.simplify(
                        drawnPlan(surface, from, to, edge, bodyMm, count), STRAIGHT_MM));
    }

    /** What lies so near to a straight line is drawn as one, mm. */
    private static final double STRAIGHT_MM = 0.04;

    private static final Lately<List<Object>, Geometry> PLANS = new Lately<>(512);

    private static Geometry drawnPlan(
            PetalSurface surface, double from, double to, Edge edge, double bodyMm, int count) {
        EdgeRuffle ruffle = edge.ruffle(bodyMm);
        if (surface instanceof HuggingPetal hugging) {
            return laid(hugging, from, to, edge, ruffle)
                    .orElseGet(() -> whole(cells(surface, from, to, edge, ruffle, count)));
        }
        if (ruffle.amplitudeMm() > 0) {
            return whole(cells(surface, from, to, edge, ruffle, count));
        }
        int large = (int) Math.min(MOST_PER_SIDE, surface.outline().perimeterMm() / LARGE_STEP_MM);
        double[][] outline =
                surface.outline().polygon(Math.max(large, count > MANY ? POINTS_OF_MANY : POINTS_PER_SIDE));
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
        return polygon.isValid() ? polygon : whole(cells(surface, from, to, edge, ruffle, count));
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

    private static final int LAID_POINTS = 24;
    private static final int LAID_ACROSS = 16;

    /** The plan of all strips across a stretch of a surface, joined. */
    private static Geometry cells(
            PetalSurface surface, double from, double to, Edge edge, EdgeRuffle ruffle, int count) {
        OutlineMesh flat = surface.flat(count > MANY ? CELL_STATIONS_OF_MANY : CELL_STATIONS, CELLS_ACROSS);
        List<Geometry> cells = new ArrayList<>();
        for (int[] strip : flat.strips()) {
            double[][] round = new double[strip.length][];
            for (int i = 0; i < round.length; i++) {
                double[] at = flat.points()[strip[i]];
                round[i] = new double[] {at[0], at[1], surface.stationOf(at[1], at[0])};
            }
            double[][] kept = clip(clip(round, from, 1), to, -1);
            if (kept.length < 3) {
                continue;
            }
            Coordinate[] ring = new Coordinate[kept.length + 1];
            for (int i = 0; i < ring.length; i++) {
                double[] at = kept[i % kept.length];
                double[] p = surface.frilled(at[1], at[0], edge, ruffle);
                ring[i] = new Coordinate(p[0], p[1]);
            }
            Polygon cell = GEOMETRY.createPolygon(ring);
            cells.add(cell.isValid() ? cell : cell.buffer(0));
        }
        return OverlayNGRobust.union(cells);
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
        return cells == null
                ? GEOMETRY.createPolygon()
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

    /**
     * In a ring tucked round, each piece lies under the next and the last under the first. Painted in order, the first
     * pieces must be painted once more, in the same order, where they lie over the last ones.
     */
    private static List<Drawing.Closing> closings(Geometry shape, double[] azimuths) {
        int n = azimuths.length;
        int reach = reach(shape, azimuths);
        List<Drawing.Closing> closings = new ArrayList<>();
        for (int k = 0; k < reach; k++) {
            double[] over = new double[reach - k];
            for (int j = 0; j < over.length; j++) {
                over[j] = round(Math.toDegrees(azimuths[n - reach + k + j]) % 360);
            }
            closings.add(new Drawing.Closing(round(Math.toDegrees(azimuths[k]) % 360), over));
        }
        return closings;
    }

    /** How many neighbours on one side a piece overlaps, less than half the ring. */
    private static int reach(Geometry shape, double[] azimuths) {
        int most = (azimuths.length - 1) / 2;
        int reach = 0;
        while (reach < most && shape.intersects(turned(shape, azimuths[reach + 1] - azimuths[0]))) {
            reach++;
        }
        return reach;
    }

    private static Geometry turned(Geometry shape, double azimuth) {
        return AffineTransformation.rotationInstance(azimuth).transform(shape);
    }

    private Drawing.Section section() {
        SectionSolids solids = SectionSolids.of(form);
        List<Drawing.Profile> profiles = new ArrayList<>();
        double lowest = 0;
        double highest = 0;
        for (PlacedRing ring : form.rings()) {
            double[] z = ring.heightsMm();
            lowest = Math.min(lowest, z[0]);
            highest = Math.max(highest, z[1]);
            double below = -1;
            for (int i = 0; i < ring.azimuthsRad().length; i++) {
                if (ring.belowMm(i) != below) {
                    below = ring.belowMm(i);
                    profiles.add(profile(ring, below));
                }
            }
        }
        for (Part part : form.species().parts()) {
            for (Solid solid : form.solids(part)) {
                lowest = Math.min(lowest, solid.lowMm());
                highest = Math.max(highest, solid.topMm());
            }
        }
        double stemMm = form.species().hearts().stream()
                .filter(heart -> heart.wires() > 0)
                .mapToDouble(Heart::stemMm)
                .findFirst()
                .orElse(0);
        return new Drawing.Section(
                round(Math.min(lowest, -stemMm)),
                round(highest),
                profiles,
                solids.solids(),
                solids.strokes(),
                solids.rounds(),
                new Drawing.Stem(round(form.stemMm()), stemMm));
    }

    private Drawing.Profile profile(PlacedRing ring, double belowMm) {
        Pieces pieces = ring.part().pieces();
        Paste paste = form.paste();
        double[] midrib = midrib(ring);
        for (int i = 1; i < midrib.length; i += 2) {
            midrib[i] = round(midrib[i] - belowMm);
        }
        return new Drawing.Profile(
                ring.part().id(),
                round(pieces.making().thicknessAt(0, pieces.outline(), paste)),
                round(pieces.making().thicknessAt(1, pieces.outline(), paste)),
                midrib);
    }

    private static double[] midrib(PlacedRing ring) {
        double[] points = new double[2 * (PROFILE_POINTS + 1)];
        for (int i = 0; i <= PROFILE_POINTS; i++) {
            double from = ring.surface().startMm();
            double s = from + (ring.surface().outline().lengthMm() - from) * i / PROFILE_POINTS;
            points[2 * i] = round(ring.surface().radius(s));
            points[2 * i + 1] = round(ring.surface().height(s));
        }
        return points;
    }

    private static double[] flat(Coordinate[] closed) {
        double[] points = new double[2 * Math.max(0, closed.length - 1)];
        for (int i = 0; i + 1 < closed.length; i++) {
            points[2 * i] = round(closed[i].x);
            points[2 * i + 1] = round(closed[i].y);
        }
        return points;
    }

    /** Drawings are true to a hundredth of a millimetre. */
    static double round(double mm) {
        return Math.rint(mm * 100) / 100;
    }
}
