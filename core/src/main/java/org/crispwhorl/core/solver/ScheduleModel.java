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
import java.util.function.Consumer;
import java.util.function.ToLongFunction;

/** A schedule as the solver is asked for it. */
final class ScheduleModel {
    /** Of the time that it may think, so much goes into each goal in turn. */
    private static final double DEAR_SHARE = 0.2;

    private static final double STAY_SHARE = 0.1;
    private static final double HALF_DAYS_SHARE = 0.5;
    private static final double ORDER_SHARE = 0.2;

    /** Threads that search side by side. */
    private static final int WORKERS = 2;

    /** A machine that is slower than usual gets so many times the time; beyond that the answer may be another each time. */
    private static final double SLOW = 8;

    private final Schedule.Problem problem;
    private final CpModel model = new CpModel();
    private final IntVar[] starts;
    private final BoolVar[] dear;

    /** Whether it is in the hands of the other, where there is another who may do it. */
    private final BoolVar[] other;

    /** What a hint says beside where each piece stands. */
    private final List<Told> told = new ArrayList<>();

    /**
     * Something that follows from a placing, for a hint to be whole.
     *
     * @param value of it in a placing
     */
    private record Told(IntVar variable, ToLongFunction<int[]> value) {}

    ScheduleModel(Schedule.Problem problem) {
        this.problem = problem;
        int n = problem.works().size();
        starts = new IntVar[n];
        dear = new BoolVar[n];
        other = new BoolVar[n];
        List<IntervalVar> own = new ArrayList<>();
        List<IntervalVar> others = new ArrayList<>();
        for (int i = 0; i < n; i++) {
            Schedule.Work work = problem.works().get(i);
            long[][] all = work.all();
            starts[i] = model.newIntVarFromDomain(Domain.fromIntervals(all), "");
            hands(i, work, own, others);
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
        long own = (long) problem.works().get(use.work()).length() - use.from();
        LinearExpr taken = LinearExpr.affine(starts[use.work()], 1, use.from());
        if (use.longer().size() == 1) {
            return model.newFixedSizeIntervalVar(
                    taken, own + use.longer().get(0).least(), "");
        }
        int least = use.longer().stream().mapToInt(Schedule.Step::least).min().orElse(0);
        int most = use.longer().stream().mapToInt(Schedule.Step::least).max().orElse(0);
        IntVar size = model.newIntVar(own + least, own + most, "");
        BoolVar[] holds = holds(use.work(), use.longer());
        for (int i = 0; i < holds.length; i++) {
            model.addEquality(size, own + use.longer().get(i).least()).onlyEnforceIf(holds[i]);
        }
        return model.newIntervalVar(
                taken,
                size,
                LinearExpr.newBuilder()
                        .addTerm(starts[use.work()], 1)
                        .addTerm(size, 1)
                        .add(use.from())
                        .build(),
                "");
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
        Placed best = null;
        if (anyDear) {
            model.minimize(dearWork);
            Solved solved = solve(budget, DEAR_SHARE, sofar -> {});
            if (solved.placed == null) {
                return new Schedule.Answer(Optional.empty(), solved.cannot);
            }
            least = Math.round(solved.objective);
            model.addLessOrEqual(dearWork, least);
            best = solved.placed;
            hinted(best);
        }
        if (problem.stood().stream().anyMatch(was -> was >= 0)) {
            LinearExpr stays = LinearExpr.sum(staying());
            model.maximize(stays);
            Solved solved = solve(budget, STAY_SHARE, sofar -> {});
            if (solved.placed == null && best == null) {
                return new Schedule.Answer(Optional.empty(), solved.cannot);
            }
            if (solved.placed != null) {
                best = solved.placed;
                model.addGreaterOrEqual(stays, Math.round(solved.objective));
            }
            hinted(best);
        }
        HalfDays halfDays = new HalfDays(problem, model, starts, this::told);
        if (best != null || hint.isPresent()) {
            hinted(best != null ? best : new Placed(hint.get(), new boolean[starts.length]));
        }
        model.minimize(halfDays.cost());
        Solved solved = solve(budget, HALF_DAYS_SHARE, sofar -> better.halfDays(halfDays.used(sofar)));
        if (solved.placed == null && best == null) {
            return new Schedule.Answer(Optional.empty(), solved.cannot);
        }
        best = solved.placed != null ? solved.placed : best;
        if (least == 0 && plain()) {
            best = new Placed(ClosedUp.of(problem, Emptied.of(problem, best.starts)), best.byOther);
        }
        halfDays.keep(best.starts);
        LinearExpr order = new DayOrder(problem, model, starts, halfDays.of(best.starts), this::told).cost();
        hinted(best);
        model.minimize(order);
        Solved ordered = solve(budget, ORDER_SHARE, sofar -> {});
        best = ordered.placed != null ? ordered.placed : best;
        return new Schedule.Answer(Optional.of(new Schedule.Found(best.starts, best.byOther, least)), false);
    }

    /** Whether nothing stood anywhere before, nothing has just one place, and nobody else has a part in it. */
    private boolean plain() {
        return problem.stood().isEmpty()
                && problem.works().stream()
                        .allMatch(work -> work.otherStarts().length == 0
                                && Arrays.stream(work.all()).anyMatch(s -> s[1] > s[0]));
    }

    private void told(IntVar variable, ToLongFunction<int[]> value) {
        told.add(new Told(variable, value));
    }

    /** For each piece that stood somewhere whether it stands there still. */
    private BoolVar[] staying() {
        BoolVar[] stays = new BoolVar[starts.length];
        for (int i = 0; i < starts.length; i++) {
            stays[i] = model.newBoolVar("");
            int place = i;
            int was = problem.stood().get(i);
            told(stays[i], placed -> placed[place] == was ? 1 : 0);
            if (was < 0) {
                model.addEquality(stays[i], 0);
            } else {
                model.addEquality(starts[i], was).onlyEnforceIf(stays[i]);
            }
        }
        return stays;
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
        told.forEach(one -> model.addHint(one.variable(), one.value().applyAsLong(placed.starts)));
    }

    /** Slots, and in whose hands. */
    private record Placed(int[] starts, boolean[] byOther) {}

    private record Solved(Placed placed, double objective, boolean cannot) {}

    private Placed placed(CpSolver solver) {
        int[] slots = Arrays.stream(starts).mapToInt(s -> (int) solver.value(s)).toArray();
        boolean[] byOther = new boolean[slots.length];
        for (int i = 0; i < slots.length; i++) {
            byOther[i] = other[i] != null && solver.booleanValue(other[i]);
        }
        return new Placed(slots, byOther);
    }

    private Solved solve(Budget budget, double share, Consumer<CpSolverSolutionCallback> better) {
        CpSolver solver = new CpSolver();
        solver.getParameters()
                .setMaxDeterministicTime(budget.limitMs() * share / 1000)
                .setMaxTimeInSeconds(SLOW * budget.limitMs() * share / 1000)
                .setNumWorkers(WORKERS)
                .setInterleaveSearch(true)
                .setCpModelPresolve(false)
                .setRandomSeed(1);
        CpSolverStatus status = budget.spend(
                solver::stopSearch,
                () -> solver.solve(model, new CpSolverSolutionCallback() {
                    @Override
                    public void onSolutionCallback() {
                        better.accept(this);
                    }
                }));
        // A search that is stopped at once may call feasible what it holds no solution of.
        boolean there = (status == CpSolverStatus.OPTIMAL || status == CpSolverStatus.FEASIBLE)
                && solver.response().getSolutionCount() > 0;
        return new Solved(
                there ? placed(solver) : null,
                there ? solver.objectiveValue() : 0,
                status == CpSolverStatus.INFEASIBLE);
    }
}
