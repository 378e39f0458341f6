package org.crispwhorl.core.species;

import org.crispwhorl.core.measure.Text;
import org.crispwhorl.core.measure.Unit;
import org.crispwhorl.core.work.Said;

/**
 * Things of one sort that are bought ready-made and put into a flower; wires, tape and stamens have lists of their own.
 *
 * @param of what they are
 * @param wideMm their width, mm; 0 where any will do
 * @param highMm their height, mm; 0 where it is as their width, or any will do
 * @param count in one flower
 */
public record Bought(BoughtSort of, double wideMm, double highMm, int count) {
    /** What is bought ready-made. */
    @Text(label = "of", means = "What is bought ready-made.")
    public enum BoughtSort {
        @Text(label = "sugar pearls")
        SUGAR_PEARLS,
        @Text(label = "pearls of glass or plastic", means = "Not food.")
        OTHER_PEARLS,
        @Text(label = "polystyrene balls", means = "Not food.")
        BALLS,
        @Text(label = "polystyrene eggs", means = "Not food.")
        EGGS,
        @Text(label = "polystyrene teardrops", means = "Not food.")
        TEARDROPS,
        @Text(label = "polystyrene cones", means = "Not food.")
        CONES,
        @Text(label = "food-safe skewers", means = "Not food.")
        SKEWERS,
        @Text(label = "strips of soft paper", means = "Rolled round a stem, under its tape; not food.")
        STRIPS,
        @Text(label = "pieces of foam", means = "Put in while rings dry, and counted out again.")
        FOAM,
        @Text(label = "pieces of kitchen paper", means = "Put in while rings dry, and counted out again.")
        PAPER,
        @Text(label = "tufts of cotton wool", means = "Put in while rings dry, and counted out again.")
        COTTON,
        @Text(label = "rings of card", means = "Put in while rings dry, and counted out again.")
        CARD;

        /** Whether they are taken out again before the flower leaves, and used for the next. */
        public boolean comesBack() {
            return this == FOAM || this == PAPER || this == COTTON || this == CARD;
        }
    }

    /** Sizes closer than this share are the same to a maker. */
    private static final double SAME_SIZE = 0.1;

    /** What it is called on a list, with its size. */
    public String label() {
        String name = Text.Labels.of(of);
        return wideMm == 0
                ? name
                : highMm == 0
                        ? name + ", " + Unit.MM.write(wideMm)
                        : name + ", " + Unit.MM.write(wideMm) + " × " + Unit.MM.write(highMm);
    }

    /** How many of what, as it is said; of a size where that matters. */
    public String told() {
        String many = Text.Labels.of(of);
        int split = many.indexOf(" of ");
        String name = split < 0 ? many : many.substring(0, split);
        String one = name.endsWith("s") ? name.substring(0, name.length() - 1) : name;
        return (count == 1 ? "1 " + one : count + " " + name)
                + (split < 0 ? "" : many.substring(split))
                + (wideMm > 0 ? ", " + Said.mm(wideMm) : "");
    }

    /** Whether what the drawer has of a size will do for it. */
    public boolean servedBy(BoughtSort sort, double ownWideMm, double ownHighMm) {
        return sort == of && near(wideMm, ownWideMm) && near(highMm, ownHighMm);
    }

    private static boolean near(double wanted, double own) {
        return wanted == 0 || own == 0 || Math.abs(own / wanted - 1) <= SAME_SIZE;
    }
}
