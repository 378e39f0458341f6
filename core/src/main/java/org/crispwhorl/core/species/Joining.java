package org.crispwhorl.core.species;

import java.util.List;
import java.util.Optional;
import org.crispwhorl.core.measure.Limits;
import org.crispwhorl.core.measure.Quantity;
import org.crispwhorl.core.measure.Text;
import org.crispwhorl.core.measure.Unit;
import org.crispwhorl.core.paste.Medium;
import org.crispwhorl.core.paste.Stage;
import org.crispwhorl.core.work.Operation;
import org.crispwhorl.core.work.Steps;

/** What is soft when a part is joined: itself, and what bears it; and how long the flower rests then. */
@Text(label = "joined when", means = "What is soft when it is joined, and how long the flower rests then.")
public record Joining(
        @Text(label = "the piece is") As as,
        @Text(label = "the base is") Onto onto,
        @Text(label = "then it rests") Rest rest) {
    /** The stage of a part as it is joined. */
    @Text(label = "the piece is", means = "The stage of a part as it is joined.")
    public enum As {
        @Text(label = "soft", means = "Shaped and set at once, ring by ring, before it skins.")
        SOFT(null),
        @Text(label = "part-dry", means = "It keeps its shape and still bends; set a batch at a time.")
        PART_DRY(Stage.PART_DRY),
        @Text(label = "firm")
        FIRM(Stage.FIRM),
        @Text(label = "dry")
        DRY(Stage.DRY);

        private final Stage stage;

        As(Stage stage) {
            this.stage = stage;
        }

        /** The stage of drying that it waits for; none where it is set soft. */
        public Optional<Stage> stage() {
            return Optional.ofNullable(stage);
        }
    }

    /** The stage of what bears it. */
    @Text(label = "the base is", means = "The stage of what bears it.")
    public enum Onto {
        @Text(label = "soft")
        SOFT,
        @Text(label = "holds its shape", means = "It no longer gives way; a bought core holds at once.")
        HOLDS,
        @Text(label = "firm")
        FIRM,
        @Text(label = "dry")
        DRY;

        /** As the bench says it. */
        public String told() {
            return "onto " + (this == HOLDS ? "what holds its shape" : Text.Labels.of(this));
        }
    }

    /** A rest of the flower after a part was joined. */
    @Text(label = "rest", means = "A rest of the flower after a part was joined.")
    public record Rest(
            @Text(label = "until") Until until,

            @Quantity(
                    label = "minutes",
                    unit = Unit.MIN,
                    min = 0,
                    max = 10_080,
                    step = 5,
                    usual = 0,
                    means = "How long, where it is by the clock.")
            double minutes,

            @Text(label = "position") Position position) {
        /** No rest. */
        public static final Rest NONE = new Rest(Until.NOTHING, 0, Position.UPRIGHT);

        public Rest {
            Limits.check(Rest.class, until, minutes, position);
        }

        /** What of it changes nothing: minutes where it is not by the clock, how it is put where it does not rest. */
        List<String> idle() {
            return switch (until) {
                case NOTHING -> List.of("minutes", "position");
                case MINUTES -> List.of();
                case HOLDS, FIRM, DRY -> List.of("minutes");
            };
        }

        /** What hands do with the flower then: it is hung, turned or left standing, and looked at before it is gone on with. */
        Steps steps() {
            if (until == Until.NOTHING) {
                return Steps.NONE;
            }
            String put =
                    switch (position) {
                        case UPRIGHT -> "Let it stand";
                        case HANGING -> "Hang it head down";
                        case TURNED -> "Turn it over";
                    };
            String end =
                    switch (until) {
                        case NOTHING -> ".";
                        case MINUTES -> " for " + Unit.MIN.write(minutes) + " at least.";
                        case HOLDS -> " until it holds: turned up, nothing drops.";
                        case FIRM -> " until it is firm: a flick moves nothing.";
                        case DRY -> " until it is dry: no longer cold to the cheek.";
                    };
            return Steps.NONE.andCounted(Operation.PINCH, position == Position.UPRIGHT ? 0 : 1, 1, put + end);
        }

        /** Until when the flower rests. */
        @Text(label = "until", means = "Until when the flower rests.")
        public enum Until {
            @Text(label = "no rest")
            NOTHING,
            @Text(label = "some minutes")
            MINUTES,
            @Text(label = "it holds")
            HOLDS,
            @Text(label = "it is firm")
            FIRM,
            @Text(label = "it is dry")
            DRY
        }

        /** How it is put while it rests. */
        @Text(label = "position", means = "How it is put while it rests.")
        public enum Position {
            @Text(label = "upright")
            UPRIGHT,
            @Text(label = "hanging", means = "Upside down, so that nothing falls back.")
            HANGING,
            @Text(label = "turned over", means = "So that its back dries.")
            TURNED
        }
    }

    public Joining {
        Limits.check(Joining.class, as, onto, rest);
    }

    /** Without a rest. */
    public static Joining of(As as, Onto onto) {
        return new Joining(as, onto, Rest.NONE);
    }

    /** What is usual for how a part is held, in a medium: what sets by itself is joined soft throughout. */
    public static Joining usual(Attachment attachment, Medium medium) {
        if (attachment.wire().isPresent()) {
            return of(As.FIRM, Onto.DRY);
        }
        return of(As.SOFT, medium.joinedSoft() ? Onto.SOFT : Onto.HOLDS);
    }

    /** Whether it is joined before it is firm. */
    public boolean whileItBends() {
        return as == As.SOFT || as == As.PART_DRY;
    }
}
