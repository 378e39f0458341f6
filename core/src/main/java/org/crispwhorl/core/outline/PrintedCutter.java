package org.crispwhorl.core.outline;

import java.util.ArrayList;
import java.util.List;
import org.crispwhorl.core.measure.InvalidValue;
import org.crispwhorl.core.measure.Limits;
import org.crispwhorl.core.measure.Quantity;
import org.crispwhorl.core.measure.Text;
import org.crispwhorl.core.measure.Unit;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.LinearRing;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.geom.PrecisionModel;
import org.locationtech.jts.operation.buffer.BufferParameters;
import org.locationtech.jts.precision.GeometryPrecisionReducer;
import org.locationtech.jts.triangulate.polygon.PolygonTriangulator;

/**
 * A cutter to print: the outline as a sleeve that is open at both ends. Its inner face is the outline itself at every height;
 * its outer face steps outwards, from the blade at the cutting edge through the wall and the grip to the flange on top, so that
 * it prints standing on its flange without supports. The least thicknesses are those of the ranges: a thinner blade or wall does
 * not come out whole.
 */
@Text(label = "cutter to print", means = "A sleeve round the outline: blade, wall, grip and flange.")
public record PrintedCutter(
        @Quantity(
                label = "blade",
                unit = Unit.FINE_MM,
                min = 0.4,
                max = 2,
                step = 0.05,
                usual = 0.45,
                means = "Thickness of the cutting edge; no less than one line of the printer.")
        double bladeMm,

        @Quantity(
                label = "wall",
                unit = Unit.FINE_MM,
                min = 0.8,
                max = 4,
                step = 0.1,
                usual = 1.2,
                means = "Thickness of the wall; two lines of the printer at least.")
        double wallMm,

        @Quantity(
                label = "grip",
                unit = Unit.MM,
                min = 1,
                max = 8,
                step = 0.2,
                usual = 2.4,
                means = "Thickness of the band that the fingers hold.")
        double gripMm,

        @Quantity(
                label = "flange",
                unit = Unit.MM,
                min = 1.5,
                max = 15,
                step = 0.5,
                usual = 5,
                means = "Width of the rim on top, which the palm presses.")
        double flangeMm,

        @Quantity(
                label = "height",
                unit = Unit.MM,
                min = 10,
                max = 40,
                usual = 16,
                means = "From the cutting edge to the top.")
        double highMm) {
    /** A cutter as it is usually printed. */
    public static final PrintedCutter USUAL = new PrintedCutter(0.45, 1.2, 2.4, 5, 16);

    /** The blade reaches so far up, mm. */
    private static final double BLADE_HIGH_MM = 3;

    /** Height of the grip under the flange, and of the flange, mm. */
    private static final double GRIP_HIGH_MM = 4;

    private static final double FLANGE_HIGH_MM = 2;

    /** Corners are laid on a grid of a thousandth of a millimetre, so that single precision keeps them apart. */
    private static final PrecisionModel GRID = new PrecisionModel(1000);

    private static final GeometryFactory PLANE = new GeometryFactory(GRID);

    private static final int ROUND = 24;

    public PrintedCutter {
        Limits.check(PrintedCutter.class, bladeMm, wallMm, gripMm, flangeMm, highMm);
        if (!(bladeMm < wallMm && wallMm < gripMm && gripMm < flangeMm)) {
            throw new InvalidValue(
                    "wallMm", wallMm, "blade thinner than wall, wall thinner than grip, grip thinner than flange");
        }
    }

    /**
     * Its surface: rows of nine numbers, three corners of a triangle each, anticlockwise seen from outside; the cutting edge
     * lies at height 0.
     *
     * @throws InvalidValue where the outline is so narrow that nothing of it is left on a grid of 0.001 mm
     */
    public List<double[]> triangles(CutShape shape) {
        Polygon inner = onGrid(shape.polygon());
        double[] out = {bladeMm, wallMm, gripMm, flangeMm};
        double[] from = {0, BLADE_HIGH_MM, highMm - FLANGE_HIGH_MM - GRIP_HIGH_MM, highMm - FLANGE_HIGH_MM, highMm};
        List<double[]> all = new ArrayList<>();
        wall(all, inner.getExteriorRing(), 0, highMm, false);
        Polygon below = inner;
        for (int k = 0; k < out.length; k++) {
            Polygon outer = grown(inner, out[k]);
            wall(all, outer.getExteriorRing(), from[k], from[k + 1], true);
            face(all, outer, below, from[k], false);
            below = outer;
        }
        face(all, below, inner, highMm, true);
        return all;
    }

    private static Polygon onGrid(Polygon polygon) {
        Geometry reduced = new GeometryPrecisionReducer(GRID).reduce(polygon);
        if (!(reduced instanceof Polygon one) || one.isEmpty() || !one.isValid()) {
            throw new InvalidValue("outline", polygon.getArea() + " mm²", "an outline wide enough to print everywhere");
        }
        return PLANE.createPolygon(cleaned(one.getExteriorRing()).getCoordinates());
    }

    private static Polygon grown(Polygon inner, double by) {
        Geometry grown = inner.buffer(by, ROUND, BufferParameters.CAP_ROUND);
        Polygon outer = PLANE.createPolygon(((Polygon) grown).getExteriorRing().getCoordinates());
        return onGrid(outer);
    }

    /** Corners that fall together, or lie in line to within the grid, are one. */
    private static LinearRing cleaned(LinearRing ring) {
        List<Coordinate> kept = new ArrayList<>();
        for (Coordinate c : ring.getCoordinates()) {
            if (kept.isEmpty() || kept.get(kept.size() - 1).distance(c) > 0.002) {
                kept.add(c);
            }
        }
        while (kept.size() > 3 && kept.get(0).distance(kept.get(kept.size() - 1)) < 0.002) {
            kept.remove(kept.size() - 1);
        }
        kept.add(kept.get(0).copy());
        return PLANE.createLinearRing(kept.toArray(Coordinate[]::new));
    }

    /** A ring drawn upwards: outside is away from it, or, for the inner face, towards its middle. */
    private static void wall(List<double[]> all, LinearRing ring, double from, double to, boolean outside) {
        Coordinate[] c = ring.getCoordinates();
        boolean anticlockwise = org.locationtech.jts.algorithm.Orientation.isCCW(c);
        boolean forward = anticlockwise == outside;
        for (int i = 0; i + 1 < c.length; i++) {
            Coordinate a = forward ? c[i] : c[i + 1];
            Coordinate b = forward ? c[i + 1] : c[i];
            all.add(new double[] {a.x, a.y, from, b.x, b.y, from, b.x, b.y, to});
            all.add(new double[] {a.x, a.y, from, b.x, b.y, to, a.x, a.y, to});
        }
    }

    /** The flat between two rings, seen from above or from below. */
    private static void face(List<double[]> all, Polygon outer, Polygon inner, double high, boolean fromAbove) {
        Polygon flat = PLANE.createPolygon(
                outer.getExteriorRing(),
                new LinearRing[] {(LinearRing) inner.getExteriorRing().copy()});
        Geometry triangles = PolygonTriangulator.triangulate(flat);
        for (int i = 0; i < triangles.getNumGeometries(); i++) {
            Coordinate[] t = triangles.getGeometryN(i).getCoordinates();
            boolean turns = org.locationtech.jts.algorithm.Orientation.isCCW(t) == fromAbove;
            Coordinate b = turns ? t[1] : t[2];
            Coordinate c = turns ? t[2] : t[1];
            all.add(new double[] {t[0].x, t[0].y, high, b.x, b.y, high, c.x, c.y, high});
        }
    }
}
