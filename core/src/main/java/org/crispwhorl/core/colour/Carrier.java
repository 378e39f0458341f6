package org.crispwhorl.core.colour;

import org.crispwhorl.core.measure.Text;

/** With what a colour is let down. */
@Text(label = "let down with", means = "What makes it paler, or wet.")
public enum Carrier {
    @Text(label = "nothing")
    NOTHING(0),
    @Text(label = "cornflour", means = "White and dry: it makes a dust paler.")
    CORNFLOUR(0),
    @Text(label = "spirit", means = "It makes a paint that is dry after some minutes.")
    SPIRIT(4),
    @Text(label = "water", means = "It makes a paint that dries slowly and bleeds where there is much of it.")
    WATER(15);

    private final double waitMin;

    Carrier(double waitMin) {
        this.waitMin = waitMin;
    }

    /** Until it is dry to the touch, min: the middle of 3 to 5 for spirit and of 10 to 20 for water. */
    public double waitMin() {
        return waitMin;
    }

    /** Whether it wets the paste. */
    public boolean wet() {
        return waitMin > 0;
    }
}
