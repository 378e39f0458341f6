package org.crispwhorl.core.form;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.crispwhorl.core.Close;
import org.crispwhorl.core.Garden;
import org.crispwhorl.core.species.Attachment;
import org.crispwhorl.core.species.FromBall;
import org.crispwhorl.core.species.Overlap;
import org.crispwhorl.core.species.Pieces;
import org.crispwhorl.core.species.Place;
import org.crispwhorl.core.species.Species;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.Point;
import org.locationtech.jts.geom.prep.PreparedGeometry;
import org.locationtech.jts.geom.prep.PreparedGeometryFactory;
import org.locationtech.jts.geom.util.AffineTransformation;
import org.locationtech.jts.operation.union.UnaryUnionOp;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class CoverageTest {
    private static final GeometryFactory GEOMETRY = new GeometryFactory();

    @DataProvider
    public Object[][] flowers() {
        return new Object[][] {
            {Garden.rose()},
            {
                Garden.species(
                        70,
                        Garden.ball(6),
                        Garden.ring("a", Garden.petals(5, 24, 20, 85)),
                        Garden.ring("b", Garden.petals(7, 30, 22, 95)))
            },
            {
                Garden.species(
                        70,
                        Garden.ring("a", Garden.flat(Garden.petals(3, 28, 10, 90))),
                        Garden.ring("b", Garden.flat(Garden.petals(4, 30, 9, 90))))
            }
        };
    }

    /** Outlines put on the plane by their own polygons and joined by an independent geometry library. */
    private static List<Geometry> unions(FlowerForm form) {
        List<Geometry> unions = new ArrayList<>();
        for (PlacedRing ring : form.faceRings()) {
            double[][] outline = ring.surface().outline().polygon(80);
            Coordinate[] shell = new Coordinate[outline.length + 1];
            for (int i = 0; i < outline.length; i++) {
                double[] p = ring.surface().point(outline[i][1], outline[i][0]);
                shell[i] = new Coordinate(p[0], p[1]);
            }
            shell[outline.length] = shell[0].copy();
            Geometry piece = GEOMETRY.createPolygon(shell);
            List<Geometry> turned = new ArrayList<>();
            for (double azimuth : ring.azimuthsRad()) {
                turned.add(AffineTransformation.rotationInstance(azimuth).transform(piece));
            }
            unions.add(UnaryUnionOp.union(turned));
        }
        return unions;
    }

    @Test(dataProvider = "flowers")
    public void thePlanOfEachRingAgreesWithTheUnionOfItsPolygons(Species species) {
        FlowerForm form = Garden.form(species);
        Coverage coverage = Coverage.of(form);
        List<Geometry> unions = unions(form);
        for (int i = 0; i < unions.size(); i++) {
            String id = form.faceRings().get(i).part().id();
            Close.within(0.015, coverage.planMm2(id), unions.get(i).getArea());
        }
    }

    @Test(dataProvider = "flowers")
    public void whatIsSeenFromAboveAgreesWithDifferencesOfPolygons(Species species) {
        FlowerForm form = Garden.form(species);
        Coverage coverage = Coverage.of(form);
        List<Geometry> unions = unions(form);
        Geometry covered = GEOMETRY.createPoint(new Coordinate(0, 0))
                .buffer(species.heart().map(h -> h.form().diameterMm() / 2).orElse(0.0), 64);
        for (int i = 0; i < unions.size(); i++) {
            String id = form.faceRings().get(i).part().id();
            double seen =
                    unions.get(i).difference(covered).getArea() / unions.get(i).getArea();
            assertEquals(coverage.seenFromAbove(id), seen, 0.02, id);
            covered = covered.union(unions.get(i));
        }
    }

    @DataProvider
    public Object[][] builds() {
        Species rose = Garden.rose();
        return new Object[][] {
            {rose},
            {Garden.bud()},
            {Garden.changed(rose, "petals", p -> p.with(d -> d.foldDeg = 70))},
            {Garden.changed(rose, "petals", p -> p.with(d -> d.quillDeg = 140))},
            {Garden.changed(rose, "petals", p -> p.withAttachment(new Attachment.Glued(0.3)))},
            {Garden.changed(rose, "petals", p -> p.withPlace(new Place(Place.Rule.SIDES_ALIKE, 75, 0)))},
            {Garden.changed(rose, "petals", p -> p.withMaking(new FromBall.Pulled(2, 0.5)))}
        };
    }

    /** The plan of all pieces of a ring between two stations, from their outlines and an independent geometry library. */
    private static PreparedGeometry plan(PlacedRing ring, double from, double to) {
        List<Geometry> pieces = new ArrayList<>();
        int rows = 60;
        int across = 24;
        double[] azimuths = ring.azimuthsRad();
        for (int i = 0; i < rows && to > from; i++) {
            double s0 = from + (to - from) * Math.sin(Math.PI / 2 * i / rows);
            double s1 = from + (to - from) * Math.sin(Math.PI / 2 * (i + 1) / rows);
            for (int j = -across; j < across; j++) {
                Geometry cell = cell(ring.surface(), s0, s1, (double) j / across, (j + 1.0) / across);
                if (cell.getArea() > 0) {
                    pieces.add(cell);
                }
            }
        }
        Geometry piece = UnaryUnionOp.union(pieces, GEOMETRY);
        List<Geometry> all = new ArrayList<>();
        for (double azimuth : azimuths) {
            all.add(AffineTransformation.rotationInstance(azimuth).transform(piece));
        }
        return PreparedGeometryFactory.prepare(UnaryUnionOp.union(all, GEOMETRY));
    }

    private static Geometry cell(PetalSurface surface, double s0, double s1, double v0, double v1) {
        double[][] corners = {{s0, v0}, {s0, v1}, {s1, v1}, {s1, v0}};
        List<Coordinate> points = new ArrayList<>();
        for (double[] corner : corners) {
            double v = corner[1] * surface.outline().halfWidthAt(corner[0]);
            double[] p = surface.point(surface.outline().notchedStation(corner[0], v), v);
            points.add(new Coordinate(p[0], p[1]));
        }
        return GEOMETRY.createMultiPointFromCoords(points.toArray(Coordinate[]::new))
                .convexHull();
    }

    /** Counts, point by point, what lies on top: returning pieces outer over inner, the heart, outgoing ones inner over outer. */
    @Test(dataProvider = "builds")
    public void whatIsSeenAgreesWithACountOfPointsWithinHalfAPercentOfTheFace(Species species) {
        FlowerForm form = Garden.form(species);
        Coverage coverage = Coverage.of(form);
        List<PlacedRing> rings = form.faceRings();
        int n = rings.size();
        List<PreparedGeometry> outgoing = new ArrayList<>();
        List<PreparedGeometry> returning = new ArrayList<>();
        for (PlacedRing ring : rings) {
            double turn = ring.surface().midrib().turnsInAt();
            outgoing.add(plan(ring, 0, turn));
            returning.add(plan(ring, turn, ring.surface().outline().lengthMm()));
        }
        double half = form.faceMm() / 2;
        int side = 360;
        double cell = 4 * half * half / side / side;
        double[] counted = new double[n];
        double face = 0;
        Random random = new Random(11);
        for (int i = 0; i < side * side; i++) {
            double x = half * (2 * (i % side + random.nextDouble()) / side - 1);
            double y = half * (2 * (i / side + random.nextDouble()) / side - 1);
            int top = top(GEOMETRY.createPoint(new Coordinate(x, y)), outgoing, returning, form.centreMm());
            face += top == NOTHING ? 0 : cell;
            if (top >= 0) {
                counted[top] += cell;
            }
        }
        double allowed = 0.005 * face;
        assertEquals(coverage.faceMm2(), face, allowed, "the whole face");
        for (int i = 0; i < n; i++) {
            String id = rings.get(i).part().id();
            assertEquals(coverage.seenFromAbove(id) * coverage.planMm2(id), counted[i], allowed, id);
        }
    }

    private static final int NOTHING = -2;
    private static final int HEART = -1;

    private static int top(
            Point at, List<PreparedGeometry> outgoing, List<PreparedGeometry> returning, double heartMm) {
        for (int i = returning.size() - 1; i >= 0; i--) {
            if (returning.get(i).contains(at)) {
                return i;
            }
        }
        if (Math.hypot(at.getX(), at.getY()) <= heartMm) {
            return HEART;
        }
        for (int i = 0; i < outgoing.size(); i++) {
            if (outgoing.get(i).contains(at)) {
                return i;
            }
        }
        return NOTHING;
    }

    @Test(dataProvider = "flowers")
    public void sharesLieBetweenNothingAndAll(Species species) {
        Coverage coverage = Coverage.of(Garden.form(species));
        for (var part : species.petaled()) {
            assertTrue(coverage.seenFromAbove(part.id()) >= 0 && coverage.seenFromAbove(part.id()) <= 1 + 1e-9);
            assertTrue(coverage.seenFromBelow(part.id()) >= 0 && coverage.seenFromBelow(part.id()) <= 1 + 1e-9);
        }
    }

    @Test
    public void aSmallRingBehindALargerOneIsHidden() {
        Pieces large = Garden.petals(6, 30, 26, 85);
        Pieces small = Garden.petals(6, 12, 10, 85).withPlace(Place.of(Place.Rule.BEHIND));
        Coverage coverage =
                Coverage.of(Garden.form(Garden.species(70, Garden.ring("large", large), Garden.ring("small", small))));
        assertTrue(coverage.seenFromAbove("small") < 0.02, "seen " + coverage.seenFromAbove("small"));
        assertTrue(coverage.seenFromBelow("small") > 0.98);
    }

    @Test
    public void aClosedOuterRingHidesTheInnerFromAbove() {
        Pieces inner = Garden.petals(4, 14, 10, 10);
        Pieces outer = Garden.petals(5, 30, 26, 8);
        FlowerForm form = Garden.form(Garden.species(30, Garden.ring("inner", inner), Garden.ring("outer", outer)));
        assertTrue(form.ring("outer").orElseThrow().surface().midrib().turnsInAt() < 30);
        assertTrue(Coverage.of(form).seenFromAbove("outer") > 0.9);
    }

    @Test
    public void overlapOrderDoesNotChangeWhatTheRingCoversInAll() {
        Species tucked = Garden.species(70, Garden.ring("a", Garden.petals(6, 28, 26, 80)));
        Species alternate = Garden.changed(tucked, "a", p -> Garden.overlapping(p, Overlap.ALTERNATE));
        Close.within(
                1e-12,
                Coverage.of(Garden.form(alternate)).planMm2("a"),
                Coverage.of(Garden.form(tucked)).planMm2("a"));
    }
}
