package org.crispwhorl.core.species;

import java.util.List;

/** What is asked of a centre where it gets wet, where things are bought for it, and where somebody may eat it. */
public interface CentreContents {
    /** Whether steam or liquid leaves it as it is: a coat of crumb or pollen dissolves or stains. */
    boolean bearsSteam();

    /** Whether there is polystyrene in it, which is not food. */
    default boolean polystyrene() {
        return false;
    }

    /** What is bought ready-made for it. */
    default List<Bought> bought() {
        return List.of();
    }

    /** What in it is not food. */
    default List<NotFood> notFood() {
        return polystyrene() ? List.of(new NotFood("pieces of polystyrene", 1)) : List.of();
    }

    /** Allergens that its coat brings, in words. */
    List<String> allergens();

    /** Whether it is a bought core, which petals are glued to and cover. */
    default boolean core() {
        return polystyrene();
    }
}
