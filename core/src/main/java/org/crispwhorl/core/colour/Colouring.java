package org.crispwhorl.core.colour;

import java.util.Collections;
import java.util.List;
import java.util.function.UnaryOperator;
import java.util.stream.IntStream;
import org.crispwhorl.core.measure.Limits;
import org.crispwhorl.core.measure.Text;
import org.crispwhorl.core.paste.Stage;

/** Colour that goes on after the paste is shaped, pass by pass. */
@Text(label = "colour", means = "Colour that goes on after the paste is shaped.")
public record Colouring(
        @Text(label = "passes", longest = 12, means = "In the order in which they go on.")
        List<Pass> passes) {
    public static final Colouring NONE = new Colouring(List.of());

    public Colouring {
        passes = List.copyOf(passes);
        Limits.check(Colouring.class, (Object) passes);
    }

    /** So many passes of dust whose colour is still to be chosen. */
    public static Colouring dust(int passes) {
        return new Colouring(Collections.nCopies(passes, DUST));
    }

    private static final Pass DUST = new Pass(
            How.DUSTED,
            List.of(),
            Carrier.NOTHING,
            0,
            Pass.PieceSide.BOTH,
            Zone.ALL,
            0,
            0,
            1,
            Pass.GoesOn.PIECE,
            Stage.FIRM,
            true);

    /** Passes that go on dry. */
    public List<Pass> dry() {
        return passes.stream().filter(p -> !p.wet()).toList();
    }

    /** Passes that wet the paste. */
    public List<Pass> wet() {
        return passes.stream().filter(Pass::wet).toList();
    }

    /** The same, each pass changed. */
    public Colouring each(UnaryOperator<Pass> edit) {
        return new Colouring(passes.stream().map(edit).toList());
    }

    /**
     * Paths of what of it changes nothing as it is.
     *
     * @param flat whether it goes on flat pieces
     */
    public List<String> idle(boolean flat) {
        return IntStream.range(0, passes.size())
                .boxed()
                .flatMap(i -> passes.get(i).idle(flat).stream().map(name -> "passes/" + i + "/" + name))
                .toList();
    }
}
