package org.crispwhorl.core.calendar;

import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import org.crispwhorl.core.assessment.Plan;
import org.crispwhorl.core.measure.Text;
import org.crispwhorl.core.measure.Unit;
import org.crispwhorl.core.order.OrderSheet;
import org.crispwhorl.core.progress.Progress;
import org.crispwhorl.core.species.Techniques;
import org.crispwhorl.core.work.BatchId;

/**
 * The work of an order in batches: each task is done for a few of a line's flowers at a time, so few that it takes no longer
 * than a sitting, and that its tools suffice. Mixing is done once.
 */
final class Batches {
    /** The air in which the flowers of a line dry, by where they are. */
    interface Airs {
        /** It stays as it was reckoned. */
        Airs STEADY = (line, place) -> AirAhead.STEADY;

        AirAhead of(String line, Techniques.DriesIn place);
    }

    /** Waiting for more than this means never, h. */
    private static final double NEVER_H = 24 * 365;

    /** Nothing is done in less, min. */
    private static final double LEAST_MIN = 0.1;

    private Batches() {}

    /** Whether every wait comes to an end. */
    static boolean possible(OrderSheet sheet) {
        return sheet.tasks().stream().flatMap(t -> t.task().gates().stream()).allMatch(g -> g.waitH() < NEVER_H)
                && sheet.handOver().stream().allMatch(g -> g.gate().waitH() < NEVER_H);
    }

    /**
     * @param order which of the orders that are planned together
     * @param first place in the list of all of the first of its batches
     * @param done of its batches by their names: what was begun in so many batches is finished in as many
     * @param last slot at which it has to be ready
     * @param sittingMin longest sitting
     * @param patience asked at every task whether the work is still wanted
     * @throws Progress.Stopped where it is not
     */
    static List<Batch> of(
            int order,
            int first,
            OrderSheet sheet,
            Collection<Done> done,
            int last,
            double sittingMin,
            Airs airs,
            Patience patience) {
        Map<String, Integer> counts = counts(sheet, sittingMin);
        done.stream()
                .flatMap(over -> BatchId.of(over.uid()).stream())
                .forEach(over -> counts.replace(over.key(), over.of()));
        Sheet known = Sheet.of(sheet, Share.of(sheet, counts, sittingMin));
        Map<String, List<Integer>> places = new HashMap<>();
        List<Batch> all = new ArrayList<>();
        for (OrderSheet.OrderTask task : sheet.tasks()) {
            patience.check();
            String key = BatchId.key(task.line(), task.task().id());
            int n = counts.get(key);
            List<Integer> own = new ArrayList<>();
            for (int i = 0; i < n; i++) {
                own.add(first + all.size());
                all.add(batch(order, last, known, task, i, n, places, airs));
            }
            places.put(key, own);
        }
        return all;
    }

    /** In how many batches all of an order is done. */
    static int count(OrderSheet sheet, double sittingMin) {
        return counts(sheet, sittingMin).values().stream()
                .mapToInt(Integer::intValue)
                .sum();
    }

    /** What is asked of a sheet for every batch, by the key of its task. */
    private record Sheet(
            Map<String, Techniques.DriesIn> places,
            Map<String, List<Plan.Gate>> leaves,
            Map<String, List<Share>> shares) {
        static Sheet of(OrderSheet sheet, Map<String, List<Share>> shares) {
            Map<String, Techniques.DriesIn> places = new HashMap<>();
            sheet.tasks().forEach(t -> places.put(BatchId.key(t.line(), t.task().id()), t.driesIn()));
            Map<String, List<Plan.Gate>> leaves = new HashMap<>();
            sheet.handOver().forEach(l -> leaves.computeIfAbsent(
                            BatchId.key(l.line(), l.gate().afterTask()), k -> new ArrayList<>())
                    .add(l.gate()));
            return new Sheet(places, leaves, shares);
        }
    }

    /**
     * In how many batches each task is done: no more than its sittings and its tools ask for. Where a window closes both sides of it
     * go together, batch by batch.
     */
    private static Map<String, Integer> counts(OrderSheet sheet, double sittingMin) {
        Map<String, Integer> counts = new HashMap<>();
        for (OrderSheet.OrderTask task : sheet.tasks()) {
            int sittings = (int) Math.ceil(task.labourMin() / sittingMin);
            int turns = task.held().stream()
                    .mapToInt(h -> (h.wanted() + h.owned() - 1) / h.owned())
                    .max()
                    .orElse(1);
            int most = !splits(task) ? 1 : piecewise(sheet, task) ? Integer.MAX_VALUE : task.flowers();
            counts.put(
                    BatchId.key(task.line(), task.task().id()), Math.max(1, Math.min(most, Math.max(sittings, turns))));
        }
        chains(sheet)
                .forEach((first, chain) -> counts.merge(
                        first, Math.min(chain.flowers(), (int) Math.ceil(chain.minutes() / sittingMin)), Math::max));
        boolean changed = true;
        while (changed) {
            changed = false;
            for (OrderSheet.OrderTask task : sheet.tasks()) {
                for (Plan.Gate gate : task.task().gates()) {
                    String own = BatchId.key(task.line(), task.task().id());
                    String other = BatchId.key(task.line(), gate.afterTask());
                    if (gate.atMostH().isPresent()
                            && counts.containsKey(other)
                            && !counts.get(own).equals(counts.get(other))) {
                        int both = Math.max(counts.get(own), counts.get(other));
                        counts.put(own, both);
                        counts.put(other, both);
                        changed = true;
                    }
                }
            }
        }
        return counts;
    }

