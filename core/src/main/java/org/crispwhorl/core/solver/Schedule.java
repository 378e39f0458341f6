package org.crispwhorl.core.solver;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.stream.Stream;

/**
 * Pieces of work placed in slots of time so that hands suffice and every wait is kept, by constraint programming (CP-SAT): first with
 * the least work in dear time, then as many pieces as can be where they stood before, then in as few half-days, with as few kinds of
 * work in each, as can be; then each half-day in an order in which work is changed rarely, without gaps.
 */
public final class Schedule {
    /** A search is limited by work, told in milliseconds; so many times those go by on a usual machine. */
    public static final double PASSES = 2.8;

    private Schedule() {}

    /**
     * A piece of work.
     *
     * @param length in slots, above 0
     * @param starts where it may start, as intervals from and to
     * @param dearStarts where it may start in dear time
     * @param otherStarts where it may start in the hands of another, who works beside the others and at hours of their own
     */
    public record Work(int length, long[][] starts, long[][] dearStarts, long[][] otherStarts) {
        /** All slots in which it may start. */
        long[][] all() {
            return Stream.of(starts, dearStarts, otherStarts)
                    .flatMap(Arrays::stream)
                    .toArray(long[][]::new);
        }

        static boolean among(long[][] starts, int at) {
            return Arrays.stream(starts).anyMatch(s -> s[0] <= at && at <= s[1]);
        }
    }

    /**
     * A wait between two pieces.
     *
     * @param steps how long it is, by the slot in which the first is over: one of them holds
     */
    public record Lag(int before, int after, List<Step> steps) {
        public Lag {
            steps = List.copyOf(steps);
        }

        /** A wait that is the same whenever it begins. */
        public Lag(int before, int after, int least, OptionalInt most) {
            this(before, after, List.of(new Step(Integer.MIN_VALUE, Integer.MAX_VALUE, least, most)));
        }
    }

    /**
     * How long a wait is that begins between two slots.
     *
     * @param from first slot in which the first piece is over, for which it holds
     * @param to the last
     * @param least slots from the end of the first to the start of the second
     * @param most slots from the end of the first to the end of the second; it is at least as long as the work in it
     */
    public record Step(int from, int to, int least, OptionalInt most) {
        OptionalInt most(int own) {
            return most.isPresent() ? OptionalInt.of(Math.max(most.getAsInt(), least + own)) : most;
        }
    }

    /**
     * Tools of one kind.
     *
     * @param count how many there are
     * @param uses what uses them
     * @param inUse those that are taken by something else; together at no moment more than there are
     */
    public record Shared(int count, List<Use> uses, List<InUse> inUse) {
        public Shared {
            uses = List.copyOf(uses);
            inUse = List.copyOf(inUse);
        }
    }

    /** Tools that are taken from a slot on until another. */
    public record InUse(int count, int from, int until) {}

    /**
     * A piece of work that uses tools.
     *
     * @param work its place in the list
     * @param from slots after its beginning from which on it takes them
     * @param wanted how many
     * @param longer slots beyond its end for which it keeps them, as the least of each step, by the slot in which it is over
     */
    public record Use(int work, int from, int wanted, List<Step> longer) {
        public Use {
            longer = List.copyOf(longer);
        }

        /** One that keeps them equally long whenever it is over. */
        public Use(int work, int wanted, int longer) {
            this(work, 0, wanted, List.of(new Step(Integer.MIN_VALUE, Integer.MAX_VALUE, longer, OptionalInt.empty())));
        }

        /** The slot in which it is done with them, of a piece that is over in a slot. */
        private int free(int over) {
            return over
                    + longer.stream()
                            .filter(step -> step.from() <= over && over <= step.to())
                            .mapToInt(Step::least)
                            .findFirst()
                            .orElseGet(() ->
                                    longer.stream().mapToInt(Step::least).max().orElse(0));
        }
    }

    /**
     * What is to be placed.
     *
     * @param inOrder pieces of which each starts no sooner than the one before, two by two
     * @param half the half-days, in order; each lasts until the next
     * @param kinds of each piece what kind of work it is; fewer of them in a half-day are better
     * @param changes what it costs to go on from one piece to another
     * @param hands that work at once, whoever else does
     * @param taken stretches in which one of them does something else, from and to
     * @param takenOfOther stretches in which the other does
     * @param shared tools of which there are so many
     * @param stood where each piece stood before, below 0 where it did not; empty where nothing was placed before
     */
    public record Problem(
            List<Work> works,
            List<Lag> lags,
            List<int[]> inOrder,
            List<HalfDay> half,
            List<Integer> kinds,
            Changes changes,
            int hands,
            List<int[]> taken,
            List<int[]> takenOfOther,
            List<Shared> shared,
            List<Integer> stood) {
        public Problem {
            works = List.copyOf(works);
            lags = List.copyOf(lags);
            inOrder = List.copyOf(inOrder);
            half = List.copyOf(half);
            kinds = List.copyOf(kinds);
            takenOfOther = List.copyOf(takenOfOther);
            taken = List.copyOf(taken);
            shared = List.copyOf(shared);
            stood = List.copyOf(stood);
        }
    }

