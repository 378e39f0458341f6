package org.crispwhorl.core.species;

import java.util.Optional;
import org.crispwhorl.core.measure.Limits;
import org.crispwhorl.core.measure.Quantity;
import org.crispwhorl.core.measure.Text;
import org.crispwhorl.core.measure.Unit;
import org.crispwhorl.core.work.Said;

/** How a piece is joined to the flower. */
@Text(label = "joined", means = "How a piece is joined to the flower.")
public sealed interface Attachment {
    /** The wire of each piece; none where it has none of its own. */
    Optional<Wired> wire();

    /** Share of a piece's length, from its base, that is glued; 0 where none is. */
    double gluedShare();

    /** Share of a soft piece's length to which it lies on what is inside it; 0 where it does not. */
    double opensFrom();

    /** Where the tip of a soft piece stands; none where its base is what is placed. */
    default Optional<Glued.Reach> reach() {
        return Optional.empty();
    }

    /** The same free from another share of its length on; one on a wire stays as it is. */
    Attachment opening(double share);

    /** How pieces are joined, where there is little room. */
    String inShort();

    /** Whether pieces are glued one by one to what is inside them. */
    boolean glued();

    /**
     * How pieces are joined, as it is told.
     *
     * @param lengthMm of a finished piece
     * @param hugs whether it is laid on what is inside it, and opens from there
     */
    String told(double lengthMm, boolean hugs);

    /** Where pieces leave the axis, in the maker's words. */
    String neckRule();

    /** The same for a piece larger or smaller by a factor. */
    Attachment scaled(double factor);

