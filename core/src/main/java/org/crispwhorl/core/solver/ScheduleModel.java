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
import com.google.ortools.sat.Literal;
import com.google.ortools.util.Domain;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;

/** A schedule as the solver is asked for it. */
final class ScheduleModel {
    /** Of the time that it may think, so much goes into each goal in turn. */
    private static final double DEAR_SHARE = 0.25;

    private static final double BEGIN_SHARE = 0.45;
    private static final double STAY_SHARE = 0.1;
    private static final double CHANGES_SHARE = 0.1;
    private static final double LATE_SHARE = 0.1;

    /** Threads that search side by side. */
    private static final int WORKERS = 2;

    private final Schedule.Problem problem;
    private final CpModel model = new CpModel();
    private final IntVar[] starts;
    private final BoolVar[] dear;

    /** Whether it is in the hands of the other, where there is another who may do it. */
    private final BoolVar[] other;

    private final IntVar first;

    ScheduleModel(Schedule.Problem problem) {
        this.problem = problem;
        int n = problem.works().size();
        starts = new IntVar[n];
        dear = new BoolVar[n];
        other = new BoolVar[n];
        List<IntervalVar> own = new ArrayList<>();
        List<IntervalVar> others = new ArrayList<>();
        long last = 0;
        for (int i = 0; i < n; i++) {
            Schedule.Work work = problem.works().get(i);
            long[][] all = work.all();
            starts[i] = model.newIntVarFromDomain(Domain.fromIntervals(all), "");
            hands(i, work, own, others);
            last = Math.max(last, Arrays.stream(all).mapToLong(s -> s[1]).max().orElse(0));
        }
        problem.taken().forEach(t -> own.add(model.newFixedInterval(t[0], (long) t[1] - t[0], "")));
        problem.takenOfOther().forEach(t -> others.add(model.newFixedInterval(t[0], (long) t[1] - t[0], "")));
        for (Schedule.Shared tools : problem.shared()) {
            CumulativeConstraint there = model.addCumulative(tools.count());
            for (Schedule.Use use : tools.uses()) {
                there.addDemand(kept(use), use.wanted());
            }
            for (Schedule.InUse busy : tools.inUse()) {
                there.addDemand(
                        model.newFixedInterval(busy.from(), (long) busy.until() - busy.from(), ""), busy.count());
            }
        }
        if (problem.hands() == 1) {
            model.addNoOverlap(own);
        } else {
            CumulativeConstraint hands = model.addCumulative(problem.hands());
            own.forEach(interval -> hands.addDemand(interval, 1));
        }
        model.addNoOverlap(others);
        problem.lags().forEach(this::wait);
        for (int[] pair : problem.inOrder()) {
            model.addLessOrEqual(starts[pair[0]], starts[pair[1]]);
        }
        first = model.newIntVar(0, last, "");
        for (IntVar start : starts) {
            model.addLessOrEqual(first, start);
        }
    }

    /** In whose hands it is: those of the first, in dear time or not, or those of the other. */
    private void hands(int i, Schedule.Work work, List<IntervalVar> own, List<IntervalVar> others) {
        List<Literal> dearOrOther = new ArrayList<>();
        if (work.dearStarts().length > 0) {
            dear[i] = model.newBoolVar("");
            within(i, work.dearStarts(), dear[i]);
            dearOrOther.add(dear[i]);
        }
        if (work.otherStarts().length > 0) {
            other[i] = model.newBoolVar("");
            within(i, work.otherStarts(), other[i]);
            dearOrOther.add(other[i]);
            others.add(model.newOptionalFixedSizeIntervalVar(starts[i], work.length(), other[i], ""));
            own.add(model.newOptionalFixedSizeIntervalVar(starts[i], work.length(), other[i].not(), ""));
        } else {
            own.add(model.newFixedSizeIntervalVar(starts[i], work.length(), ""));
        }
        if (!dearOrOther.isEmpty()) {
            BoolVar cheap = model.newBoolVar("");
            within(i, work.starts(), cheap);
            dearOrOther.add(cheap);
            model.addExactlyOne(dearOrOther);
        }
    }

