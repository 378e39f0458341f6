package org.crispwhorl.core.calendar;

import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * What other calendars may have taken in of the plans of an order: how often it was planned, and which sittings are there no more.
 *
 * @param revision how many plans of the order there were before this one, 0 or more
 * @param withdrawn what stood in one of them and stands in this one no longer
 */
public record Published(int revision, List<Withdrawn> withdrawn) {
    /** Of the first plan of an order. */
    public static final Published FIRST = new Published(0, List.of());

    /** What is over for so long is told no more, days. */
    private static final int TOLD_DAYS = 60;

    /**
     * A sitting that is there no more.
     *
     * @param uid as it was named
     * @param from when it was to be done last
     */
    public record Withdrawn(String uid, String species, String task, LocalDateTime from, LocalDateTime to) {}

    public Published {
        withdrawn = List.copyOf(withdrawn);
    }

    /**
     * Of a plan that takes the place of another.
     *
     * @param before that plan
     * @param now the work of the new one
     * @param today when it is made
     */
    static Published after(Planned before, Calendar now, LocalDateTime today) {
        Set<String> there = InOneGo.of(now).stream().map(InOneGo::uid).collect(Collectors.toSet());
        List<Withdrawn> all = new ArrayList<>(before.published().withdrawn());
        InOneGo.of(before.calendar())
                .forEach(s -> all.add(new Withdrawn(s.uid(), s.species(), s.name(), s.from(), s.to())));
        return new Published(
                before.published().revision() + 1,
                all.stream()
                        .filter(w -> !there.contains(w.uid()))
                        .filter(w -> w.to().isAfter(today.minusDays(TOLD_DAYS)))
                        .toList());
    }
}
