package org.crispwhorl.core.form;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.crispwhorl.core.Garden;
import org.crispwhorl.core.species.Former;
import org.crispwhorl.core.species.Overlap;
import org.crispwhorl.core.species.Petaled;
import org.crispwhorl.core.species.Pieces;
import org.crispwhorl.core.species.Place;
import org.crispwhorl.core.species.Species;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class CrossingsTest {
    private static final int MOTIONS = 60;

    /** A sheet over 0 to 1 in both directions. */
    private interface Form {
        double[] at(double u, double v);
    }

    private static Sheet sheet(Form form, int n, double[][] motion) {
        double[][] points = new double[(n + 1) * (n + 1)][];
        int[] triangles = new int[6 * n * n];
        int t = 0;
        for (int i = 0; i <= n; i++) {
            for (int j = 0; j <= n; j++) {
                points[i * (n + 1) + j] = moved(form.at((double) i / n, (double) j / n), motion);
                if (i < n && j < n) {
                    int a = i * (n + 1) + j;
                    for (int corner : new int[] {a, a + n + 1, a + 1, a + 1, a + n + 1, a + n + 2}) {
                        triangles[t++] = corner;
                    }
                }
            }
        }
        return Sheet.of(points, triangles);
    }

    private static double[] moved(double[] p, double[][] m) {
        double[] q = new double[3];
        for (int k = 0; k < 3; k++) {
            q[k] = m[k][0] * p[0] + m[k][1] * p[1] + m[k][2] * p[2] + m[k][3];
        }
        return q;
    }

    /** A turn about a random axis (from a random unit quaternion) and a shift. */
    private static double[][] motion(Random random) {
        double[] q = new double[4];
        double sum = 0;
        for (int k = 0; k < 4; k++) {
            q[k] = random.nextGaussian();
            sum += q[k] * q[k];
        }
        double s = 2 / sum;
        double w = q[0];
        double x = q[1];
        double y = q[2];
        double z = q[3];
        return new double[][] {
            {1 - s * (y * y + z * z), s * (x * y - z * w), s * (x * z + y * w), 40 * random.nextDouble()},
            {s * (x * y + z * w), 1 - s * (x * x + z * z), s * (y * z - x * w), 40 * random.nextDouble()},
            {s * (x * z - y * w), s * (y * z + x * w), 1 - s * (x * x + y * y), 40 * random.nextDouble()}
        };
    }

    private static final Form FLAT = (u, v) -> new double[] {20 * u, 20 * v, 0};

    private static Form cylinder(double radius, double offset) {
        return (u, v) -> new double[] {
            offset + radius * Math.cos(2 * Math.PI * u), radius * Math.sin(2 * Math.PI * u), 20 * v - 10
        };
    }

    private static Form cap(double radius, double up) {
        return (u, v) -> {
            double x = 16 * (u - 0.5);
            double y = 16 * (v - 0.5);
            return new double[] {x, y, up - Math.sqrt(radius * radius - x * x - y * y)};
        };
    }

    /** Pairs of sheets of which it is known by their making whether they pass through each other. */
    @DataProvider
    Object[][] pairs() {
        double hair = 0.01;
        Form tilted = (u, v) -> new double[] {20 * u, 10 + 8 * (v - 0.5), 3 * (v - 0.5)};
        Form upright = (u, v) -> new double[] {3 + 9 * u, 9.3, 12 * v};
        return new Object[][] {
            {"a hair above", FLAT, (Form) (u, v) -> new double[] {20 * u, 20 * v, hair}, false},
            {"in one plane, overlapping", FLAT, (Form) (u, v) -> new double[] {5 + 20 * u, 7 + 20 * v, 0}, false},
            {"tilted through it", FLAT, tilted, true},
            {"standing off it by a hair", FLAT, (Form) (u, v) -> add(upright.at(u, v), hair), false},
            {"poking through it by a hair", FLAT, (Form) (u, v) -> add(upright.at(u, v), -hair), true},
            {"passing beside it by a hair", FLAT, beside(20 + hair), false},
            {"slitting its edge by a hair", FLAT, beside(20 - hair), true},
            {"one cylinder in another", cylinder(10, 0), cylinder(8, 0), false},
            {"one cylinder in another, aside", cylinder(10, 0), cylinder(8, 1.8), false},
            {"cylinders that cross", cylinder(10, 0), cylinder(8, 2.6), true},
            {"cylinders apart", cylinder(10, 0), cylinder(8, 18.2), false},
            {"cups nested", cap(20, 20), cap(20, 20 + 0.4), false},
            {"a tighter cup in a wider one", cap(30, 30), cap(12, 12 + 0.3), false},
            {"a wider cup in a tighter one crosses its rim", cap(12, 12), cap(30, 30 + 0.3), true},
        };
    }

    private static double[] add(double[] p, double up) {
        return new double[] {p[0], p[1], p[2] + up};
    }

    private static Form beside(double x) {
        return (u, v) -> new double[] {x + 10 * u, 6 + 3 * u, 12 * (v - 0.5)};
    }

    @Test(dataProvider = "pairs")
    public void crossingsAreFoundWithNoMissAndNoFalseAlarm(String name, Form a, Form b, boolean cross) {
        Random random = new Random(7);
        for (int k = 0; k < MOTIONS; k++) {
            double[][] motion = motion(random);
            int fineA = 13 + k % 9;
            int fineB = 16 - k % 7;
            Sheet one = sheet(a, Math.max(fineA, name.contains("cyl") ? 48 : 0), motion);
            Sheet two = sheet(b, Math.max(fineB, name.contains("cyl") ? 48 : 0), motion);
            assertEquals(one.meetsAlong(two) > 0, cross, name + ", motion " + k);
            assertEquals(two.meetsAlong(one) > 0, cross, name + ", motion " + k + ", the other way");
        }
    }

    /** Against the plain law: two triangles meet exactly where a side of one pierces the other. */
    @Test
    public void twoTrianglesMeetWhereASidePiercesTheOther() {
        Random random = new Random(23);
        int met = 0;
        for (int k = 0; k < 40_000; k++) {
            double[][] a = triangle(random);
            double[][] b = triangle(random);
            boolean pierced = pierced(a, b) || pierced(b, a);
            met += pierced ? 1 : 0;
            assertEquals(TriangleMeeting.along(a, b) > 0, pierced, "pair " + k);
        }
        assertTrue(met > 4_000 && met < 36_000, met + " of 40000 meet");
    }

    private static double[][] triangle(Random random) {
        double[][] t = new double[3][3];
        for (double[] corner : t) {
            for (int i = 0; i < 3; i++) {
                corner[i] = random.nextDouble();
            }
        }
        return t;
    }

    private static boolean pierced(double[][] by, double[][] t) {
        for (int k = 0; k < 3; k++) {
            double[] p = by[k];
            double[] q = by[(k + 1) % 3];
            boolean through = volume(p, t) * volume(q, t) < 0;
            double s0 = volume(p, new double[][] {q, t[0], t[1]});
            double s1 = volume(p, new double[][] {q, t[1], t[2]});
            double s2 = volume(p, new double[][] {q, t[2], t[0]});
            if (through && s0 * s1 > 0 && s1 * s2 > 0) {
                return true;
            }
        }
        return false;
    }

    /** Six times the volume between a point and a triangle, signed. */
    private static double volume(double[] p, double[][] t) {
        double[] a = TriangleMeeting.minus(t[0], p);
        double[] b = TriangleMeeting.minus(t[1], p);
        double[] c = TriangleMeeting.minus(t[2], p);
        return TriangleMeeting.dot(a, TriangleMeeting.cross(b, c));
    }

    @Test
    public void theDepthIsWhatSticksThrough() {
        Random random = new Random(3);
        for (double deep : new double[] {0.5, 1.5, 3}) {
            double[][] motion = motion(random);
            Sheet flat = sheet(FLAT, 20, motion);
            Sheet poking = sheet((u, v) -> new double[] {4 + 9 * u, 9.3, 12 * v - deep}, 12, motion);
            assertEquals(Crossings.depth(flat, poking), deep, 0.02);
            assertEquals(Crossings.depth(poking, flat), deep, 0.02);
            Sheet slitting = sheet((u, v) -> new double[] {20 - deep + 10 * u, 9.3, 12 * (v - 0.5)}, 12, motion);
            assertEquals(Crossings.depth(flat, slitting), deep, 0.02);
        }
    }

    private static Species flower(Petaled... rings) {
        Species rose = Garden.rose();
        List<org.crispwhorl.core.species.Part> parts = new java.util.ArrayList<>(
                rose.parts().stream().filter(p -> !(p instanceof Petaled)).toList());
        parts.addAll(List.of(rings));
        return rose.withParts(parts);
    }

    private static Pieces flat(int count, double length, double lean) {
        return Garden.flat(Garden.petals(count, length, 0.6 * length, lean)).with(d -> d.former = Optional.empty());
    }

    private static Pieces behind(Pieces pieces) {
        return pieces.with(d -> d.place = Place.of(Place.Rule.BEHIND));
    }

    /** Petals that curl over in a deep cup close through straight ones that stand before them. */
    @Test
    public void aRingThatCurlsOverPassesThroughTheStraightOneInsideIt() {
        Former deep = new Former("half-ball", 20, 20, Former.Side.CUPS_IN);
        Petaled inner = Garden.ring("inner", flat(4, 36, 50).with(d -> d.overlap = Overlap.APART));
        Petaled outer = Garden.ring("outer", behind(flat(5, 36, 16)).withFormer(Optional.of(deep)));
        List<Crossings.Crossing> told = Crossings.of(Garden.form(flower(inner, outer)));
        assertEquals(told.size(), 1, told.toString());
        assertEquals(told.get(0).innerId(), "inner");
        assertEquals(told.get(0).outerId(), "outer", told.toString());
        assertTrue(told.get(0).pairs() >= 5, told.toString());
        assertTrue(told.get(0).deepestMm() > Crossings.GIVES_WAY_MM, told.toString());
        FlowerForm form = Garden.form(flower(inner, outer));
        double clear = Crossings.clearing(form, "inner", "outer").orElseThrow();
        Petaled opened = outer.with(outer.pieces().withOpensDeg(clear));
        assertEquals(Crossings.of(Garden.form(flower(inner, opened))), List.of(), "at " + clear + "°");
        Petaled straight = Garden.ring("outer", behind(flat(5, 36, 80)));
        assertEquals(Crossings.of(Garden.form(flower(inner, straight))), List.of());
    }

    @Test
    public void petalsThatAreTuckedLieOnOneAnotherThoseThatShouldStandApartDoNot() {
        Pieces close = flat(8, 30, 60).with(d -> d.overlap = Overlap.TUCKED);
        assertEquals(Crossings.of(Garden.form(flower(Garden.ring("petals", close)))), List.of());
        Petaled apart = Garden.ring("petals", close.with(d -> d.overlap = Overlap.APART));
        List<Crossings.Crossing> told = Crossings.of(Garden.form(flower(apart)));
        assertEquals(told.size(), 1);
        assertEquals(told.get(0).pairs(), 8, "each with its neighbour");
        Petaled few = Garden.ring("petals", flat(3, 30, 85).with(d -> {
            d.overlap = Overlap.APART;
            d.place = Place.of(Place.Rule.FREE);
        }));
        assertEquals(Crossings.of(Garden.form(flower(few))), List.of());
    }
}
