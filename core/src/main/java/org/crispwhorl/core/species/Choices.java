package org.crispwhorl.core.species;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.Optional;
import org.crispwhorl.core.measure.Limits;
import org.crispwhorl.core.measure.Text;
import org.crispwhorl.core.paste.Ladder;

/** What a species or a part does otherwise than the studio. */
@RecordBuilder
@Text(label = "ways", means = "What is done otherwise than the studio does it.")
public record Choices(
        @Text(label = "kept off the board by", means = "What keeps paste off the board.")
        Optional<Ways.Board> board,

        @Text(label = "ridge", means = "How the wire gets its ridge.")
        Optional<Ways.Ridge> ridge,

        @Text(label = "end of the wire", means = "How the wire ends inside the petal.")
        Optional<Ways.WireEnd> wireEnd,

        @Text(label = "how far the wire goes in", means = "How far the wire goes into the petal.")
        Optional<Ways.Insertion> insertion,

        @Text(label = "petals", means = "One by one or in one piece.")
        Optional<Ways.Petals> petals,

        @Text(label = "glue", means = "What glues.") Optional<Ways.Glue> glue,

        @Text(label = "dusting", means = "When dust goes on.")
        Optional<Ways.Dusting> dusting,

        @Text(label = "counts", means = "Faithful or quick counts.")
        Optional<Ways.Counts> counts,

        @Text(label = "ladder of shades", means = "How a shade is let down.")
        Optional<Ladder> ladder,

        @Text(label = "order of the rings", means = "Which ring lies inside.")
        Optional<Ways.RingOrder> ringOrder,

        @Text(label = "assembly", means = "How petals are added.")
        Optional<Ways.Assembly> assembly,

        @Text(label = "dries in", means = "Where it dries in a studio that has a drying cabinet.")
        Optional<Ways.DriesIn> driesIn)
        implements ChoicesBuilder.With {
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
                assembly,
                driesIn);
    }

    /** These choices, with those of another where that makes any. */
    public Choices or(Choices other) {
        return new Choices(
                other.board.or(() -> board),
                other.ridge.or(() -> ridge),
                other.wireEnd.or(() -> wireEnd),
                other.insertion.or(() -> insertion),
                other.petals.or(() -> petals),
                other.glue.or(() -> glue),
                other.dusting.or(() -> dusting),
                other.counts.or(() -> counts),
                other.ladder.or(() -> ladder),
                other.ringOrder.or(() -> ringOrder),
                other.assembly.or(() -> assembly),
                other.driesIn.or(() -> driesIn));
    }
}
