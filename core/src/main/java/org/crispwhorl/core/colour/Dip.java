package org.crispwhorl.core.colour;

import org.crispwhorl.core.measure.Limits;
import org.crispwhorl.core.measure.Quantity;
import org.crispwhorl.core.measure.Text;
import org.crispwhorl.core.measure.Unit;

/** What the brush takes of one colour. */
@Text(label = "of a colour", means = "What the brush takes of one colour.")
public record Dip(
        @Text(
                label = "name",
                shortest = 1,
                longest = 60,
                means = "As written on it, so that it is found in the drawer.")
        String name,

        @Text(label = "swatch", pattern = "#[0-9a-f]{6}", means = "sRGB colour where it lies thick.")
        String swatch,

        @Text(label = "form") ColourForm form,

        @Quantity(
                label = "parts",
                unit = Unit.NONE,
                min = 0.1,
                max = 20,
                step = 0.5,
                usual = 1,
                means = "Parts of it in the mixture.")
        double parts) {
    public Dip {
        Limits.check(Dip.class, name, swatch, form, parts);
    }

    /** One part of a dust. */
    public static Dip dust(String name, String swatch) {
        return new Dip(name, swatch, ColourForm.DUST, 1);
    }
}
