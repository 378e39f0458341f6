package org.crispwhorl.core.solver;

import com.google.ortools.sat.BoolVar;
import com.google.ortools.sat.CpModel;
import com.google.ortools.sat.CpSolverSolutionCallback;
import com.google.ortools.sat.IntVar;
import com.google.ortools.sat.LinearExpr;
import com.google.ortools.sat.LinearExprBuilder;
import com.google.ortools.sat.Literal;
import com.google.ortools.util.Domain;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.function.BiConsumer;
import java.util.function.IntPredicate;
import java.util.function.ToLongFunction;
import java.util.stream.IntStream;

/** In which half-day each piece of work is begun, and what that costs: half-days and days with work, and kinds of work in each. */
final class HalfDays {
    private static final int KIND_COST = 10;
    private static final int HALF_DAY_COST = 30;
    private static final int DAY_COST = 20;

    /** For each half-day that a used one lies before the last. */
    private static final int EARLY_COST = 2;

    /** For each slot of work beyond what a half-day may well be filled with. */
    private static final int OVER_COST = 10;

    /** So full may a half-day well be. */
    private static final double FULL = 0.85;

    private final Schedule.Problem problem;
    private final CpModel model;
    private final IntVar[] starts;
    private final LinearExprBuilder cost = LinearExpr.newBuilder();
    private final List<BoolVar> used = new ArrayList<>();

    /** @param told is told what each variable is in a placing */
    HalfDays(Schedule.Problem problem, CpModel model, IntVar[] starts, BiConsumer<IntVar, ToLongFunction<int[]>> told) {
        this.problem = problem;
        this.model = model;
        this.starts = starts;
        Map<Integer, List<Literal>> ofHalf = new TreeMap<>();
        Map<Integer, LinearExprBuilder> load = new TreeMap<>();
        Map<List<Integer>, List<Literal>> ofKind = new LinkedHashMap<>();
        for (int i = 0; i < starts.length; i++) {
            int place = i;
            List<Literal> one = new ArrayList<>();
            for (int h : possible(problem.works().get(i))) {
                BoolVar in = model.newBoolVar("");
                model.addLinearExpressionInDomain(starts[i], span(h)).onlyEnforceIf(in);
                told.accept(in, placed -> half(placed[place]) == h ? 1 : 0);
                one.add(in);
                ofHalf.computeIfAbsent(h, k -> new ArrayList<>()).add(in);
                load.computeIfAbsent(h, k -> LinearExpr.newBuilder())
                        .addTerm(in, problem.works().get(i).length());
                ofKind.computeIfAbsent(List.of(problem.kinds().get(i), h), k -> new ArrayList<>())
                        .add(in);
            }
            model.addExactlyOne(one);
        }
        ofKind.forEach((kind, pieces) -> {
            BoolVar present = any(pieces);
            told.accept(
                    present,
                    placed -> anyOf(i -> problem.kinds().get(i).equals(kind.get(0)) && half(placed[i]) == kind.get(1)));
            cost.addTerm(present, KIND_COST);
        });
        Map<Integer, List<Literal>> ofDay = new TreeMap<>();
        ofHalf.forEach((h, pieces) -> {
            BoolVar worked = any(pieces);
            told.accept(worked, placed -> anyOf(i -> half(placed[i]) == h));
            used.add(worked);
            ofDay.computeIfAbsent(problem.half().get(h).day(), d -> new ArrayList<>())
                    .add(worked);
            cost.addTerm(
                    worked, HALF_DAY_COST + (long) EARLY_COST * (problem.half().size() - 1 - h));
            over(h, load.get(h), told);
        });
        ofDay.forEach((day, halves) -> {
            BoolVar worked = any(halves);
            told.accept(
                    worked,
                    placed -> anyOf(i -> problem.half().get(half(placed[i])).day() == day));
            cost.addTerm(worked, DAY_COST);
        });
    }

