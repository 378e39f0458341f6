package org.crispwhorl.core.paste;

import java.util.List;
import java.util.stream.Collectors;
import org.crispwhorl.core.measure.Limits;
import org.crispwhorl.core.measure.Quantity;
import org.crispwhorl.core.measure.Text;
import org.crispwhorl.core.measure.Unit;

/**
 * One of the colours that strong paste is coloured with.
 *
 * @param parts of it against the others, by drops, pinches or the tip of a stick
 */
@Text(label = "colour of the master", means = "One of the colours that the strong paste is coloured with.")
public record MasterColour(
        @Text(label = "paste colour", shortest = 1, longest = 60, means = "As written on it.")
        String name,

        @Quantity(
                label = "parts",
                unit = Unit.COUNT,
                min = 1,
                max = 20,
                usual = 1,
                means = "Of it against the other colours, by drops or pinches.")
        int parts) {
    public MasterColour {
        Limits.check(MasterColour.class, name, parts);
    }

    /** Several as a recipe: <em>2 parts moss, 1 part brown</em>; one alone by its name. */
    public static String told(List<MasterColour> colours) {
        return colours.size() == 1
                ? colours.get(0).name()
                : colours.stream()
                        .map(c -> c.parts() + (c.parts() == 1 ? " part " : " parts ") + c.name())
                        .collect(Collectors.joining(", "));
    }
}
