package org.crispwhorl.core.calendar;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;

/**
 * Batches as one pair of hands goes through them without leaving: whatever can be gone on with is, what closes soonest first, else in
 * the order in which they are listed; where nothing can be, there is a pause.
 */
final class Woven {
    private static final int NEVER = Integer.MAX_VALUE;

    private final List<Batch> batches;
    private final List<Integer> members;
    private final Map<Integer, Sitting.Item> done = new HashMap<>();

    private Woven(List<Batch> batches, List<Integer> members) {
        this.batches = batches;
        this.members = members;
    }

    /**
     * @param members places of those that are done in one go, each after those that it waits for
     * @param longestPause longest time in which nothing can be gone on with, min
     * @return when each is done, in order of time; none where a pause is longer, a window closes, or tools do not suffice
     */
    static Optional<List<Sitting.Item>> of(List<Batch> batches, List<Integer> members, int longestPause) {
        if (members.size() == 1) {
            Batch only = batches.get(members.get(0));
            return Optional.of(Sitting.inSlots(List.of(new Sitting.Item(members.get(0), only, 0, only.minutes()))));
        }
        return new Woven(batches, members).woven(longestPause);
    }

    private Optional<List<Sitting.Item>> woven(int longestPause) {
        List<Sitting.Item> items = new ArrayList<>();
        List<Integer> left = new ArrayList<>(members);
        double at = 0;
        while (!left.isEmpty()) {
            double now = at;
            double soonest = left.stream().mapToDouble(this::ready).min().orElse(NEVER);
            if (soonest == NEVER || soonest > at + longestPause) {
                return Optional.empty();
            }
            double begins = Math.max(now, soonest);
            int next = left.stream()
                    .filter(i -> ready(i) <= begins)
                    .min((a, b) -> Double.compare(closes(a), closes(b)))
                    .orElseThrow();
            at = begins + batches.get(next).minutes();
            if (at > closes(next)) {
                return Optional.empty();
            }
            Sitting.Item item = new Sitting.Item(next, batches.get(next), begins, at);
            items.add(item);
            done.put(next, item);
            left.remove(Integer.valueOf(next));
        }
        return Optional.of(tight() ? items : Sitting.inSlots(items));
    }

    /** Whether something in it is waited for, or tools are used again: then no moment of it may come sooner. */
    private boolean tight() {
        boolean waits = members.stream()
                .flatMap(i -> batches.get(i).waits().stream())
                .anyMatch(w -> members.contains(w.after()) && w.least().slots() > 0);
        Map<String, Integer> wanted = new HashMap<>();
        members.stream()
                .flatMap(i -> batches.get(i).lying().stream())
                .forEach(l -> wanted.merge(l.tool(), l.wanted(), Integer::sum));
        return waits
                || members.stream()
                        .flatMap(i -> batches.get(i).lying().stream())
                        .anyMatch(l -> wanted.get(l.tool()) > l.owned());
    }

    /** From when on it can be begun, by what it waits for and by its tools; never where that is not known yet. */
    private double ready(int i) {
        double ready = 0;
        for (Batch.Wait wait : batches.get(i).waits()) {
            if (!members.contains(wait.after())) {
                continue;
            }
            Sitting.Item before = done.get(wait.after());
            if (before == null) {
                return NEVER;
            }
            ready = Math.max(ready, before.toMin() + wait.least().longest() * Axis.SLOT_MIN);
        }
        for (Batch.Lying lying : batches.get(i).lying()) {
            ready = Math.max(ready, free(lying));
        }
        return ready;
    }

    /** From when on there are tools enough. */
    private int free(Batch.Lying wanted) {
        int[] moments = IntStream.concat(
                        IntStream.of(0), done.values().stream().flatMapToInt(d -> until(d, wanted.tool())))
                .sorted()
                .toArray();
        for (int at : moments) {
            int taken = done.values().stream()
                    .flatMap(d ->
                            d.batch().lying().stream().filter(l -> l.tool().equals(wanted.tool()) && until(d, l) > at))
                    .mapToInt(Batch.Lying::wanted)
                    .sum();
            if (taken + wanted.wanted() <= wanted.owned()) {
                return at;
            }
        }
        return NEVER;
    }

    private static IntStream until(Sitting.Item item, String tool) {
        return item.batch().lying().stream().filter(l -> l.tool().equals(tool)).mapToInt(l -> until(item, l));
    }

    /** When an item gives its tools back: at the end of a slot, as it is placed. */
    private static int until(Sitting.Item item, Batch.Lying lying) {
        return (item.to() + lying.until().longest()) * Axis.SLOT_MIN;
    }

    /** By when it has to be over. */
    private double closes(int i) {
        double closes = NEVER;
        for (Batch.Wait wait : batches.get(i).waits()) {
            Sitting.Item before = done.get(wait.after());
            if (before != null && wait.most().isPresent()) {
                int open = Math.max(
                        wait.most().get().shortest(),
                        wait.least().longest() + batches.get(i).slots());
                closes = Math.min(closes, before.toMin() + open * Axis.SLOT_MIN);
            }
        }
        return closes;
    }
}
