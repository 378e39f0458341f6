package org.crispwhorl.server.journal;

import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.crispwhorl.core.bench.BenchEvent;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface EventRows extends JpaRepository<EventRow, UUID> {
    /** The first touch of each order that was touched: what is only written down is no work. */
    @Query("select e.orderId as orderId, min(e.at) as begun from EventRow e where e.touch <> "
            + "org.crispwhorl.core.bench.BenchEvent.Touch.SAID and e.orderId in "
            + "(select o.id from OrderRow o where o.deleted is null) group by e.orderId")
    List<Begun> begun();

    /** When the first touch of an order was. */
    interface Begun {
        UUID getOrderId();

        Instant getBegun();
    }

    List<EventRow> findAllByOrderIdOrderByAtAscIdAsc(UUID orderId);

    /** What came in since. */
    List<EventRow> findAllByOrderIdAndSeqGreaterThanOrderBySeqAsc(UUID orderId, long seq);

    boolean existsByOrderIdAndTouchNot(UUID orderId, BenchEvent.Touch touch);

    /** What stands of the journal: which touches came in last, and how many there are; both change with every touch. */
    @Query("select coalesce(max(e.seq), 0) as last, count(e) as total from EventRow e")
    State state();

    /** What stands of the journal. */
    interface State {
        long getLast();

        long getTotal();
    }
}
