package org.crispwhorl.core.calendar;

import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.List;
import org.crispwhorl.core.order.Order;

/**
 * A calendar with what it was made for.
 *
 * @param at when it was made
 * @param order as it was then
 * @param time the studio's, then
 */
public record Planned(LocalDateTime at, Order order, StudioTime time, Calendar calendar) {
    /** What is otherwise by now, in the maker's words; empty where it still holds. */
    public List<String> changed(Order now, StudioTime timeNow) {
        List<String> changed = new ArrayList<>();
        if (!order.lines().equals(now.lines())) {
            changed.add("the flowers");
        }
        if (!order.handOver().equals(now.handOver()) || order.marginH() != now.marginH()) {
            changed.add("the hand-over");
        }
        if (!time.equals(timeNow)) {
            changed.add("the studio's time");
        }
        return changed;
    }
}
