package org.crispwhorl.core.solver;

import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.function.Function;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/**
 * A placing in which each half-day begins as early as what is asked lets it, and is gone on with: what is placed from the end backwards
 * begins late and ends at closing time.
 */
final class Forward {
    /** What is waited for may move after what waits: so many times is enough. */
    private static final int PASSES = 2;

    /** More pieces stay where they are: each move is held against all others. */
    private static final int MOST = 160;

    private final Schedule.Problem problem;
    private final int[] placed;

    private Forward(Schedule.Problem problem, int[] placed) {
        this.problem = problem;
        this.placed = placed.clone();
    }

    static int[] of(Schedule.Problem problem, int[] placed) {
        Forward forward = new Forward(problem, placed);
        if (placed.length > MOST) {
            return forward.placed;
        }
        List<Integer> inTime = IntStream.range(0, placed.length)
                .boxed()
                .sorted(Comparator.comparingInt(i -> placed[i]))
                .toList();
        for (int pass = 0; pass < PASSES; pass++) {
            inTime.forEach(forward::sooner);
        }
        return forward.placed;
    }

    /** Puts a piece to the first place in its half-day at which it can be begun: when that begins, when hands are free or a wait is over. */
    private void sooner(int piece) {
        int was = placed[piece];
        int h = HalfDays.half(problem.half(), was);
        int from = problem.half().get(h).from();
        IntStream opens = Arrays.stream(problem.works().get(piece).starts()).mapToInt(s -> (int) s[0]);
        IntStream hands = IntStream.range(0, placed.length)
                .map(i -> placed[i] + problem.works().get(i).length());
        IntStream elsewhere = problem.taken().stream().mapToInt(taken -> taken[1]);
        IntStream waits = problem.lags().stream()
                .filter(lag -> lag.after() == piece)
                .flatMapToInt(lag -> {
                    int over = placed[lag.before()]
                            + problem.works().get(lag.before()).length();
                    return lag.steps().stream()
                            .filter(s -> s.from() <= over && over <= s.to())
                            .mapToInt(s -> over + s.least());
                });
        int[] candidates = Stream.of(IntStream.of(from), opens, hands, elsewhere, waits)
                .flatMapToInt(Function.identity())
                .filter(at -> at >= from && at < was)
                .sorted()
                .distinct()
                .toArray();
        for (int at : candidates) {
            placed[piece] = at;
            if (Schedule.keeps(problem, placed)) {
                return;
            }
        }
        placed[piece] = was;
    }
}
