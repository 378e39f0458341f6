package org.crispwhorl.core.calendar;

import java.time.LocalDateTime;
import java.time.format.TextStyle;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/**
 * What is to be placed, and between when.
 *
 * @param left what is left to be placed, and what is done
 * @param batches those that are left
 * @param busy formers in which something still lies
 * @param last slot at which everything has to be over
 */
record Frame(
        Remaining left,
        List<Batch> batches,
        List<Remaining.Busy> busy,
        Axis axis,
        int last,
        Windows windows,
        Spans spans,
        int makers) {
    static Frame of(Remaining left, Axis axis, int last, StudioTime time) {
        return new Frame(
                left,
                left.batches(),
                left.busy(),
                axis,
                last,
                last > 0 ? Windows.of(time, axis, last) : new Windows(List.of()),
                Spans.of(left.batches(), last),
                time.makers());
    }

    /** The same where there are formers enough. */
    Frame withoutFormers() {
        return new Frame(
                left,
                batches.stream().map(b -> b.lyingIn(Optional.empty())).toList(),
                List.of(),
                axis,
                last,
                windows,
                spans,
                makers);
    }

    /** Something done that is not ready in time, whatever is done from now on. */
    Optional<Batch> lateAlready() {
        return left.notReadyBy(last, axis);
    }

    boolean inEvening(int slot) {
        return windows.all().stream().anyMatch(s -> s.evening() && s.from() <= slot && slot < s.to());
    }

    /** A slot as a maker says it. */
    String said(int slot) {
        LocalDateTime moment = axis.at(slot);
        return moment.getDayOfWeek().getDisplayName(TextStyle.SHORT, Locale.ENGLISH)
                + String.format(Locale.ROOT, " %02d:%02d", moment.getHour(), moment.getMinute());
    }
}
