package org.crispwhorl.core.species;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.Optional;
import org.crispwhorl.core.measure.Limits;
import org.crispwhorl.core.measure.OfTheFlower;
import org.crispwhorl.core.measure.Text;
import org.crispwhorl.core.paste.Ladder;

/** What a species or a part does otherwise than the studio. */
@RecordBuilder
@Text(label = "techniques", means = "What is done otherwise than the studio does it.")
public record Choices(
        @Text(label = "kept off the board by", means = "What keeps paste off the board.")
        Optional<Techniques.Board> board,

        @Text(label = "ridge", means = "How the wire gets its ridge.")
        Optional<Techniques.Ridge> ridge,

        @Text(label = "end of the wire", means = "How the wire ends inside the petal.")
        Optional<Techniques.WireEnd> wireEnd,

        @Text(label = "how far the wire goes in", means = "How far the wire goes into the petal.")
        Optional<Techniques.WireInside> wireInside,

        @Text(label = "petals", means = "One by one or in one piece.")
        Optional<Techniques.Petals> petals,

        @Text(label = "glue", means = "What glues.") Optional<Techniques.Glue> glue,

        @Text(label = "dusting", means = "When dust goes on.")
        Optional<Techniques.Dusting> dusting,

        @Text(label = "counts", means = "As in nature, or fewer pieces.")
        Optional<Techniques.Counts> counts,

        @Text(label = "light-to-dark mixes", means = "How a shade is let down.") @OfTheFlower
        Optional<Ladder> ladder,

        @Text(label = "order of the rings", means = "Which ring lies inside.") @OfTheFlower
        Optional<Techniques.RingOrder> ringOrder,

        @Text(label = "assembly", means = "How petals are added.") @OfTheFlower
        Optional<Techniques.Assembly> assembly,

        @Text(label = "dries in", means = "Where it dries in a studio that has a drying cabinet.")
        Optional<Techniques.DriesIn> driesIn,

        @Text(label = "width of tape", means = "How wide the tape is that goes round wires.") @OfTheFlower
        Optional<Techniques.TapeWidth> tape)
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
            Optional.empty(),
            Optional.empty());

    public Choices {
        Limits.check(
                Choices.class,
                board,
                ridge,
                wireEnd,
                wireInside,
                petals,
                glue,
                dusting,
                counts,
                ladder,
                ringOrder,
                assembly,
                driesIn,
                tape);
    }

    /** These choices, with those of another where that makes any. */
    public Choices or(Choices other) {
        return new Choices(
                other.board.or(() -> board),
                other.ridge.or(() -> ridge),
                other.wireEnd.or(() -> wireEnd),
                other.wireInside.or(() -> wireInside),
                other.petals.or(() -> petals),
                other.glue.or(() -> glue),
                other.dusting.or(() -> dusting),
                other.counts.or(() -> counts),
                other.ladder.or(() -> ladder),
                other.ringOrder.or(() -> ringOrder),
                other.assembly.or(() -> assembly),
                other.driesIn.or(() -> driesIn),
                other.tape.or(() -> tape));
    }
}
