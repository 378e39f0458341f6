package org.crispwhorl.core.species;

import java.util.Optional;
import org.crispwhorl.core.measure.Figures;
import org.crispwhorl.core.outline.Outline;
import org.crispwhorl.core.paste.Paste;
import org.crispwhorl.core.thinning.Thinning;

/** Each piece cut by itself from a sheet and then thinned, so that it grows to its outline. */
sealed interface FromSheet extends Making permits Making.Sheet, ByHand {
    /** How it is thinned. */
    Thinning thinning();

    @Override
    default Optional<Thinning> thinned() {
        return Optional.of(thinning());
    }

    @Override
    default double finishedMiddleMm() {
        return 0;
    }

    @Override
    default boolean edible() {
        return true;
    }

    @Override
    default Optional<Making> thickened(Outline outline, double meanMm, Paste paste) {
        return Optional.of(withThinning(thinning().to(meanMm)));
    }

    @Override
    default void figures(Figures figures, Outline outline, int count, Paste paste) {
        // What it is cut from is told with its sizes.
    }

    @Override
    default Outline finished(Outline outline) {
        return thinning().petalFrom(outline);
    }

    @Override
    default double volumeMm3(Outline outline, int count, Paste paste) {
        return thinning().volumeMm3(outline);
    }

    @Override
    default double finishedMm(Outline outline, Paste paste) {
        return thinning().finishedMm();
    }

    @Override
    default double rolledMm() {
        return thinning().rolledMm();
    }
}
