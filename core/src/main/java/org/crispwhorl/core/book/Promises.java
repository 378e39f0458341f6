package org.crispwhorl.core.book;

import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.crispwhorl.core.calendar.Done;
import org.crispwhorl.core.calendar.Planned;
import org.crispwhorl.core.work.BatchId;

/**
 * What was promised of the orders that have left, against what came of it: whether odds that are told may be trusted.
 *
 * @param orders those that were planned, the latest hand-over first
 * @param bands by what was promised, the likeliest first; those with no order are left out
 * @param expected orders that should have been ready in time by what was promised
 * @param inTime orders that were
 * @param told what that says, in the maker's words; empty where nothing was promised yet
 */
public record Promises(List<PromiseKept> orders, List<Band> bands, double expected, int inTime, String told) {
    private static final double PERCENT = 100;

    /** Of fewer orders nothing is said of the odds. */
    private static final int TELLING = 5;

    /** So seldom that it is not taken for chance. */
    private static final double SELDOM = 0.1;

    private static final List<Band> BANDS = List.of(
            new Band("95 to 100", 95, 100, 0, 0),
            new Band("80 to 94", 80, 94, 0, 0),
            new Band("under 80", 0, 79, 0, 0));

    public Promises {
        orders = List.copyOf(orders);
        bands = List.copyOf(bands);
    }

    /**
     * An order that has left.
     *
     * @param planned its last plan
     * @param done what of it was done, and when
     * @param delivered when it left
     */
    public record Gone(String name, Planned planned, List<Done> done, LocalDateTime delivered) {
        public Gone {
            done = List.copyOf(done);
        }
    }

    /**
     * An order and its promise.
     *
     * @param inHundred times in a hundred that it should be ready in time, as was told before its work began
     * @param ready when all of it was; where not all of its work was written down, when it left
     * @param readyBy when it had to be; where not all of its work was written down, the end of the day of its hand-over
     * @param recorded whether all of its work was written down, in as many batches as it was planned in or in others
     */
    public record PromiseKept(
            String order, int inHundred, LocalDateTime ready, LocalDateTime readyBy, boolean recorded, boolean inTime) {
        private static PromiseKept of(Gone gone, int inHundred) {
            Set<String> whole = whole(gone.done());
            boolean recorded = gone.planned().calendar().tasks().stream().allMatch(t -> BatchId.of(t.uid())
                    .filter(batch -> whole.contains(batch.key()))
                    .isPresent());
            LocalDateTime ready = recorded
                    ? gone.done().stream()
                            .map(Done::to)
                            .max(Comparator.naturalOrder())
                            .orElse(gone.delivered())
                    : gone.delivered();
            LocalDateTime by = recorded
                    ? gone.planned().readyBy()
                    : gone.planned()
                            .order()
                            .handOver()
                            .toLocalDate()
                            .plusDays(1)
                            .atStartOfDay();
            return new PromiseKept(gone.name(), inHundred, ready, by, recorded, !ready.isAfter(by));
        }

        /** The tasks of which every batch was done, by their keys. */
        private static Set<String> whole(List<Done> done) {
            return done.stream()
                    .flatMap(d -> BatchId.of(d.uid()).stream())
                    .distinct()
                    .collect(Collectors.groupingBy(batch -> List.of(batch.key(), batch.of())))
                    .values()
                    .stream()
                    .filter(batches -> batches.size() == batches.get(0).of())
                    .map(batches -> batches.get(0).key())
                    .collect(Collectors.toSet());
        }
    }

    /**
     * Orders that were promised about alike.
     *
     * @param label times in a hundred, in words
     * @param orders so many
     * @param inTime so many of them were ready in time
     */
    public record Band(String label, int from, int to, int orders, int inTime) {}

    /** What came of the promises of some orders; those whose plans told no odds were none. */
    public static Promises of(Collection<Gone> left) {
        List<PromiseKept> kept = new ArrayList<>();
        left.forEach(
                gone -> gone.planned().promised().ifPresent(inHundred -> kept.add(PromiseKept.of(gone, inHundred))));
        kept.sort(Comparator.comparing(PromiseKept::readyBy).reversed());
        List<Band> bands = BANDS.stream()
                .map(band -> counted(band, kept))
                .filter(band -> band.orders() > 0)
                .toList();
        double expected =
                kept.stream().mapToDouble(k -> k.inHundred() / PERCENT).sum();
        int inTime = (int) kept.stream().filter(PromiseKept::inTime).count();
        return new Promises(kept, bands, expected, inTime, told(kept, inTime).orElse(""));
    }

    private static Band counted(Band band, List<PromiseKept> kept) {
        List<PromiseKept> own = kept.stream()
                .filter(k -> k.inHundred() >= band.from() && k.inHundred() <= band.to())
                .toList();
        return new Band(band.label(), band.from(), band.to(), own.size(), (int)
                own.stream().filter(PromiseKept::inTime).count());
    }

    private static Optional<String> told(List<PromiseKept> kept, int inTime) {
        if (kept.isEmpty()) {
            return Optional.empty();
        }
        if (kept.size() < TELLING) {
            return Optional.of("Of fewer than five orders it cannot be said yet whether the odds hold.");
        }
        double[] chances = chances(kept);
        double soFew = 0;
        for (int k = 0; k <= inTime; k++) {
            soFew += chances[k];
        }
        double soMany = 1 - soFew + chances[inTime];
        if (soFew < SELDOM) {
            return Optional.of(
                    "Fewer than was promised: take what the days tell for too good, and leave more time free.");
        }
        return Optional.of(
                soMany < SELDOM
                        ? "More than was promised: the days tell less than your hands do."
                        : "As often as was promised: the odds hold.");
    }

    /** How likely just so many of the orders are in time, by what was promised of each (the sum of unlike single trials). */
    private static double[] chances(List<PromiseKept> kept) {
        double[] chances = new double[kept.size() + 1];
        chances[0] = 1;
        for (int n = 0; n < kept.size(); n++) {
            double in = kept.get(n).inHundred() / PERCENT;
            for (int k = n + 1; k > 0; k--) {
                chances[k] = chances[k] * (1 - in) + chances[k - 1] * in;
            }
            chances[0] *= 1 - in;
        }
        return chances;
    }
}
