package org.crispwhorl.core.species;

import java.util.List;

/** A centre that shows its own paste, or what it was bought as: nothing of it runs where it gets wet, and it brings no allergen. */
public sealed interface Uncoated extends CentreForm
        permits CentreForm.Cone,
                CentreForm.Ball,
                CentreForm.Teardrop,
                Dome,
                Cluster,
                CoveredBall,
                CappedHalfBall,
                SliverCone,
                WoundFringe,
                TexturedHead,
                BoughtCore,
                BareStem {
    @Override
    default boolean bearsSteam() {
        return true;
    }

    @Override
    default CentreForm uncoated() {
        return this;
    }

    @Override
    default List<String> allergens() {
        return List.of();
    }
}
