package org.crispwhorl.server.days;

import java.time.LocalDateTime;
import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface CalendarRows extends JpaRepository<CalendarRow, UUID> {
    /** Those of orders that are still to be delivered, and of which something is taken after a moment. */
    @Query("select r from CalendarRow r where (r.ends is null or r.ends > :moment) and r.orderId in"
            + " (select o.id from OrderRow o where o.deleted is null and o.delivered is null)")
    List<CalendarRow> underWay(LocalDateTime moment);

    @Query("select r.orderId from CalendarRow r where r.ends is null")
    List<UUID> notInShort();

    /** In short, of orders that are there. */
    @Query("select r.orderId as orderId, r.begins as begins, r.eveningMin as eveningMin from CalendarRow r"
            + " where r.ends is not null and r.orderId in (select o.id from OrderRow o where o.deleted is null)")
    List<InShort> inShort();

    /** The days of an order in short. */
    interface InShort {
        UUID getOrderId();

        LocalDateTime getBegins();

        double getEveningMin();
    }
}
