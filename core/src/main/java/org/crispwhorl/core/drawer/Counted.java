package org.crispwhorl.core.drawer;

/** Something of which there is so much. */
interface Counted {
    /** How much there is of it, with its unit; of tools, how many can be used today. Empty where that is not counted. */
    String howMuch();
}
