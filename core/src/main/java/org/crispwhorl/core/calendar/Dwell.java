package org.crispwhorl.core.calendar;

/**
 * A wait that takes as long as the air makes it.
 *
 * @param slots that it would take in the room as it was reckoned
 * @param air in which it passes; steady for what no air hastens
 * @param dries whether it is for something to dry, and so may turn out shorter or longer
 */
record Dwell(int slots, AirAhead air, boolean dries) {
    static final Dwell NONE = new Dwell(0, AirAhead.STEADY);

    /** For something to dry. */
    Dwell(int slots, AirAhead air) {
        this(slots, air, true);
    }

    /**
     * The slot at which it turns out to be over.
     *
     * @param drying how long drying takes, over how long is safe
     */
    int turnsOut(int begin, double drying) {
        return dries ? begin + air.exactly(begin, (int) Math.ceil(slots * drying)) : over(begin);
    }

    /** Slots that it takes at the longest, whenever it begins. */
    int longest() {
        return air.longest(slots);
    }

    /** Slots that it takes at the shortest. */
    int shortest() {
        return air.shortest(slots);
    }

    /** The slot at which it is certainly over, of one that begins in a slot. */
    int over(int begin) {
        return begin + air.longest(begin, slots);
    }

    /** The slot at which it is over at the earliest. */
    int overSoonest(int begin) {
        return begin + air.shortest(begin, slots);
    }

    /** The last slot in which it may begin, to be over by a slot. */
    int lastBegin(int by) {
        int begin = by - (slots > 0 ? 1 : 0);
        while (over(begin) > by) {
            begin--;
        }
        return begin;
    }
}
