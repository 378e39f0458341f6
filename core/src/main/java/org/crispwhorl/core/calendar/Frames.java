package org.crispwhorl.core.calendar;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.crispwhorl.core.calendar.Calendars.Asked;
import org.crispwhorl.core.calendar.Calendars.Studio;
import org.crispwhorl.core.progress.Progress;
import org.crispwhorl.core.species.Techniques;

/** What is asked of some orders in a studio, laid out so that it can be placed. */
record Frames(List<Asked> orders, Studio studio) {
    /** So far back what is done may dry still, and so far beyond the hand-over it is looked, slots. */
    private static final int BEHIND = Axis.ofHours(7 * 24);

    private static final int BEYOND = Axis.ofHours(7 * 24);

    /**
     * @param time when the studio works
     * @param softUntil slot until which what lies soft may be gone on with; 0 for no later than it is soft
     * @param free half-days that are kept free before the end
     */
    Frame of(StudioTime time, Progress progress, int softUntil, int free) {
        Axis axis = Axis.from(studio.now(), studio.zone());
        Patience patience = new Patience(progress);
        List<Batch> all = new ArrayList<>();
        Map<String, Done> done = new HashMap<>();
        for (int i = 0; i < orders.size(); i++) {
            int order = i;
            Asked asked = orders.get(i);
            int ready = asked.last(axis);
            int last = free == 0
                    ? ready
                    : Halves.of(Hours.of(time, axis, ready), axis).beginOfLast(free);
            all.addAll(Batches.of(
                    i,
                    all.size(),
                    asked.sheet(),
                    asked.standing().done(),
                    last,
                    time.longestMin(),
                    airs(asked, studio.at(time), axis, last),
                    patience));
            asked.standing().done().forEach(d -> done.put(Batch.key(order, d.uid()), d));
        }
        return Frame.of(Remaining.of(all, done, axis, softUntil), taken(axis), axis, time);
    }

    /** The air of each line and place, worked out once. */
    static Batches.Airs airs(Asked asked, Studio studio, Axis axis, int last) {
        Map<List<Object>, AirAhead> known = new HashMap<>();
        return (line, place) -> known.computeIfAbsent(
                List.of(line, place),
                k -> AirAhead.of(
                        asked.pastes().get(line),
                        place == Techniques.DriesIn.OPEN ? asked.reckoned().open() : asked.reckoned(),
                        studio.air(place),
                        axis,
                        -BEHIND,
                        last + BEYOND));
    }

    /** What other orders take of what there is only so much of. */
    private List<Remaining.Busy> taken(Axis axis) {
        return studio.elsewhere().stream()
                .flatMap(e -> e.takes().stream()
                        .map(t -> new Remaining.Busy(
                                t.tool(), t.count(), Math.max(0, axis.floor(e.from())), axis.ceil(t.until()))))
                .filter(busy -> busy.until() > busy.from())
                .toList();
    }
}
