package org.crispwhorl.core.work;

import java.util.List;
import java.util.stream.Stream;

/**
 * One act of the hands on a part of a flower.
 *
 * @param under what of a part it is done to, where that is made of several unlike things; empty where it is not
 * @param charge how often, for one flower
 * @param count things for one flower, as they are told
 * @param words a short sentence that a stranger can follow, lengths as {@link org.crispwhorl.core.measure.Unit#write} writes them;
 *     {@link #N} stands for how many there are
 * @param uses what it takes besides hands and paste
 */
public record Step(String under, Operation operation, Charge charge, int count, String words, List<Use> uses) {
    /** Where words tell how many. */
    public static final String N = "{n}";

    /** Where words tell with what of a drawer, if anything: empty, or words that go on from what stands before. */
    public static final String TOOL = "{tool}";

    private static final double HAIR = 1e-9;

    public Step {
        uses = List.copyOf(uses);
    }

    /**
     * Its words for so many flowers; spares count as shares of a flower.
     *
     * @param tool of a drawer that is taken for it, in words that go on from what stands before; empty where none is
     */
    public String said(double flowers, String tool) {
        return words.replace(TOOL, tool).replace(N, Integer.toString((int) Math.ceil(flowers * count - HAIR)));
    }

    /** The same on so many, one after the other: what it takes goes from one to the next. */
    Step times(double flowers) {
        return new Step(under, operation, charge.times(flowers), (int) Math.ceil(flowers * count - HAIR), words, uses);
    }

    Step inLots(double lots) {
        return new Step(
                under, operation, operation == Operation.ROLL ? charge.inLots(lots) : charge, count, words, uses);
    }

    Step under(String heading) {
        return new Step(heading, operation, charge, count, words, uses);
    }

    Step using(Use use) {
        return with(Stream.concat(uses.stream(), Stream.of(use)).toList());
    }

    Step glued(String glue) {
        return with(uses.stream().map(use -> use.glued(glue)).toList());
    }

    private Step with(List<Use> others) {
        return new Step(under, operation, charge, count, words, others);
    }
}
