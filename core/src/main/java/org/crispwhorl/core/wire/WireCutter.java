package org.crispwhorl.core.wire;

import com.google.ortools.sat.CpModel;
import com.google.ortools.sat.IntVar;
import com.google.ortools.sat.LinearExpr;
import com.google.ortools.sat.LinearExprBuilder;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.stream.IntStream;
import org.crispwhorl.core.solver.ExactSolver;

/**
 * Cuts pieces from wires so that the fewest whole wires are begun and, among those plans, the least wire is cut up: the
 * one-dimensional cutting stock problem (Kantorovich 1939; Gilmore and Gomory 1961) over all maximal patterns, solved
 * exactly. Where the solver is not there, or there are too many patterns, first-fit-decreasing answers, and says so.
 */
public final class WireCutter {
    /** More maximal patterns than this are not listed. */
    private static final int MOST_PATTERNS = 60_000;

    /** Lengths are counted in tenths of a millimetre; a piece is never cut shorter than asked. */
    private static final double TENTHS = 10;

    private final WireStock stock;
    private final long[] lengths;
    private final int[] wanted;
    private final List<WirePiece> tooLong = new ArrayList<>();

    private WireCutter(List<WirePiece> pieces, WireStock stock) {
        this.stock = stock;
        double longest = Math.max(
                stock.wholeMm().stream().mapToDouble(Double::doubleValue).max().orElse(0),
                stock.offcuts().stream().mapToDouble(WirePiece::lengthMm).max().orElse(0));
        Map<Long, Integer> byLength = new TreeMap<>(Comparator.reverseOrder());
        for (WirePiece piece : pieces) {
            if (piece.lengthMm() > longest) {
                tooLong.add(piece);
            } else if (piece.count() > 0) {
                byLength.merge((long) Math.ceil(TENTHS * piece.lengthMm() - 1e-6), piece.count(), Integer::sum);
            }
        }
        lengths = byLength.keySet().stream().mapToLong(Long::longValue).toArray();
        wanted = byLength.values().stream().mapToInt(Integer::intValue).toArray();
    }

    /** The plan with the fewest whole wires. */
    public static CuttingPlan plan(List<WirePiece> pieces, WireStock stock) {
        WireCutter cutter = new WireCutter(pieces, stock);
        CuttingPlan plain = cutter.firstFit();
        return cutter.exact(plain).orElse(plain);
    }

    /** The plan of a maker who takes the longest piece first and the first wire on which it fits. */
    public static CuttingPlan firstFitDecreasing(List<WirePiece> pieces, WireStock stock) {
        return new WireCutter(pieces, stock).firstFit();
    }

    /** A wire of which pieces can be cut: how long, whether an offcut, how many there are. */
    private record Source(long length, boolean offcut, int count) {}

    /** Offcuts first, shortest first, then whole wires, longest first. */
    private List<Source> sources() {
        List<Source> all = new ArrayList<>();
        stock.offcuts().stream()
                .sorted(Comparator.comparingDouble(WirePiece::lengthMm))
                .forEach(o -> all.add(new Source((long) (TENTHS * o.lengthMm()), true, o.count())));
        int pieces = Arrays.stream(wanted).sum();
        for (int i = stock.wholeMm().size() - 1; i >= 0; i--) {
            all.add(new Source((long) (TENTHS * stock.wholeMm().get(i)), false, pieces));
        }
        return all;
    }

