package org.crispwhorl.core.species;

import java.util.Optional;
import org.crispwhorl.core.measure.Limits;
import org.crispwhorl.core.measure.Quantity;
import org.crispwhorl.core.measure.Unit;
import org.crispwhorl.core.measure.Words;

/** How a piece is joined to the flower. */
@Words(label = "joined", means = "How a piece is joined to the flower.")
public sealed interface Attachment {
    /** The wire of each piece; none where it has none of its own. */
    Optional<Wired> wire();

    /** Share of a piece's length, from its base, that is glued; 0 where none is. */
    double gluedShare();

    /** Whether pieces are glued one by one to what is inside them. */
    boolean glued();

    /** Where pieces leave the axis, in the maker's words. */
    String neckRule();

    /** The same for a piece larger or smaller by a factor. */
    Attachment scaled(double factor);

    /** Each piece on a wire of its own, taped to the stem. */
    @Words(label = "wired")
    record Wired(
            @Quantity(
                    label = "gauge",
                    unit = Unit.GAUGE,
                    min = 16,
                    max = 33,
                    step = 2,
                    usual = 26,
                    means = "Gauge of its wire.")
            int gauge,

            @Quantity(
                    label = "insertion",
                    unit = Unit.MM,
                    min = 2,
                    max = 200,
                    usual = 12,
                    means = "How far the wire goes into the piece.")
            double insertionMm,

            @Quantity(
                    label = "hook",
                    unit = Unit.MM,
                    min = 0,
                    max = 10,
                    usual = 0,
                    means = "Wire bent back at its end; 0 is straight.")
            double hookMm,

            @Quantity(
                    label = "free wire",
                    unit = Unit.MM,
                    min = 0,
                    max = 200,
                    usual = 3,
                    means = "Wire between the base of the piece and the tape that holds it.")
            double freeMm,

            @Quantity(
                    label = "tail",
                    unit = Unit.MM,
                    min = 5,
                    max = 300,
                    step = 5,
                    usual = 80,
                    means = "Wire below, taped along the stem.")
            double tailMm,

            @Quantity(
                    label = "ridge",
                    unit = Unit.MM,
                    min = 0.3,
                    max = 6,
                    step = 0.1,
                    usual = 0.9,
                    means = "Thickness of the ridge of paste that takes the wire.")
            double ridgeMm)
            implements Attachment {
        public Wired {
            Limits.check(Wired.class, gauge, insertionMm, hookMm, freeMm, tailMm, ridgeMm);
        }

        public Wired withGauge(int newGauge) {
            return new Wired(newGauge, insertionMm, hookMm, freeMm, tailMm, ridgeMm);
        }

        public Wired withInsertion(double newInsertionMm) {
            return new Wired(gauge, newInsertionMm, hookMm, freeMm, tailMm, ridgeMm);
        }

        public Wired withTail(double newTailMm) {
            return new Wired(gauge, insertionMm, hookMm, freeMm, newTailMm, ridgeMm);
        }

        public Wired withRidge(double newRidgeMm) {
            return new Wired(gauge, insertionMm, hookMm, freeMm, tailMm, newRidgeMm);
        }

        public Wired withHook(double newHookMm) {
            return new Wired(gauge, insertionMm, newHookMm, freeMm, tailMm, ridgeMm);
        }

        public Wired withFree(double newFreeMm) {
            return new Wired(gauge, insertionMm, hookMm, newFreeMm, tailMm, ridgeMm);
        }

        @Override
        public Optional<Wired> wire() {
            return Optional.of(this);
        }

        @Override
        public double gluedShare() {
            return 0;
        }

        @Override
        public boolean glued() {
            return false;
        }

        @Override
        public String neckRule() {
            return "Half the bundle of wires, threads and tape inside it";
        }

        @Override
        public Attachment scaled(double factor) {
            return withInsertion(Limits.within(Wired.class, "insertionMm", insertionMm * factor));
        }

        /** Wire to cut for one piece, mm. */
        public double cutLengthMm() {
            return insertionMm + hookMm + freeMm + tailMm;
        }
    }

    /** Glued to what is inside it, some way up: the higher the glue, the more closed the flower. */
    @Words(label = "glued")
    record Glued(
            @Quantity(
                    label = "glued up to",
                    unit = Unit.NONE,
                    min = 0,
                    max = 0.95,
                    step = 0.05,
                    usual = 0.3,
                    means = "Share of the length, from the base, that is glued to what is inside it.")
            double upTo)
            implements Attachment {
        public Glued {
            Limits.check(Glued.class, upTo);
        }

        @Override
        public Optional<Wired> wire() {
            return Optional.empty();
        }

        @Override
        public double gluedShare() {
            return upTo;
        }

        @Override
        public boolean glued() {
            return true;
        }

        @Override
        public String neckRule() {
            return "Radius of the heart where petals are glued, and the petals inside";
        }

        @Override
        public Attachment scaled(double factor) {
            return this;
        }

        /** Glued at the very base alone. */
        public static final Glued BASE = new Glued(0);
    }

    /** Threaded on the wire of the heart and glued there. */
    @Words(label = "threaded on the wire")
    record Threaded() implements Attachment {
        @Override
        public Optional<Wired> wire() {
            return Optional.empty();
        }

        @Override
        public double gluedShare() {
            return 0;
        }

        @Override
        public boolean glued() {
            return false;
        }

        @Override
        public String neckRule() {
            return "Half the middle of its cut, or the bundle inside it where that is thicker";
        }

        @Override
        public Attachment scaled(double factor) {
            return this;
        }
    }
}
