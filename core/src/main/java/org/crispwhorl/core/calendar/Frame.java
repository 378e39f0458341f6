package org.crispwhorl.core.calendar;

import java.time.LocalDateTime;
import java.time.format.TextStyle;
import java.util.ArrayList;
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
 * @param sittings in which they are done, each after those that it waits for
 * @param busy what there is only so much of and is taken already
 * @param last slot at which everything has to be over
 */
record Frame(
        Remaining left,
        List<Batch> batches,
        List<Sitting> sittings,
        List<Remaining.Busy> busy,
        Axis axis,
        int last,
        Hours hours,
        Spans spans) {
    /**
     * Every batch by itself.
     *
     * @param elsewhere what is taken by what is planned for other orders
     */
    static Frame of(Remaining left, List<Remaining.Busy> elsewhere, Axis axis, StudioTime time) {
        int last = left.all().stream().mapToInt(Batch::last).max().orElse(0);
        List<Sitting> alone = Sittings.each(left.batches());
        return new Frame(
                left,
                left.batches(),
                alone,
                Stream.concat(left.busy().stream(), elsewhere.stream()).toList(),
                axis,
                last,
                Hours.of(time, axis, last),
                Spans.of(alone));
    }

    /** The same where there is enough of some tools. */
    Frame withEnough(Predicate<String> tools) {
        List<Batch> eased = batches.stream()
                .map(b -> b.lyingIn(
                        b.lying().stream().filter(l -> !tools.test(l.tool())).toList()))
                .toList();
        return new Frame(left, eased, Sittings.each(eased), busy, axis, last, hours, spans);
    }

    /**
     * The same with like work in one go.
     *
     * @param before what is known of it from a plan before
     * @param longestMin longest that one thing is done in one go
     */
    Frame together(Sittings.Before before, double longestMin) {
        List<Sitting> gathered = Sittings.together(batches, before, longestMin, hours.longestMin());
        return new Frame(left, batches, gathered, busy, axis, last, hours, Spans.of(gathered));
    }

    /** The same with some sittings as one each, by their places; none where some would wait for each other. */
    Optional<Frame> joined(List<List<Integer>> runs) {
        return Sittings.joined(batches, sittings, runs)
                .map(other -> new Frame(left, batches, other, busy, axis, last, hours, Spans.of(other)));
    }

    /** Whether some order should have been ready before now. */
    boolean tooLate() {
        return batches.stream().anyMatch(b -> b.last() <= 0);
    }

    /** Something done that is not ready in time, whatever is done from now on. */
    Optional<Remaining.Late> lateAlready() {
        return left.notReady(axis, batch -> hours.latestStart(Sitting.by(batch), batch.last(), true));
    }

    /** The half-days in which hands work. */
    Halves halves() {
        return Halves.of(hours, axis);
    }

    /** Of each sitting what kind of work on which flowers it begins with. */
    List<Integer> kinds() {
        List<List<Object>> met = new ArrayList<>();
        List<Integer> kinds = new ArrayList<>();
        for (Sitting sitting : sittings) {
            Batch first = sitting.items().get(0).batch();
            List<Object> kind =
                    List.of(first.order(), first.line(), first.task().doing().priced());
            if (!met.contains(kind)) {
                met.add(kind);
            }
            kinds.add(met.indexOf(kind));
        }
        return kinds;
    }

    /** A slot as a maker says it. */
    String said(int slot) {
        LocalDateTime moment = axis.at(slot);
        return moment.getDayOfWeek().getDisplayName(TextStyle.SHORT, Locale.ENGLISH)
                + String.format(Locale.ROOT, " %02d:%02d", moment.getHour(), moment.getMinute());
    }
}
