package org.crispwhorl.core.species;

import java.util.ArrayList;
import java.util.List;

/**
 * A head at a stage of opening, made from the full flower by rule: everything smaller by one share, only the inner rings,
 * each leaning out less, stamens only where it is open enough to show them.
 */
public final class OpenedHead {
    private OpenedHead() {}

    /** The full flower as one head: without what stands on the stem. */
    public static Species full(Species species) {
        return of(species, new Opening("full", 1, 1, MOST_RINGS, 1));
    }

    /**
     * The whole flower, stem and leaves included, with its rings opened by a share only: each leans out less.
     *
     * @param open 0 upright as in a bud, 1 as designed
     */
    public static Species leaning(Species species, double open) {
        List<Part> parts = new ArrayList<>();
        for (Part part : species.parts()) {
            parts.add(part.flat()
                    .filter(Petaled::ring)
                    .<Part>map(ring ->
                            ring.with(ring.pieces().withOpensDeg(ring.pieces().opensDeg() * open)))
                    .orElse(part));
        }
        return species.withParts(parts);
    }

    private static final int MOST_RINGS = 40;

    /** The head at a stage of opening, as a species of its own. */
    public static Species of(Species species, Opening opening) {
        double stalkMm =
                species.heads().map(heads -> heads.wireBelowMm(opening)).orElse(0.0);
        List<Part> parts = new ArrayList<>();
        int rings = 0;
        for (Part part : species.parts()) {
            rings += part.flat().filter(Petaled::ring).isPresent() ? 1 : 0;
            part.opened(opening, rings, stalkMm).ifPresent(parts::add);
        }
        return species.withParts(parts);
    }
}
