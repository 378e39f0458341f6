package org.crispwhorl.core.calendar;

import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.BiPredicate;
import java.util.stream.Stream;
import org.crispwhorl.core.measure.Unit;
import org.crispwhorl.core.order.OrderSheet;

/** Changes that make a plan possible, one at a time, the smallest first; of hours and days the least that does. */
final class Helping {
    private static final double[] EVENINGS_H = {2, 4};
    private static final int[] LATER_DAYS = {1, 2, 3, 5, 7, 14, 28};

    /** So many pairs are told. */
    private static final int PAIRS = 3;

    private static final double SMALL_SPARE_TIME_H = 1;

    /** Of what is lacking it is tried to have so many times as much. */
    private static final Double[] MORE = {1.5, 2.0, 3.0};

    private final List<Calendars.Asked> orders;
    private final StudioTime time;
    private final BiPredicate<List<Calendars.Asked>, Calendar.Help> works;

    /** What the studio's time alone would do, which is the same for every order. */
    private final Map<String, Boolean> known = new HashMap<>();

    /**
     * @param works whether there is a plan of such orders in the studio's time as it is changed
     */
    Helping(List<Calendars.Asked> orders, StudioTime time, BiPredicate<List<Calendars.Asked>, Calendar.Help> works) {
        this.orders = orders;
        this.time = time;
        this.works = works;
    }

    /** What would help that is changed of an order, of the studio's time or of what there is only so much of. */
    List<Calendar.Help> of(int order) {
        LocalDateTime handOver = orders.get(order).handOver();
        double spareTimeH = orders.get(order).spareTimeH();
        Stream<Stream<Calendar.Help>> kinds = Stream.of(
                Stream.of(withSpareTime(spareTimeH)).filter(help -> spareTimeH > SMALL_SPARE_TIME_H),
                evenings(time),
                daysOff(time),
                secondPair(time),
                Arrays.stream(LATER_DAYS).mapToObj(days -> later(handOver, days)));
        List<Calendar.Help> alone = Stream.concat(
                        kinds.flatMap(kind -> kind.filter(help -> works(order, help)).findFirst().stream()),
                        tools(order))
                .toList();
        return alone.isEmpty()
                ? pairs(handOver)
                        .filter(help -> works(order, help))
                        .limit(PAIRS)
                        .toList()
                : alone;
    }

    /** Two changes at once, where none helps alone: of the studio's time, or of that and of the hand-over. */
    private Stream<Calendar.Help> pairs(LocalDateTime handOver) {
        List<Calendar.Help> first = Stream.of(evenings(time), daysOff(time), secondPair(time))
                .flatMap(kind -> kind.reduce((less, more) -> more).stream())
                .toList();
        Stream<Calendar.Help> both = first.stream().flatMap(one -> Stream.of(
                        daysOff(one.time().orElseThrow()), secondPair(one.time().orElseThrow()))
                .flatMap(kind -> kind.map(two -> and(one, two))));
        Stream<Calendar.Help> later = Arrays.stream(LATER_DAYS).boxed().flatMap(days -> first.stream()
                .map(one -> and(later(handOver, days), one)));
        return Stream.concat(both, later);
    }

    private static Calendar.Help and(Calendar.Help one, Calendar.Help two) {
        return new Calendar.Help(
                one.label() + ", and " + two.label(),
                two.time().or(one::time),
                two.handOver().or(one::handOver),
                Optional.empty());
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

    /** More of what an order lacks, where that alone is enough. */
    private Stream<Calendar.Help> tools(int order) {
        OrderSheet sheet = orders.get(order).sheet();
        return sheet.lacking().entrySet().stream()
                .flatMap(lacks -> Stream.of(MORE)
                        .map(more -> (int) Math.ceil(more * lacks.getValue()))
                        .filter(owned -> works.test(
                                with(order, orders.get(order).of(sheet.owning(lacks.getKey(), owned))),
                                having(lacks.getKey(), owned, lacks.getValue())))
                        .findFirst()
                        .map(owned -> having(lacks.getKey(), owned, lacks.getValue()))
                        .stream());
    }

    private boolean works(int order, Calendar.Help help) {
        return help.time().isPresent() && help.handOver().isEmpty()
                ? known.computeIfAbsent(help.label(), label -> works.test(orders, help))
                : works.test(with(order, orders.get(order).with(help)), help);
    }

    private List<Calendars.Asked> with(int order, Calendars.Asked changed) {
        List<Calendars.Asked> others = new ArrayList<>(orders);
        others.set(order, changed);
        return List.copyOf(others);
    }

    /** To have more of a tool, or anything else that is not of the studio's time nor of when an order leaves. */
    static Calendar.Help having(String tool, int more, int insteadOf) {
        return untouched("have " + more + " " + tool + " instead of " + insteadOf);
    }

    static Calendar.Help untouched(String label) {
        return new Calendar.Help(label, Optional.empty(), Optional.empty(), Optional.empty());
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
