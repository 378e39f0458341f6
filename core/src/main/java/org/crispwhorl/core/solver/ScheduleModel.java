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
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/** A schedule as the solver is asked for it. */
final class ScheduleModel {
    /** Of the time that it may think, so much goes into each goal in turn. */
    private static final double[] SHARES = {0.3, 0.5, 0.2};

    /** Threads that search side by side. */
    private static final int WORKERS = 2;

    private final Schedule.Problem problem;
    private final CpModel model = new CpModel();
    private final IntVar[] starts;
    private final BoolVar[] dear;
    private final IntVar first;

    ScheduleModel(Schedule.Problem problem) {
        this.problem = problem;
        int n = problem.works().size();
        starts = new IntVar[n];
        dear = new BoolVar[n];
        IntervalVar[] intervals = new IntervalVar[n];
        long last = 0;
        for (int i = 0; i < n; i++) {
            Schedule.Work work = problem.works().get(i);
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
        for (Schedule.Shared tools : problem.shared()) {
            CumulativeConstraint there = model.addCumulative(tools.count());
            for (Schedule.Use use : tools.uses()) {
                there.addDemand(kept(use), use.wanted());
            }
            for (Schedule.InUse busy : tools.inUse()) {
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

    /** How long tools are kept: by when the work is over, where that makes a difference. */
    private IntervalVar kept(Schedule.Use use) {
        int length = problem.works().get(use.work()).length();
        if (use.longer().size() == 1) {
            return model.newFixedSizeIntervalVar(
                    starts[use.work()], (long) length + use.longer().get(0).least(), "");
        }
        int least = use.longer().stream().mapToInt(Schedule.Step::least).min().orElse(0);
        int most = use.longer().stream().mapToInt(Schedule.Step::least).max().orElse(0);
        IntVar size = model.newIntVar((long) length + least, (long) length + most, "");
        BoolVar[] holds = holds(use.work(), use.longer());
        for (int i = 0; i < holds.length; i++) {
            model.addEquality(size, (long) length + use.longer().get(i).least()).onlyEnforceIf(holds[i]);
        }
        return model.newIntervalVar(
                starts[use.work()], size, LinearExpr.sum(new IntVar[] {starts[use.work()], size}), "");
    }

    /** Which of the steps holds, by the slot in which a piece of work is over: one of them. */
    private BoolVar[] holds(int work, List<Schedule.Step> steps) {
        long length = problem.works().get(work).length();
        BoolVar[] holds = new BoolVar[steps.size()];
        for (int i = 0; i < holds.length; i++) {
            holds[i] = model.newBoolVar("");
            model.addLinearExpressionInDomain(
                            starts[work],
                            new Domain(
                                    steps.get(i).from() - length, steps.get(i).to() - length))
                    .onlyEnforceIf(holds[i]);
        }
        model.addExactlyOne(holds);
        return holds;
    }

    private void wait(Schedule.Lag lag) {
        int length = problem.works().get(lag.before()).length();
        if (lag.steps().size() == 1) {
            held(lag, lag.steps().get(0), Optional.empty());
            return;
        }
        BoolVar[] holds = holds(lag.before(), lag.steps());
        for (int i = 0; i < holds.length; i++) {
            held(lag, lag.steps().get(i), Optional.of(holds[i]));
        }
        int least = lag.steps().stream().mapToInt(Schedule.Step::least).min().orElse(0);
        model.addLessOrEqual(LinearExpr.affine(starts[lag.before()], 1, length + least), starts[lag.after()]);
    }

    private void held(Schedule.Lag lag, Schedule.Step step, Optional<BoolVar> where) {
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

    /**
     * Places it, goal by goal.
     *
     * @param hint a placing from which to begin
     */
    Schedule.Answer inTurn(Optional<int[]> hint, Budget budget, Schedule.Better better) {
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
                return new Schedule.Answer(Optional.empty(), solved.cannot);
            }
            proved = solved.proved;
            least = Math.round(solved.objective);
            model.addLessOrEqual(dearWork, least);
            best = solved.starts;
            hinted(best);
        }
        Schedule.Begins known = problem.begins();
        model.addLessOrEqual(first, least > 0 ? known.latest() : known.latestCheap());
        model.maximize(first);
        Solved latest = solve(budget, SHARES[1], better);
        if (latest.starts == null) {
            return best == null
                    ? new Schedule.Answer(Optional.empty(), latest.cannot)
                    : new Schedule.Answer(Optional.of(found(best, least, first(best), false)), false);
        }
        long begins = Math.round(latest.objective);
        long bound = Math.round(Math.floor(latest.bound + 1e-6));
        proved &= latest.proved;
        model.addGreaterOrEqual(first, begins);
        hinted(latest.starts);
        model.maximize(problem.stood().isEmpty() ? LinearExpr.sum(starts) : LinearExpr.sum(staying()));
        Solved late = solve(budget, SHARES[2], better);
        return new Schedule.Answer(
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

    private Schedule.Found found(int[] placed, long dearSlots, long bound, boolean proved) {
        return new Schedule.Found(placed, dearSlots, first(placed), bound, proved);
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

    private Solved solve(Budget budget, double share, Schedule.Better better) {
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
}
