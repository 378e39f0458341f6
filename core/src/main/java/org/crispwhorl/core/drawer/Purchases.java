package org.crispwhorl.core.drawer;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.BitSet;
import java.util.List;
import java.util.Optional;
import org.crispwhorl.core.progress.Progress;
import org.crispwhorl.core.solver.Budget;
import org.crispwhorl.core.solver.Covering;

/**
 * The fewest, or the cheapest, cutters to buy so that every piece of some species can be cut: a set cover, solved exactly. Where
 * the solver is not there, the cutter that serves most is taken first, and the answer says that it is not proved.
 *
 * @param buy cutters to buy, with what each would be for
 * @param price of all of them together; those without a price count as nothing
 * @param proved whether no smaller purchase does
 * @param served pieces that the drawer already cuts, with the cutter for each
 * @param unserved pieces that no cutter of the drawer or of the list cuts
 */
public record Purchases(List<Buy> buy, double price, boolean proved, List<Served> served, List<Need> unserved) {
    public Purchases {
        buy = List.copyOf(buy);
        served = List.copyOf(served);
        unserved = List.copyOf(unserved);
    }

    /** What is made least. */
    public enum Least {
        /** The number of cutters, then their price. */
        FEWEST,
        /** The price, then the number of cutters. */
        CHEAPEST
    }

    /**
     * A piece that has to be cut.
     *
     * @param species whose it is
     * @param part its name there
     * @param wanted what is wanted of a cutter
     */
    public record Need(String species, String part, CutterFit.Wanted wanted) {}

    /** A piece that a cutter serves. */
    public record Served(Need need, CutterFit by) {}

    /**
     * A cutter to buy.
     *
     * @param serves the pieces that it is bought for
     * @param instead what could be bought in its stead, with how many cutters more the whole would then take
     */
    public record Buy(Cutter cutter, List<Served> serves, List<Alternative> instead) {
        public Buy {
            serves = List.copyOf(serves);
            instead = List.copyOf(instead);
        }
    }

    /**
     * Another purchase without one cutter.
     *
     * @param cutters that would be bought then
     * @param price of them together
     */
    public record Alternative(List<String> cutters, double price) {
        public Alternative {
            cutters = List.copyOf(cutters);
        }
    }

    /** Prices are compared to the hundredth. */
    private static final double HUNDREDTHS = 100;

    /** It gives up proving after this long and hands over the best that it has. */
    private static final long LIMIT_MS = 10_000;

    /** Share of the work once it is known what fits, and once the purchase is found; the alternatives are the rest. */
    private static final double FITTED = 0.1;

    private static final double FOUND = 0.2;

    /** No cutter. */
    private static final int NONE = -1;

    /** Finds what to buy; a cutter of which there is none to use, and none to ask back, is one that could be bought. */
    public static Purchases of(List<Need> needs, Drawer drawer, Least least) {
        return of(needs, drawer, least, Progress.UNWATCHED);
    }

    /** Finds what to buy, for somebody who watches: where they give up, the best so far, with fewer or no alternatives. */
    public static Purchases of(List<Need> needs, Drawer drawer, Least least, Progress progress) {
        return new Cover(needs, drawer, least).answer(progress);
    }

    /** Cutters chosen, and whether no cheaper choice covers everything. */
    private record Chosen(BitSet sets, boolean proved) {
        static Chosen of(Covering.Taken taken) {
            BitSet sets = new BitSet();
            for (int c = 0; c < taken.times().length; c++) {
                sets.set(c, taken.times()[c] > 0);
            }
            return new Chosen(sets, taken.proved());
        }
    }

    private static final class Cover {
        private final List<Need> needs;
        private final List<Cutter> offered;
        private final Least least;
        private final List<Served> served = new ArrayList<>();
        private final List<Need> open = new ArrayList<>();
        private final List<Need> unserved = new ArrayList<>();
        private final List<List<Optional<CutterFit>>> fits = new ArrayList<>();
        private final List<BitSet> rows = new ArrayList<>();

        Cover(List<Need> needs, Drawer drawer, Least least) {
            this.needs = needs;
            this.least = least;
            offered = drawer.all(Cutter.class).stream()
                    .filter(Cutter::couldBeBought)
                    .toList();
            List<Cutter> owned =
                    drawer.all(Cutter.class).stream().filter(c -> c.here() > 0).toList();
            Optional<RollerMachine> roller = drawer.roller();
            for (Need need : this.needs) {
                Optional<CutterFit> own = owned.stream()
                        .map(c -> CutterFit.of(need.wanted(), c, roller))
                        .filter(CutterFit::fits)
                        .min(CutterFit.BY_EFFORT);
                if (own.isPresent()) {
                    served.add(new Served(need, own.get()));
                    continue;
                }
                List<Optional<CutterFit>> row =
                        offered.stream().map(c -> fit(need.wanted(), c, roller)).toList();
                if (row.stream().allMatch(Optional::isEmpty)) {
                    unserved.add(need);
                } else {
                    open.add(need);
                    fits.add(row);
                    BitSet by = new BitSet();
                    for (int c = 0; c < row.size(); c++) {
                        by.set(c, row.get(c).isPresent());
                    }
                    rows.add(by);
                }
            }
        }

        private static Optional<CutterFit> fit(CutterFit.Wanted wanted, Cutter cutter, Optional<RollerMachine> roller) {
            return CutterFit.mayFit(wanted, cutter)
                    ? Optional.of(CutterFit.of(wanted, cutter, roller)).filter(CutterFit::fits)
                    : Optional.empty();
        }