    private void over(int h, LinearExprBuilder load, BiConsumer<IntVar, ToLongFunction<int[]>> told) {
        long well = (long) (FULL * problem.half().get(h).room());
        long most = problem.works().stream().mapToInt(Schedule.Work::length).sum();
        IntVar over = model.newIntVar(0, most, "");
        model.addLessOrEqual(LinearExpr.newBuilder().add(load).addTerm(over, -1).build(), well);
        told.accept(
                over,
                placed -> Math.max(
                        0,
                        IntStream.range(0, placed.length)
                                        .filter(i -> half(placed[i]) == h)
                                        .mapToLong(i -> problem.works().get(i).length())
                                        .sum()
                                - well));
        cost.addTerm(over, OVER_COST);
    }

    private BoolVar any(List<Literal> those) {
        BoolVar any = model.newBoolVar("");
        those.forEach(one -> model.addImplication(one, any));
        return any;
    }

    private long anyOf(IntPredicate those) {
        return IntStream.range(0, starts.length).anyMatch(those) ? 1 : 0;
    }

    /** The half-days in which it may begin. */
    private List<Integer> possible(Schedule.Work work) {
        return IntStream.range(0, problem.half().size())
                .filter(h -> Arrays.stream(work.all()).anyMatch(s -> half((int) s[0]) <= h && h <= half((int) s[1])))
                .boxed()
                .toList();
    }

    private Domain span(int h) {
        long from = h == 0 ? Integer.MIN_VALUE : problem.half().get(h).from();
        long to = h + 1 == problem.half().size()
                ? Integer.MAX_VALUE
                : problem.half().get(h + 1).from() - 1L;
        return new Domain(from, to);
    }

    /** The half-day of a slot: the first one, too, for what is before. */
    private int half(int slot) {
        return half(problem.half(), slot);
    }

    static int half(List<Schedule.HalfDay> all, int slot) {
        int h = all.size() - 1;
        while (h > 0 && all.get(h).from() > slot) {
            h--;
        }
        return h;
    }

    /** The same cost of a placing, without what half-days are filled with too well. */
    static long cost(List<Schedule.HalfDay> all, List<Integer> kinds, int[] placed) {
        Set<List<Integer>> present = new HashSet<>();
        Set<Integer> used = new HashSet<>();
        for (int i = 0; i < placed.length; i++) {
            int h = half(all, placed[i]);
            used.add(h);
            present.add(List.of(kinds.get(i), h));
        }
        long days = used.stream().map(h -> all.get(h).day()).distinct().count();
        long early = used.stream().mapToLong(h -> all.size() - 1L - h).sum();
        return KIND_COST * (long) present.size()
                + HALF_DAY_COST * (long) used.size()
                + DAY_COST * days
                + EARLY_COST * early;
    }

    /** All of the cost of a placing. */
    static long cost(Schedule.Problem problem, int[] placed) {
        long[] load = new long[problem.half().size()];
        for (int i = 0; i < placed.length; i++) {
            load[half(problem.half(), placed[i])] += problem.works().get(i).length();
        }
        long over = IntStream.range(0, load.length)
                .mapToLong(h -> Math.max(
                        0, load[h] - (long) (FULL * problem.half().get(h).room())))
                .sum();
        return cost(problem.half(), problem.kinds(), placed) + OVER_COST * over;
    }

    LinearExpr cost() {
        return cost.build();
    }

    /** How many half-days a solution takes. */
    long used(CpSolverSolutionCallback solution) {
        return used.stream().filter(solution::booleanValue).count();
    }

    /** The half-day of each piece. */
    int[] of(int[] placed) {
        return Arrays.stream(placed).map(this::half).toArray();
    }

    /** From now on every piece stays in its half-day. */
    void keep(int[] placed) {
        for (int i = 0; i < placed.length; i++) {
            model.addLinearExpressionInDomain(starts[i], span(half(placed[i])));
        }
    }
}
