package org.crispwhorl.core.species;

import java.util.Optional;
import org.crispwhorl.core.measure.Limits;
import org.crispwhorl.core.measure.Quantity;
import org.crispwhorl.core.measure.Text;
import org.crispwhorl.core.measure.Unit;
import org.crispwhorl.core.work.Operation;
import org.crispwhorl.core.work.Said;
import org.crispwhorl.core.work.Steps;
import org.crispwhorl.core.work.Use;

/** How bunches of stamens are held in the flower. */
@Text(label = "held", means = "How the bunches are held in the flower.")
public sealed interface Hold {
    /** What hands do to make bunches of strands ready. */
    default Steps making(Stamens of) {
        String bunched = of.bunches() > 1 ? "; tie them in " + of.bunches() + " bunches." : ".";
        return Steps.of(Operation.BUNCH, of.bunches(), of.ready() + bunched)
                .and(
                        Operation.WIRE,
                        wires().isPresent() ? of.bunches() : 0,
                        wires().map(w -> "Bind each bunch to " + Unit.GAUGE.write(w.gauge()) + " wire, "
                                        + Said.mm(w.tailMm()) + " of it to tape down.")
                                .orElse(""))
                .and(tinting(of));
    }

    static Steps tinting(Stamens of) {
        return Steps.of(
                Operation.TINT,
                of.tintMm() > 0 ? of.bunches() : 0,
                "Tint the last " + Said.mm(of.tintMm()) + " of every end; let it dry for 5 min.");
    }

    /** What hands do to put them in. */
    Steps joining(Stamens of);

    /** Whether they go in while the middle is soft. */
    default boolean whileSoft() {
        return false;
    }

    /** Wires on which they stand; none where they have no wires of their own. */
    default Optional<OnWires> wires() {
        return Optional.empty();
    }

    /** How far below where they begin they go down, cut off there, mm; none where their threads run on. */
    default Optional<Double> cutOffMm() {
        return Optional.empty();
    }

    /** Tied or taped round the centre, their threads running down the stem. */
    @Text(label = "taped to the stem", means = "Their threads run down the stem.")
    record TapedIn() implements Hold {
        @Override
        public Steps joining(Stamens of) {
            return Steps.of(
                    Operation.TAPE, of.bunches(), "Bind them round the stem wire at the neck, " + of.standing() + ".");
        }
    }

    /** Pushed into the middle while it is soft. */
    @Text(label = "pushed in soft", means = "Pushed into the middle while it is soft, at the very end.")
    record PushedIn(
            @Quantity(
                    label = "deep",
                    unit = Unit.MM,
                    min = 1,
                    max = 40,
                    usual = 4,
                    means = "How far they are pushed in.")
            double deepMm)
            implements Hold {
        public PushedIn {
            Limits.check(PushedIn.class, deepMm);
        }

        /** They are pushed in one by one, neither bunched nor tinted. */
        @Override
        public Steps making(Stamens of) {
            return Steps.NONE.andCounted(Operation.BUNCH, 0, of.pieceCount(), of.ready() + ".");
        }

        @Override
        public Steps joining(Stamens of) {
            return Steps.of(
                    Operation.PUSH,
                    1,
                    of.strands(),
                    "Push them in one by one, " + Said.mm(deepMm) + " deep, " + of.standing()
                            + ", while the middle is soft.");
        }

        @Override
        public boolean whileSoft() {
            return true;
        }

        @Override
        public Optional<Double> cutOffMm() {
            return Optional.of(deepMm);
        }
    }

    /** Cut short and glued into the middle while it is soft, head by head. */
    @Text(label = "glued in soft", means = "Cut short and glued into the soft middle, at the very end.")
    record GluedIn() implements Hold {
        @Override
        public Steps making(Stamens of) {
            return Steps.of(Operation.CUT, of.pieceCount(), of.ready() + "; cut them short.")
                    .and(tinting(of));
        }

        @Override
        public Steps joining(Stamens of) {
            return Steps.of(Operation.SET, of.pieceCount(), "Glue them into the soft middle, " + of.standing() + ".")
                    .using(Use.GLUE);
        }

        @Override
        public boolean whileSoft() {
            return true;
        }

        @Override
        public Optional<Double> cutOffMm() {
            return Optional.of(0.0);
        }
    }

    /** Each bunch bound to a wire of its own, which is taped to the stem. */
    @Text(label = "on taped wires", means = "Each bunch is bound to a wire of its own, which is taped to the stem.")
    record OnWires(
            @Quantity(
                    label = "gauge",
                    unit = Unit.GAUGE,
                    min = 16,
                    max = 33,
                    step = 2,
                    usual = 28,
                    means = "Of the wire of each bunch.")
            int gauge,

            @Quantity(
                    label = "tail",
                    unit = Unit.MM,
                    min = 5,
                    max = 300,
                    step = 5,
                    usual = 60,
                    means = "Of it taped along the stem.")
            double tailMm)
            implements Hold {
        public OnWires {
            Limits.check(OnWires.class, gauge, tailMm);
        }

        @Override
        public Steps joining(Stamens of) {
            return Steps.of(Operation.TAPE, of.bunches(), "Tape the bunches in at the neck, " + of.standing() + ".");
        }

        @Override
        public Optional<OnWires> wires() {
            return Optional.of(this);
        }
    }
}
