package org.crispwhorl.core.calendar;

/**
 * A wait that takes as long as the air makes it.
 *
 * @param slots that it would take in the room as it was reckoned
 * @param air in which it passes; steady for what no air hastens
 */
record Dwell(int slots, AirAhead air) {
    static final Dwell NONE = new Dwell(0, AirAhead.STEADY);

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
