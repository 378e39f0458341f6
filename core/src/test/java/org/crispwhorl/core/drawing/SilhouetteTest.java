package org.crispwhorl.core.drawing;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.operation.overlayng.OverlayNGRobust;
import org.testng.annotations.Test;

public class SilhouetteTest {
    @Test
    public void aWheelIsOutlinedAndItsMiddleClosed() {
        List<double[]> triangles = new ArrayList<>();
        int n = 40;
        for (int i = 0; i < n; i++) {
            double[] a = at(10, i, n);
            double[] b = at(10, i + 1, n);
            double[] c = at(4, i, n);
            double[] d = at(4, i + 1, n);
            triangles.addAll(List.of(a, b, c, b, d, c));
        }
        Polygon round = Silhouette.of(triangles);
        assertEquals(round.getArea(), Math.PI * 100, 3);
        assertEquals(round.getNumInteriorRing(), 0);
        assertTrue(round.isValid());
    }

    /** Beside the union of the same triangles, worked out by overlay. */
    @Test
    public void itIsTheUnionOfWhatFoldsOverItself() {
        Random random = new Random(5);
        for (int k = 0; k < 40; k++) {
            List<double[]> triangles = new ArrayList<>();
            List<Geometry> all = new ArrayList<>();
            for (int i = 0; i < 12; i++) {
                double[] a = at(12 + 10 * random.nextDouble(), 1, 1 + random.nextInt(30));
                double[] b = at(12 + 10 * random.nextDouble(), 1, 1 + random.nextInt(30));
                double[] beyond = {-(a[0] + b[0]) / 2, -(a[1] + b[1]) / 2 - 5};
                triangles.addAll(List.of(beyond, a, b));
                all.add(triangle(beyond, a, b));
            }
            Polygon outline = Silhouette.of(triangles);
            Geometry union = OverlayNGRobust.union(all);
            Polygon filled = new GeometryFactory()
                    .createPolygon(
                            ((Polygon) union.getGeometryN(0)).getExteriorRing().getCoordinates());
            double off = outline.symDifference(filled).getArea();
            assertTrue(off < 0.03 * filled.getArea() + 0.2 * filled.getLength(), "off by " + off + " mm²");
        }
    }

    @Test
    public void nothingHasNoOutline() {
        assertTrue(Silhouette.of(List.of()).isEmpty());
        double[] point = {3, 3};
        assertTrue(Silhouette.of(List.of(point, point, point)).isEmpty());
    }

    private static double[] at(double radius, int i, int n) {
        double azimuth = 2 * Math.PI * i / n;
        return new double[] {radius * Math.cos(azimuth), radius * Math.sin(azimuth)};
    }

    private static Polygon triangle(double[] a, double[] b, double[] c) {
        return new GeometryFactory().createPolygon(new Coordinate[] {
            new Coordinate(a[0], a[1]),
            new Coordinate(b[0], b[1]),
            new Coordinate(c[0], c[1]),
            new Coordinate(a[0], a[1])
        });
    }
}