    /** Minutes of work that goes on without a wait in between, for so many flowers. */
    private record Chain(double minutes, int flowers) {
        Chain and(Chain more) {
            return new Chain(minutes + more.minutes, flowers);
        }
    }

    /** Task after task that a window closes on, by the first of them: few enough flowers at once that it is done in a sitting. */
    private static Map<String, Chain> chains(OrderSheet sheet) {
        Map<String, String> firsts = new HashMap<>();
        Map<String, Chain> chains = new LinkedHashMap<>();
        for (OrderSheet.OrderTask task : sheet.tasks()) {
            String own = BatchId.key(task.line(), task.task().id());
            String first = task.task().gates().stream()
                    .filter(gate -> gate.atMostH().isPresent() && gate.waitH() == 0)
                    .map(gate -> BatchId.key(task.line(), gate.afterTask()))
                    .map(before -> firsts.getOrDefault(before, before))
                    .findFirst()
                    .orElse(own);
            firsts.put(own, first);
            chains.merge(first, new Chain(task.labourMin(), task.flowers()), Chain::and);
        }
        return chains;
    }

    /** Whether even the work on one flower may be left between two pieces: nothing in it is soft, and no window closes on it. */
    private static boolean piecewise(OrderSheet sheet, OrderSheet.OrderTask task) {
        boolean pieces = task.task().doing().pieceByPiece();
        boolean closes = sheet.tasks().stream()
                .filter(t -> t.line().equals(task.line()))
                .flatMap(t -> t.task().gates().stream()
                        .filter(g -> g.atMostH().isPresent()
                                && (g.afterTask().equals(task.task().id())
                                        || t.task().id().equals(task.task().id()))))
                .findAny()
                .isPresent();
        return pieces && !closes;
    }

    private static boolean splits(OrderSheet.OrderTask task) {
        return !task.task().doing().mixes();
    }

    private static Batch batch(
            int order,
            int last,
            Sheet sheet,
            OrderSheet.OrderTask task,
            int number,
            int of,
            Map<String, List<Integer>> places,
            Airs airs) {
        AirAhead air = airs.of(task.line(), task.driesIn());
        List<Share> own =
                sheet.shares().get(BatchId.key(task.line(), task.task().id()));
        Share share = own.get(number);
        List<Batch.Wait> waits = new ArrayList<>();
        for (Plan.Gate gate : task.task().gates()) {
            List<Integer> before = places.get(BatchId.key(task.line(), gate.afterTask()));
            if (before != null) {
                AirAhead there = airs.of(task.line(), sheet.places().get(BatchId.key(task.line(), gate.afterTask())));
                Optional<Dwell> most = gate.atMostH().map(h -> new Dwell(Axis.withinHours(h), there));
                List<Share> shares = sheet.shares().get(BatchId.key(task.line(), gate.afterTask()));
                int from = number == 0 ? 0 : own.get(number - 1).needs(shares) + 1;
                int to = share.needs(shares);
                // Where one of them is enough for several of these, it is waited for again.
                for (int i = Math.min(from, to); i <= to; i++) {
                    waits.add(new Batch.Wait(before.get(i), least(gate, there), most, why(gate)));
                }
            }
        }
        Dwell tail = Dwell.NONE;
        String tailWhy = "";
        for (Plan.Gate leaves :
                sheet.leaves().getOrDefault(BatchId.key(task.line(), task.task().id()), List.of())) {
            Dwell leaving = least(leaves, air);
            if (leaving.slots() >= tail.slots()) {
                tail = leaving;
                tailWhy = why(leaves).told();
            }
        }
        double minutes = Math.max(LEAST_MIN, share.part() * task.labourMin());
        String uid = new BatchId(task.line(), task.task().id(), number + 1, of).uid();
        List<Batch.Lying> lying = task.held().stream()
                .map(h -> new Batch.Lying(
                        h.tool(),
                        h.owned(),
                        Math.min(h.owned(), share.tools(h.wanted())),
                        new Dwell(Axis.ofHours(h.hours()), air)))
                .toList();
        return new Batch(
                order,
                uid,
                task.line(),
                task.species(),
                task.task(),
                minutes,
                number,
                of,
                share,
                task.flowers(),
                share.counted(task.pieces()),
                task.shade(),
                waits,
                tail,
                tailWhy,
                last,
                lying,
                0,
                OptionalInt.empty());
    }

    /** What is to dry waits as long as the air makes it; glue, and rests that are stated, by the clock. */
    private static Dwell least(Plan.Gate gate, AirAhead air) {
        boolean dries = gate.stage().isPresent();
        return new Dwell(Axis.ofHours(gate.waitH()), dries ? air : AirAhead.STEADY, dries);
    }

    private static Batch.Why why(Plan.Gate gate) {
        if (gate.waitH() <= 0) {
            return Batch.Why.DONE;
        }
        String hours = gate.waitH() < 2
                ? Unit.MIN.write(Math.ceil(60 * gate.waitH()))
                : String.format(Locale.ROOT, "%.0f h", Math.ceil(gate.waitH()));
        return new Batch.Why(hours, gate.stage().map(Text.Labels::of).orElse(""));
    }
}
