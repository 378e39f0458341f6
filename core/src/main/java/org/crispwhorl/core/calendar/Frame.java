package org.crispwhorl.core.calendar;

import java.time.LocalDateTime;
import java.time.format.TextStyle;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Predicate;
import java.util.stream.Stream;

/**
 * What is to be placed, and between when.
 *
 * @param left what is left to be placed, and what is done
 * @param batches those that are left
 * @param busy what there is only so much of and is taken already
 * @param last slot at which everything has to be over
 */
record Frame(
        Remaining left, List<Batch> batches, List<Remaining.Busy> busy, Axis axis, int last, Hours hours, Spans spans) {
    /**
     * @param elsewhere what is taken by what is planned for other orders
     */
    static Frame of(Remaining left, List<Remaining.Busy> elsewhere, Axis axis, StudioTime time) {
        int last = left.all().stream().mapToInt(Batch::last).max().orElse(0);
        return new Frame(
                left,
                left.batches(),
                Stream.concat(left.busy().stream(), elsewhere.stream()).toList(),
                axis,
                last,
                Hours.of(time, axis, last),
                Spans.of(left.batches()));
    }

    /** The same where there is enough of some tools. */
    Frame withEnough(Predicate<String> tools) {
        List<Batch> eased = batches.stream()
                .map(b -> b.lyingIn(
                        b.lying().stream().filter(l -> !tools.test(l.tool())).toList()))
                .toList();
        return new Frame(left, eased, busy, axis, last, hours, spans);
    }

    /** Whether some order should have been ready before now. */
    boolean tooLate() {
        return batches.stream().anyMatch(b -> b.last() <= 0);
    }

    /** Something done that is not ready in time, whatever is done from now on. */
    Optional<Remaining.Late> lateAlready() {
        return left.notReady(axis, batch -> hours.latestStart(batch, batch.last(), true));
    }

    /** A slot as a maker says it. */
    String said(int slot) {
        LocalDateTime moment = axis.at(slot);
        return moment.getDayOfWeek().getDisplayName(TextStyle.SHORT, Locale.ENGLISH)
                + String.format(Locale.ROOT, " %02d:%02d", moment.getHour(), moment.getMinute());
    }
}