    /**
     * Half a day of work.
     *
     * @param from its first slot
     * @param room slots of hands in it, dear time left out
     * @param day which of the days it is half of
     */
    public record HalfDay(int from, int room, int day) {}

    /** What it costs to go on from one piece of work straight to another, by their places. */
    public interface Changes {
        int between(int before, int after);
    }

    /**
     * A placing.
     *
     * @param starts slot of each
     * @param byOther whether it is in the hands of the other
     * @param dearSlots slots of work in dear time
     */
    public record Found(int[] starts, boolean[] byOther, long dearSlots) {}

    /**
     * What came of it.
     *
     * @param found the best; none where there is none, or none was found in time
     * @param cannot whether it was proved that there is none
     */
    public record Answer(Optional<Found> found, boolean cannot) {}

    /** Whoever is told of a better placing: how many half-days it takes. */
    public interface Better {
        void halfDays(long used);
    }

    /**
     * Places it.
     *
     * @param hint a placing from which to begin
     * @param budget when that is spent the best so far is handed over
     * @param better told of what is found on the way
     */
    public static Answer place(Problem problem, Optional<int[]> hint, Budget budget, Better better) {
        if (problem.works().stream().anyMatch(w -> w.all().length == 0)) {
            return new Answer(Optional.empty(), true);
        }
        return new ScheduleModel(problem).inTurn(hint, budget, better);
    }

    /** What half-days, days and kinds of work in half-days cost in a placing, as the solver counts it. */
    public static long cost(List<HalfDay> half, List<Integer> kinds, int[] placed) {
        return HalfDays.cost(half, kinds, placed);
    }

    /** The same placing with each half-day begun as early as can be. */
    public static int[] forward(Problem problem, int[] placed) {
        return Forward.of(problem, placed);
    }

    /** Whether a placing in which the other has no part keeps everything that is asked: hours, waits, order, hands and tools. */
    public static boolean keeps(Problem problem, int[] placed) {
        List<int[]> hands = new ArrayList<>();
        problem.taken().forEach(t -> hands.add(new int[] {t[0], t[1], 1}));
        for (int i = 0; i < placed.length; i++) {
            Work work = problem.works().get(i);
            int at = placed[i];
            if (!Work.among(work.starts(), at) && !Work.among(work.dearStarts(), at)) {
                return false;
            }
            hands.add(new int[] {at, at + work.length(), 1});
        }
        boolean waits = problem.lags().stream().allMatch(lag -> waits(problem, placed, lag));
        boolean order = problem.inOrder().stream().allMatch(pair -> placed[pair[0]] <= placed[pair[1]]);
        boolean tools = problem.shared().stream().allMatch(kind -> {
            List<int[]> used = new ArrayList<>();
            kind.inUse().forEach(b -> used.add(new int[] {b.from(), b.until(), b.count()}));
            kind.uses()
                    .forEach(u -> used.add(new int[] {
                        placed[u.work()] + u.from(),
                        u.free(placed[u.work()] + problem.works().get(u.work()).length()),
                        u.wanted()
                    }));
            return suffice(used, kind.count());
        });
        return waits && order && tools && suffice(hands, problem.hands());
    }

    private static boolean waits(Problem problem, int[] placed, Lag lag) {
        int over = placed[lag.before()] + problem.works().get(lag.before()).length();
        int own = problem.works().get(lag.after()).length();
        return lag.steps().stream()
                .filter(step -> step.from() <= over && over <= step.to())
                .anyMatch(step -> placed[lag.after()] >= over + step.least()
                        && (step.most(own).isEmpty()
                                || placed[lag.after()] + own
                                        <= over + step.most(own).getAsInt()));
    }

    /** Whether at no moment more than so many are in use: it is enough to look where a use begins. */
    private static boolean suffice(List<int[]> uses, int count) {
        return uses.stream()
                .allMatch(begun -> uses.stream()
                                .filter(u -> u[0] <= begun[0] && begun[0] < u[1])
                                .mapToInt(u -> u[2])
                                .sum()
                        <= count);
    }
}
