package org.crispwhorl.core.study;

import org.crispwhorl.core.measure.Limits;
import org.crispwhorl.core.measure.Quantity;
import org.crispwhorl.core.measure.Text;
import org.crispwhorl.core.measure.Unit;

/** Petals of one size, measured lying flat. */
@Text(label = "measured petals", means = "Petals of one size, measured lying flat.")
public record MeasuredPetals(
        @Quantity(
                label = "count",
                unit = Unit.COUNT,
                min = 1,
                max = 200,
                usual = 5,
                means = "How many there are of this size; 1 for a petal measured alone.")
        int count,

        @Quantity(
                label = "length",
                unit = Unit.MM,
                min = 2,
                max = 500,
                usual = 30,
                means = "From base to tip, pressed flat.")
        double lengthMm,

        @Quantity(label = "width", unit = Unit.MM, min = 1, max = 500, usual = 24, means = "The greatest width.")
        double widthMm,

        @Quantity(
                label = "widest at",
                unit = Unit.NONE,
                min = 0.05,
                max = 0.95,
                step = 0.02,
                usual = 0.6,
                means = "Where the greatest width lies, as a share of the length from the base.")
        double widest,

        @Text(label = "note", longest = 200, means = "Colour, edge, whatever helps.")
        String note) {
    public MeasuredPetals {
        Limits.check(MeasuredPetals.class, count, lengthMm, widthMm, widest, note);
    }

    /** How far two sizes differ, as the greatest of their shares. */
    double differs(MeasuredPetals other) {
        return Math.max(
                Math.abs(Math.log(lengthMm / other.lengthMm)),
                Math.max(Math.abs(Math.log(widthMm / other.widthMm)), Math.abs(widest - other.widest) / 2));
    }

    /** Both together, at the mean of their sizes. */
    MeasuredPetals with(MeasuredPetals other) {
        int all = count + other.count;
        double own = (double) count / all;
        return new MeasuredPetals(
                all,
                own * lengthMm + (1 - own) * other.lengthMm,
                own * widthMm + (1 - own) * other.widthMm,
                own * widest + (1 - own) * other.widest,
                note.isEmpty() ? other.note : note);
    }
}
