package org.crispwhorl.core.colour;

import java.util.Optional;
import org.crispwhorl.core.measure.Text;

/** What a colour comes as. */
@Text(label = "form", means = "What a colour comes as.")
public enum ColourForm {
    @Text(label = "dust")
    DUST,
    @Text(label = "paste colour")
    PASTE,
    @Text(label = "liquid")
    LIQUID,
    @Text(label = "sugar crumb", means = "Coloured sugar: glued on; it runs where it gets wet.")
    CRUMB,
    @Text(label = "semolina", means = "Coloured semolina: glued on, as pollen. Contains gluten.")
    SEMOLINA,
    @Text(
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
