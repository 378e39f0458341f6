package org.crispwhorl.core.calendar;

import java.time.LocalDate;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.TreeMap;
import java.util.stream.Stream;
import org.crispwhorl.core.solver.Schedule;

/**
 * The half-days in which hands work.
 *
 * @param all in order; an evening goes with its afternoon
 */
record Halves(List<Schedule.HalfDay> all) {
    /** What begins sooner is of the morning. */
    private static final LocalTime NOON = LocalTime.of(13, 0);

    static Halves of(Hours hours, Axis axis) {
        TreeMap<LocalDate, TreeMap<Boolean, List<int[]>>> days = new TreeMap<>();
        Stream.concat(
                        hours.loud().all().stream()
                                .map(s -> new int[] {s.from(), s.to(), s.evening() ? 0 : hours.makers()}),
                        hours.other().stream()
                                .flatMap(o -> o.loud().all().stream())
                                .map(s -> new int[] {s.from(), s.to(), 1}))
                .forEach(s -> {
                    LocalDate day = axis.at(s[0]).toLocalDate();
                    int noon = axis.ceil(day.atTime(NOON));
                    TreeMap<Boolean, List<int[]>> halves = days.computeIfAbsent(day, d -> new TreeMap<>());
                    if (s[0] < noon) {
                        halves.computeIfAbsent(false, h -> new ArrayList<>())
                                .add(new int[] {s[0], Math.min(s[1], noon), s[2]});
                    }
                    if (s[1] > noon) {
                        halves.computeIfAbsent(true, h -> new ArrayList<>())
                                .add(new int[] {Math.max(s[0], noon), s[1], s[2]});
                    }
                });
        List<Schedule.HalfDay> all = new ArrayList<>();
        days.forEach((day, halves) -> halves.values()
                .forEach(worked -> all.add(new Schedule.HalfDay(
                        worked.stream().mapToInt(s -> s[0]).min().orElse(0),
                        worked.stream().mapToInt(s -> (s[1] - s[0]) * s[2]).sum(),
                        (int) day.toEpochDay()))));
        return new Halves(List.copyOf(all));
    }

    /** The first slot of the last so many half-days; of the first half-day where there are fewer. */
    int beginOfLast(int count) {
        return all.stream()
                .sorted(Comparator.comparingInt(Schedule.HalfDay::from).reversed())
                .limit(count)
                .mapToInt(Schedule.HalfDay::from)
                .min()
                .orElse(0);
    }
}
