package org.crispwhorl.core.solver;

import com.google.ortools.sat.BoolVar;
import com.google.ortools.sat.Constraint;
import com.google.ortools.sat.CpModel;
import com.google.ortools.sat.CpSolver;
import com.google.ortools.sat.CpSolverSolutionCallback;
import com.google.ortools.sat.CpSolverStatus;
import com.google.ortools.sat.CumulativeConstraint;
import com.google.ortools.sat.IntVar;
import com.google.ortools.sat.IntervalVar;
import com.google.ortools.sat.LinearExpr;
import com.google.ortools.sat.LinearExprBuilder;
import com.google.ortools.util.Domain;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.stream.Stream;

/**
 * Pieces of work placed in slots of time so that hands suffice and every wait is kept, by constraint programming (CP-SAT): first with
 * the least work in dear time, then beginning as late as can be, then every piece as late as can be, or where it stood before.
 */
public final class Schedule {
    /** Of the time that it may think, so much goes into each goal in turn. */
    private static final double[] SHARES = {0.3, 0.5, 0.2};

    private final Problem problem;
    private final CpModel model = new CpModel();
    private final IntVar[] starts;
    private final BoolVar[] dear;
    private final IntVar first;

    /**
     * A piece of work.
     *
     * @param length in slots, above 0
     * @param starts where it may start, as intervals from and to
     * @param dearStarts where it may start in dear time
     */
    public record Work(int length, long[][] starts, long[][] dearStarts) {}

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
     * @param inUse those that are not free yet at the beginning
     */
    public record Shared(int count, List<Use> uses, List<InUse> inUse) {
        public Shared {
            uses = List.copyOf(uses);
            inUse = List.copyOf(inUse);
        }
    }

    /** Tools that are free from a slot on, above 0. */
    public record InUse(int count, int until) {}

    /**
     * A piece of work that uses tools.
     *
     * @param work its place in the list
     * @param wanted how many
     * @param longer slots beyond its end for which it keeps them, as the least of each step, by the slot in which it is over
     */
    public record Use(int work, int wanted, List<Step> longer) {
        public Use {
            longer = List.copyOf(longer);
        }

