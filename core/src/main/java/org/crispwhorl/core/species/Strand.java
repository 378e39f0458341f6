package org.crispwhorl.core.species;

import java.util.List;

/**
 * What a part puts on the stem.
 *
 * @param wiresMm diameters of its wires that run down the stem
 * @param threadsMm diameters of its threads
 * @param taped whether tape goes on with it
 * @param downMm how far down the stem its tape goes
 */
public record Strand(List<Double> wiresMm, List<Double> threadsMm, boolean taped, double downMm) {
    /** Nothing on the stem. */
    public static final Strand NONE = new Strand(List.of(), List.of(), false, 0);

    /** Threads and stamens are bound over this length, mm. */
    static final double BINDING_MM = 10;

    public Strand {
        wiresMm = List.copyOf(wiresMm);
        threadsMm = List.copyOf(threadsMm);
    }
}
