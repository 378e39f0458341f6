package org.crispwhorl.core.calendar;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import org.crispwhorl.core.assessment.Plan;

/**
 * Work that is done without a break: a task of some flowers of one line of an order.
 *
 * @param order which of the orders that are planned together, from 0
 * @param uid unique in its order and the same whenever that is planned again
 * @param minutes how long it takes, above 0
 * @param number which of its task's, from 0
 * @param of how many its task has
 * @param share which part of it that is
 * @param flowers of the line
 * @param pieces of it that go through the hands one by one
 * @param shade sRGB colour of its paste; none where there is not one
 * @param waits what must have happened before
 * @param tail what must lie between its end and the hand-over
 * @param tailWhy what that is for
 * @param last slot at which its order has to be ready
 * @param lying what there is only so much of and it takes
 * @param notBefore slot before which it cannot start, by what is done already
 * @param endBy slot by which it has to be over, where a window opened by what is done closes
 */
@RecordBuilder
record Batch(
        int order,
        String uid,
        String line,
        String species,
        Plan.Task task,
        double minutes,
        int number,
        int of,
        Share share,
        int flowers,
        int pieces,
        Optional<String> shade,
        List<Wait> waits,
        Dwell tail,
        String tailWhy,
        int last,
        List<Lying> lying,
        int notBefore,
        OptionalInt endBy) {
    /** Unique among all that is planned together. */
    String key() {
        return key(order, uid);
    }

    static String key(int order, String uid) {
        return order + "#" + uid;
    }

    /** Slots that it takes by itself. */
    int slots() {
        return Axis.ofMinutes(minutes);
    }

    /** Whether it is of the same task of the same flowers. */
    boolean sameTask(Batch other) {
        return order == other.order && line.equals(other.line) && task.equals(other.task);
    }

    /** The slot by which it has to be over, whatever waits for it. */
    int due() {
        return Math.min(tail.lastBegin(last), endBy.orElse(last));
    }

    /**
     * Something that there is only so much of.
     *
     * @param tool its name
     * @param owned how many there are
     * @param wanted how many it takes, at most those
     * @param until from its end until they are free again
     */
    record Lying(String tool, int owned, int wanted, Dwell until) {}

    /**
     * What a wait is for, in the maker's words.
     *
     * @param lasts how long it is; empty where what is before just has to be done
     * @param reached what it has become by then; empty where it only waits
     */
    record Why(String lasts, String reached) {
        static final Why DONE = new Why("", "");

        boolean waits() {
            return !lasts.isEmpty();
        }

        String told() {
            return reached.isEmpty() ? lasts : lasts + " until it is " + reached;
        }

        /** What may be said from then on. */
        String over() {
            return reached.isEmpty() ? lasts + " over" : reached;
        }
    }

    /**
     * A wait after another batch.
     *
     * @param after its place in the list
     * @param least from its end to this one's start
     * @param most from its end to this one's end, where a window closes
     * @param why what it waits for
     */
    record Wait(int after, Dwell least, Optional<Dwell> most, Why why) {
        /** The slot from which on it may be gone on with, of what was over in a slot. */
        int opens(int end) {
            return least.over(end);
        }

        /** The slot by which work of so many slots has to be over; a window is at least as long as the work in it. */
        int closes(int end, int own) {
            return Math.max(most.map(m -> m.overSoonest(end)).orElse(Integer.MAX_VALUE), opens(end) + own);
        }

        /** The first slot in which what is before may be over, if work of so many slots that ends in a slot has to be within its window. */
        int firstEnd(int over, int own) {
            int end = over;
            while (closes(end - 1, own) >= over && end > over - FARTHEST) {
                end--;
            }
            return end;
        }

        /** No window is open for longer, slots. */
        private static final int FARTHEST = 12 * 24 * 60;
    }

    /** The same, taking other things that there is only so much of, or none. */
    Batch lyingIn(List<Lying> others) {
        return BatchBuilder.builder(this).lying(others).build();
    }

    /** The same, waiting for other places in the list, and held by what is done already. */
    Batch after(List<Wait> left, int notSooner, OptionalInt overBy) {
        return BatchBuilder.builder(this)
                .waits(left)
                .notBefore(notSooner)
                .endBy(overBy)
                .build();
    }
}
