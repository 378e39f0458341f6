package org.crispwhorl.core.species;

/**
 * Things in a part that are not food.
 *
 * @param what in the maker's words, many of them
 * @param count in one flower
 */
public record NotFood(String what, int count) {}
