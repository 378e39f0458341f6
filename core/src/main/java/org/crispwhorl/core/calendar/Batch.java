package org.crispwhorl.core.calendar;

import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import org.crispwhorl.core.assessment.Plan;

/**
 * Work that is done without a break: a task of some flowers of one line of an order.
 *
 * @param uid unique in the calendar and the same whenever the same order is planned again
 * @param slots how long it takes
 * @param number which of its task's, from 0
 * @param of how many its task has
 * @param waits what must have happened before
 * @param tailSlots slots that must lie between its end and the hand-over
 * @param tail what they are for
 * @param lying what its pieces lie in until they hold
 * @param notBefore slot before which it cannot start, by what is done already
 * @param endBy slot by which it has to be over, where a window opened by what is done closes
 */
record Batch(
        String uid,
        int line,
        String species,
        Plan.Task task,
        int slots,
        int number,
        int of,
        List<Wait> waits,
        int tailSlots,
        String tail,
        Optional<Lying> lying,
        int notBefore,
        OptionalInt endBy) {
    /**
     * Formers that its pieces lie in.
     *
     * @param former its name
     * @param owned how many there are
     * @param wanted how many it takes, at most those
     * @param slots from its end until they are free again
     */
    record Lying(String former, int owned, int wanted, int slots) {}

    /**
     * A wait after another batch.
     *
     * @param after its place in the list
     * @param least slots from its end to this one's start
     * @param most slots from its end to this one's end, where a window closes
     * @param why in the maker's words; empty where it just has to be done
     */
    record Wait(int after, int least, OptionalInt most, String why) {}

    /** The same where there are formers enough. */
    Batch withoutFormers() {
        return new Batch(
                uid,
                line,
                species,
                task,
                slots,
                number,
                of,
                waits,
                tailSlots,
                tail,
                Optional.empty(),
                notBefore,
                endBy);
    }

    /** The same, waiting for other places in the list, and held by what is done already. */
    Batch after(List<Wait> left, int notSooner, OptionalInt overBy) {
        return new Batch(uid, line, species, task, slots, number, of, left, tailSlots, tail, lying, notSooner, overBy);
    }
}
