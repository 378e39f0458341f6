package org.crispwhorl.core.calendar;

import java.time.LocalDateTime;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.crispwhorl.core.progress.Progress;

/**
 * What would make it likelier that an order is ready in time: one change at a time, each tried by a plain plan and gone through as a
 * plan is.
 */
public final class Bettering {
    /** More of what is lacking: by half. */
    private static final double MORE = 1.5;

    private static final int A_WEEK = 7;

    /** Not more than these are told. */
    private static final int TOLD = 6;

    /**
     * A change and what becomes of the plan by it.
     *
     * @param change in the maker's words, and what it needs
     * @param inHundred times in a hundred that everything is ready in time then
     */
    public record Better(Calendar.Help change, int inHundred) {}

    /**
     * What was found.
     *
     * @param inHundred of the order as it is, planned in the same way; none where it has no plan
     * @param better the best first; nothing that does not make it likelier
     */
    public record WhatBetters(Optional<Integer> inHundred, List<Better> better) {
        public WhatBetters {
            better = List.copyOf(better);
        }
    }

    /** The order with a change that is not one of the studio's time, such as a flower fewer. */
    public record Otherwise(String label, Calendars.Asked asked) {}

    private record Try(Calendar.Help change, Calendars.Asked asked, Calendars.Studio studio) {}

    private Bettering() {}

    /**
     * Tries what may better it.
     *
     * @param others changes of the order itself
     * @throws Progress.Stopped where it is stopped before anything was tried; later, what was tried is told
     */
    public static WhatBetters of(
            Calendars.Asked asked, Calendars.Studio studio, List<Otherwise> others, Progress progress) {
        Optional<Integer> now = odds(asked, studio, progress.part(0, 0.1));
        List<Try> tries = tries(asked, studio);
        others.forEach(o -> tries.add(new Try(Helping.untouched(o.label()), o.asked(), studio)));
        List<Better> better = new ArrayList<>();
        for (int i = 0; i < tries.size() && !progress.stopped(); i++) {
            Try one = tries.get(i);
            progress.reached(
                    (i + 1.0) / (tries.size() + 1), "trying to " + one.change().label());
            odds(one.asked(), one.studio(), Progress.UNWATCHED)
                    .filter(odds -> odds > now.orElse(0))
                    .ifPresent(odds -> better.add(new Better(one.change(), odds)));
        }
        better.sort(Comparator.comparingInt(Better::inHundred).reversed());
        return new WhatBetters(now, better.subList(0, Math.min(TOLD, better.size())));
    }

    private static Optional<Integer> odds(Calendars.Asked asked, Calendars.Studio studio, Progress progress) {
        return Calendars.quick(asked, studio, progress).odds().map(Odds::inHundred);
    }

    private static List<Try> tries(Calendars.Asked asked, Calendars.Studio studio) {
        List<Try> tries = new ArrayList<>();
        StudioTime time = studio.time();
        Helping.times(time)
                .forEach(help ->
                        tries.add(new Try(help, asked, studio.at(help.time().orElseThrow()))));
        LocalDateTime nextWorked = nextWorked(asked.handOver(), time);
        int days = (int) ChronoUnit.DAYS.between(asked.handOver(), nextWorked);
        Calendar.Help later = Helping.later(asked.handOver(), days);
        tries.add(new Try(later, asked.with(later), studio));
        asked.sheet().lacking().forEach((tool, owned) -> {
            int more = (int) Math.ceil(MORE * owned);
            tries.add(new Try(
                    Helping.having(tool, more, owned), asked.of(asked.sheet().owning(tool, more)), studio));
        });
        return tries;
    }

    /** The first day later that brings a day of work with it; a week later where there is none. */
    private static LocalDateTime nextWorked(LocalDateTime handOver, StudioTime time) {
        int days = 1;
        while (days < A_WEEK
                && time.windows(handOver.plusDays(days - 1).toLocalDate()).isEmpty()) {
            days++;
        }
        return handOver.plusDays(days);
    }
}
