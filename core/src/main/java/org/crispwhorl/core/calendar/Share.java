package org.crispwhorl.core.calendar;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import org.crispwhorl.core.assessment.Plan;
import org.crispwhorl.core.order.OrderSheet;
import org.crispwhorl.core.work.BatchId;

/**
 * What of a task one of its batches is: from one of so many even parts up to another.
 *
 * @param from parts that are before it, 0 or more
 * @param to parts that are over with it, more than from
 * @param of how many parts the task has
 */
record Share(int from, int to, int of) {
    /** A batch of whole flowers, as evenly as can be. */
    static Share whole(int number, int batches, int flowers) {
        return new Share(number * flowers / batches, (number + 1) * flowers / batches, flowers);
    }

    /** A batch of just as much as every other, though a flower be left between two of its pieces. */
    static Share even(int number, int batches) {
        return new Share(number, number + 1, batches);
    }

    /**
     * What falls to each batch of each task: whole flowers where its tools and its sittings allow it in as many batches, and the same on
     * both sides of a window; else as much to each as to every other.
     *
     * @param counts in how many batches each task is done, by its key
     * @param sittingMin longest sitting
     */
    static Map<String, List<Share>> of(OrderSheet sheet, Map<String, Integer> counts, double sittingMin) {
        Map<String, Boolean> whole = new HashMap<>();
        sheet.tasks().forEach(t -> {
            String key = BatchId.key(t.line(), t.task().id());
            whole.put(key, fits(t, counts.get(key), sittingMin));
        });
        boolean changed = true;
        while (changed) {
            changed = false;
            for (OrderSheet.OrderTask task : sheet.tasks()) {
                String own = BatchId.key(task.line(), task.task().id());
                for (Plan.Gate gate : task.task().gates()) {
                    String other = BatchId.key(task.line(), gate.afterTask());
                    if (gate.atMostH().isPresent()
                            && whole.containsKey(other)
                            && !whole.get(own).equals(whole.get(other))) {
                        whole.put(own, false);
                        whole.put(other, false);
                        changed = true;
                    }
                }
            }
        }
        Map<String, List<Share>> shares = new HashMap<>();
        sheet.tasks().forEach(t -> {
            String key = BatchId.key(t.line(), t.task().id());
            int n = counts.get(key);
            shares.put(
                    key,
                    IntStream.range(0, n)
                            .mapToObj(i -> whole.get(key) ? Share.whole(i, n, t.flowers()) : Share.even(i, n))
                            .toList());
        });
        return shares;
    }

    /** Whether so many batches can be of whole flowers: the largest finds its tools and is no longer than a sitting. */
    private static boolean fits(OrderSheet.OrderTask task, int batches, double sittingMin) {
        if (batches > task.flowers()) {
            return false;
        }
        List<Share> all = IntStream.range(0, batches)
                .mapToObj(i -> Share.whole(i, batches, task.flowers()))
                .toList();
        double longest = Math.max(sittingMin, task.labourMin() / batches);
        return all.stream()
                .allMatch(s -> s.part() * task.labourMin() <= longest
                        && task.held().stream()
                                .allMatch(h -> s.tools(h.wanted())
                                        <= Math.max(h.owned(), (h.wanted() + batches - 1) / batches)));
    }

    /** As a part of the whole, above 0 and up to 1. */
    double part() {
        return (double) (to - from) / of;
    }

    /** How many of what is counted fall to it: what all batches have adds up to all. */
    int counted(int all) {
        return to * all / of - from * all / of;
    }

    /** How many of so many tools it takes, a part of one being one. */
    int tools(int all) {
        return ((to - from) * all + of - 1) / of;
    }

    /** The first flower of so many that is worked on in it, from 1. */
    int firstFlower(int flowers) {
        return from * flowers / of + 1;
    }

    /** The last flower of so many that is worked on in it. */
    int lastFlower(int flowers) {
        return (to * flowers + of - 1) / of;
    }

    /** The last of the batches of another task that has to be over: with it, of as many flowers as this one and all before it have. */
    int needs(List<Share> before) {
        int last = before.size() - 1;
        while (last > 0 && (long) before.get(last - 1).to * of >= (long) to * before.get(last - 1).of) {
            last--;
        }
        return last;
    }
}
