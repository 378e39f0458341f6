package org.crispwhorl.core.species;

import org.crispwhorl.core.measure.Limits;
import org.crispwhorl.core.measure.Quantity;
import org.crispwhorl.core.measure.Text;
import org.crispwhorl.core.measure.Unit;
import org.crispwhorl.core.outline.Outline;

/** A smaller petal glued on the base of each piece. */
@Text(label = "small petal on it", means = "A smaller petal glued on the base of each piece.")
public record Carried(
        @Text(label = "shade", pattern = Part.ID, means = "Id of its shade of paste.")
        String shade,

        @Quantity(label = "length", unit = Unit.MM, min = 1, max = 100, usual = 10, means = "From base to tip.")
        double lengthMm,

        @Quantity(label = "width", unit = Unit.MM, min = 1, max = 100, usual = 8, means = "Its greatest width.")
        double widthMm,

        @Quantity(
                label = "thickness",
                unit = Unit.MM,
                min = 0.2,
                max = 5,
                step = 0.1,
                usual = 0.6,
                means = "Of the small petal.")
        double thicknessMm) {
    private static final double WIDEST = 0.6;
    private static final double BASE = 0.4;
    private static final double TIP = 2;

    public Carried {
        Limits.check(Carried.class, shade, lengthMm, widthMm, thicknessMm);
    }

    /** Its outline: a round tip on a broad base. */
    public Outline outline() {
        return Outline.of(Math.max(2, lengthMm), widthMm, WIDEST, BASE, TIP);
    }

    /** Its paste, mm³. */
    public double volumeMm3() {
        return outline().areaMm2() * thicknessMm;
    }
}
