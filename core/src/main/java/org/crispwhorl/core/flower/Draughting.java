package org.crispwhorl.core.flower;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import org.crispwhorl.core.centre.StamenRing;
import org.crispwhorl.core.species.Heart;
import org.crispwhorl.core.species.Overlap;
import org.crispwhorl.core.species.Part;
import org.crispwhorl.core.species.Stamens;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.geom.util.AffineTransformation;
import org.locationtech.jts.operation.overlayng.OverlayNGRobust;

/** Draws a flower's face and section from its computed form. */
public final class Draughting {
    private static final GeometryFactory GEOMETRY = new GeometryFactory();
    private static final int POINTS_PER_SIDE = 18;
    private static final int PROFILE_POINTS = 16;

    private final FlowerForm form;

    private Draughting(FlowerForm form) {
        this.form = form;
    }

    public static Drawing of(FlowerForm form) {
        Draughting draughting = new Draughting(form);
        return new Drawing(draughting.face(), draughting.section());
    }

    /** Only the face, for small drawings. */
    public static Drawing.Face faceOf(FlowerForm form) {
        return new Draughting(form).face();
    }

    private Drawing.Face face() {
        List<Drawing.Ring> below = new ArrayList<>();
        List<Drawing.Ring> over = new ArrayList<>();
        List<Drawing.Gap> gaps = new ArrayList<>();
        for (PlacedRing ring : form.rings()) {
            double turnsIn = ring.surface().midrib().turnsInAt();
            if (turnsIn > 0) {
                lap(ring, Drawing.Lap.OUTGOING, 0, turnsIn).ifPresent(r -> below.add(0, r));
            }
            if (turnsIn < ring.surface().outline().lengthMm()) {
                lap(
                                ring,
                                Drawing.Lap.RETURNING,
                                turnsIn,
                                ring.surface().outline().lengthMm())
                        .ifPresent(over::add);
            }
            double gap = ring.gapMm();
            if (gap > PlacedRing.SEEN_MM && ring.part().pieces().overlap() != Overlap.APART) {
                gaps.add(new Drawing.Gap(
                        ring.part().id(),
                        round(ring.gapRadiusMm()),
                        round(Math.toDegrees(ring.gapAzimuthRad())),
                        round(gap)));
            }
        }
        List<Drawing.Ring> rings = new ArrayList<>(below);
        rings.addAll(over);
        List<Drawing.HeartDisc> discs = form.species().heart().stream()
                .map(h -> new Drawing.HeartDisc(h.id(), h.form().diameterMm() / 2))
                .toList();
        return new Drawing.Face(round(form.faceMm() / 2), rings, discs, heads(), gaps);
    }

    private java.util.Optional<Drawing.Ring> lap(PlacedRing ring, Drawing.Lap lap, double from, double to) {
        Geometry shape = planOf(ring.surface(), from, to);
        if (shape.isEmpty() || shape.getArea() < 0.01) {
            return java.util.Optional.empty();
        }
        int[] order = paintOrder(ring.part().pieces().overlap(), ring.azimuthsRad().length);
        double[] azimuths = IntStream.of(order)
                .mapToDouble(i -> round(Math.toDegrees(ring.azimuthsRad()[i]) % 360))
                .toArray();
        List<Drawing.Closing> closings =
                ring.part().pieces().overlap() == Overlap.TUCKED ? closings(shape, ring.azimuthsRad()) : List.of();
        return java.util.Optional.of(
                new Drawing.Ring(ring.part().id(), lap, flat(shape.getCoordinates()), azimuths, closings));
    }

    /** The order in which pieces are painted, undermost first. */
    private static int[] paintOrder(Overlap overlap, int n) {
        return switch (overlap) {
            case TUCKED, APART -> IntStream.range(0, n).toArray();
            case SUCCESSIVE -> IntStream.range(0, n).map(i -> n - 1 - i).toArray();
            case ALTERNATE ->
                IntStream.concat(
                                IntStream.range(0, n).filter(i -> i % 2 == 1),
                                IntStream.range(0, n).filter(i -> i % 2 == 0))
                        .toArray();
        };
    }

    /** The plan of a stretch of a surface: its boundary, where that does not fold over itself, else its cells joined. */
    private static Geometry planOf(PetalSurface surface, double from, double to) {
        double[][] outline = surface.outline().polygon(POINTS_PER_SIDE);
        double[][] clipped = clip(clip(outline, from, 1), to, -1);
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
        return polygon.isValid() ? polygon : largest(polygon.buffer(0));
    }

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

    /** Keeps the side of a station line (Sutherland and Hodgman's clipping by one half-plane). */
    private static double[][] clip(double[][] polygon, double station, int side) {
        List<double[]> kept = new ArrayList<>();
        for (int i = 0; i < polygon.length; i++) {
            double[] a = polygon[i];
            double[] b = polygon[(i + 1) % polygon.length];
            double da = side * (a[1] - station);
            double db = side * (b[1] - station);
            if (da >= 0) {
                kept.add(a);
            }
            if (da * db < 0) {
                double share = da / (da - db);
                kept.add(new double[] {a[0] + share * (b[0] - a[0]), station});
            }
        }
        return kept.toArray(double[][]::new);
    }

