package org.crispwhorl.core.species;

import java.util.List;
import org.crispwhorl.core.solid.Solid;

/**
 * What a part fills the middle of a flower with.
 *
 * @param fillsMm greatest radius of what fills the middle
 * @param outsides its outside, on which petals are laid
 */
public record Core(double fillsMm, List<Solid.Turned> outsides) {
    /** Nothing in the middle. */
    public static final Core NONE = new Core(0, List.of());

    public Core {
        outsides = List.copyOf(outsides);
    }
}
