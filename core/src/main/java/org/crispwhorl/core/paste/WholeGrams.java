package org.crispwhorl.core.paste;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/** Grams as a kitchen scale weighs them, rounded so that the parts still add up to the whole. */
public final class WholeGrams {
    private WholeGrams() {}

    /**
     * Rounds parts to whole grams whose sum is the sum of the parts rounded up: enough is mixed, and the largest remainders
     * (Hamilton's method) take what is over.
     *
     * @param parts each 0 or more
     */
    public static List<Integer> of(List<Double> parts) {
        double sum = parts.stream().mapToDouble(d -> d).sum();
        int whole = (int) Math.ceil(sum - 1e-9);
        List<Integer> grams =
                new ArrayList<>(parts.stream().map(d -> (int) Math.floor(d)).toList());
        int left = whole - grams.stream().mapToInt(i -> i).sum();
        List<Integer> order = new ArrayList<>();
        for (int i = 0; i < parts.size(); i++) {
            order.add(i);
        }
        order.sort(Comparator.comparingDouble((Integer i) -> Math.floor(parts.get(i)) - parts.get(i)));
        for (int k = 0; k < left; k++) {
            int i = order.get(k % order.size());
            grams.set(i, grams.get(i) + 1);
        }
        return grams;
    }
}
