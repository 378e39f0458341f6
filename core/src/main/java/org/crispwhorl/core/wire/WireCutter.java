package org.crispwhorl.core.wire;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.function.ToDoubleFunction;
import java.util.stream.IntStream;
import org.crispwhorl.core.solver.Budget;
import org.crispwhorl.core.solver.Covering;
import org.crispwhorl.core.wire.CuttingPatterns.Pattern;
import org.crispwhorl.core.wire.CuttingPatterns.Source;

/**
 * Cuts pieces from wires so that the fewest whole wires are begun and, among those plans, the least wire is cut up: the
 * one-dimensional cutting stock problem (Kantorovich 1939; Gilmore and Gomory 1961) over the patterns of
 * {@link CuttingPatterns}, solved exactly. Where the solver is not there, first-fit-decreasing answers, and says so.
 */
public final class WireCutter {
    /** Lengths are counted in tenths of a millimetre; a piece is never cut shorter than asked. */
    private static final double TENTHS = 10;

    private final WireStock stock;
    private final long[] lengths;
    private final int[] wanted;
    private final CuttingPatterns patterns;
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
        patterns = new CuttingPatterns(lengths, wanted);
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

    /**
     * The first wire takes, longest first, every piece that still fits on it; then the second of what is left. As many wires as
     * come out alike are cut at once.
     */
    private CuttingPlan firstFit() {
        int[] left = wanted.clone();
        Map<String, CuttingPlan.WireCutting> alike = new TreeMap<>();
        int whole = 0;
        Source fresh = null;
        for (Source source : sources()) {
            if (source.offcut()) {
                cutFrom(source, left, alike);
            } else if (fresh == null) {
                fresh = source;
            }
        }
        for (int i = 0; i < lengths.length; i++) {
            if (left[i] > 0 && (fresh == null || fresh.length() < lengths[i])) {
                tooLong.add(new WirePiece(lengths[i] / TENTHS, left[i]));
                wanted[i] -= left[i];
                left[i] = 0;
            }
        }
        if (fresh != null) {
            whole = cutFrom(fresh, left, alike);
        }
        int bound = materialBound();
        return new CuttingPlan(sorted(alike), whole, bound, whole == bound, tooLong);
    }

