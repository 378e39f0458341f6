package org.crispwhorl.core.order;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.time.LocalDateTime;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.crispwhorl.core.measure.InvalidValue;
import org.crispwhorl.core.measure.Limits;
import org.crispwhorl.core.measure.Quantity;
import org.crispwhorl.core.measure.Text;
import org.crispwhorl.core.measure.Unit;

/** Flowers for a date, as an order is written. */
@RecordBuilder
@Text(label = "order", means = "Flowers for a date.")
public record Order(
        @Text(label = "name", shortest = 1) String name,

        @Text(label = "note", longest = 2000, lines = true) String note,

        @Text(label = "hand-over") LocalDateTime handOver,

        @Quantity(
                label = "time to spare",
                unit = Unit.H,
                min = 0,
                max = 240,
                usual = 12,
                means = "Hours kept free before the hand-over.")
        double spareTimeH,

        @Quantity(
                label = "tier",
                unit = Unit.MM,
                min = 20,
                max = 400,
                step = 5,
                usual = 100,
                means = "Height of the lowest tier that stems go into.")
        double tierMm,

        @Text(label = "where it goes") Optional<Venue> venue,

        @Text(label = "flowers", longest = 40) List<OrderLine> lines)
        implements OrderBuilder.With {
    public Order {
        lines = List.copyOf(lines);
        Limits.check(Order.class, name, note, handOver, spareTimeH, tierMm, venue, lines);
        Set<String> ids = new HashSet<>();
        for (int i = 0; i < lines.size(); i++) {
            String id = lines.get(i).id();
            if (id.indexOf('/') >= 0 || !ids.add(id)) {
                throw new InvalidValue("lines/" + i + "/id", id, "an id of its own, without a slash");
            }
        }
    }

    /** An order of which it is not known where it goes. */
    public Order(
            String name, String note, LocalDateTime handOver, double spareTimeH, double tierMm, List<OrderLine> lines) {
        this(name, note, handOver, spareTimeH, tierMm, Optional.empty(), lines);
    }

    /** How many flowers of a species. */
    @Text(label = "flowers", means = "How many flowers of a species.")
    public record OrderLine(
            @Text(
                    label = "line",
                    shortest = 1,
                    longest = 36,
                    means = "Its own within the order, never given to another.")
            String id,

            UUID speciesId,

            @Quantity(
                    label = "flowers",
                    unit = Unit.COUNT,
                    min = 1,
                    max = 500,
                    usual = 1,
                    means = "Flowers of this species.")
            int flowers) {
        public OrderLine {
            Limits.check(OrderLine.class, id, speciesId, flowers);
        }
    }
}
