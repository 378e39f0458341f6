package org.crispwhorl.core.solver;

import java.util.Arrays;
import java.util.List;
import java.util.stream.IntStream;

/** A placing in which days of work follow each other as closely as what is asked lets them: a search moves one piece at a time, and a day has many. */
final class ClosedUp {
    private final Schedule.Problem problem;
    private final List<Schedule.HalfDay> half;
    private int[] placed;

    private ClosedUp(Schedule.Problem problem, int[] placed) {
        this.problem = problem;
        this.half = problem.half();
        this.placed = placed.clone();
    }

    static int[] of(Schedule.Problem problem, int[] placed) {
        if (!Schedule.keeps(problem, placed)) {
            return placed;
        }
        ClosedUp closing = new ClosedUp(problem, placed);
        int[] days = problem.half().stream()
                .mapToInt(Schedule.HalfDay::day)
                .distinct()
                .toArray();
        for (int d = days.length - 1; d >= 0; d--) {
            closing.putOff(days, d);
        }
        return closing.placed;
    }

    /** Puts all work of a day off to the last free day before the next on which something is done. */
    private void putOff(int[] days, int d) {
        if (free(days[d])) {
            return;
        }
        int next = d + 1;
        while (next < days.length && free(days[next])) {
            next++;
        }
        for (int to = next - 1; to > d; to--) {
            int shift = begin(days[to]) - begin(days[d]);
            int from = days[d];
            int[] later = IntStream.range(0, placed.length)
                    .map(i -> placed[i] + (day(placed[i]) == from ? shift : 0))
                    .toArray();
            if (Schedule.keeps(problem, later)) {
                placed = later;
                return;
            }
        }
    }

    private boolean free(int day) {
        return Arrays.stream(placed).noneMatch(at -> day(at) == day);
    }

    private int day(int slot) {
        return half.get(HalfDays.half(half, slot)).day();
    }

    private int begin(int day) {
        return half.stream()
                .filter(h -> h.day() == day)
                .mapToInt(Schedule.HalfDay::from)
                .min()
                .orElseThrow();
    }
}
