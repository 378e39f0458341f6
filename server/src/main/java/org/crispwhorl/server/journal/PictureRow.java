package org.crispwhorl.server.journal;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.LocalDateTime;
import java.util.Base64;
import java.util.UUID;
import org.crispwhorl.server.studio.KeptColumn;

/** A picture that was taken at the bench. */
@Entity
@Table(name = "bench_picture")
class PictureRow {
    @Id
    private UUID id;

    @Column(name = "order_id")
    private UUID orderId;

    private LocalDateTime taken;

    @Column(length = KeptColumn.LONGEST)
    private String jpeg;

    protected PictureRow() {}

    PictureRow(UUID id, UUID orderId, LocalDateTime taken, byte[] jpeg) {
        this.id = id;
        this.orderId = orderId;
        this.taken = taken;
        this.jpeg = Base64.getEncoder().encodeToString(jpeg);
    }

    UUID id() {
        return id;
    }

    UUID orderId() {
        return orderId;
    }

    byte[] jpeg() {
        return Base64.getDecoder().decode(jpeg);
    }
}
