package org.crispwhorl.core.calendar;

import java.time.LocalDateTime;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Predicate;
import java.util.stream.Stream;
import org.crispwhorl.core.measure.Unit;

/** Changes that make a plan possible, one at a time, the smallest first; of hours and days the least that does. */
final class Helping {
    private static final double[] EVENINGS_H = {2, 4};
    private static final int[] LATER_DAYS = {1, 2, 3, 5, 7, 14};
    private static final double SMALL_SPARE_TIME_H = 1;

    /** A change of the studio's time, or of one of the orders that are planned together. */
    record Tried(int order, Calendar.Help help) {}

    private final StudioTime time;
    private final Predicate<Tried> works;

    /** What the studio's time alone would do, which is the same for every order. */
    private final Map<String, Boolean> known = new HashMap<>();

    Helping(StudioTime time, Predicate<Tried> works) {
        this.time = time;
        this.works = works;
    }

    /** What would help that is changed of an order, or of the studio's time. */
    List<Calendar.Help> of(int order, LocalDateTime handOver, double spareTimeH) {
        Stream<Stream<Calendar.Help>> kinds = Stream.of(
                Stream.of(withSpareTime(spareTimeH)).filter(help -> spareTimeH > SMALL_SPARE_TIME_H),
                evenings(time),
                daysOff(time),
                secondPair(time),
                Arrays.stream(LATER_DAYS).mapToObj(days -> later(handOver, days)));
        return kinds.flatMap(kind -> kind.filter(help -> works(order, help)).findFirst().stream())
                .toList();
    }

    /** Other times of the studio, the smallest change of each kind. */
    static Stream<Calendar.Help> times(StudioTime time) {
        return Stream.of(evenings(time), daysOff(time), secondPair(time)).flatMap(kind -> kind.findFirst().stream());
    }

    private static Stream<Calendar.Help> evenings(StudioTime time) {
        return Arrays.stream(EVENINGS_H)
                .filter(h -> h > time.eveningH())
                .mapToObj(h -> with("work up to " + Math.round(h) + " h in the evening", time.withEveningH(h)));
    }

    private static Stream<Calendar.Help> daysOff(StudioTime time) {
        StudioTime everyDay = time.withEveryDay();
        return Stream.of(with("work every day of the week", everyDay)).filter(help -> !everyDay.equals(time));
    }

    private static Stream<Calendar.Help> secondPair(StudioTime time) {
        return Stream.of(with("work with a second pair of hands", time.withMakers(2)))
                .filter(help -> time.makers() == 1);
    }

    private boolean works(int order, Calendar.Help help) {
        Tried tried = new Tried(order, help);
        return help.time().isPresent()
                ? known.computeIfAbsent(help.label(), label -> works.test(tried))
                : works.test(tried);
    }

    private static Calendar.Help withSpareTime(double insteadOfH) {
        return new Calendar.Help(
                "keep 1 h free before the hand-over instead of " + Unit.H.write(insteadOfH),
                Optional.empty(),
                Optional.empty(),
                Optional.of(SMALL_SPARE_TIME_H));
    }

    static Calendar.Help later(LocalDateTime handOver, int days) {
        return new Calendar.Help(
                days == 1 ? "hand it over a day later" : "hand it over " + days + " days later",
                Optional.empty(),
                Optional.of(handOver.plusDays(days)),
                Optional.empty());
    }

    private static Calendar.Help with(String label, StudioTime time) {
        return new Calendar.Help(label, Optional.of(time), Optional.empty(), Optional.empty());
    }
}
