package org.crispwhorl.core.species;

import java.util.ArrayList;
import java.util.List;
import org.crispwhorl.core.measure.Limits;
import org.crispwhorl.core.measure.Quantity;
import org.crispwhorl.core.measure.Text;
import org.crispwhorl.core.measure.Unit;
import org.crispwhorl.core.solid.Scatter;
import org.crispwhorl.core.solid.Solid;
import org.crispwhorl.core.work.Operation;
import org.crispwhorl.core.work.Said;
import org.crispwhorl.core.work.Steps;
import org.crispwhorl.core.work.Use;

/** Slivers or threads of paste glued in rows round a cone. */
@Text(label = "slivers round a cone", means = "Slivers or threads glued in rows round a cone.")
public record SliverCone(
        @Quantity(
                label = "cone width",
                unit = Unit.MM,
                min = 2,
                max = 60,
                usual = 8,
                means = "Diameter of the cone's foot.")
        double coneMm,

        @Quantity(label = "height", unit = Unit.MM, min = 2, max = 100, usual = 14, means = "Of the cone.")
        double heightMm,

        @Quantity(
                label = "rows",
                unit = Unit.COUNT,
                min = 1,
                max = 12,
                usual = 3,
                means = "Rows of slivers, one above the other.")
        int rows,

        @Quantity(label = "in a row", unit = Unit.COUNT, min = 3, max = 80, usual = 16, means = "Slivers in one row.")
        int inARow,

        @Quantity(label = "sliver long", unit = Unit.MM, min = 2, max = 60, usual = 8, means = "Length of one sliver.")
        double sliverMm,

        @Quantity(
                label = "sliver thick",
                unit = Unit.MM,
                min = 0.3,
                max = 5,
                step = 0.1,
                usual = 1,
                means = "Thickness of one sliver, taken as round.")
        double thickMm)
        implements Uncoated {
    public SliverCone {
        Limits.check(SliverCone.class, coneMm, heightMm, rows, inARow, sliverMm, thickMm);
    }

    @Override
    public double diameterMm() {
        return coneMm + 2 * thickMm * rows;
    }

    private double sliversMm3() {
        return rows * inARow * Math.PI * thickMm * thickMm / 4 * sliverMm;
    }

    @Override
    public double volumeMm3() {
        return Math.PI * coneMm * coneMm * heightMm / 12 + sliversMm3();
    }

    @Override
    public double surfaceMm2() {
        return Math.PI * coneMm / 2 * (coneMm / 2 + Math.hypot(coneMm / 2, heightMm)) + 2 * sliversMm3() / thickMm;
    }

    @Override
    public int touches() {
        return rows * inARow;
    }

    @Override
    public double radiusAt(double z) {
        return z < 0 || z > heightMm ? 0 : coneMm / 2 * (1 - z / heightMm) + thickMm * rows * (1 - z / heightMm);
    }

    @Override
    public CentreForm resized(double newDiameterMm, double newHeightMm) {
        double cone = Math.max(2, newDiameterMm - 2 * thickMm * rows);
        return new SliverCone(cone, newHeightMm, rows, inARow, Math.min(sliverMm, newHeightMm), thickMm);
    }

    /** The cone, and every sliver on it from its foot to its tip. */
    @Override
    public List<Solid> solids(double onStemMm) {
        List<Solid> solids = new ArrayList<>(Uncoated.super.solids(onStemMm));
        for (int row = 0; row < rows; row++) {
            double outer = diameterMm() / 2 * (row + 1) / rows;
            double inner = Math.max(0, outer - sliverMm * coneMm / 2 / heightMm);
            double foot = onStemMm + heightMm * (1 - (row + 1.0) / rows);
            double top = Math.min(onStemMm + heightMm, foot + sliverMm);
            List<double[]> feet = Scatter.onCircle(inARow, outer, 0.5 * (row % 2), foot);
            List<double[]> tips = Scatter.onCircle(inARow, inner, 0.5 * (row % 2), top);
            for (int i = 0; i < inARow; i++) {
                solids.add(new Solid.Tube(List.of(feet.get(i), tips.get(i)), thickMm));
            }
        }
        return solids;
    }

    /** Slivers rolled one by one and glued on row by row. */
    @Override
    public Steps making() {
        return Steps.of(Operation.SHAPE, 1, "Roll a cone " + Said.mm(coneMm) + " wide, " + Said.mm(heightMm) + " high.")
                .and(
                        Operation.SLIVER,
                        (double) rows * inARow,
                        "Roll {n} slivers " + Said.mm(sliverMm) + " long, " + Said.thick(thickMm) + " thick; glue on "
                                + Said.many(rows, "row") + " of " + inARow + ", the lowest last, each in the gaps.")
                .using(Use.GLUE);
    }
}
