package org.crispwhorl.server.days;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.util.UUID;
import org.crispwhorl.server.studio.KeptColumn;

/** The calendar that was last made of an order. */
@Entity
@Table(name = "order_calendar")
class CalendarRow {
    @Id
    @Column(name = "order_id")
    private UUID orderId;

    @Column(length = KeptColumn.LONGEST)
    private String planned;

    protected CalendarRow() {}

    CalendarRow(UUID orderId, String planned) {
        this.orderId = orderId;
        this.planned = planned;
    }

    UUID orderId() {
        return orderId;
    }

    String planned() {
        return planned;
    }

    void keep(String now) {
        planned = now;
    }
}
