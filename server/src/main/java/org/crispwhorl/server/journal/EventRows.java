package org.crispwhorl.server.journal;

import java.time.LocalDateTime;
import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface EventRows extends JpaRepository<EventRow, UUID> {
    /** The first touch of each order that was touched: what is only written down is no work. */
    @Query("select e.orderId as orderId, min(e.at) as begun from EventRow e where e.touch <> "
            + "org.crispwhorl.core.bench.BenchEvent.Touch.SAID group by e.orderId")
    List<Begun> begun();

    /** When the first touch of an order was. */
    interface Begun {
        UUID getOrderId();

        LocalDateTime getBegun();
    }

    List<EventRow> findAllByOrderIdOrderByAtAscIdAsc(UUID orderId);
}
