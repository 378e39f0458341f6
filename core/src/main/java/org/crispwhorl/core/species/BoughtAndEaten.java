package org.crispwhorl.core.species;

import java.util.List;

/** What is asked of a part where things are bought for it, and where somebody may eat it. */
public interface BoughtAndEaten {
    /** Bought strands in it. */
    default int boughtStrands() {
        return 0;
    }

    /** What is bought ready-made for it; wires, tape and bought strands have lists of their own. */
    default List<Bought> bought() {
        return List.of();
    }

    /** What in it is not food, its wires left out. */
    List<NotFood> notFood();

    /** Allergens that it brings, in words. */
    List<String> allergens(BuildContext made);
}
