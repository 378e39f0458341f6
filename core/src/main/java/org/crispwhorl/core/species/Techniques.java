package org.crispwhorl.core.species;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.Optional;
import org.crispwhorl.core.measure.Limits;
import org.crispwhorl.core.measure.Text;
import org.crispwhorl.core.paste.Ladder;

/** Where makers disagree: how a studio does each, which a species and a part may choose otherwise. */
@RecordBuilder
@Text(label = "techniques", means = "Where makers disagree: how the studio does each.")
public record Techniques(
        @Text(label = "kept off the board by", means = "What keeps paste off the board.")
        Board board,

        @Text(label = "ridge", means = "How the wire gets its ridge.")
        Ridge ridge,

        @Text(label = "end of the wire", means = "How the wire ends inside the petal.")
        WireEnd wireEnd,

        @Text(label = "how far the wire goes in", means = "How far the wire goes into the petal.")
        WireInside wireInside,

        @Text(label = "petals", means = "One by one or in one piece.")
        Petals petals,

        @Text(label = "glue", means = "What glues.") Glue glue,

        @Text(label = "dusting", means = "When dust goes on.")
        Dusting dusting,

        @Text(label = "counts", means = "As in nature, or fewer pieces.")
        Counts counts,

        @Text(label = "light-to-dark mixes", means = "How a shade is let down.")
        Ladder ladder,

        @Text(label = "order of the rings", means = "Which ring lies inside.")
        RingOrder ringOrder,

        @Text(label = "assembly", means = "How petals are added.")
        Assembly assembly,

        @Text(label = "dries in", means = "Where it dries in a studio that has a drying cabinet.")
        DriesIn driesIn,

        @Text(label = "width of tape", means = "How wide the tape is that goes round wires.")
        TapeWidth tape)
        implements TechniquesBuilder.With {
    /** What keeps paste off the board. */
    @Text(label = "kept off the board by", means = "What keeps paste off the board.")
    public enum Board {
        @Text(label = "white fat", means = "Rolls evenly to 0.4 mm.")
        FAT(0.4),
        @Text(label = "cornflour", means = "Rolls evenly to 0.6 mm.")
        CORNFLOUR(0.6);

        private final double leastRolledMm;

        Board(double leastRolledMm) {
            this.leastRolledMm = leastRolledMm;
        }

        /** Thinnest sheet that still rolls evenly, mm. */
        public double leastRolledMm() {
            return leastRolledMm;
        }
    }

    /** How the wire gets its ridge. */
    @Text(label = "ridge", means = "How the wire gets its ridge.")
    public enum Ridge {
        @Text(label = "pinned by hand", means = "As thick as each part says.")
        PINNED,
        @Text(label = "ridged board", means = "As thick as the grooves; no more in a batch than there are.")
        BOARD,
        @Text(label = "pressed from a ball", means = "Left three times as thick as the petal.")
        BALL,
        @Text(label = "paste sandwich", means = "Two sheets as rolled.")
        SANDWICH
    }

    /** How the wire ends inside the petal. */
    @Text(label = "end of the wire", means = "How the wire ends inside the petal.")
    public enum WireEnd {
        @Text(label = "straight with glue")
        STRAIGHT,
        @Text(label = "small hook", means = "Needs 3 mm more wire and holds in a shorter way.")
        HOOK
    }

    /** How far the wire goes into the petal. */
    @Text(label = "how far the wire goes in", means = "How far the wire goes into the petal.")
    public enum WireInside {
        @Text(label = "as each part says")
        STATED,
        @Text(label = "short", means = "A quarter of the length, so that the petal can be shaped dry.")
        SHORT,
        @Text(label = "to the middle", means = "Half the length, for heavier petals.")
        MIDDLE
    }

    /** One by one or in one piece. */
    @Text(label = "petals", means = "One by one or in one piece.")
    public enum Petals {
        @Text(label = "as each part says")
        DESIGNED,
        @Text(label = "wired singles")
        SINGLES,
        @Text(label = "one-piece blossoms")
        ONE_PIECE
    }

    /** What glues. */
    @Text(label = "glue", means = "What glues.")
    public enum Glue {
        @Text(label = "nothing", means = "Soft paste or chocolate that sticks by itself.")
        NOTHING(0),
        @Text(label = "a trace of water", means = "Hardly damp: it takes at once and holds what is light.")
        WATER_TRACE(4),
        @Text(label = "water")
        WATER(10),
        @Text(label = "much water", means = "Wet: it holds more once it has dried, and slides until then.")
        WATER_MUCH(25),
        @Text(label = "pasteurised egg white", means = "Contains egg.")
        EGG_WHITE(15),
        @Text(label = "gum glue")
        GUM_GLUE(20),
        @Text(label = "piping gel")
        PIPING_GEL(30);

        private final double setMin;

        Glue(double setMin) {
            this.setMin = setMin;
        }

        /** The allergen that is in it, in words. */
        public Optional<String> allergen() {
            return this == EGG_WHITE ? Optional.of("egg (glue)") : Optional.empty();
        }

        /** Minutes until a glued piece stays where it is, a starting point from the bench. */
        public double setMin() {
            return setMin;
        }
    }

    /** When dust goes on. */
    @Text(label = "dusting", means = "When dust goes on.")
    public enum Dusting {
        @Text(label = "parts before assembly", means = "Each part is dusted before it is out of reach.")
        PARTS,
        @Text(label = "the whole flower", means = "Dust goes on once the flower stands.")
        WHOLE
    }

    /** Faithful or quick counts. */
    @Text(label = "counts", means = "As in nature, or fewer pieces.")
    public enum Counts {
        @Text(label = "as in nature", means = "As the plant has them.")
        AS_IN_NATURE,
        @Text(label = "fewer pieces", means = "That read right from a metre away.")
        FEWER
    }

    /** Which ring lies inside. */
    @Text(label = "order of the rings", means = "Which ring lies inside.")
    public enum RingOrder {
        @Text(label = "as designed")
        DESIGNED,
        @Text(label = "small ring inside")
        SMALL_INSIDE,
        @Text(label = "large ring inside")
        LARGE_INSIDE
    }

    /** How petals are added. */
    @Text(label = "assembly", means = "How petals are added.")
    public enum Assembly {
        @Text(label = "a ring complete")
        RING_BY_RING,
        @Text(label = "all petals in one pass", means = "One wrap of tape for all.")
        ONE_PASS
    }

    /** Where pieces dry in a studio that has a drying cabinet. */
    @Text(label = "dries in", means = "Where it dries in a studio that has a drying cabinet.")
    public enum DriesIn {
        @Text(label = "the cabinet, if there is one")
        CABINET,
        @Text(label = "the open room")
        OPEN
    }

    /** How wide the tape is that goes round wires. */
    @Text(label = "width of tape", means = "How wide the tape is that goes round wires.")
    public enum TapeWidth {
        @Text(label = "as it is bought")
        AS_BOUGHT(1, "tape"),
        @Text(label = "halved", means = "Cut in half along its length: finer stems, twice the turns.")
        HALVED(0.5, "tape halved along its length"),
        @Text(label = "in thirds", means = "Cut in three along its length, for the finest stems.")
        THIRDS(1 / 3.0, "tape cut in three along its length");

        private final double share;
        private final String told;

        TapeWidth(double share, String told) {
            this.share = share;
            this.told = told;
        }

        /** Width of what goes round a wire, as a share of that of the roll. */
        public double share() {
            return share;
        }

        /** What is taken into the hand, in words that go on. */
        public String told() {
            return told;
        }
    }

    /** Before a studio has chosen: nothing is altered that a part says. */
    public static final Techniques USUAL = new Techniques(
            Board.FAT,
            Ridge.PINNED,
            WireEnd.STRAIGHT,
            WireInside.STATED,
            Petals.DESIGNED,
            Glue.GUM_GLUE,
            Dusting.PARTS,
            Counts.AS_IN_NATURE,
            Ladder.STATED,
            RingOrder.DESIGNED,
            Assembly.RING_BY_RING,
            DriesIn.CABINET,
            TapeWidth.AS_BOUGHT);

    public Techniques {
        Limits.check(
                Techniques.class,
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

    /** These ways, with what a species or a part chooses otherwise. */
    public Techniques with(Choices chosen) {
        return new Techniques(
                chosen.board().orElse(board),
                chosen.ridge().orElse(ridge),
                chosen.wireEnd().orElse(wireEnd),
                chosen.wireInside().orElse(wireInside),
                chosen.petals().orElse(petals),
                chosen.glue().orElse(glue),
                chosen.dusting().orElse(dusting),
                chosen.counts().orElse(counts),
                chosen.ladder().orElse(ladder),
                chosen.ringOrder().orElse(ringOrder),
                chosen.assembly().orElse(assembly),
                chosen.driesIn().orElse(driesIn),
                chosen.tape().orElse(tape));
    }

    /** The same ways as choices of a species, every one made. */
    public Choices all() {
        return new Choices(
                Optional.of(board),
                Optional.of(ridge),
                Optional.of(wireEnd),
                Optional.of(wireInside),
                Optional.of(petals),
                Optional.of(glue),
                Optional.of(dusting),
                Optional.of(counts),
                Optional.of(ladder),
                Optional.of(ringOrder),
                Optional.of(assembly),
                Optional.of(driesIn),
                Optional.of(tape));
    }
}