        Purchases answer(Progress progress) {
            if (open.isEmpty()) {
                return new Purchases(List.of(), 0, true, served, unserved);
            }
            int[] once = new int[offered.size()];
            Arrays.fill(once, 1);
            Optional<Covering> solver = Covering.of(once);
            try {
                solver.ifPresent(this::demand);
                progress.goesOn(FITTED, "finding what covers all");
                Chosen chosen = best(solver, progress);
                return new Purchases(
                        bought(solver, chosen, progress), price(chosen.sets()), chosen.proved(), served, unserved);
            } finally {
                solver.ifPresent(Covering::close);
            }
        }

        /** Each piece is cut by one of those that fit. */
        private void demand(Covering solver) {
            for (BitSet row : rows) {
                double[] covers = new double[offered.size()];
                row.stream().forEach(c -> covers[c] = 1);
                solver.between(1, Double.POSITIVE_INFINITY, covers);
            }
        }

        /** What is bought, each with what could be bought in its stead as long as somebody waits for it. */
        private List<Buy> bought(Optional<Covering> solver, Chosen chosen, Progress progress) {
            List<Buy> buy = new ArrayList<>();
            int all = chosen.sets().cardinality();
            for (int c = chosen.sets().nextSetBit(0); c >= 0; c = chosen.sets().nextSetBit(c + 1)) {
                List<Served> by = new ArrayList<>();
                for (int n = 0; n < open.size(); n++) {
                    int at = n;
                    fits.get(n)
                            .get(c)
                            .filter(f -> best(at, chosen.sets()) == f)
                            .ifPresent(f -> by.add(new Served(open.get(at), f)));
                }
                boolean waitedFor = progress.goesOn(
                        FOUND + (1 - FOUND) * buy.size() / all,
                        "what could be bought in place of " + offered.get(c).name());
                List<Alternative> instead = waitedFor ? instead(solver, c, progress) : List.of();
                buy.add(new Buy(offered.get(c), by, instead));
            }
            return buy;
        }

        private List<Alternative> instead(Optional<Covering> solver, int without, Progress progress) {
            return solver.flatMap(s -> exact(s, without, progress))
                    .map(o -> List.of(alternative(o.sets())))
                    .orElse(List.of());
        }

        /** The fit by which a need is best served by what is bought. */
        private CutterFit best(int need, BitSet bought) {
            return bought.stream()
                    .mapToObj(c -> fits.get(need).get(c))
                    .flatMap(Optional::stream)
                    .min(CutterFit.BY_EFFORT)
                    .orElseThrow();
        }

        private Alternative alternative(BitSet cutters) {
            return new Alternative(
                    cutters.stream().mapToObj(c -> offered.get(c).name()).toList(), price(cutters));
        }

        private double price(BitSet cutters) {
            return cutters.stream().mapToDouble(c -> offered.get(c).price()).sum();
        }

        /** The best choice of all; that of the most useful first where there is no solver, or it came to none. */
        private Chosen best(Optional<Covering> solver, Progress progress) {
            return solver.flatMap(s -> exact(s, NONE, progress))
                    .orElseGet(() -> greedy(NONE).orElseThrow());
        }

        /** The exact cover, without one of the cutters where that is asked. */
        private Optional<Chosen> exact(Covering solver, int without, Progress progress) {
            Optional<Chosen> plain = greedy(without);
            if (plain.isEmpty()) {
                return Optional.empty();
            }
            long[] begun = new long[offered.size()];
            plain.get().sets().stream().forEach(c -> begun[c] = 1);
            if (without != NONE) {
                solver.most(without, 0);
            }
            try {
                solver.begin(begun);
                return solver.cheapest(costs(), new Budget(LIMIT_MS, progress::stopped))
                        .map(Chosen::of);
            } finally {
                if (without != NONE) {
                    solver.most(without, 1);
                }
            }
        }

        private double[] costs() {
            long all = 1
                    + offered.stream()
                            .mapToLong(c -> Math.round(HUNDREDTHS * c.price()))
                            .sum();
            double[] costs = new double[offered.size()];
            Arrays.setAll(costs, c -> {
                long price = Math.round(HUNDREDTHS * offered.get(c).price());
                return least == Least.FEWEST ? all + price : (offered.size() + 1L) * price + 1;
            });
            return costs;
        }

        /** The cutter that serves most is taken first; none where something is left that no other cutter serves. */
        private Optional<Chosen> greedy(int without) {
            BitSet chosen = new BitSet();
            BitSet left = new BitSet();
            left.set(0, open.size());
            while (!left.isEmpty()) {
                int best = -1;
                long most = 0;
                for (int c = 0; c < offered.size(); c++) {
                    if (c == without) {
                        continue;
                    }
                    int at = c;
                    long serves = left.stream()
                            .filter(n -> fits.get(n).get(at).isPresent())
                            .count();
                    if (serves > most) {
                        most = serves;
                        best = c;
                    }
                }
                if (best < 0) {
                    return Optional.empty();
                }
                chosen.set(best);
                int taken = best;
                left.stream()
                        .filter(n -> fits.get(n).get(taken).isPresent())
                        .boxed()
                        .toList()
                        .forEach(left::clear);
            }
            return Optional.of(new Chosen(chosen, false));
        }
    }
}