    private CuttingPlan firstFit() {
        List<Source> begun = new ArrayList<>();
        List<int[]> cut = new ArrayList<>();
        List<Source> fresh = new ArrayList<>();
        for (Source source : sources()) {
            if (source.offcut()) {
                IntStream.range(0, source.count()).forEach(k -> {
                    begun.add(source);
                    cut.add(new int[lengths.length]);
                });
            } else {
                fresh.add(source);
            }
        }
        for (int i = 0; i < lengths.length; i++) {
            for (int k = 0; k < wanted[i]; k++) {
                int at = 0;
                while (at < begun.size() && begun.get(at).length() - taken(cut.get(at)) < lengths[i]) {
                    at++;
                }
                if (at == begun.size()) {
                    if (fresh.isEmpty() || fresh.get(0).length() < lengths[i]) {
                        tooLong.add(new WirePiece(lengths[i] / TENTHS, wanted[i] - k));
                        wanted[i] = k;
                        break;
                    }
                    begun.add(fresh.get(0));
                    cut.add(new int[lengths.length]);
                }
                cut.get(at)[i]++;
            }
        }
        int bound = materialBound();
        Map<String, CuttingPlan.WireCutting> alike = new TreeMap<>();
        int whole = 0;
        for (int b = 0; b < begun.size(); b++) {
            if (taken(cut.get(b)) > 0) {
                whole += begun.get(b).offcut() ? 0 : 1;
                add(alike, begun.get(b), cut.get(b), 1);
            }
        }
        return new CuttingPlan(sorted(alike), whole, bound, whole == bound, tooLong);
    }

    /** What lies in the pieces, less what offcuts can give, fills at least so many of the longest wire. */
    private int materialBound() {
        double needed = -stock.offcuts().stream()
                .mapToDouble(o -> Math.floor(TENTHS * o.lengthMm()) * o.count())
                .sum();
        for (int i = 0; i < lengths.length; i++) {
            needed += (double) lengths[i] * wanted[i];
        }
        double longest = stock.wholeMm().isEmpty()
                ? 0
                : TENTHS * stock.wholeMm().get(stock.wholeMm().size() - 1);
        return needed <= 0 || longest == 0 ? 0 : (int) Math.ceil(needed / longest - 1e-9);
    }

    private long taken(int[] pattern) {
        long sum = 0;
        for (int i = 0; i < pattern.length; i++) {
            sum += lengths[i] * pattern[i];
        }
        return sum;
    }

    /** A way of cutting a source. */
    private record Pattern(Source source, int[] pieces) {}

    private Optional<CuttingPlan> exact(CuttingPlan plain) {
        if (lengths.length == 0) {
            return Optional.of(new CuttingPlan(List.of(), 0, 0, true, tooLong));
        }
        if (!ExactSolver.there()) {
            return Optional.empty();
        }
        List<Pattern> patterns = new ArrayList<>();
        for (Source source : sources()) {
            if (!maximal(source, 0, source.length(), new int[lengths.length], patterns)) {
                return Optional.empty();
            }
        }
        CpModel model = new CpModel();
        IntVar[] used = new IntVar[patterns.size()];
        LinearExprBuilder cost = LinearExpr.newBuilder();
        LinearExprBuilder whole = LinearExpr.newBuilder();
        long opened =
                1 + patterns.stream().mapToLong(p -> p.source().length()).max().orElse(0);
        long wholeCost = opened * (1 + Arrays.stream(wanted).sum());
        for (int p = 0; p < used.length; p++) {
            Source source = patterns.get(p).source();
            used[p] = model.newIntVar(0, source.count(), "");
            cost.addTerm(used[p], source.length() + (source.offcut() ? 0 : wholeCost));
            whole.addTerm(used[p], source.offcut() ? 0 : 1);
        }
        model.addLinearConstraint(whole, materialBound(), plain.wholeWires());
        for (int i = 0; i < lengths.length; i++) {
            LinearExprBuilder cut = LinearExpr.newBuilder();
            for (int p = 0; p < used.length; p++) {
                cut.addTerm(used[p], patterns.get(p).pieces()[i]);
            }
            model.addGreaterOrEqual(cut, wanted[i]);
        }
        for (Source source : sources()) {
            if (source.offcut()) {
                LinearExprBuilder taken = LinearExpr.newBuilder();
                for (int p = 0; p < used.length; p++) {
                    taken.addTerm(used[p], patterns.get(p).source().equals(source) ? 1 : 0);
                }
                model.addLessOrEqual(taken, source.count());
            }
        }
        model.minimize(cost);
        return ExactSolver.solve(model).map(solved -> {
            long[] times = new long[used.length];
            for (int p = 0; p < used.length; p++) {
                times[p] = solved.values().value(used[p]);
            }
            int best = (int) Math.floor(solved.values().bestObjectiveBound() / wholeCost);
            return written(patterns, times, best, solved.proved());
        });
    }

