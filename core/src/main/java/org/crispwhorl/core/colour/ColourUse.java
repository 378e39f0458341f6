package org.crispwhorl.core.colour;

/**
 * How much of a colour lies on the pieces of a part.
 *
 * @param name as written on it
 * @param swatch sRGB {@code #rrggbb}
 * @param milligrams of the colour alone, without what it is let down with; an estimate by area and strength
 */
public record ColourUse(String name, String swatch, ColourForm form, double milligrams) {
    /** Another amount of the same colour. */
    public ColourUse of(double otherMilligrams) {
        return new ColourUse(name, swatch, form, otherMilligrams);
    }
}
