package org.crispwhorl.core.drawing;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.function.IntPredicate;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.crispwhorl.core.colour.Pass;
import org.crispwhorl.core.form.FlowerForm;
import org.crispwhorl.core.form.PetalSurface;
import org.crispwhorl.core.form.PlacedRing;
import org.crispwhorl.core.paste.MixingLaw;
import org.crispwhorl.core.paste.Paste;
import org.crispwhorl.core.solid.Solid;
import org.crispwhorl.core.species.Centre;
import org.crispwhorl.core.species.Edge;
import org.crispwhorl.core.species.Lining;
import org.crispwhorl.core.species.Overlap;
import org.crispwhorl.core.species.Part;
import org.crispwhorl.core.species.Pieces;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.util.AffineTransformation;

/** Draws a flower's face and section from its computed form. */
public final class Draughting {
    private static final GeometryFactory GEOMETRY = new GeometryFactory();
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

    /** Half of what is shown: the face, or of what has none, a spray, its leaves. */
    private static double shownMm(FlowerForm form) {
        return form.faceRings().isEmpty()
                ? Math.max(
                        form.faceMm() / 2,
                        form.rings().stream()
                                .mapToDouble(PlacedRing::outerMm)
                                .max()
                                .orElse(0))
                : form.faceMm() / 2;
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
                round(shownMm(form)),
                painted(laps),
                solids.discs(),
                solids.strokes(),
                solids.rounds(),
                gaps,
                BodyRamps.outwards(form));
    }

    /** A stretch of a ring's pieces that goes outwards or inwards all along, as it is seen and where it lies. */
    private record Lap(Drawing.DrawnRing ring, PaintOrder.Shape shape) {}

    /** All shapes by true height, those over the middle after those under it. */
    private List<Drawing.DrawnRing> painted(List<Lap> laps) {
        List<PaintOrder.Shape> shapes = new ArrayList<>();
        middle().ifPresent(shapes::add);
        int centres = shapes.size();
        laps.forEach(lap -> shapes.add(lap.shape()));
        List<Drawing.DrawnRing> rings = new ArrayList<>();
        boolean over = false;
        for (int at : PaintOrder.of(shapes)) {
            over |= at < centres;
            if (at >= centres) {
                Drawing.DrawnRing ring = laps.get(at - centres).ring();
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
            Geometry shape = PiecePlan.of(
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
                    new Drawing.DrawnRing(
                            ring.part().id(),
                            Drawing.Lap.UNDER,
                            Optional.of(small.shade()),
                            flat(shape.getCoordinates()),
                            azimuths,
                            List.of(),
                            Optional.empty(),
                            List.of(),
                            0),
                    new PaintOrder.Shape(
                            lies.fromMm(), lies.toMm(), r -> lies.heightAt().applyAsDouble(r) + ON_IT_MM, false));
        });
    }

    /** What is carried lies so far above what carries it, mm. */
    private static final double ON_IT_MM = 0.3;

    private Optional<Drawing.DrawnRing> lap(PlacedRing ring, double from, double to) {
        Pieces pieces = ring.part().pieces();
        PetalSurface surface = ring.surface();
        Geometry shape =
                PiecePlan.of(surface, from, to, pieces.edge(), pieces.finishedMm(form.paste()), pieces.count());
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
        String shade = back.orElse(ring.part().shade());
        Optional<Drawing.ColourGrid> tint = PieceTint.of(
                surface,
                ring.tinted(),
                MixingLaw.linear(form.species().shade(shade)),
                from,
                to,
                showsBack ? Pass.PieceSide.BACK : Pass.PieceSide.FACE);
        return Optional.of(new Drawing.DrawnRing(
                ring.part().id(),
                Drawing.Lap.UNDER,
                back,
                flat(shape.getCoordinates()),
                azimuths,
                closings,
                tint,
                Veins.seen(ring, from, to).stream().map(Draughting::rounded).toList(),
                Veins.broadMm(ring.part())));
    }

    private static double[] rounded(double[] line) {
        return Arrays.stream(line).map(Draughting::round).toArray();
    }

    /** The order in which pieces are painted, undermost first. */
    private static int[] paintOrder(Overlap overlap, int n) {
        return switch (overlap) {
            case TUCKED, APART -> IntStream.range(0, n).toArray();
            case PAIRS ->
                IntStream.range(0, n).map(i -> (i / 2 + i % 2 * (n / 2)) % n).toArray();
            case SUCCESSIVE -> IntStream.range(0, n).map(i -> n - 1 - i).toArray();
            case ALTERNATE -> insideLast(n, i -> i % 2 == 0);
            case TWO_FIRST -> insideLast(n, i -> i == 0 || i == 2);
        };
    }

    private static int[] insideLast(int n, IntPredicate inside) {
        return IntStream.concat(
                        IntStream.range(0, n).filter(inside.negate()),
                        IntStream.range(0, n).filter(inside))
                .toArray();
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
        double stemMm = form.species().centres().stream()
                .filter(centre -> centre.wires() > 0)
                .mapToDouble(Centre::stemMm)
                .findFirst()
                .orElse(0);
        return new Drawing.Section(
                round(Math.min(lowest, -stemMm)),
                round(highest),
                profiles,
                solids.solids(),
                Stream.concat(solids.strokes().stream(), hooks()).toList(),
                solids.rounds(),
                new Drawing.Stem(round(form.stemMm()), stemMm),
                BodyRamps.upwards(form));
    }

    /** The wire within each centre, with the hook that holds it: up on one side and back down on the other. */
    private Stream<Drawing.Stroke> hooks() {
        return form.species().centres().stream()
                .filter(centre -> centre.wires() > 0 && centre.hookMm() > 0)
                .map(centre -> {
                    double top = centre.onStemMm()
                            + Math.min(
                                    HOOKED_UP_TO * centre.form().heightMm(),
                                    centre.hookMm() + centre.form().heightMm() / 4);
                    double wide = Math.min(centre.hookMm() / 3, centre.form().diameterMm() / 4);
                    double down = Math.max(centre.onStemMm(), top - centre.hookMm());
                    return new Drawing.Stroke(
                            centre.id(), round(form.wireTable().diameterMm(centre.gauge())), new double[] {
                                0,
                                round(centre.onStemMm()),
                                0,
                                round(top),
                                round(wide),
                                round(top),
                                round(wide),
                                round(down)
                            });
                });
    }

    /** A hook ends below the top of its centre, so far up at most. */
    private static final double HOOKED_UP_TO = 0.8;

    private Drawing.Profile profile(PlacedRing ring, double belowMm) {
        Pieces pieces = ring.part().pieces();
        Paste paste = form.paste();
        double[] midrib = midrib(ring);
        for (int i = 1; i < midrib.length; i += 2) {
            midrib[i] = round(midrib[i] - belowMm);
        }
        double glue = pieces.attachment().gluedShare();
        return new Drawing.Profile(
                ring.part().id(),
                round(pieces.making().thicknessAt(0, pieces.outline(), paste)),
                round(pieces.making().thicknessAt(1, pieces.outline(), paste)),
                midrib,
                glue > 0 ? 1 + (int) Math.round(glue * PROFILE_POINTS) : 0);
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