    /** Lists the patterns of a source to which no further piece can be added; false where there are too many. */
    private boolean maximal(Source source, int from, long left, int[] pattern, List<Pattern> found) {
        if (from == lengths.length) {
            boolean full = true;
            for (int i = 0; i < lengths.length && full; i++) {
                full = lengths[i] > left || pattern[i] >= wanted[i];
            }
            if (full && taken(pattern) > 0) {
                found.add(new Pattern(source, pattern.clone()));
            }
            return found.size() <= MOST_PATTERNS;
        }
        int most = (int) Math.min(wanted[from], left / lengths[from]);
        // The shortest piece fills what is left: fewer of it would not be maximal.
        int least = from == lengths.length - 1 ? most : 0;
        for (int k = most; k >= least; k--) {
            pattern[from] = k;
            if (!maximal(source, from + 1, left - k * lengths[from], pattern, found)) {
                return false;
            }
        }
        pattern[from] = 0;
        return true;
    }

    /** Writes the chosen patterns down, leaving out pieces that are one too many. */
    private CuttingPlan written(List<Pattern> patterns, long[] times, int bound, boolean proved) {
        int[] surplus = new int[lengths.length];
        for (int i = 0; i < lengths.length; i++) {
            surplus[i] = -wanted[i];
            for (int p = 0; p < times.length; p++) {
                surplus[i] += (int) times[p] * patterns.get(p).pieces()[i];
            }
        }
        Map<String, CuttingPlan.WireCutting> alike = new TreeMap<>();
        int whole = 0;
        for (int p = 0; p < times.length; p++) {
            Source source = patterns.get(p).source();
            for (long k = 0; k < times[p]; k++) {
                int[] kept = patterns.get(p).pieces().clone();
                for (int i = 0; i < kept.length; i++) {
                    int less = Math.min(kept[i], surplus[i]);
                    kept[i] -= less;
                    surplus[i] -= less;
                }
                if (taken(kept) > 0) {
                    whole += source.offcut() ? 0 : 1;
                    add(alike, source, kept, 1);
                }
            }
        }
        return new CuttingPlan(sorted(alike), whole, proved ? whole : bound, proved, tooLong);
    }

    private void add(Map<String, CuttingPlan.WireCutting> alike, Source source, int[] pattern, int times) {
        List<Double> pieces = new ArrayList<>();
        for (int i = 0; i < pattern.length; i++) {
            for (int k = 0; k < pattern[i]; k++) {
                pieces.add(lengths[i] / TENTHS);
            }
        }
        alike.merge(
                source + Arrays.toString(pattern),
                new CuttingPlan.WireCutting(
                        source.length() / TENTHS,
                        source.offcut(),
                        pieces,
                        times,
                        (source.length() - taken(pattern)) / TENTHS),
                (a, b) -> new CuttingPlan.WireCutting(
                        a.fromMm(), a.offcut(), a.piecesMm(), a.times() + b.times(), a.leftMm()));
    }

    private static List<CuttingPlan.WireCutting> sorted(Map<String, CuttingPlan.WireCutting> alike) {
        return alike.values().stream()
                .sorted(Comparator.comparing(CuttingPlan.WireCutting::offcut)
                        .thenComparing(Comparator.comparingDouble(CuttingPlan.WireCutting::fromMm)
                                .reversed())
                        .thenComparing(Comparator.comparingInt(CuttingPlan.WireCutting::times)
                                .reversed()))
                .toList();
    }
}