        /** One that keeps them equally long whenever it is over. */
        public Use(int work, int wanted, int longer) {
            this(work, wanted, List.of(new Step(Integer.MIN_VALUE, Integer.MAX_VALUE, longer, OptionalInt.empty())));
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
     * @param hands that work at once
     * @param taken stretches in which one of them does something else, from and to
     * @param shared tools of which there are so many
     * @param stood where each piece stood before, below 0 where it did not; empty where nothing was placed before
     * @param begins what is known of when it begins
     */
    public record Problem(
            List<Work> works,
            List<Lag> lags,
            List<int[]> inOrder,
            int hands,
            List<int[]> taken,
            List<Shared> shared,
            List<Integer> stood,
            Begins begins) {
        public Problem {
            works = List.copyOf(works);
            lags = List.copyOf(lags);
            inOrder = List.copyOf(inOrder);
            taken = List.copyOf(taken);
            shared = List.copyOf(shared);
            stood = List.copyOf(stood);
        }
    }

    /**
     * What is known, without placing anything, of the latest slot in which a placing begins.
     *
     * @param latest where dear time is worked too
     * @param latestCheap where none is
     */
    public record Begins(int latest, int latestCheap) {}

    /**
     * A placing.
     *
     * @param starts slot of each
     * @param dearSlots slots of work in dear time
     * @param first earliest start
     * @param latestFirst no placing with as little work in dear time begins later than this
     * @param proved whether none begins later with as little work in dear time, and none has less of that
     */
    public record Found(int[] starts, long dearSlots, long first, long latestFirst, boolean proved) {}

    /**
     * What came of it.
     *
     * @param found the best; none where there is none, or none was found in time
     * @param cannot whether it was proved that there is none
     */
    public record Answer(Optional<Found> found, boolean cannot) {}

    /** Whoever is told of a better placing: the slot in which it begins. */
    public interface Better {
        void begins(long slot);
    }

    private Schedule(Problem problem) {
        this.problem = problem;
        int n = problem.works().size();
        starts = new IntVar[n];
        dear = new BoolVar[n];
        IntervalVar[] intervals = new IntervalVar[n];
        long last = 0;
        for (int i = 0; i < n; i++) {
            Work work = problem.works().get(i);
            long[][] all = Stream.concat(Arrays.stream(work.starts()), Arrays.stream(work.dearStarts()))
                    .toArray(long[][]::new);
            starts[i] = model.newIntVarFromDomain(Domain.fromIntervals(all), "");
            intervals[i] = model.newFixedSizeIntervalVar(starts[i], work.length(), "");
            if (work.dearStarts().length > 0) {
                dear[i] = model.newBoolVar("");
                model.addLinearExpressionInDomain(starts[i], Domain.fromIntervals(work.dearStarts()))
                        .onlyEnforceIf(dear[i]);
                model.addLinearExpressionInDomain(starts[i], Domain.fromIntervals(work.starts()))
                        .onlyEnforceIf(dear[i].not());
            }
            last = Math.max(last, Arrays.stream(all).mapToLong(s -> s[1]).max().orElse(0));
        }
        IntervalVar[] elsewhere = problem.taken().stream()
                .map(t -> model.newFixedInterval(t[0], (long) t[1] - t[0], ""))
                .toArray(IntervalVar[]::new);
        intervals = Stream.concat(Arrays.stream(intervals), Arrays.stream(elsewhere))
                .toArray(IntervalVar[]::new);
        for (Shared tools : problem.shared()) {
            CumulativeConstraint there = model.addCumulative(tools.count());
            for (Use use : tools.uses()) {
                there.addDemand(kept(use), use.wanted());
            }
            for (InUse busy : tools.inUse()) {
                there.addDemand(model.newFixedInterval(0, busy.until(), ""), busy.count());
            }
        }
        if (problem.hands() == 1) {
            model.addNoOverlap(intervals);
        } else {
            CumulativeConstraint hands = model.addCumulative(problem.hands());
            for (IntervalVar interval : intervals) {
                hands.addDemand(interval, 1);
            }
        }
        problem.lags().forEach(this::wait);
        for (int[] pair : problem.inOrder()) {
            model.addLessOrEqual(starts[pair[0]], starts[pair[1]]);
        }
        first = model.newIntVar(0, last, "");
        for (IntVar start : starts) {
            model.addLessOrEqual(first, start);
        }
    }

    /**
     * Places it.
     *
     * @param hint a placing from which to begin
     * @param budget when that is spent the best so far is handed over
     * @param better told of what is found on the way
     */
    public static Answer place(Problem problem, Optional<int[]> hint, Budget budget, Better better) {
        if (problem.works().stream().anyMatch(w -> w.starts().length + w.dearStarts().length == 0)) {
            return new Answer(Optional.empty(), true);
        }
        return new Schedule(problem).inTurn(hint, budget, better);
    }

    /** Whether a placing keeps everything that is asked: hours, waits, order, hands and tools. */
    public static boolean keeps(Problem problem, int[] placed) {
        List<int[]> hands = new ArrayList<>();
        problem.taken().forEach(t -> hands.add(new int[] {t[0], t[1], 1}));
        for (int i = 0; i < placed.length; i++) {
            Work work = problem.works().get(i);
            int at = placed[i];
            if (Stream.concat(Arrays.stream(work.starts()), Arrays.stream(work.dearStarts()))
                    .noneMatch(s -> s[0] <= at && at <= s[1])) {
                return false;
            }
            hands.add(new int[] {at, at + work.length(), 1});
        }
        boolean waits = problem.lags().stream().allMatch(lag -> waits(problem, placed, lag));
        boolean order = problem.inOrder().stream().allMatch(pair -> placed[pair[0]] <= placed[pair[1]]);
        boolean tools = problem.shared().stream().allMatch(kind -> {
            List<int[]> used = new ArrayList<>();
            kind.inUse().forEach(b -> used.add(new int[] {0, b.until(), b.count()}));
            kind.uses()
                    .forEach(u -> used.add(new int[] {
                        placed[u.work()],
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

    /** How long tools are kept: by when the work is over, where that makes a difference. */
    private IntervalVar kept(Use use) {
        int length = problem.works().get(use.work()).length();
        if (use.longer().size() == 1) {
            return model.newFixedSizeIntervalVar(
                    starts[use.work()], (long) length + use.longer().get(0).least(), "");
        }
        int least = use.longer().stream().mapToInt(Step::least).min().orElse(0);
        int most = use.longer().stream().mapToInt(Step::least).max().orElse(0);
        IntVar size = model.newIntVar((long) length + least, (long) length + most, "");
        BoolVar[] holds = new BoolVar[use.longer().size()];
        for (int i = 0; i < holds.length; i++) {
            Step step = use.longer().get(i);
            holds[i] = model.newBoolVar("");
            model.addLinearExpressionInDomain(
                            starts[use.work()], new Domain((long) step.from() - length, (long) step.to() - length))
                    .onlyEnforceIf(holds[i]);
            model.addEquality(size, (long) length + step.least()).onlyEnforceIf(holds[i]);
        }
        model.addExactlyOne(holds);
        return model.newIntervalVar(
                starts[use.work()], size, LinearExpr.sum(new IntVar[] {starts[use.work()], size}), "");
    }

    private void wait(Lag lag) {
        int length = problem.works().get(lag.before()).length();
        if (lag.steps().size() == 1) {
            held(lag, lag.steps().get(0), Optional.empty());
            return;
        }
        BoolVar[] holds = new BoolVar[lag.steps().size()];
        for (int i = 0; i < holds.length; i++) {
            Step step = lag.steps().get(i);
            holds[i] = model.newBoolVar("");
            model.addLinearExpressionInDomain(
                            starts[lag.before()], new Domain((long) step.from() - length, (long) step.to() - length))
                    .onlyEnforceIf(holds[i]);
            held(lag, step, Optional.of(holds[i]));
        }
        model.addExactlyOne(holds);
        int least = lag.steps().stream().mapToInt(Step::least).min().orElse(0);
        model.addLessOrEqual(LinearExpr.affine(starts[lag.before()], 1, length + least), starts[lag.after()]);
    }

    private void held(Lag lag, Step step, Optional<BoolVar> where) {
        int length = problem.works().get(lag.before()).length();
        int own = problem.works().get(lag.after()).length();
        Constraint opens = model.addLessOrEqual(
                LinearExpr.affine(starts[lag.before()], 1, (long) length + step.least()), starts[lag.after()]);
        where.ifPresent(opens::onlyEnforceIf);
        if (step.most(own).isPresent()) {
            Constraint closes = model.addLessOrEqual(
                    LinearExpr.affine(starts[lag.after()], 1, own),
                    LinearExpr.affine(
                            starts[lag.before()],
                            1,
                            (long) length + step.most(own).getAsInt()));
            where.ifPresent(closes::onlyEnforceIf);
        }
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

    private Answer inTurn(Optional<int[]> hint, Budget budget, Better better) {
        hint.ifPresent(this::hinted);
        LinearExprBuilder dearWork = LinearExpr.newBuilder();
        boolean anyDear = false;
        for (int i = 0; i < dear.length; i++) {
            if (dear[i] != null) {
                dearWork.addTerm(dear[i], problem.works().get(i).length());
                anyDear = true;
            }
        }
        long least = 0;
        boolean proved = true;
        int[] best = null;
        if (anyDear) {
            model.minimize(dearWork);
            Solved solved = solve(budget, SHARES[0], better);
            if (solved.starts == null) {
                return new Answer(Optional.empty(), solved.cannot);
            }
            proved = solved.proved;
            least = Math.round(solved.objective);
            model.addLessOrEqual(dearWork, least);
            best = solved.starts;
            hinted(best);
        }
        Begins known = problem.begins();
        model.addLessOrEqual(first, least > 0 ? known.latest() : known.latestCheap());
        model.maximize(first);
        Solved latest = solve(budget, SHARES[1], better);
        if (latest.starts == null) {
            return best == null
                    ? new Answer(Optional.empty(), latest.cannot)
                    : new Answer(Optional.of(found(best, least, first(best), false)), false);
        }
        long begins = Math.round(latest.objective);
        long bound = Math.round(Math.floor(latest.bound + 1e-6));
        proved &= latest.proved;
        model.addGreaterOrEqual(first, begins);
        hinted(latest.starts);
        model.maximize(problem.stood().isEmpty() ? LinearExpr.sum(starts) : LinearExpr.sum(staying()));
        Solved late = solve(budget, SHARES[2], better);
        return new Answer(
                Optional.of(found(late.starts == null ? latest.starts : late.starts, least, bound, proved)), false);
    }

    /** For each piece that stood somewhere whether it stands there still. */
    private BoolVar[] staying() {
        BoolVar[] stays = new BoolVar[starts.length];
        for (int i = 0; i < starts.length; i++) {
            stays[i] = model.newBoolVar("");
            int was = problem.stood().get(i);
            if (was < 0) {
                model.addEquality(stays[i], 0);
            } else {
                model.addEquality(starts[i], was).onlyEnforceIf(stays[i]);
            }
        }
        return stays;
    }

    private Found found(int[] placed, long dearSlots, long bound, boolean proved) {
        return new Found(placed, dearSlots, first(placed), bound, proved);
    }

    private static long first(int[] placed) {
        return Arrays.stream(placed).min().orElse(0);
    }

    private void hinted(int[] placed) {
        model.clearHints();
        for (int i = 0; i < starts.length; i++) {
            model.addHint(starts[i], placed[i]);
            if (dear[i] != null) {
                int at = placed[i];
                boolean inDear =
                        Arrays.stream(problem.works().get(i).dearStarts()).anyMatch(s -> s[0] <= at && at <= s[1]);
                model.addHint(dear[i], inDear ? 1 : 0);
            }
        }
        model.addHint(first, first(placed));
    }

    private record Solved(int[] starts, double objective, double bound, boolean proved, boolean cannot) {}

    private Solved solve(Budget budget, double share, Better better) {
        CpSolver solver = new CpSolver();
        solver.getParameters()
                .setMaxTimeInSeconds(budget.limitMs() * share / 1000)
                .setNumWorkers(WORKERS);
        CpSolverStatus status = budget.spend(
                solver::stopSearch,
                () -> solver.solve(model, new CpSolverSolutionCallback() {
                    @Override
                    public void onSolutionCallback() {
                        better.begins(value(first));
                    }
                }));
        boolean there = status == CpSolverStatus.OPTIMAL || status == CpSolverStatus.FEASIBLE;
        return new Solved(
                there
                        ? Arrays.stream(starts)
                                .mapToInt(s -> (int) solver.value(s))
                                .toArray()
                        : null,
                there ? solver.objectiveValue() : 0,
                there ? solver.bestObjectiveBound() : 0,
                status == CpSolverStatus.OPTIMAL,
                status == CpSolverStatus.INFEASIBLE);
    }

    private static final int WORKERS = 2;
}
