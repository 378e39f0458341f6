package org.crispwhorl.core.drawer;

import java.util.List;

/** Takes from what the drawer holds, never below nothing, and puts back what was taken. */
public final class Stock {
    private Stock() {}

    /**
     * How one thing changed when an order took from it.
     *
     * @param amount taken, in the thing's own count, metres or grams
     * @param offcutsUsed offcuts that were cut up, mm
     * @param offcutsLeft offcuts that the cutting left, mm
     */
    public record Taken(double amount, List<Double> offcutsUsed, List<Double> offcutsLeft) {
        public Taken {
            offcutsUsed = List.copyOf(offcutsUsed);
            offcutsLeft = List.copyOf(offcutsLeft);
        }

        /** Plain counts, metres or grams. */
        public static Taken of(double amount) {
            return new Taken(amount, List.of(), List.of());
        }
    }

    /** The thing with an amount less; no less than nothing. */
    public static DrawerItem less(DrawerItem item, Taken taken) {
        return changed(item, -taken.amount(), taken);
    }

    /** The thing with what was taken put back into it. */
    public static DrawerItem back(DrawerItem item, Taken taken) {
        return changed(item, taken.amount(), new Taken(taken.amount(), taken.offcutsLeft(), taken.offcutsUsed()));
    }

    /** How much of it there is, in its own count, metres or grams; 0 for what is not used up. */
    public static double amount(DrawerItem item) {
        return item instanceof UsedUp used ? used.amount() : 0;
    }

    private static DrawerItem changed(DrawerItem item, double by, Taken changed) {
        return item instanceof UsedUp used ? used.holding(Math.max(0, used.amount() + by), changed) : item;
    }
}
