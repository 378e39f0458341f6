package org.crispwhorl.core.species;

import org.crispwhorl.core.measure.Limits;
import org.crispwhorl.core.measure.Quantity;
import org.crispwhorl.core.measure.Unit;
import org.crispwhorl.core.measure.Words;
import org.crispwhorl.core.paste.Stage;

/** Colour that goes on after the paste is shaped: dust in passes, then paint in passes. */
@Words(label = "colour", means = "Colour that goes on after the paste is shaped.")
public record Colouring(
        @Quantity(
                label = "dust passes",
                unit = Unit.COUNT,
                min = 0,
                max = 6,
                usual = 1,
                means = "How many times dust is gone over each piece.")
        int dustPasses,

        @Quantity(
                label = "paint passes",
                unit = Unit.COUNT,
                min = 0,
                max = 6,
                usual = 0,
                means = "How many times each piece is painted or dry-brushed.")
        int paintPasses,

        @Words(label = "painted when", means = "The stage at which paint goes on.")
        Stage paintAt) {
    public static final Colouring NONE = new Colouring(0, 0, Stage.DRY);

    public Colouring {
        Limits.check(Colouring.class, dustPasses, paintPasses, paintAt);
    }

    /** Dust alone. */
    public static Colouring dust(int passes) {
        return new Colouring(passes, 0, Stage.DRY);
    }

    public Colouring withPaintAt(Stage stage) {
        return new Colouring(dustPasses, paintPasses, stage);
    }
}
