package org.crispwhorl.core.thinning;

import org.crispwhorl.core.measure.Limits;
import org.crispwhorl.core.measure.Quantity;
import org.crispwhorl.core.measure.Text;
import org.crispwhorl.core.measure.Unit;
import org.crispwhorl.core.outline.Outline;

/** Thinning of a cut piece from the thickness at which it was rolled to its mean finished thickness; volume is conserved. */
@Text(label = "thickness", means = "How thick the paste is rolled, and how thick the finished piece is on the mean.")
public record Thinning(
        @Quantity(
                label = "rolled",
                unit = Unit.MM,
                min = 0.2,
                max = 12,
                step = 0.1,
                usual = 1.1,
                means = "Thickness of the sheet when the piece is cut.")
        double rolledMm,

        @Quantity(
                label = "finished",
                unit = Unit.MM,
                min = 0.15,
                max = 12,
                step = 0.05,
                usual = 0.7,
                means = "Mean thickness of the piece once it is thinned.")
        double finishedMm) {
    public Thinning {
        Limits.check(Thinning.class, rolledMm, finishedMm);
    }

    /** Factor by which lengths grow: √(t0/t1), since area × thickness stays the same. */
    public double growth() {
        return Math.sqrt(rolledMm / finishedMm);
    }

    /** Whether anything is thinned at all. */
    public boolean thins() {
        return finishedMm < rolledMm;
    }

    /** The same sheet thinned to another thickness; a thicker sheet where it is not as thick. */
    public Thinning to(double meanMm) {
        return new Thinning(Math.max(rolledMm, meanMm), meanMm);
    }

    /** The petal that a cutter gives after thinning. */
    public Outline petalFrom(Outline cutter) {
        return cutter.scaled(growth());
    }

    /** The cutter that a wanted petal asks for. */
    public Outline cutterFor(Outline petal) {
        return petal.scaled(1 / growth());
    }

    /**
     * The thickness gauge: what thickness was reached, read off the size that the petal has grown to.
     *
     * @param cutter outline as cut
     * @param measured outline as measured on the thinned petal
     * @return the thinning with its mean finished thickness t0·A0/A1
     */
    public static Thinning measured(double rolledMm, Outline cutter, Outline measured) {
        return new Thinning(rolledMm, rolledMm * cutter.areaMm2() / measured.areaMm2());
    }

    /** Volume of the piece in mm³, the same before and after. */
    public double volumeMm3(Outline cutter) {
        return cutter.areaMm2() * rolledMm;
    }
}
