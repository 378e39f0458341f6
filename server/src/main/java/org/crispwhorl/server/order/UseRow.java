package org.crispwhorl.server.order;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.IdClass;
import jakarta.persistence.Table;
import java.io.Serializable;
import java.util.UUID;
import org.crispwhorl.server.studio.KeptColumn;

/** What an order took from one thing of the drawer. */
@Entity
@Table(name = "order_use")
@IdClass(UseRow.Key.class)
class UseRow {
    /** An order takes from a thing once. */
    record Key(UUID orderId, UUID itemId) implements Serializable {}

    @Id
    @Column(name = "order_id")
    private UUID orderId;

    @Id
    @Column(name = "item_id")
    private UUID itemId;

    @Column(length = KeptColumn.LONGEST)
    private String taken;

    protected UseRow() {}

    UseRow(UUID orderId, UUID itemId, String taken) {
        this.orderId = orderId;
        this.itemId = itemId;
        this.taken = taken;
    }

    UUID itemId() {
        return itemId;
    }

    String taken() {
        return taken;
    }
}
