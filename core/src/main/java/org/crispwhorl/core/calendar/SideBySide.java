package org.crispwhorl.core.calendar;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.Predicate;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.crispwhorl.core.solver.Schedule;

/**
 * A placing in which small work that came to stand side by side is one sitting: each by itself is told in whole five minutes, and six
 * of them would be told half an hour longer than they take.
 */
final class SideBySide {
    /** What takes less than this is not gone to for itself, whatever it is, min. */
    private static final int LONE_MIN = 10;

    private final Frame frame;
    private final int[] starts;
    private final double longestMin;
    private final Function<Frame, Schedule.Problem> asked;

    private SideBySide(Frame frame, int[] starts, double longestMin, Function<Frame, Schedule.Problem> asked) {
        this.frame = frame;
        this.starts = starts;
        this.longestMin = longestMin;
        this.asked = asked;
    }

    /** A placing of other sittings of the same work. */
    record Placed(Frame frame, int[] starts) {}

    /**
     * @param stays what stays by itself
     * @param longestMin longest that small work takes together
     * @param asked what is asked of a placing of such sittings
     */
    static Placed of(
            Frame frame,
            int[] starts,
            Predicate<Sitting> stays,
            double longestMin,
            Function<Frame, Schedule.Problem> asked) {
        SideBySide one = new SideBySide(frame, starts, longestMin, asked);
        List<List<Integer>> runs = one.runs(stays);
        if (runs.isEmpty()) {
            return new Placed(frame, starts);
        }
        Optional<Placed> all = one.joined(runs);
        if (all.isPresent()) {
            return all.get();
        }
        Placed best = new Placed(frame, starts);
        List<List<Integer>> go = new ArrayList<>();
        for (List<Integer> run : runs) {
            go.add(run);
            Optional<Placed> next = one.joined(go);
            best = next.orElse(best);
            if (next.isEmpty()) {
                go.remove(run);
            }
        }
        return best;
    }

    /** Sittings of one order that follow each other at once, small makes, and of one line what is done in some minutes. */
    private List<List<Integer>> runs(Predicate<Sitting> stays) {
        List<Integer> inTime = IntStream.range(0, starts.length)
                .boxed()
                .sorted(Comparator.comparingInt(i -> starts[i]))
                .toList();
        boolean[] small = new boolean[starts.length];
        boolean[] windowed = Sittings.windowed(frame.batches());
        for (int i : inTime) {
            small[i] = !stays.test(frame.sittings().get(i))
                    && frame.sittings().get(i).items().stream().noneMatch(item -> windowed[item.place()])
                    && (minutes(i) < LONE_MIN || makes(i));
        }
        List<List<Integer>> runs = new ArrayList<>();
        List<Integer> run = new ArrayList<>();
        for (int i : inTime) {
            boolean goesOn = !run.isEmpty() && small[i] && follows(run, i);
            if (!goesOn) {
                run = new ArrayList<>();
                runs.add(run);
            }
            if (small[i]) {
                run.add(i);
            }
        }
        return runs.stream().filter(r -> r.size() > 1).toList();
    }

    private boolean follows(List<Integer> run, int i) {
        int last = run.get(run.size() - 1);
        double together = run.stream().mapToDouble(this::minutes).sum() + minutes(i);
        return starts[last] + frame.sittings().get(last).slots() == starts[i]
                && together <= longestMin
                && (makes(i) && run.stream().allMatch(this::makes)
                        ? order(last) == order(i)
                        : Stream.concat(lines(last), lines(i)).distinct().count() == 1);
    }

    /** Whether it is of small makes only. */
    private boolean makes(int i) {
        return frame.sittings().get(i).items().stream().allMatch(item -> Sittings.small(item.batch()));
    }

    private Stream<List<Object>> lines(int i) {
        return frame.sittings().get(i).items().stream()
                .map(item -> List.of(item.batch().order(), item.batch().line()));
    }

    private double minutes(int i) {
        return frame.sittings().get(i).items().stream()
                .mapToDouble(item -> item.batch().minutes())
                .sum();
    }

    private int order(int i) {
        return frame.sittings().get(i).items().get(0).batch().order();
    }

    /** The same with such runs as one sitting each, and what comes after them sooner where nothing stood before; none where that does not go. */
    private Optional<Placed> joined(List<List<Integer>> runs) {
        return frame.joined(runs).flatMap(other -> {
            int[] begins = new int[frame.batches().size()];
            for (int i = 0; i < starts.length; i++) {
                for (Sitting.Item item : frame.sittings().get(i).items()) {
                    begins[item.place()] = starts[i];
                }
            }
            int[] placed = other.sittings().stream()
                    .mapToInt(s -> s.items().stream()
                            .mapToInt(item -> begins[item.place()])
                            .min()
                            .orElseThrow())
                    .toArray();
            Schedule.Problem problem = asked.apply(other);
            if (!Schedule.keeps(problem, placed)) {
                return Optional.empty();
            }
            boolean stays = problem.stood().stream().anyMatch(was -> was >= 0);
            return Optional.of(new Placed(other, stays ? placed : Schedule.forward(problem, placed)));
        });
    }
}
