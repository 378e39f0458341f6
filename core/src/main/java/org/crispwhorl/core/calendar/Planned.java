package org.crispwhorl.core.calendar;

import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.List;
import org.crispwhorl.core.measure.Limits;
import org.crispwhorl.core.measure.Words;
import org.crispwhorl.core.order.Order;

/**
 * A calendar with what it was made for.
 *
 * @param at when it was made
 * @param order as it was then
 * @param time the studio's, then
 * @param pins what was set down by hand
 */
public record Planned(LocalDateTime at, Order order, StudioTime time, List<Pin> pins, Calendar calendar) {
    /** A piece of work that the maker has set down where it stands; the rest is placed round it. */
    @Words(label = "pin", means = "Work that stays where the maker set it.")
    public record Pin(
            @Words(label = "work", shortest = 1, longest = 200)
            String uid,

            @Words(label = "from") LocalDateTime from) {
        public Pin {
            Limits.check(Pin.class, uid, from);
        }
    }

    public Planned {
        pins = List.copyOf(pins);
    }

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
