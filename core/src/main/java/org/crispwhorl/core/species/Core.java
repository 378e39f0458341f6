package org.crispwhorl.core.species;

/**
 * What a part fills the middle of a flower with.
 *
 * @param fillsMm greatest radius of what fills the middle
 * @param girthMm radius at which petals that are glued to it begin
 */
public record Core(double fillsMm, double girthMm) {
    /** Nothing in the middle. */
    public static final Core NONE = new Core(0, 0);
}
