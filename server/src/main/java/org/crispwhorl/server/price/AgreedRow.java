package org.crispwhorl.server.price;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.util.UUID;
import org.crispwhorl.server.studio.KeptColumn;

/** The price with which an order was accepted. */
@Entity
@Table(name = "agreed_price")
class AgreedRow {
    @Id
    @Column(name = "order_id")
    private UUID orderId;

    @Column(length = KeptColumn.LONGEST)
    private String agreed;

    protected AgreedRow() {}

    AgreedRow(UUID orderId, String agreed) {
        this.orderId = orderId;
        this.agreed = agreed;
    }

    String agreed() {
        return agreed;
    }
}
