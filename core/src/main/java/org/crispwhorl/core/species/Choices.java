package org.crispwhorl.core.species;

import java.util.Optional;
import org.crispwhorl.core.measure.Limits;
import org.crispwhorl.core.measure.Words;

/** What a species or a part does otherwise than the studio. */
@Words(label = "ways", means = "What is done otherwise than the studio does it.")
public record Choices(
        @Words(label = "kept off the board by", means = "What keeps paste off the board.")
        Optional<Ways.Board> board,

        @Words(label = "ridge", means = "How the wire gets its ridge.")
        Optional<Ways.Ridge> ridge,

        @Words(label = "end of the wire", means = "How the wire ends inside the petal.")
        Optional<Ways.WireEnd> wireEnd,

        @Words(label = "how far the wire goes in", means = "How far the wire goes into the petal.")
        Optional<Ways.Insertion> insertion,

        @Words(label = "petals", means = "One by one or in one piece.")
        Optional<Ways.Petals> petals,

        @Words(label = "glue", means = "What glues.") Optional<Ways.Glue> glue,

        @Words(label = "dusting", means = "When dust goes on.")
        Optional<Ways.Dusting> dusting,

        @Words(label = "counts", means = "Faithful or quick counts.")
        Optional<Ways.Counts> counts,

        @Words(label = "ladder of shades", means = "How a shade is let down.")
        Optional<Ways.Ladder> ladder,

        @Words(label = "order of the rings", means = "Which ring lies inside.")
        Optional<Ways.RingOrder> ringOrder,

        @Words(label = "assembly", means = "How petals are added.")
        Optional<Ways.Assembly> assembly) {
    /** All as the studio does it. */
    public static final Choices NONE = new Choices(
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            Optional.empty());

    public Choices {
        Limits.check(
                Choices.class,
                board,
                ridge,
                wireEnd,
                insertion,
                petals,
                glue,
                dusting,
                counts,
                ladder,
                ringOrder,
                assembly);
    }

    /** The same choices with one way of keeping paste off the board. */
    public Choices withBoard(Ways.Board chosen) {
        return new Choices(
                Optional.of(chosen),
                ridge,
                wireEnd,
                insertion,
                petals,
                glue,
                dusting,
                counts,
                ladder,
                ringOrder,
                assembly);
    }

    /** The same choices with one way of dusting. */
    public Choices withDusting(Ways.Dusting chosen) {
        return new Choices(
                board,
                ridge,
                wireEnd,
                insertion,
                petals,
                glue,
                Optional.of(chosen),
                counts,
                ladder,
                ringOrder,
                assembly);
    }
}
