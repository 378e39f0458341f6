package org.crispwhorl.core.price;

import java.util.List;

/**
 * The price of an order as it adds up: every sum in whole hundredths of the studio's money, so that it does so on paper too.
 *
 * @param lines each with what it rests on, the sums between them left out
 * @param total of all of them
 * @param each of one flower, of all kinds alike
 * @param deposit paid when it is promised
 * @param balance paid when it leaves
 * @param hours of working time
 * @param told where the hours go, in a sentence for whoever asks
 * @param unpriced materials of which the drawer knows no price: they are in no line
 * @param beside what other choices would cost
 */
public record PriceSheet(
        List<PriceLine> lines,
        double total,
        double each,
        double deposit,
        double balance,
        double hours,
        String told,
        List<String> unpriced,
        List<Beside> beside) {
    public PriceSheet {
        lines = List.copyOf(lines);
        unpriced = List.copyOf(unpriced);
        beside = List.copyOf(beside);
    }

    /** What a client is told that hands come to: what is put on hands and materials is spread over both. */
    public double asHours() {
        double hours = sum(PriceSort.HOURS);
        double bare = hours + sum(PriceSort.MATERIAL);
        return bare > 0 ? Pricing.payable(total * hours / bare) : total;
    }

    /** What a client is told that materials come to: all that hands do not. */
    public double asMaterials() {
        return Pricing.payable(Pricing.payable(total) - asHours());
    }

    private double sum(PriceSort sort) {
        return lines.stream()
                .filter(l -> l.sort() == sort)
                .mapToDouble(PriceLine::amount)
                .sum();
    }

    /** What a line is of. */
    public enum PriceSort {
        MATERIAL,
        HOURS,
        OVERHEAD,
        PROFIT,
        RUSH
    }

    /**
     * @param what in the maker's words
     * @param amount in the studio's money
     * @param how how it came to be
     */
    public record PriceLine(PriceSort sort, String what, double amount, String how) {}

    /**
     * Another choice beside this one.
     *
     * @param what is otherwise
     * @param total then
     * @param hours then
     */
    public record Beside(String what, double total, double hours) {}
}
