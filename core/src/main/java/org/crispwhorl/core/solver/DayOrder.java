package org.crispwhorl.core.solver;

import com.google.ortools.sat.BoolVar;
import com.google.ortools.sat.CircuitConstraint;
import com.google.ortools.sat.CpModel;
import com.google.ortools.sat.IntVar;
import com.google.ortools.sat.LinearExpr;
import com.google.ortools.sat.LinearExprBuilder;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.function.BiConsumer;
import java.util.function.ToLongFunction;

/** The order of what is done within each half-day: from one piece to the next at the least cost, begun early and over early. */
final class DayOrder {
    private static final int END_COST = 4;

    private static final int LATEST = 1 << 24;

    private final Schedule.Problem problem;
    private final CpModel model;
    private final IntVar[] starts;
    private final BiConsumer<IntVar, ToLongFunction<int[]>> told;
    private final LinearExprBuilder cost = LinearExpr.newBuilder();

    /** @param half the half-day in which each piece is */
    DayOrder(
            Schedule.Problem problem,
            CpModel model,
            IntVar[] starts,
            int[] half,
            BiConsumer<IntVar, ToLongFunction<int[]>> told) {
        this.problem = problem;
        this.model = model;
        this.starts = starts;
        this.told = told;
        Map<Integer, List<Integer>> ofHalf = new TreeMap<>();
        for (int i = 0; i < half.length; i++) {
            ofHalf.computeIfAbsent(half[i], h -> new ArrayList<>()).add(i);
        }
        ofHalf.values().forEach(pieces -> {
            span(pieces);
            // Where several work at once, none comes straight after another.
            boolean inARow = problem.hands() == 1
                    && pieces.stream().allMatch(i -> problem.works().get(i).otherStarts().length == 0);
            if (inARow && pieces.size() > 1) {
                circuit(pieces);
            }
        });
    }

    private void span(List<Integer> pieces) {
        IntVar begin = model.newIntVar(0, LATEST, "");
        IntVar end = model.newIntVar(0, LATEST, "");
        for (int i : pieces) {
            model.addGreaterOrEqual(
                    end, LinearExpr.affine(starts[i], 1, problem.works().get(i).length()));
        }
        model.addMinEquality(begin, pieces.stream().map(i -> starts[i]).toArray(IntVar[]::new));
        told.accept(
                begin, placed -> pieces.stream().mapToInt(i -> placed[i]).min().orElse(0));
        told.accept(end, placed -> pieces.stream()
                .mapToInt(i -> placed[i] + problem.works().get(i).length())
                .max()
                .orElse(0));
        cost.addTerm(begin, 1);
        cost.addTerm(end, END_COST);
    }

    /** One piece after the other, from nothing to nothing. */
    private void circuit(List<Integer> pieces) {
        CircuitConstraint circuit = model.addCircuit();
        for (int a = 0; a < pieces.size(); a++) {
            int before = pieces.get(a);
            BoolVar first = model.newBoolVar("");
            BoolVar last = model.newBoolVar("");
            circuit.addArc(0, a + 1, first);
            circuit.addArc(a + 1, 0, last);
            told.accept(first, placed -> inOrder(pieces, placed).get(0) == before ? 1 : 0);
            told.accept(last, placed -> inOrder(pieces, placed).get(pieces.size() - 1) == before ? 1 : 0);
            for (int b = 0; b < pieces.size(); b++) {
                if (a == b) {
                    continue;
                }
                int after = pieces.get(b);
                BoolVar next = model.newBoolVar("");
                circuit.addArc(a + 1, b + 1, next);
                model.addLessOrEqual(
                                LinearExpr.affine(
                                        starts[before],
                                        1,
                                        problem.works().get(before).length()),
                                starts[after])
                        .onlyEnforceIf(next);
                told.accept(next, placed -> follows(inOrder(pieces, placed), before, after) ? 1 : 0);
                cost.addTerm(next, problem.changes().between(before, after));
            }
        }
    }

    private static List<Integer> inOrder(List<Integer> pieces, int[] placed) {
        return pieces.stream()
                .sorted(Comparator.comparingInt((Integer i) -> placed[i]))
                .toList();
    }

    private static boolean follows(List<Integer> order, int before, int after) {
        int at = order.indexOf(before);
        return at + 1 < order.size() && order.get(at + 1) == after;
    }

    LinearExpr cost() {
        return cost.build();
    }
}
