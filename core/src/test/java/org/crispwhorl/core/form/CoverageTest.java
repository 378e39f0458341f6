package org.crispwhorl.core.form;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.crispwhorl.core.Close;
import org.crispwhorl.core.Garden;
import org.crispwhorl.core.colour.Colouring;
import org.crispwhorl.core.species.Attachment;
import org.crispwhorl.core.species.Centre;
import org.crispwhorl.core.species.CentreForm;
import org.crispwhorl.core.species.FromBall;
import org.crispwhorl.core.species.Joining;
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
                .buffer(species.centre().map(h -> h.form().diameterMm() / 2).orElse(0.0), 64);
        for (int i = 0; i < unions.size(); i++) {
            String id = form.faceRings().get(i).part().id();
            double seen =
                    unions.get(i).difference(covered).getArea() / unions.get(i).getArea();
            assertEquals(coverage.seenFromAbove(id), seen, 0.02, id);
            covered = covered.union(unions.get(i));
        }
    }

    /** Two rings of soft petals laid round a cone, one on the other. */
    private static Species soft(double glued, double opens, double lean) {
        Pieces first = laid(5, 0.8, 0.95, 0, 2);
        Pieces second = laid(6, glued, opens, lean, 0);
        return Garden.species(60, CENTRE, Garden.ring("first", first), Garden.ring("second", second));
    }

    private static Pieces laid(int count, double glued, double opens, double lean, double reach) {
        return Garden.petals(count, 30, 28, lean).with(d -> {
            d.attachment = new Attachment.Glued(glued, opens, Optional.of(new Attachment.Glued.Reach(reach)));
            d.former = Optional.empty();
            d.joining = Joining.of(Joining.As.SOFT, Joining.Onto.HOLDS);
        });
    }

    private static final Centre CENTRE = new Centre(
            "centre", "centre", Garden.PINK.id(), new CentreForm.Cone(14, 24), 20, 0, 1, 5, 100, Colouring.NONE);

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
            {Garden.changed(rose, "petals", p -> p.withMaking(new FromBall.Pulled(2, 0.5)))},
            {soft(0.6, 1, -10)},
            {soft(0.4, 0.6, 30)},
            {soft(0.1, 0.3, 85)}
        };
    }

    /** What a ray down and one up meet first, through meshes three times as fine, each triangle asked by itself. */
    @Test(dataProvider = "builds")
    public void whatIsSeenAgreesWithACountOfRaysWithinOnePoint(Species species) {
        FlowerForm form = Garden.form(species);
        Coverage coverage = Coverage.of(form);
        List<PlacedRing> rings = form.faceRings();
        List<double[][]> triangles = new ArrayList<>();
        List<Integer> owners = new ArrayList<>();
        for (int k = 0; k < rings.size(); k++) {
            PlacedRing.Piece piece = rings.get(k).piece(36, 9, form.paste());
            for (double azimuth : rings.get(k).azimuthsRad()) {
                for (int t = 0; t < piece.triangles().length; t += 3) {
                    double[][] corners = new double[3][];
                    for (int c = 0; c < 3; c++) {
                        double[] p = piece.points()[piece.triangles()[t + c]];
                        corners[c] = new double[] {
                            p[0] * Math.cos(azimuth) - p[1] * Math.sin(azimuth),
                            p[0] * Math.sin(azimuth) + p[1] * Math.cos(azimuth),
                            p[2]
                        };
                    }
                    triangles.add(corners);
                    owners.add(k);
                }
            }
        }
        double half = form.faceMm() / 2;
        int side = 110;
        int[] above = new int[rings.size()];
        int[] below = new int[rings.size()];
        int[] plan = new int[rings.size()];
        int face = 0;
        Random random = new Random(11);
        for (int i = 0; i < side * side; i++) {
            double x = half * (2 * (i % side + random.nextDouble()) / side - 1);
            double y = half * (2 * (i / side + random.nextDouble()) / side - 1);
            double[] centre = centre(species, Math.hypot(x, y));
            double high = centre[1];
            double low = centre[0];
            int top = -1;
            int bottom = -1;
            boolean[] met = new boolean[rings.size()];
            for (int t = 0; t < triangles.size(); t++) {
                double z = heightAt(triangles.get(t), x, y);
                if (Double.isNaN(z)) {
                    continue;
                }
                met[owners.get(t)] = true;
                top = z > high ? owners.get(t) : top;
                high = Math.max(high, z);
                bottom = z < low ? owners.get(t) : bottom;
                low = Math.min(low, z);
            }
            face += high > Double.NEGATIVE_INFINITY ? 1 : 0;
            for (int k = 0; k < met.length; k++) {
                plan[k] += met[k] ? 1 : 0;
                above[k] += top == k ? 1 : 0;
                below[k] += bottom == k ? 1 : 0;
            }
        }
        for (int k = 0; k < rings.size(); k++) {
            String id = rings.get(k).part().id();
            double ofFace = coverage.planMm2(id) / coverage.faceMm2();
            assertEquals(coverage.seenFromAbove(id) * ofFace, (double) above[k] / face, 0.01, id + " from above");
            assertEquals(coverage.seenFromBelow(id) * ofFace, (double) below[k] / face, 0.015, id + " from below");
            assertEquals(ofFace, (double) plan[k] / face, 0.015, id + " in plan");
        }
    }

    /** Height of a triangle over a point, found by the areas of the three triangles that it falls into; NaN beside it. */
    private static double heightAt(double[][] t, double x, double y) {
        double a = area(x, y, t[1], t[2]);
        double b = area(x, y, t[2], t[0]);
        double c = area(x, y, t[0], t[1]);
        boolean in = a >= 0 && b >= 0 && c >= 0 || a <= 0 && b <= 0 && c <= 0;
        double sum = a + b + c;
        return in && sum != 0 ? (a * t[0][2] + b * t[1][2] + c * t[2][2]) / sum : Double.NaN;
    }

    private static double area(double x, double y, double[] p, double[] q) {
        return (p[0] - x) * (q[1] - y) - (q[0] - x) * (p[1] - y);
    }

    /** The lowest and the highest point of a centre at a radius: {+∞, −∞} beside it. */
    private static double[] centre(Species species, double r) {
        double[] found = {Double.POSITIVE_INFINITY, Double.NEGATIVE_INFINITY};
        species.centre().ifPresent(centre -> {
            for (int i = 0; i <= 200; i++) {
                double z = centre.form().heightMm() * i / 200;
                if (centre.form().radiusAt(z) >= r) {
                    found[0] = Math.min(found[0], centre.onStemMm() + z);
                    found[1] = Math.max(found[1], centre.onStemMm() + z);
                }
            }
        });
        return found;
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
        assertTrue(form.ring("outer").orElseThrow().surface().turns().length > 0);
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
