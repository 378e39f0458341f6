package org.crispwhorl.core.calendar;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.crispwhorl.core.assessment.TaskKind;

/**
 * When whose hands may work, up to a last slot.
 *
 * @param makers pairs of hands that are there at those hours and do everything
 * @param loud those hours
 * @param quiet what of them lies outside of the quiet hours, for what is heard or smelt
 * @param other a further pair of hands with hours of its own, or that cannot do everything
 */
record Hours(int makers, Windows loud, Windows quiet, Optional<Other> other) {
    /** A further pair of hands. */
    record Other(Windows loud, Windows quiet, List<TaskKind> can) {
        boolean does(Sitting sitting) {
            return sitting.only(can);
        }
    }

    /** The number of the first maker in a plan, and that of the second. */
    static final int FIRST = 1;

    static final int SECOND = 2;

    private static final long[][] NONE = new long[0][];

    static Hours of(StudioTime time, Axis axis, int last) {
        Windows loud = Windows.of(time::windows, axis, last);
        Windows quiet = Windows.of(day -> time.heard(time.windows(day)), axis, last);
        return new Hours(
                time.other().isPresent() ? 1 : time.makers(),
                loud,
                quiet,
                time.other()
                        .map(second -> new Other(
                                Windows.of(time::windowsOfOther, axis, last),
                                Windows.of(day -> time.heard(time.windowsOfOther(day)), axis, last),
                                second.can())));
    }

    /** Where the first may begin a piece of work, as intervals; those of the day or those of the evening. */
    long[][] starts(Sitting sitting, boolean evening, int from, int to) {
        return in(sitting, loud, quiet).starts(sitting.slots(), evening, from, to);
    }

    /** Where the other may begin it. */
    long[][] otherStarts(Sitting sitting, int from, int to) {
        return other.filter(o -> o.does(sitting))
                .map(o -> in(sitting, o.loud(), o.quiet()).starts(sitting.slots(), false, from, to))
                .orElse(NONE);
    }

    private static Windows in(Sitting sitting, Windows loud, Windows quiet) {
        return sitting.disturbs() ? quiet : loud;
    }

    /** The last slot in which anybody may begin it so that it is over by one; below 0 where there is none. */
    int latestStart(Sitting sitting, int over, boolean evenings) {
        Stream<long[][]> all = Stream.of(
                starts(sitting, false, 0, over - sitting.slots()),
                evenings ? starts(sitting, true, 0, over - sitting.slots()) : NONE,
                otherStarts(sitting, 0, over - sitting.slots()));
        return (int) all.flatMap(Arrays::stream).mapToLong(s -> s[1]).max().orElse(-1);
    }

    /** Hands that may work in each slot. */
    int[] hands(int last, boolean evenings) {
        int[] hands = new int[last];
        for (Windows.Stretch s : loud.all()) {
            if (evenings || !s.evening()) {
                add(hands, s, makers);
            }
        }
        other.ifPresent(o -> o.loud().all().forEach(s -> add(hands, s, 1)));
        return hands;
    }

    private static void add(int[] hands, Windows.Stretch there, int count) {
        for (int slot = there.from(); slot < there.to(); slot++) {
            hands[slot] += count;
        }
    }

    boolean inEvening(int slot) {
        return loud.all().stream().anyMatch(s -> s.evening() && s.from() <= slot && slot < s.to());
    }

    /** The longest stretch of a day, min. */
    int longestMin() {
        return Axis.SLOT_MIN
                * loud.all().stream()
                        .filter(s -> !s.evening())
                        .mapToInt(s -> s.to() - s.from())
                        .max()
                        .orElse(0);
    }

    /** Slots of hands in all. */
    long slots() {
        return loud.slots() * makers + other.map(o -> o.loud().slots()).orElse(0L);
    }
}
