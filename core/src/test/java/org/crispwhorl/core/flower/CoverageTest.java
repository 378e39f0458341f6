package org.crispwhorl.core.flower;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.crispwhorl.core.Close;
import org.crispwhorl.core.Garden;
import org.crispwhorl.core.species.Overlap;
import org.crispwhorl.core.species.Pieces;
import org.crispwhorl.core.species.Place;
import org.crispwhorl.core.species.Species;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
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
        FlowerForm form = FlowerForm.of(species);
        Coverage coverage = Coverage.of(form);
        List<Geometry> unions = unions(form);
        for (int i = 0; i < unions.size(); i++) {
            String id = form.faceRings().get(i).part().id();
            Close.within(0.015, coverage.planMm2(id), unions.get(i).getArea());
        }
    }

    @Test(dataProvider = "flowers")
    public void whatIsSeenFromAboveAgreesWithDifferencesOfPolygons(Species species) {
        FlowerForm form = FlowerForm.of(species);
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

    @Test(dataProvider = "flowers")
    public void theWholeFaceAgreesWithACountOfRandomPoints(Species species) {
        FlowerForm form = FlowerForm.of(species);
        double half = form.faceMm() / 2;
        Geometry heart = GEOMETRY.createPoint(new Coordinate(0, 0))
                .buffer(species.heart().map(h -> h.form().diameterMm() / 2).orElse(0.0), 64);
        Geometry face = heart;
        for (Geometry union : unions(form)) {
            face = face.union(union);
        }
        var prepared = org.locationtech.jts.geom.prep.PreparedGeometryFactory.prepare(face);
        Random random = new Random(11);
        int points = 60_000;
        int inside = 0;
        for (int i = 0; i < points; i++) {
            double x = half * (2 * random.nextDouble() - 1);
            double y = half * (2 * random.nextDouble() - 1);
            inside += prepared.contains(GEOMETRY.createPoint(new Coordinate(x, y))) ? 1 : 0;
        }
        double counted = 4 * half * half * inside / points;
        Close.within(0.02, Coverage.of(form).faceMm2(), counted);
    }

    @Test(dataProvider = "flowers")
    public void sharesLieBetweenNothingAndAll(Species species) {
        Coverage coverage = Coverage.of(FlowerForm.of(species));
        for (var part : species.petaled()) {
            assertTrue(coverage.seenFromAbove(part.id()) >= 0 && coverage.seenFromAbove(part.id()) <= 1 + 1e-9);
            assertTrue(coverage.seenFromBelow(part.id()) >= 0 && coverage.seenFromBelow(part.id()) <= 1 + 1e-9);
        }
    }

    @Test
    public void aSmallRingBehindALargerOneIsHidden() {
        Pieces large = Garden.petals(6, 30, 26, 85);
        Pieces small = Garden.petals(6, 12, 10, 85).withPlace(Place.of(Place.Rule.BEHIND));
        Coverage coverage = Coverage.of(
                FlowerForm.of(Garden.species(70, Garden.ring("large", large), Garden.ring("small", small))));
        assertTrue(coverage.seenFromAbove("small") < 0.02, "seen " + coverage.seenFromAbove("small"));
        assertTrue(coverage.seenFromBelow("small") > 0.98);
    }

    @Test
    public void aClosedOuterRingHidesTheInnerFromAbove() {
        Pieces inner = Garden.petals(4, 14, 10, 10);
        Pieces outer = Garden.petals(5, 30, 26, 8);
        FlowerForm form = FlowerForm.of(Garden.species(30, Garden.ring("inner", inner), Garden.ring("outer", outer)));
        assertTrue(form.ring("outer").orElseThrow().surface().midrib().turnsInAt() < 30);
        assertTrue(Coverage.of(form).seenFromAbove("outer") > 0.9);
    }

    @Test
    public void overlapOrderDoesNotChangeWhatTheRingCoversInAll() {
        Species tucked = Garden.species(70, Garden.ring("a", Garden.petals(6, 28, 26, 80)));
        Species alternate = Garden.changed(tucked, "a", p -> Garden.overlapping(p, Overlap.ALTERNATE));
        Close.within(
                1e-12,
                Coverage.of(FlowerForm.of(alternate)).planMm2("a"),
                Coverage.of(FlowerForm.of(tucked)).planMm2("a"));
    }
}
