package org.crispwhorl.core.drawer;

/** What is used again and again: some of it may be on loan, or worn out. */
public interface Tool extends Counted {
    /** How many the studio has, those that are away included; 0 is one that could be bought. */
    int count();

    /** How many of them are on loan. */
    int lent();

    /** How many of them are worn out. */
    int worn();

    /** How many can be used today; never fewer than none. */
    default int here() {
        return Math.max(0, count() - lent() - worn());
    }

    /** Whether one could be bought: there is none to use, and none to ask back. */
    default boolean couldBeBought() {
        return here() == 0 && lent() == 0;
    }

    @Override
    default String howMuch() {
        return here()
                + (lent() > 0 ? ", " + lent() + " on loan" : "")
                + (worn() > 0 ? ", " + worn() + " worn out" : "");
    }
}
