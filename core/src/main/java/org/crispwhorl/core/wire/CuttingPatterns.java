package org.crispwhorl.core.wire;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.crispwhorl.core.solver.GrowingCover;

/**
 * Ways of cutting wires into pieces: all maximal ones where they are few, else those that are worth having, found by column
 * generation (Gilmore and Gomory 1961).
 */
final class CuttingPatterns {
    /** More maximal patterns than this are not listed. */
    private static final int MOST_LISTED = 3000;

    /** Rounds in which patterns worth having are sought; far more than are ever needed. */
    private static final int MOST_ROUNDS = 400;

    private static final double WORTH_HAVING = 1e-7;

    private final long[] lengths;
    private final int[] wanted;

    CuttingPatterns(long[] lengths, int[] wanted) {
        this.lengths = lengths;
        this.wanted = wanted;
    }

    /** A wire of which pieces can be cut: how long in tenths of a mm, whether an offcut, how many there are. */
    record Source(long length, boolean offcut, int count) {}

    /** A way of cutting a source: how many of each length. */
    record Pattern(Source source, int[] pieces) {}

    /**
     * Patterns to choose from.
     *
     * @param atLeast no choice begins fewer whole wires, of whatever patterns
     * @param all whether all maximal patterns are among them
     */
    record Found(List<Pattern> patterns, int atLeast, boolean all) {}

    /** Length of the pieces of a pattern. */
    long taken(int[] pattern) {
        long sum = 0;
        for (int i = 0; i < pattern.length; i++) {
            sum += lengths[i] * pattern[i];
        }
        return sum;
    }

    /**
     * The patterns of some sources.
     *
     * @param atLeast whole wires that any plan begins
     * @param plain a plan's patterns, which are always among them
     * @return empty where they are too many and there is no solver
     */
    Optional<Found> of(List<Source> sources, int atLeast, List<Pattern> plain) {
        List<Pattern> listed = new ArrayList<>();
        for (Source source : sources) {
            if (!maximal(source, 0, source.length(), new int[lengths.length], listed)) {
                return generated(sources, atLeast, plain);
            }
        }
        return Optional.of(new Found(listed, atLeast, true));
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
            return found.size() <= MOST_LISTED;
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

    /** Rows are the lengths wanted, then the offcuts that there are. */
    private Optional<Found> generated(List<Source> sources, int atLeast, List<Pattern> plain) {
        int rows = lengths.length + sources.size();
        double[] least = new double[rows];
        double[] most = new double[rows];
        Arrays.fill(most, Double.POSITIVE_INFINITY);
        for (int i = 0; i < lengths.length; i++) {
            least[i] = wanted[i];
        }
        for (int s = 0; s < sources.size(); s++) {
            most[lengths.length + s] = sources.get(s).count();
        }
        return GrowingCover.of(least, most).flatMap(cover -> {
            try (cover) {
                return generated(cover, sources, atLeast, plain);
            }
        });
    }

    private Optional<Found> generated(GrowingCover cover, List<Source> sources, int atLeast, List<Pattern> plain) {
        Map<String, Pattern> found = new LinkedHashMap<>();
        plain.forEach(p -> add(cover, sources, p, found));
        for (int round = 0; round < MOST_ROUNDS; round++) {
            Optional<double[]> worths = cover.worths();
            if (worths.isEmpty()) {
                return Optional.empty();
            }
            int before = found.size();
            for (int s = 0; s < sources.size(); s++) {
                Source source = sources.get(s);
                int[] best = mostWorth(source, worths.get());
                double worth = worths.get()[lengths.length + s] - (source.offcut() ? 0 : 1);
                for (int i = 0; i < lengths.length; i++) {
                    worth += worths.get()[i] * best[i];
                }
                if (worth > WORTH_HAVING) {
                    add(cover, sources, new Pattern(source, best), found);
                }
            }
            if (found.size() == before) {
                int bound = (int) Math.ceil(cover.cost() - 1e-6);
                return Optional.of(new Found(List.copyOf(found.values()), Math.max(atLeast, bound), false));
            }
        }
        return Optional.of(new Found(List.copyOf(found.values()), atLeast, false));
    }

    private void add(GrowingCover cover, List<Source> sources, Pattern pattern, Map<String, Pattern> found) {
        if (found.putIfAbsent(pattern.source() + Arrays.toString(pattern.pieces()), pattern) == null) {
            double[] gives = new double[lengths.length + sources.size()];
            for (int i = 0; i < lengths.length; i++) {
                gives[i] = pattern.pieces()[i];
            }
            gives[lengths.length + sources.indexOf(pattern.source())] = 1;
            cover.add(pattern.source().offcut() ? 0 : 1, gives);
        }
    }

    /** The pattern of a source whose pieces are worth the most: a knapsack by dynamic programming over its length. */
    private int[] mostWorth(Source source, double[] worths) {
        int room = (int) source.length();
        double[] best = new double[room + 1];
        int[][] taken = new int[lengths.length][];
        for (int i = 0; i < lengths.length; i++) {
            taken[i] = new int[room + 1];
            int most = (int) Math.min(wanted[i], room / lengths[i]);
            double[] before = best.clone();
            for (int k = 1; k <= most && worths[i] > 0; k++) {
                int size = (int) (k * lengths[i]);
                double worth = k * worths[i];
                for (int at = room; at >= size; at--) {
                    if (before[at - size] + worth > best[at] + 1e-12) {
                        best[at] = before[at - size] + worth;
                        taken[i][at] = k;
                    }
                }
            }
        }
        int[] pattern = new int[lengths.length];
        int at = room;
        for (int i = lengths.length - 1; i >= 0; i--) {
            pattern[i] = taken[i][at];
            at -= (int) (pattern[i] * lengths[i]);
        }
        return pattern;
    }
}
