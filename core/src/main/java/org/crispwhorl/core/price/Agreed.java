package org.crispwhorl.core.price;

import java.time.Instant;
import java.util.List;
import org.crispwhorl.core.order.Order;

/**
 * The price with which an order was accepted: it stays, whatever the studio asks, and however its work is reckoned, by now.
 *
 * @param at when it was accepted
 * @param lines of the order as it was then
 * @param price as it was told then, its working time among it
 */
public record Agreed(Instant at, List<Order.OrderLine> lines, PriceSheet price) {
    public Agreed {
        lines = List.copyOf(lines);
    }

    /** Whether it is still of the flowers that are ordered. */
    public boolean holds(Order now) {
        return lines.equals(now.lines());
    }
}
