package org.crispwhorl.core.solver;

import java.util.Comparator;
import java.util.List;
import java.util.function.Function;
import java.util.stream.IntStream;

/**
 * A placing with lightly worked half-days emptied into others, piece by piece, where everything goes elsewhere and that costs less: a
 * search that moves a few pieces at a time sees no gain until the last of them is gone.
 */
final class Emptied {
    private final Schedule.Problem problem;
    private int[] placed;

    private Emptied(Schedule.Problem problem, int[] placed) {
        this.problem = problem;
        this.placed = placed.clone();
    }

    static int[] of(Schedule.Problem problem, int[] placed) {
        if (!Schedule.keeps(problem, placed)) {
            return placed;
        }
        Emptied emptied = new Emptied(problem, placed);
        boolean better = true;
        while (better) {
            better = false;
            for (int h : emptied.lightestFirst()) {
                better |= emptied.empty(h);
            }
        }
        return emptied.placed;
    }

    private int half(int slot) {
        return HalfDays.half(problem.half(), slot);
    }

    private List<Integer> lightestFirst() {
        Function<Integer, Integer> load = h -> IntStream.range(0, placed.length)
                .filter(i -> half(placed[i]) == h)
                .map(i -> problem.works().get(i).length())
                .sum();
        return used().stream().sorted(Comparator.comparing(load)).toList();
    }

    private List<Integer> used() {
        return IntStream.of(placed).map(this::half).distinct().sorted().boxed().toList();
    }

    /** Tries to move everything out of a half-day, the first of it first, then the last of it first. */
    private boolean empty(int h) {
        List<Integer> forward = IntStream.range(0, placed.length)
                .filter(i -> half(placed[i]) == h)
                .boxed()
                .sorted(Comparator.comparingInt(i -> placed[i]))
                .toList();
        List<Integer> backward = forward.stream()
                .sorted(Comparator.comparingInt((Integer i) -> placed[i]).reversed())
                .toList();
        int[] before = placed;
        long cost = HalfDays.cost(problem, before);
        for (List<Integer> pieces : List.of(forward, backward)) {
            placed = before.clone();
            boolean all = pieces.stream().allMatch(i -> moved(i, h));
            if (all && !pieces.isEmpty() && HalfDays.cost(problem, placed) < cost) {
                return true;
            }
        }
        placed = before;
        return false;
    }

    /** Moves a piece to the cheapest place in another half-day on which something is done. */
    private boolean moved(int piece, int h) {
        int was = placed[piece];
        int best = -1;
        long least = Long.MAX_VALUE;
        for (int g : used()) {
            if (g == h) {
                continue;
            }
            placed[piece] = problem.half().get(g).from();
            int at = firstIn(piece, g);
            if (at >= 0) {
                placed[piece] = at;
                long cost = HalfDays.cost(problem, placed);
                if (cost < least) {
                    least = cost;
                    best = at;
                }
            }
        }
        placed[piece] = best < 0 ? was : best;
        return best >= 0;
    }

    /** The first slot of a half-day in which it can be done; below 0 where there is none. */
    private int firstIn(int piece, int g) {
        Schedule.Work work = problem.works().get(piece);
        int end = g + 1 < problem.half().size() ? problem.half().get(g + 1).from() : Integer.MAX_VALUE;
        for (long[] may : work.starts()) {
            long from = Math.max(may[0], problem.half().get(g).from());
            for (long at = from; at <= may[1] && at < end; at++) {
                placed[piece] = (int) at;
                if (handsFree(piece) && Schedule.keeps(problem, placed)) {
                    return (int) at;
                }
            }
        }
        return -1;
    }

    private boolean handsFree(int piece) {
        int from = placed[piece];
        int to = from + problem.works().get(piece).length();
        return problem.hands() > 1
                || IntStream.range(0, placed.length)
                        .noneMatch(i -> i != piece
                                && placed[i] < to
                                && placed[i] + problem.works().get(i).length() > from);
    }
}
