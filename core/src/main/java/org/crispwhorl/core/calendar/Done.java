package org.crispwhorl.core.calendar;

import java.time.LocalDateTime;
import org.crispwhorl.core.measure.InvalidValue;

/**
 * Work that was done, when it was done: it stays, and what waits for it waits from then on.
 *
 * @param uid of the piece of work
 * @param from when it was begun
 * @param to when it was over, no sooner than begun
 */
public record Done(String uid, LocalDateTime from, LocalDateTime to) {
    public Done {
        if (to.isBefore(from)) {
            throw new InvalidValue("to", to, "no sooner than it was begun, " + from);
        }
    }
}