    /** Cuts what is left from the wires of a source; says how many of them were begun. */
    private int cutFrom(Source source, int[] left, Map<String, CuttingPlan.WireCutting> alike) {
        int begun = 0;
        while (begun < source.count()) {
            int[] pattern = new int[lengths.length];
            long room = source.length();
            int times = source.count() - begun;
            for (int i = 0; i < lengths.length; i++) {
                pattern[i] = (int) Math.min(left[i], room / lengths[i]);
                room -= pattern[i] * lengths[i];
                times = pattern[i] > 0 ? Math.min(times, left[i] / pattern[i]) : times;
            }
            if (patterns.taken(pattern) == 0) {
                return begun;
            }
            for (int i = 0; i < lengths.length; i++) {
                left[i] -= times * pattern[i];
            }
            add(alike, source, pattern, times);
            begun += times;
        }
        return begun;
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

    private Optional<CuttingPlan> exact(CuttingPlan plain) {
        if (lengths.length == 0) {
            return Optional.of(new CuttingPlan(List.of(), 0, 0, true, tooLong));
        }
        return patterns.of(sources(), materialBound(), patternsOf(plain)).flatMap(found -> {
            int[] most =
                    found.patterns().stream().mapToInt(p -> p.source().count()).toArray();
            return Covering.of(most).flatMap(covering -> {
                try (covering) {
                    return exact(covering, found, plain);
                }
            });
        });
    }

    /** The ways in which a plan cuts. */
    private List<Pattern> patternsOf(CuttingPlan plan) {
        List<Source> sources = sources();
        List<Pattern> all = new ArrayList<>();
        for (CuttingPlan.WireCutting cut : plan.cuts()) {
            int[] pieces = new int[lengths.length];
            cut.piecesMm().forEach(mm -> pieces[at(Math.round(TENTHS * mm))]++);
            long length = Math.round(TENTHS * cut.fromMm());
            sources.stream()
                    .filter(s -> s.offcut() == cut.offcut() && s.length() == length)
                    .findFirst()
                    .ifPresent(s -> all.add(new Pattern(s, pieces)));
        }
        return all;
    }

    private int at(long length) {
        for (int i = 0; i < lengths.length; i++) {
            if (lengths[i] == length) {
                return i;
            }
        }
        throw new IllegalArgumentException("no piece is " + length + " tenths of a mm long");
    }

    /** The fewest whole wires first; then, with no more of them, the least wire cut up. */
    private Optional<CuttingPlan> exact(Covering covering, CuttingPatterns.Found found, CuttingPlan plain) {
        List<Pattern> techniques = found.patterns();
        double[] whole = each(techniques, p -> p.source().offcut() ? 0 : 1);
        covering.between(found.atLeast(), plain.wholeWires(), whole);
        for (int i = 0; i < lengths.length; i++) {
            int at = i;
            covering.between(wanted[i], Double.POSITIVE_INFINITY, each(techniques, p -> p.pieces()[at]));
        }
        for (Source source : sources()) {
            if (source.offcut()) {
                covering.between(
                        0, source.count(), each(techniques, p -> p.source().equals(source) ? 1 : 0));
            }
        }
        Optional<Covering.Taken> fewest = covering.cheapest(whole, Budget.ofMs(LIMIT_MS));
        if (fewest.isEmpty()) {
            return Optional.empty();
        }
        long wires = Math.round(IntStream.range(0, whole.length)
                .mapToDouble(p -> whole[p] * fewest.get().times()[p])
                .sum());
        int bound = found.all()
                ? Math.max(found.atLeast(), (int) Math.ceil(fewest.get().bound() - 1e-6))
                : found.atLeast();
        boolean proved = found.all() && fewest.get().proved() || wires <= bound;
        covering.between(0, wires, whole);
        boolean alike = techniques.stream()
                        .mapToLong(p -> p.source().length())
                        .distinct()
                        .count()
                == 1;
        Covering.Taken least = alike
                ? fewest.get()
                : covering.cheapest(each(techniques, p -> p.source().length()), Budget.ofMs(LIMIT_MS / 4))
                        .orElse(fewest.get());
        return Optional.of(written(techniques, least.times(), bound, proved));
    }

    private static double[] each(List<Pattern> techniques, ToDoubleFunction<Pattern> figure) {
        return techniques.stream().mapToDouble(figure).toArray();
    }

    /** The solver gives up proving after so long for the first goal, after a quarter of it for the second. */
    private static final long LIMIT_MS = 1000;

    /** Writes the chosen patterns down, leaving out pieces that are one too many. */
    private CuttingPlan written(List<Pattern> techniques, long[] times, int bound, boolean proved) {
        int[] surplus = new int[lengths.length];
        for (int i = 0; i < lengths.length; i++) {
            surplus[i] = -wanted[i];
            for (int p = 0; p < times.length; p++) {
                surplus[i] += (int) times[p] * techniques.get(p).pieces()[i];
            }
        }
        Map<String, CuttingPlan.WireCutting> alike = new TreeMap<>();
        int whole = 0;
        for (int p = 0; p < times.length; p++) {
            Source source = techniques.get(p).source();
            for (long k = 0; k < times[p]; k++) {
                if (Arrays.stream(surplus).allMatch(n -> n == 0)) {
                    int rest = (int) (times[p] - k);
                    whole += source.offcut() ? 0 : rest;
                    add(alike, source, techniques.get(p).pieces(), rest);
                    break;
                }
                int[] kept = techniques.get(p).pieces().clone();
                for (int i = 0; i < kept.length; i++) {
                    int less = Math.min(kept[i], surplus[i]);
                    kept[i] -= less;
                    surplus[i] -= less;
                }
                if (patterns.taken(kept) > 0) {
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
                        (source.length() - patterns.taken(pattern)) / TENTHS),
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
