package org.crispwhorl.core.drawer;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.BitSet;
import java.util.List;
import java.util.Optional;
import org.crispwhorl.core.solver.SetCover;

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

    /** Finds what to buy; a cutter whose count is 0 is one that could be bought. */
    public static Purchases of(List<Need> needs, Drawer drawer, Least least) {
        return new Cover(needs, drawer, least).answer();
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
                    .filter(c -> c.count() == 0)
                    .toList();
            List<Cutter> owned =
                    drawer.all(Cutter.class).stream().filter(c -> c.count() > 0).toList();
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

        Purchases answer() {
            if (open.isEmpty()) {
                return new Purchases(List.of(), 0, true, served, unserved);
            }
            Optional<SetCover.Chosen> exact = exact(-1);
            SetCover.Chosen chosen = exact.orElseGet(this::greedy);
            List<Buy> buy = new ArrayList<>();
            for (int c = chosen.sets().nextSetBit(0); c >= 0; c = chosen.sets().nextSetBit(c + 1)) {
                List<Served> by = new ArrayList<>();
                for (int n = 0; n < open.size(); n++) {
                    int at = n;
                    fits.get(n)
                            .get(c)
                            .filter(f -> best(at, chosen.sets()) == f)
                            .ifPresent(f -> by.add(new Served(open.get(at), f)));
                }
                List<Alternative> instead = exact.isPresent()
                        ? exact(c).map(o -> List.of(alternative(o.sets()))).orElse(List.of())
                        : List.of();
                buy.add(new Buy(offered.get(c), by, instead));
            }
            return new Purchases(buy, price(chosen.sets()), chosen.proved(), served, unserved);
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

        /** The exact cover, without one of the cutters where that is asked. */
        private Optional<SetCover.Chosen> exact(int without) {
            long all = 1
                    + offered.stream()
                            .mapToLong(c -> Math.round(HUNDREDTHS * c.price()))
                            .sum();
            long[] costs = new long[offered.size()];
            Arrays.setAll(costs, c -> {
                long price = Math.round(HUNDREDTHS * offered.get(c).price());
                return least == Least.FEWEST ? all + price : (offered.size() + 1L) * price + 1;
            });
            return SetCover.solve(rows, costs, without);
        }

        private SetCover.Chosen greedy() {
            BitSet chosen = new BitSet();
            BitSet left = new BitSet();
            left.set(0, open.size());
            while (!left.isEmpty()) {
                int best = -1;
                long most = 0;
                for (int c = 0; c < offered.size(); c++) {
                    int at = c;
                    long serves = left.stream()
                            .filter(n -> fits.get(n).get(at).isPresent())
                            .count();
                    if (serves > most) {
                        most = serves;
                        best = c;
                    }
                }
                chosen.set(best);
                int taken = best;
                left.stream()
                        .filter(n -> fits.get(n).get(taken).isPresent())
                        .boxed()
                        .toList()
                        .forEach(left::clear);
            }
            return new SetCover.Chosen(chosen, false);
        }
    }
}
