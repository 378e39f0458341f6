package org.crispwhorl.core.calendar;

import java.util.Arrays;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import org.crispwhorl.core.drying.DryingLaw;
import org.crispwhorl.core.drying.Room;
import org.crispwhorl.core.drying.RoomCourse;
import org.crispwhorl.core.paste.Paste;

/**
 * How fast a medium dries from slot to slot in the room as it will be, over how fast it dries in the room in which its waits were
 * reckoned. The rate of every body goes with the drive of the air, so that one clock serves all of a medium: a wait is over when the
 * clock has gone on by as much as it was reckoned to take. Waits are taken by cells of two hours, a least one as long as the longest,
 * a most one as short as the shortest of all that begin within one.
 */
final class AirAhead {
    /** The room stays as it was reckoned. */
    static final AirAhead STEADY = new AirAhead(0, new double[] {0});

    /** Slots in which waits are taken alike. */
    static final int CELL = 24;

    /** The room is looked at once in so many slots. */
    private static final int CHECK = 12;

    private static final double NEARLY = 1e-9;

    private final int from;

    /** What the clock has gone on, from the first slot that is known up to each. */
    private final double[] clock;

    private final Map<Integer, Cells> known = new ConcurrentHashMap<>();

    private AirAhead(int from, double[] clock) {
        this.from = from;
        this.clock = clock;
    }

    /**
     * @param reckoned the room in which waits were reckoned
     * @param from first slot that is asked for; before it, and from the last on, the room is taken as it was reckoned
     * @param to the last
     */
    static AirAhead of(Paste paste, Room reckoned, RoomCourse course, Axis axis, int from, int to) {
        DryingLaw drying = DryingLaw.of(paste);
        double as = drying.drive(reckoned);
        boolean asReckoned = course.steady() && course.at(axis.at(0)).equals(reckoned);
        if (asReckoned || !paste.drying() || as <= 0) {
            return STEADY;
        }
        double[] clock = new double[Math.max(1, to - from + 1)];
        double rate = 1;
        for (int i = 1; i < clock.length; i++) {
            if ((i - 1) % CHECK == 0) {
                rate = rate(drying, course.at(axis.at(from + i - 1 + CHECK / 2)), reckoned);
            }
            clock[i] = clock[i - 1] + rate;
        }
        return new AirAhead(from, clock);
    }

    /**
     * How fast it dries in an air, over the air in which it was reckoned. Where a fan or a cabinet does not run, all of it is taken to
     * be slower by as much as its face is.
     */
    private static double rate(DryingLaw drying, Room now, Room reckoned) {
        double moves = Math.min(1, now.air().rate() / reckoned.air().rate());
        return Math.max(0, moves * drying.drive(now) / drying.drive(reckoned));
    }

    private double at(int slot) {
        int i = slot - from;
        if (i < 0) {
            return i;
        }
        int last = clock.length - 1;
        return i > last ? clock[last] + i - last : clock[i];
    }

    /** Slots that a wait takes which begins in a slot, and which would take so many in the room as it was reckoned. */
    int exactly(int begin, int slots) {
        double over = at(begin) + slots - NEARLY;
        int low = 0;
        int high = clock.length + slots + Math.max(0, from - begin);
        while (low < high) {
            int middle = (low + high) / 2;
            if (at(begin + middle) >= over) {
                high = middle;
            } else {
                low = middle + 1;
            }
        }
        return low;
    }

    /** The longest of the waits that begin in the cell of a slot. */
    int longest(int begin, int slots) {
        return clock.length == 1 ? slots : cells(slots).longest(begin);
    }

    /** The shortest of them. */
    int shortest(int begin, int slots) {
        return clock.length == 1 ? slots : cells(slots).shortest(begin);
    }

    /** The longest of all waits, whenever they begin. */
    int longest(int slots) {
        return clock.length == 1
                ? slots
                : Arrays.stream(cells(slots).longest).max().orElse(slots);
    }

    /** The shortest of them. */
    int shortest(int slots) {
        return clock.length == 1
                ? slots
                : Arrays.stream(cells(slots).shortest).min().orElse(slots);
    }

    private Cells cells(int slots) {
        return known.computeIfAbsent(slots, Cells::new);
    }

    /** The waits of one length, cell by cell. */
    private final class Cells {
        private final int slots;
        private final int[] longest;
        private final int[] shortest;

        Cells(int slots) {
            this.slots = slots;
            int n = (clock.length + CELL - 1) / CELL;
            longest = new int[n];
            shortest = new int[n];
            for (int c = 0; c < n; c++) {
                int[] all = new int[CELL];
                int first = from + c * CELL;
                Arrays.setAll(all, i -> exactly(first + i, slots));
                longest[c] = Arrays.stream(all).max().orElse(slots);
                shortest[c] = Arrays.stream(all).min().orElse(slots);
            }
        }

        int longest(int begin) {
            int c = Math.floorDiv(begin - from, CELL);
            return c < 0 || c >= longest.length ? exactly(begin, slots) : longest[c];
        }

        int shortest(int begin) {
            int c = Math.floorDiv(begin - from, CELL);
            return c < 0 || c >= shortest.length ? exactly(begin, slots) : shortest[c];
        }
    }
}
