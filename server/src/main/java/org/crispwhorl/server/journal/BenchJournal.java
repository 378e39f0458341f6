package org.crispwhorl.server.journal;

import java.time.LocalDateTime;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.crispwhorl.core.bench.BenchEvent;
import org.crispwhorl.core.bench.Said;
import org.crispwhorl.core.bench.Underway;
import org.crispwhorl.server.order.Orders;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What was touched at the bench, order by order. */
@Service
public class BenchJournal {
    private final EventRows rows;
    private final Orders orders;

    BenchJournal(EventRows rows, Orders orders) {
        this.rows = rows;
        this.orders = orders;
    }

    /** Every touch of an order, in order of time. */
    @Transactional(readOnly = true)
    public List<BenchEvent> of(UUID orderId) {
        return rows.findAllByOrderIdOrderByAtAscIdAsc(orderId).stream()
                .map(EventRow::event)
                .toList();
    }

    /**
     * Keeps touches; one that is kept already, told again or by another device, is left as it is.
     *
     * @return every touch of the order, in order of time
     * @throws org.crispwhorl.server.problem.NotThere where there is no such order
     */
    @Transactional
    public List<BenchEvent> keep(UUID orderId, List<BenchEvent> events) {
        // Two devices that tell the same at once come one after the other.
        orders.hold(orderId);
        Set<UUID> known = rows.findAllById(events.stream().map(BenchEvent::id).toList()).stream()
                .map(EventRow::getId)
                .collect(Collectors.toSet());
        for (BenchEvent event : events) {
            if (known.add(event.id())) {
                rows.save(new EventRow(orderId, event));
            }
        }
        rows.flush();
        return of(orderId);
    }

    /** Whether nothing of an order was worked yet: what is only written down is no work. */
    @Transactional(readOnly = true)
    public boolean untouched(UUID orderId) {
        return of(orderId).stream().allMatch(e -> e.touch() == BenchEvent.Touch.SAID);
    }

    /** Writes something down of an order that belongs to no work in particular. */
    @Transactional
    public void remark(UUID orderId, String work, String text) {
        keep(
                orderId,
                List.of(new BenchEvent(
                        UUID.randomUUID(),
                        work,
                        BenchEvent.Touch.SAID,
                        LocalDateTime.now(),
                        1,
                        Optional.of(new Said.BenchNote(text)))));
    }

    /** An order on the bench, and since when. */
    public record OnTheBench(UUID orderId, LocalDateTime begun) {}

    /** Every order of which something was touched. */
    @Transactional(readOnly = true)
    public List<OnTheBench> begun() {
        return rows.begun().stream()
                .map(b -> new OnTheBench(b.getOrderId(), b.getBegun()))
                .toList();
    }

    /** How far each work of an order is that was touched. */
    @Transactional(readOnly = true)
    public List<Underway> works(UUID orderId) {
        return Underway.of(of(orderId));
    }
}
