package org.crispwhorl.core.order;

import java.time.LocalTime;
import org.crispwhorl.core.measure.InvalidValue;

/**
 * The hours in which hands work, the same every day.
 *
 * @param from first minute of work
 * @param to last minute of work, later than {@code from}
 */
public record WorkingDays(LocalTime from, LocalTime to) {
    /** Nine to five. */
    public static final WorkingDays USUAL = new WorkingDays(LocalTime.of(9, 0), LocalTime.of(17, 0));

    public WorkingDays {
        if (!to.isAfter(from)) {
            throw new InvalidValue("to", to, "later than " + from);
        }
    }
}
