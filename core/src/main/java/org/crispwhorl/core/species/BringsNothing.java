package org.crispwhorl.core.species;

import java.util.List;

/** Brings no allergen of its own; what the medium and the colours bring is told of the whole flower. */
interface BringsNothing extends BoughtAndEaten {
    @Override
    default List<String> allergens(BuildContext made) {
        return List.of();
    }
}
