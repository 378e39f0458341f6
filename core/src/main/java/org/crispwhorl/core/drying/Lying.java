package org.crispwhorl.core.drying;

import org.crispwhorl.core.measure.Limits;
import org.crispwhorl.core.measure.Quantity;
import org.crispwhorl.core.measure.Text;
import org.crispwhorl.core.measure.Unit;

/** How a piece lies while it dries: which of its faces see the air. */
@Text(label = "drying", means = "How a piece lies while it dries.")
public sealed interface Lying {
    /** In its former, which closes one face off. */
    @Text(label = "in its former", means = "One face sees the air until it is used.")
    record OneSided() implements Lying {}

    /** In its former at first, then turned out, so that both faces dry. */
    @Text(label = "turned out", means = "One face at first, then both.")
    record TurnedOut(
            @Quantity(
                    label = "after",
                    unit = Unit.H,
                    min = 0.1,
                    max = 96,
                    step = 0.5,
                    usual = 6,
                    means = "Hours in the former before it is turned out.")
            double afterH)
            implements Lying {
        public TurnedOut {
            Limits.check(TurnedOut.class, afterH);
        }
    }

    /** Hung or propped so that both faces see the air. */
    @Text(label = "hung", means = "Both faces see the air.")
    record Hung() implements Lying {}
}
