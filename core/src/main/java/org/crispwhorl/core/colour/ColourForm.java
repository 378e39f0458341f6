package org.crispwhorl.core.colour;

import java.util.Optional;
import org.crispwhorl.core.measure.Words;

/** What a colour comes as. */
@Words(label = "form", means = "What a colour comes as.")
public enum ColourForm {
    @Words(label = "dust")
    DUST,
    @Words(label = "paste colour")
    PASTE,
    @Words(label = "liquid")
    LIQUID,
    @Words(label = "sugar crumb", means = "Coloured sugar: glued on; it runs where it gets wet.")
    CRUMB,
    @Words(label = "semolina", means = "Coloured semolina: glued on, as pollen. Contains gluten.")
    SEMOLINA,
    @Words(
            label = "gelatine",
            means = "Coloured gelatine grains: glued on, as pollen; of animal origin; they melt in steam.")
    GELATINE;

    /** The allergen, or what else has to be told, in words. */
    public Optional<String> allergen() {
        return switch (this) {
            case SEMOLINA -> Optional.of("gluten (semolina)");
            case GELATINE -> Optional.of("gelatine, of animal origin");
            default -> Optional.empty();
        };
    }
}
