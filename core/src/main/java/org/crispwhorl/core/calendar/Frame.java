package org.crispwhorl.core.calendar;

import java.time.LocalDateTime;
import java.time.format.TextStyle;
import java.util.List;
import java.util.Locale;

/**
 * What is to be placed, and between when.
 *
 * @param last slot at which everything has to be over
 */
record Frame(List<Batch> batches, Axis axis, int last, Windows windows, Spans spans, int makers) {
    static Frame of(List<Batch> batches, Axis axis, int last, StudioTime time) {
        return new Frame(
                batches,
                axis,
                last,
                last > 0 ? Windows.of(time, axis, last) : new Windows(List.of()),
                Spans.of(batches, last),
                time.makers());
    }

    /** The same where there are formers enough. */
    Frame withoutFormers() {
        return new Frame(batches.stream().map(Batch::withoutFormers).toList(), axis, last, windows, spans, makers);
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