    /** Each piece on a wire of its own, taped to the stem. */
    @Text(label = "wired")
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
                    label = "wire inside",
                    unit = Unit.MM,
                    min = 2,
                    max = 200,
                    usual = 12,
                    means = "How far the wire goes into the piece.")
            double wireInsideMm,

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
            Limits.check(Wired.class, gauge, wireInsideMm, hookMm, freeMm, tailMm, ridgeMm);
        }

        @Override
        public String inShort() {
            return Unit.GAUGE.write(gauge);
        }

        public Wired withGauge(int newGauge) {
            return new Wired(newGauge, wireInsideMm, hookMm, freeMm, tailMm, ridgeMm);
        }

        public Wired withWireInside(double newWireInsideMm) {
            return new Wired(gauge, newWireInsideMm, hookMm, freeMm, tailMm, ridgeMm);
        }

        public Wired withTail(double newTailMm) {
            return new Wired(gauge, wireInsideMm, hookMm, freeMm, newTailMm, ridgeMm);
        }

        public Wired withRidge(double newRidgeMm) {
            return new Wired(gauge, wireInsideMm, hookMm, freeMm, tailMm, newRidgeMm);
        }

        public Wired withHook(double newHookMm) {
            return new Wired(gauge, wireInsideMm, newHookMm, freeMm, tailMm, ridgeMm);
        }

        public Wired withFree(double newFreeMm) {
            return new Wired(gauge, wireInsideMm, hookMm, newFreeMm, tailMm, ridgeMm);
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
        public double opensFrom() {
            return 0;
        }

        @Override
        public Attachment opening(double share) {
            return this;
        }

        @Override
        public boolean glued() {
            return false;
        }

        @Override
        public String told(double lengthMm, boolean hugs) {
            return Said.mm(freeMm) + " of bare wire between foot and tape, " + Said.mm(tailMm) + " to tape down";
        }

        @Override
        public String neckRule() {
            return "Half the bundle of wires, threads and tape inside it";
        }

        @Override
        public Attachment scaled(double factor) {
            return withWireInside(Limits.within(Wired.class, "wireInsideMm", wireInsideMm * factor));
        }

        /** Wire to cut for one piece, mm. */
        public double cutLengthMm() {
            return wireInsideMm + hookMm + freeMm + tailMm;
        }
    }

    /** Glued to what is inside it, some way up: the higher the glue, the more closed the flower. */
    @Text(label = "glued")
    record Glued(
            @Quantity(
                    label = "glued up to",
                    unit = Unit.NONE,
                    min = 0,
                    max = 1,
                    step = 0.05,
                    usual = 0.3,
                    means = "Share of the length, from the base, that is glued to what is inside it.")
            double upTo,

            @Quantity(
                    label = "opens from",
                    unit = Unit.NONE,
                    min = 0,
                    max = 1,
                    step = 0.05,
                    usual = 0.5,
                    means =
                            "Share of the length to which a soft piece lies on what is inside it; 1 is closed to the tip.")
            double opensFrom,

            @Text(label = "placed by its tip", means = "Without it the base sits at its height on the stem.")
            Optional<Reach> reach)
            implements Attachment {
        public Glued {
            Limits.check(Glued.class, upTo, opensFrom, reach);
        }

        @Override
        public String inShort() {
            return "glued";
        }

        /** Glued so far up and free from there on, its base at its seat. */
        public Glued(double upTo) {
            this(upTo, upTo, Optional.empty());
        }

        /**
         * How high the tip of a soft piece stands.
         *
         * @param aboveMm above what is inside it; below is negative
         */
        @Text(label = "reach", means = "Where the tip stands; what then hangs below the centre is pinched off.")
        public record Reach(
                @Quantity(
                        label = "tip above",
                        unit = Unit.MM,
                        min = -60,
                        max = 60,
                        usual = 1,
                        means = "How far the tip stands above the highest point inside; below it is negative.")
                double aboveMm) {
            public Reach {
                Limits.check(Reach.class, aboveMm);
            }

            private String told() {
                String by =
                        aboveMm == 0 ? "level with" : Said.mm(Math.abs(aboveMm)) + (aboveMm > 0 ? " above" : " below");
                return "; its tip " + by + " what is inside; pinch off what hangs below";
            }
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
        public String told(double lengthMm, boolean hugs) {
            if (upTo == 0 && (!hugs || opensFrom == 0)) {
                return "a dot of glue at the foot only";
            }
            String glue = upTo >= 1
                    ? "glue it to the tip"
                    : upTo == 0 ? "a dot of glue at the foot only" : "glue the lower " + Said.mm(upTo * lengthMm);
            return hugs ? glue + pressed(lengthMm) + reach.map(Reach::told).orElse("") : glue;
        }

        private String pressed(double lengthMm) {
            return opensFrom >= 1
                    ? "; press it on to the tip"
                    : opensFrom > upTo
                            ? "; press it on to " + Said.mm(opensFrom * lengthMm) + ", above that it opens"
                            : "; above that it opens";
        }

        @Override
        public String neckRule() {
            return "Radius of the skin on which its base lies";
        }

        @Override
        public Attachment opening(double share) {
            return new Glued(Math.min(upTo, share), share, reach);
        }

        @Override
        public Attachment scaled(double factor) {
            return this;
        }

        /** Glued at the very base alone. */
        public static final Glued BASE = new Glued(0);
    }

    /** Threaded on the wire under the centre and glued to it some way up. */
    @Text(label = "threaded on the wire")
    record Threaded(
            @Quantity(
                    label = "glued up to",
                    unit = Unit.NONE,
                    min = 0,
                    max = 1,
                    step = 0.05,
                    usual = 0.3,
                    means = "Share of the length, from the base, that is glued to what is inside it.")
            double upTo,

            @Quantity(
                    label = "opens from",
                    unit = Unit.NONE,
                    min = 0,
                    max = 1,
                    step = 0.05,
                    usual = 0.5,
                    means =
                            "Share of the length to which a soft piece lies on what is inside it; 1 is closed to the tip.")
            double opensFrom)
            implements Attachment {
        public Threaded {
            Limits.check(Threaded.class, upTo, opensFrom);
        }

        @Override
        public String inShort() {
            return "threaded";
        }

        /** Glued at its middle alone. */
        public Threaded() {
            this(0, 0);
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
            return false;
        }

        @Override
        public String told(double lengthMm, boolean hugs) {
            String glue = upTo == 0
                    ? "glue its middle"
                    : "glue its middle and " + Said.mm(upTo * lengthMm) + " up each petal";
            return hugs && opensFrom > upTo
                    ? glue + "; press them on to " + Said.mm(opensFrom * lengthMm) + ", above that they open"
                    : glue;
        }

        @Override
        public String neckRule() {
            return "The cut's middle lies on the axis under what is inside it";
        }

        @Override
        public Attachment opening(double share) {
            return new Threaded(Math.min(upTo, share), share);
        }

        @Override
        public Attachment scaled(double factor) {
            return this;
        }
    }
}
