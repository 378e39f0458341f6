package org.crispwhorl.core.work;

import org.crispwhorl.core.measure.NotWritten;

/**
 * What an act takes besides hands and paste: something that is used up, or a tool that it needs.
 *
 * @param name as the drawer has it
 * @param told its name with the sizes that matter, as a list of what is needed tells it
 * @param atOnce how many one flower takes at the same time
 * @param kept whether it is taken until what lies in it is firm or joined, and not only while hands are at it
 */
@NotWritten
public record Use(Sort sort, String name, String told, int atOnce, boolean kept) {
    /** What it is, and all that whoever lists it asks of it. */
    public enum Sort {
        FORMER("former", false),
        VEINER("veiner", false),
        BOARD("", false),
        RACK("", false),
        GLUE("", true),
        GLAZE("", true),
        LACQUER("", true),
        SPIRIT("", true);

        private final String label;
        private final boolean usedUp;

        Sort(String label, boolean usedUp) {
            this.label = label;
            this.usedUp = usedUp;
        }

        /** Whether it is used up, and not there afterwards as before. */
        public boolean usedUp() {
            return usedUp;
        }

        /** What stands before its name in a list; empty where the name says it. */
        public String label() {
            return label;
        }
    }

    /** What glues, whatever a studio takes for it. */
    public static final Use GLUE = usedUp(Sort.GLUE, "glue");

    /** The ridged board. */
    public static final Use BOARD = tool(Sort.BOARD, "ridged board", "ridged board");

    /** Something that is used up by its name. */
    public static Use usedUp(Sort sort, String name) {
        return new Use(sort, name, name, 1, false);
    }

    /** A tool that is in the hand only. */
    public static Use tool(Sort sort, String name, String told) {
        return new Use(sort, name, told, 1, false);
    }

    /** A place that a piece keeps until it is firm or joined. */
    public static Use place(Sort sort, String name, String told, int atOnce) {
        return new Use(sort, name, told, atOnce, true);
    }

    /** The same with glue by its name. */
    Use glued(String glue) {
        return sort == Sort.GLUE ? usedUp(Sort.GLUE, glue) : this;
    }
}
