package org.crispwhorl.core.species;

/**
 * Things in a part that are not food.
 *
 * @param what in the maker's words, many of them
 * @param count in one flower
 */
public record NotFood(String what, int count) {
    /** How many of what, as it is told: one of them in the singular. */
    public String told() {
        return count + " " + (count == 1 ? what.replaceFirst("^(.*?\\w)s( of .*| on .*)?$", "$1$2") : what);
    }
}
