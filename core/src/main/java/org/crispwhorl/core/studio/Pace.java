package org.crispwhorl.core.studio;

import java.util.List;
import java.util.Optional;
import org.crispwhorl.core.measure.InvalidValue;
import org.crispwhorl.core.measure.Limits;
import org.crispwhorl.core.measure.Quantity;
import org.crispwhorl.core.measure.Text;
import org.crispwhorl.core.measure.Unit;
import org.crispwhorl.core.work.Operation;
import org.crispwhorl.core.work.Step;
import org.crispwhorl.core.work.Steps;

/** How fast the studio's hands are: a hand, and operations that it does faster or slower than that hand would. */
@Text(label = "pace", means = "How fast the studio's hands are.")
public record Pace(
        @Text(label = "hand") Hand hand,

        @Text(label = "own minutes", longest = 40, means = "Operations that take otherwise than the hand says.")
        List<Own> own) {
    /** Before any record: a practised hand. */
    public static final Pace UNRECORDED = new Pace(Hand.PRACTISED, List.of());

    /** How practised a hand is. */
    public enum Hand {
        @Text(label = "beginning", means = "Two and a half times the minutes of a practised hand.")
        BEGINNING(2.5),
        @Text(label = "learning", means = "Half as much again as a practised hand, and a little more.")
        LEARNING(1.6),
        @Text(label = "practised")
        PRACTISED(1),
        @Text(label = "fast", means = "Six tenths of the minutes of a practised hand.")
        FAST(0.6);

        private final double factor;

        Hand(double factor) {
            this.factor = factor;
        }

        /** Its minutes over those of a practised hand. */
        public double factor() {
            return factor;
        }
    }

    /** An operation that takes this hand otherwise. */
    @Text(label = "own minutes", means = "An operation that takes otherwise than the hand says.")
    public record Own(
            @Text(label = "operation") Operation operation,

            @Quantity(
                    label = "minutes",
                    unit = Unit.MIN,
                    min = LEAST_MIN,
                    max = 120,
                    step = 0.05,
                    usual = 0.3,
                    means = "For each thing taken up; what each petal on it takes goes with it.")
            double eachMin) {
        /** No operation takes less, min. */
        public static final double LEAST_MIN = 0.005;

        public Own {
            Limits.check(Own.class, operation, eachMin);
        }
    }

    public Pace {
        own = List.copyOf(own);
        Limits.check(Pace.class, hand, own);
        if (own.stream().map(Own::operation).distinct().count() < own.size()) {
            throw new InvalidValue("own", own.size(), "each operation at most once");
        }
    }

    /** Minutes for each thing taken up. */
    public double eachMin(Operation operation) {
        return factor(operation) * operation.eachMin();
    }

    /** Minutes for each petal on it. */
    public double petalMin(Operation operation) {
        return factor(operation) * operation.petalMin();
    }

    private double factor(Operation operation) {
        Optional<Own> stated =
                own.stream().filter(o -> o.operation() == operation).findFirst();
        return stated.map(o -> o.eachMin() / operation.eachMin()).orElse(hand.factor());
    }

    /** Minutes that a piece of work takes on one flower. */
    public double minutes(Steps work) {
        return minutes(work, 1);
    }

    /** Minutes that a piece of work takes on so many flowers, what they share begun once; spares count as shares of a flower. */
    public double minutes(Steps work, double flowers) {
        double minutes = 0;
        for (Step step : work.list()) {
            minutes += step.charge().things(flowers) * eachMin(step.operation())
                    + step.charge().petals(flowers) * petalMin(step.operation());
        }
        return minutes;
    }

    /** Minutes to mix a shade. A shade of no strong colour, or of nothing else, needs none. */
    public double mixMin(double grams, double share) {
        return grams <= 0 || share <= 0 || share >= 1
                ? 0
                : eachMin(Operation.MIX) + grams * eachMin(Operation.KNEAD_GRAM);
    }
}
