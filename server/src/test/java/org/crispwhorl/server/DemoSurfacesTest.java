package org.crispwhorl.server;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import org.crispwhorl.core.assessment.Assessment;
import org.crispwhorl.core.drawing.Draughting;
import org.crispwhorl.core.drawing.Drawing;
import org.crispwhorl.core.drawing.FlowerSurfaces;
import org.crispwhorl.core.drawing.Mesh;
import org.crispwhorl.core.form.FlowerForm;
import org.crispwhorl.core.form.HuggingPetal;
import org.crispwhorl.core.form.PetalSurface;
import org.crispwhorl.core.species.Edge;
import org.crispwhorl.core.species.Leaf;
import org.crispwhorl.core.species.Petaled;
import org.crispwhorl.core.species.Species;
import org.crispwhorl.core.studio.Conditions;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.util.AffineTransformation;
import org.locationtech.jts.operation.overlayng.OverlayNGRobust;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** The surfaces of every demo species against what was reckoned and what is drawn of them. */
public class DemoSurfacesTest {
    private static final GeometryFactory PLANE = new GeometryFactory();
    private static final double WITHIN_MM = 1;

    @DataProvider
    Object[][] demos() {
        return Api.demos().stream()
                .map(species -> new Object[] {species.name(), species})
                .toArray(Object[][]::new);
    }

    private static Mesh mesh(List<Mesh> meshes, String partId) {
        return meshes.stream()
                .filter(m -> m.partId().equals(partId))
                .findFirst()
                .orElseThrow();
    }

    /** A frill is longer than the edge that it stands on, by what the edge was thinned; without it the paste keeps its area. */
    @Test(dataProvider = "demos")
    public void surfacesHaveTheThinnedArea(String name, Species species) {
        Species smooth = species;
        for (Petaled part : species.petaled()) {
            Edge e = part.pieces().edge();
            smooth = smooth.with(part.with(
                    part.pieces().with(d -> d.edge = new Edge(e.bandMm(), e.toMm(), 0, e.turnedMm(), e.finish()))));
        }
        FlowerForm form = new Assessment(smooth, Conditions.USUAL).form();
        List<Mesh> meshes = FlowerSurfaces.of(form, FlowerSurfaces.Detail.FINE);
        for (Petaled part : smooth.petaled()) {
            PetalSurface surface = form.ring(part.id()).orElseThrow().surface();
            double want = part.pieces().count() * surface.flat(60, 20).areaMm2();
            // What is laid round the girth stands half a layer in and out with its edges.
            double within = surface instanceof HuggingPetal ? 0.15 : 0.01;
            assertEquals(mesh(meshes, part.id()).areaMm2() / want, 1, within, name + ", " + part.id());
        }
    }

    /** Each piece as it is drawn on the face, and its surface seen from straight above, lie within a millimetre of each other. */
    @Test(dataProvider = "demos")
    public void theFaceIsTheSurfacesSeenFromAbove(String name, Species species) {
        FlowerForm form = new Assessment(species, Conditions.USUAL).form();
        Drawing.Face face = Draughting.faceOf(form);
        List<Mesh> meshes = FlowerSurfaces.of(form, FlowerSurfaces.Detail.FINE);
        for (Petaled part : species.petaled()) {
            if (part instanceof Leaf) {
                continue;
            }
            List<Drawing.DrawnRing> laps = face.rings().stream()
                    .filter(r -> r.partId().equals(part.id()))
                    .toList();
            List<Geometry> drawn = new ArrayList<>();
            laps.forEach(lap -> drawn.add(polygon(lap.outline())));
            Geometry face0 = OverlayNGRobust.union(drawn);
            Geometry seen = plan(mesh(meshes, part.id()), part.pieces().count());
            boolean laid = form.ring(part.id()).orElseThrow().surface() instanceof HuggingPetal;
            // Near the axis what is laid lies round on itself, under all that is seen.
            double beside = laid ? UNSEEN * form.ring(part.id()).orElseThrow().outerMm() : 0;
            double off = Arrays.stream(laps.get(0).azimuths())
                    .map(a -> apart(
                            face0,
                            AffineTransformation.rotationInstance(-Math.toRadians(a))
                                    .transform(seen),
                            beside))
                    .min()
                    .orElseThrow();
            boolean torn = part.pieces().edge().finish() == Edge.Finish.TORN;
            double within = (laid ? LAID_MM : WITHIN_MM) + (torn ? NICK_MM : 0);
            assertTrue(off <= within, name + ", " + part.id() + ": " + off + " mm apart");
        }
    }

    /** Frilled pieces that are laid round something stand off their edge a little farther, mm. */
    private static final double LAID_MM = 1.4;

    /** A torn edge is torn in the drawing alone: its nicks are so deep at most, mm. */
    private static final double NICK_MM = 0.9;

    /** How far the farthest point of either lies from the other, mm. */
    private static double apart(Geometry a, Geometry b, double besideMm) {
        return Math.max(beyond(a, b, besideMm), beyond(b, a, besideMm));
    }

    private static double beyond(Geometry a, Geometry b, double besideMm) {
        double most = 0;
        for (Coordinate c : a.getCoordinates()) {
            if (Math.hypot(c.x, c.y) >= besideMm) {
                most = Math.max(most, b.distance(PLANE.createPoint(c)));
            }
        }
        return most;
    }

    /** Share of its reach within which a laid piece is not looked at. */
    private static final double UNSEEN = 0.45;

    /** The first piece of a ring seen from straight above. */
    private static Geometry plan(Mesh mesh, int pieces) {
        List<Geometry> all = new ArrayList<>();
        int corners = mesh.triangles().length / 3 / pieces * 3;
        for (int t = 0; t < corners; t += 3) {
            Coordinate[] c = new Coordinate[4];
            for (int k = 0; k < 4; k++) {
                int p = 3 * mesh.triangles()[t + k % 3];
                c[k] = new Coordinate(mesh.points()[p], mesh.points()[p + 1]);
            }
            Geometry triangle = PLANE.createPolygon(c);
            if (triangle.getArea() > 1e-9) {
                all.add(triangle);
            }
        }
        return OverlayNGRobust.union(all);
    }

    private static Geometry polygon(double[] flat) {
        Coordinate[] ring = new Coordinate[flat.length / 2 + 1];
        for (int i = 0; i < ring.length; i++) {
            int at = 2 * (i % (ring.length - 1));
            ring[i] = new Coordinate(flat[at], flat[at + 1]);
        }
        return PLANE.createPolygon(ring).buffer(0);
    }
}
