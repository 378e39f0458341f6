package org.crispwhorl.core.drawer;

/** What orders use up: counted, measured or weighed. */
public interface UsedUp extends Counted {
    /** How much there is, in its own count, metres or grams. */
    double amount();

    /**
     * The same with another amount.
     *
     * @param amount in its own count, metres or grams, at least 0
     * @param changed what is gone of it and what has come beside the amount
     */
    DrawerItem holding(double amount, Stock.Taken changed);

    @Override
    default String howMuch() {
        return Long.toString(Math.round(amount()));
    }
}