    /**
     * In a ring tucked round, each piece lies under the next and the last under the first. Painted in order, the first
     * pieces must be painted once more where they lie over the last ones, less what their next neighbours cover.
     */
    private static List<Drawing.Closing> closings(Geometry shape, double[] azimuths) {
        int n = azimuths.length;
        int reach = reach(shape, azimuths);
        List<Drawing.Closing> closings = new ArrayList<>();
        for (int k = 0; k < reach; k++) {
            Geometry own = turned(shape, azimuths[k]);
            Geometry over = null;
            for (int j = n - reach + k; j < n; j++) {
                Geometry last = turned(shape, azimuths[j]);
                over = over == null ? last : OverlayNGRobust.overlay(over, last, UNION);
            }
            Geometry closing = OverlayNGRobust.overlay(own, over, INTERSECTION);
            for (int l = 1; l <= reach && !closing.isEmpty(); l++) {
                closing = OverlayNGRobust.overlay(closing, turned(shape, azimuths[k + l]), DIFFERENCE);
            }
            Geometry piece = turned(largest(closing), -azimuths[k]);
            if (piece.getArea() > 0.01) {
                closings.add(
                        new Drawing.Closing(round(Math.toDegrees(azimuths[k]) % 360), flat(piece.getCoordinates())));
            }
        }
        return closings;
    }

    private static final int INTERSECTION = 1;
    private static final int UNION = 2;
    private static final int DIFFERENCE = 3;

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

    private List<Drawing.Heads> heads() {
        List<Drawing.Heads> all = new ArrayList<>();
        for (Part part : form.species().parts()) {
            if (part instanceof Stamens stamens) {
                StamenRing ring = new StamenRing(stamens);
                List<Double> places = new ArrayList<>();
                for (int row = stamens.rows() - 1; row >= 0; row--) {
                    int heads = ring.headsIn(row);
                    for (int i = 0; i < heads; i++) {
                        double turn = Arcs.TURN * (i + 0.5 * (row % 2)) / heads;
                        places.add(round(ring.rowRadiusMm(row) * Math.cos(turn)));
                        places.add(round(ring.rowRadiusMm(row) * Math.sin(turn)));
                    }
                }
                all.add(new Drawing.Heads(
                        stamens.id(),
                        stamens.headMm(),
                        places.stream().mapToDouble(d -> d).toArray()));
            }
        }
        return all;
    }

    private Drawing.Section section() {
        List<Drawing.Profile> profiles = new ArrayList<>();
        List<Drawing.Solid> solids = new ArrayList<>();
        List<Drawing.Threads> threads = new ArrayList<>();
        double lowest = 0;
        double highest = 0;
        for (PlacedRing ring : form.rings()) {
            double[] z = ring.heightsMm();
            lowest = Math.min(lowest, z[0]);
            highest = Math.max(highest, z[1]);
            profiles.add(new Drawing.Profile(
                    ring.part().id(), round(ring.part().pieces().thinning().finishedMm()), midrib(ring)));
        }
        double stemMm = 0;
        for (Part part : form.species().parts()) {
            if (part instanceof Heart heart) {
                highest = Math.max(highest, heart.form().heightMm());
                stemMm = heart.stemMm();
                solids.add(new Drawing.Solid(heart.id(), profile(heart)));
            } else if (part instanceof Stamens stamens) {
                highest = Math.max(highest, stamens.standMm() + stamens.headMm() / 2);
                threads.add(
                        new Drawing.Threads(stamens.id(), stamens.threadMm(), stamens.headMm(), threadLines(stamens)));
            }
        }
        return new Drawing.Section(
                round(Math.min(lowest, -stemMm)),
                round(highest),
                profiles,
                solids,
                threads,
                new Drawing.Stem(round(form.stemMm()), stemMm));
    }

    private static double[] midrib(PlacedRing ring) {
        double[] points = new double[2 * (PROFILE_POINTS + 1)];
        for (int i = 0; i <= PROFILE_POINTS; i++) {
            double s = ring.surface().outline().lengthMm() * i / PROFILE_POINTS;
            points[2 * i] = round(ring.surface().midrib().radius(s));
            points[2 * i + 1] = round(ring.surface().midrib().height(s));
        }
        return points;
    }

    private static double[] profile(Heart heart) {
        double[] points = new double[2 * (PROFILE_POINTS + 1)];
        for (int i = 0; i <= PROFILE_POINTS; i++) {
            double z = heart.form().heightMm() * (1 - Math.cos(Math.PI * i / PROFILE_POINTS)) / 2;
            points[2 * i] = round(heart.form().radiusAt(z));
            points[2 * i + 1] = round(z);
        }
        return points;
    }

    private double[] threadLines(Stamens stamens) {
        StamenRing ring = new StamenRing(stamens);
        double neck = ring.bundleMm() / 2;
        double[] lines = new double[4 * stamens.rows()];
        for (int row = 0; row < stamens.rows(); row++) {
            lines[4 * row] = round(neck);
            lines[4 * row + 2] = round(ring.rowRadiusMm(row));
            lines[4 * row + 3] = stamens.standMm();
        }
        return lines;
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
    private static double round(double mm) {
        return Math.rint(mm * 100) / 100;
    }
}