    private void within(int i, long[][] where, Literal when) {
        model.addLinearExpressionInDomain(starts[i], Domain.fromIntervals(where))
                .onlyEnforceIf(when);
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
     * @param hint a placing from which to begin, in which the other has no part
     */
    Schedule.Answer inTurn(Optional<int[]> hint, Budget budget, Schedule.Better better) {
        hint.ifPresent(placed -> hinted(new Placed(placed, new boolean[placed.length])));
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
        Placed best = null;
        if (anyDear) {
            model.minimize(dearWork);
            Solved solved = solve(budget, DEAR_SHARE, better);
            if (solved.placed == null) {
                return new Schedule.Answer(Optional.empty(), solved.cannot);
            }
            proved = solved.proved;
            least = Math.round(solved.objective);
            model.addLessOrEqual(dearWork, least);
            best = solved.placed;
            hinted(best);
        }
        Schedule.Begins known = problem.begins();
        model.addLessOrEqual(first, least > 0 ? known.latest() : known.latestCheap());
        model.maximize(first);
        Solved latest = solve(budget, BEGIN_SHARE, better);
        if (latest.placed == null) {
            return best == null
                    ? new Schedule.Answer(Optional.empty(), latest.cannot)
                    : new Schedule.Answer(Optional.of(found(best, least, first(best.starts), false)), false);
        }
        long begins = Math.round(latest.objective);
        long bound = Math.round(Math.floor(latest.bound + 1e-6));
        proved &= latest.proved;
        model.addGreaterOrEqual(first, begins);
        Placed placed = latest.placed;
        if (!problem.stood().isEmpty()) {
            placed = most(staying(), placed, budget, STAY_SHARE, better);
        }
        if (!problem.alike().isEmpty()) {
            placed = most(goingOn(), placed, budget, CHANGES_SHARE, better);
        }
        if (problem.stood().isEmpty()) {
            hinted(placed);
            model.maximize(LinearExpr.sum(starts));
            placed = Optional.ofNullable(solve(budget, LATE_SHARE, better).placed)
                    .orElse(placed);
        }
        return new Schedule.Answer(Optional.of(found(placed, least, bound, proved)), false);
    }

    /** As many of those as can be; from then on no fewer. */
    private Placed most(BoolVar[] those, Placed from, Budget budget, double share, Schedule.Better better) {
        hinted(from);
        LinearExpr sum = LinearExpr.sum(those);
        model.maximize(sum);
        Solved solved = solve(budget, share, better);
        if (solved.placed == null) {
            return from;
        }
        model.addGreaterOrEqual(sum, Math.round(solved.objective));
        return solved.placed;
    }

    /** For each two pieces that are alike whether the second goes straight on from the first. */
    private BoolVar[] goingOn() {
        BoolVar[] goesOn = new BoolVar[problem.alike().size()];
        for (int k = 0; k < goesOn.length; k++) {
            int[] pair = problem.alike().get(k);
            goesOn[k] = model.newBoolVar("");
            model.addEquality(
                            LinearExpr.affine(
                                    starts[pair[0]],
                                    1,
                                    problem.works().get(pair[0]).length()),
                            starts[pair[1]])
                    .onlyEnforceIf(goesOn[k]);
        }
        return goesOn;
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

    private static Schedule.Found found(Placed placed, long dearSlots, long bound, boolean proved) {
        return new Schedule.Found(placed.starts, placed.byOther, dearSlots, first(placed.starts), bound, proved);
    }

    private static long first(int[] placed) {
        return Arrays.stream(placed).min().orElse(0);
    }

    private void hinted(Placed placed) {
        model.clearHints();
        for (int i = 0; i < starts.length; i++) {
            model.addHint(starts[i], placed.starts[i]);
            if (other[i] != null) {
                model.addHint(other[i], placed.byOther[i] ? 1 : 0);
            }
            if (dear[i] != null) {
                boolean inDear = !placed.byOther[i]
                        && Schedule.Work.among(problem.works().get(i).dearStarts(), placed.starts[i]);
                model.addHint(dear[i], inDear ? 1 : 0);
            }
        }
        model.addHint(first, first(placed.starts));
    }

    /** Slots, and in whose hands. */
    private record Placed(int[] starts, boolean[] byOther) {}

    private record Solved(Placed placed, double objective, double bound, boolean proved, boolean cannot) {}

    private Placed placed(CpSolver solver) {
        int[] slots = Arrays.stream(starts).mapToInt(s -> (int) solver.value(s)).toArray();
        boolean[] byOther = new boolean[slots.length];
        for (int i = 0; i < slots.length; i++) {
            byOther[i] = other[i] != null && solver.booleanValue(other[i]);
        }
        return new Placed(slots, byOther);
    }

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
                there ? placed(solver) : null,
                there ? solver.objectiveValue() : 0,
                there ? solver.bestObjectiveBound() : 0,
                status == CpSolverStatus.OPTIMAL,
                status == CpSolverStatus.INFEASIBLE);
    }
}
