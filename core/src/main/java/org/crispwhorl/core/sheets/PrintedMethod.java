package org.crispwhorl.core.sheets;

import java.util.List;
import org.crispwhorl.core.drawer.Drawer;
import org.crispwhorl.core.species.Species;
import org.crispwhorl.core.studio.Conditions;

/**
 * How a species is made, from the first lump of paste to the flower in its box.
 *
 * @param title its name
 */
public record PrintedMethod(String title, List<Block> blocks) implements OfBlocks {
    public PrintedMethod {
        blocks = List.copyOf(blocks);
    }

    /** As a studio makes it, with what is in its drawer. */
    public static PrintedMethod of(Species species, Conditions conditions, Drawer drawer) {
        return new PrintedMethod(species.name(), Method.of(species, conditions, drawer));
    }
}
