package org.crispwhorl.core.calendar;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;

/**
 * Why work that is placed could not begin sooner: what it waits for, or tools that other work lies on until then.
 *
 * @param all batches, done ones too
 * @param begins of each, as slots
 * @param ends of each, as slots
 * @param sitting of each: what is in one goes together
 */
record HeldUp(Frame frame, List<Batch> all, int[] begins, int[] ends, int[] sitting) {
    /** What could have begun more than so many slots of work sooner was not held up. */
    private static final int SLACK = Axis.ofHours(1);

    /**
     * What came just before, and when.
     *
     * @param slack slots from when it could have begun to when it does
     */
    private record Reached(int slot, int slack, String told) {}

    /** In the maker's words; none where all in its sitting could have begun sooner. */
    Optional<String> of(int i) {
        return IntStream.range(0, all.size())
                .filter(k -> sitting[k] == sitting[i])
                .boxed()
                .flatMap(k -> reached(k).stream())
                .filter(r -> r.slot() > 0 && worked(r.slot(), r.slot() + r.slack()) <= SLACK)
                .min((a, b) -> Integer.compare(a.slack(), b.slack()))
                .map(r -> "no sooner: " + r.told() + " " + frame.said(r.slot()));
    }

    private List<Reached> reached(int k) {
        List<Reached> reached = new ArrayList<>();
        for (Batch.Wait wait : all.get(k).waits()) {
            if (sitting[wait.after()] != sitting[k] && wait.why().waits()) {
                int opens = wait.opens(ends[wait.after()]);
                String made = all.get(wait.after()).task().name();
                reached.add(new Reached(opens, begins[k] - opens, wait.why().over() + " after: " + made + ","));
            }
        }
        for (Batch.Lying lying : all.get(k).lying()) {
            int free = freeAt(k, lying);
            reached.add(new Reached(free, begins[k] - free, lying.tool() + " free"));
        }
        return reached;
    }

    /** The slot from which on there are enough of a tool for a batch; 0 where there always were. */
    private int freeAt(int k, Batch.Lying lying) {
        List<Remaining.Busy> holds = new ArrayList<>();
        for (Remaining.Busy busy : frame.busy()) {
            if (busy.tool().equals(lying.tool())) {
                holds.add(busy);
            }
        }
        for (int other = 0; other < all.size(); other++) {
            if (sitting[other] != sitting[k] && frame.left().places()[other] >= 0) {
                for (Batch.Lying held : all.get(other).lying()) {
                    if (held.tool().equals(lying.tool())) {
                        int until = held.until().over(ends[other]);
                        holds.add(new Remaining.Busy(held.tool(), held.wanted(), begins[other], until));
                    }
                }
            }
        }
        return holds.stream()
                .filter(h -> h.until() <= begins[k])
                .filter(h -> taken(holds, h.until() - 1) + lying.wanted() > lying.owned())
                .mapToInt(Remaining.Busy::until)
                .max()
                .orElse(0);
    }

    private static int taken(List<Remaining.Busy> holds, int slot) {
        return holds.stream()
                .filter(h -> h.from() <= slot && slot < h.until())
                .mapToInt(Remaining.Busy::count)
                .sum();
    }

    /** Slots of the day's hours between two. */
    private int worked(int from, int to) {
        return frame.hours().loud().all().stream()
                .filter(s -> !s.evening())
                .mapToInt(s -> Math.max(0, Math.min(to, s.to()) - Math.max(from, s.from())))
                .sum();
    }
}
