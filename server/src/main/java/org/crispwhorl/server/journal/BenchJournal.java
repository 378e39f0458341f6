package org.crispwhorl.server.journal;

import java.time.Clock;
import java.time.Instant;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import org.crispwhorl.core.bench.BenchEvent;
import org.crispwhorl.core.bench.BenchRecord;
import org.crispwhorl.core.bench.Underway;
import org.crispwhorl.server.order.Orders;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What was touched at the bench, order by order. */
@Service
public class BenchJournal {
    private static final Logger LOG = LoggerFactory.getLogger(BenchJournal.class);

    private final EventRows rows;
    private final Orders orders;
    private final Clock clock;

    BenchJournal(EventRows rows, Orders orders, Clock clock) {
        this.rows = rows;
        this.orders = orders;
        this.clock = clock;
    }

    /** The zone by whose clock the studio works. */
    public ZoneId zone() {
        return clock.getZone();
    }

    /** Every touch of an order, in order of time. */
    @Transactional(readOnly = true)
    public List<BenchEvent> of(UUID orderId) {
        return events(rows.findAllByOrderIdOrderByAtAscIdAsc(orderId));
    }

    /** One that cannot be read hides no other. */
    private static List<BenchEvent> events(List<EventRow> rows) {
        List<BenchEvent> events = new ArrayList<>(rows.size());
        for (EventRow row : rows) {
            try {
                events.add(row.event());
            } catch (RuntimeException e) {
                LOG.warn("The touch {} cannot be read: {}", row.getId(), e.getMessage());
            }
        }
        return events;
    }

    /**
     * What was touched since.
     *
     * @param events in the order in which they came in
     * @param until what is to be said next time, to hear only what is new
     */
    public record Since(List<BenchEvent> events, long until) {}

    /**
     * What came in since.
     *
     * @param seen what was told as {@link Since#until} last time; 0 for all
     * @throws org.crispwhorl.server.problem.NotThere where there is no such order
     */
    @Transactional(readOnly = true)
    public Since since(UUID orderId, long seen) {
        orders.there(orderId);
        List<EventRow> fresh = rows.findAllByOrderIdAndSeqGreaterThanOrderBySeqAsc(orderId, seen);
        return new Since(
                events(fresh),
                fresh.isEmpty() ? seen : fresh.get(fresh.size() - 1).seq());
    }

    /**
     * Keeps touches; one that is kept already, told again or by another device, is left as it is.
     *
     * @param names whether a touch names a task that is there, or a touch: others are not kept
     * @return those that were not kept
     * @throws org.crispwhorl.server.problem.NotThere where there is no such order
     */
    @Transactional
    public List<BenchEvent> keep(UUID orderId, List<BenchEvent> events, Predicate<BenchEvent> names) {
        // Two devices that tell the same at once come one after the other.
        orders.hold(orderId);
        Set<UUID> known = rows.findAllById(events.stream().map(BenchEvent::id).toList()).stream()
                .map(EventRow::getId)
                .collect(Collectors.toSet());
        List<BenchEvent> refused = new ArrayList<>();
        for (BenchEvent event : events) {
            if (known.contains(event.id())) {
                continue;
            }
            if (names.test(event)) {
                known.add(event.id());
                rows.save(new EventRow(orderId, event));
            } else {
                refused.add(event);
            }
        }
        rows.flush();
        return refused;
    }

    /** Keeps touches that the program makes itself. */
    @Transactional
    public void lay(UUID orderId, List<BenchEvent> events) {
        keep(orderId, events, event -> true);
    }

    /** Whether nothing of an order was worked yet: what is only written down is no work. */
    @Transactional(readOnly = true)
    public boolean untouched(UUID orderId) {
        return !rows.existsByOrderIdAndTouchNot(orderId, BenchEvent.Touch.SAID);
    }

    /** Writes something down of an order that belongs to no work in particular. */
    @Transactional
    public void remark(UUID orderId, String work, String text) {
        lay(
                orderId,
                List.of(BenchEvent.saying(UUID.randomUUID(), work, clock.instant(), new BenchRecord.BenchNote(text))));
    }

    /** An order on the bench, and since when. */
    public record OnTheBench(UUID orderId, Instant begun) {}

    /** Every order of which something was touched. */
    @Transactional(readOnly = true)
    public List<OnTheBench> begun() {
        return rows.begun().stream()
                .map(b -> new OnTheBench(b.getOrderId(), b.getBegun()))
                .toList();
    }

    /** What stands of the whole journal; another whenever anything was touched. */
    @Transactional(readOnly = true)
    public List<Long> state() {
        EventRows.State now = rows.state();
        return List.of(now.getLast(), now.getTotal());
    }

    /** How far each work of an order is that was touched. */
    @Transactional(readOnly = true)
    public List<Underway> works(UUID orderId) {
        return Underway.of(of(orderId));
    }
}
