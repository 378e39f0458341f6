package org.crispwhorl.server.journal;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.Base64;
import java.util.Optional;
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

    private Instant taken;

    @Column(length = KeptColumn.LONGEST)
    private String jpeg;

    protected PictureRow() {}

    PictureRow(UUID id, UUID orderId, Instant taken) {
        this.id = id;
        this.orderId = orderId;
        this.taken = taken;
    }

    UUID id() {
        return id;
    }

    UUID orderId() {
        return orderId;
    }

    /** The picture, as versions kept it that had no files for it. */
    Optional<byte[]> inRow() {
        return Optional.ofNullable(jpeg).map(Base64.getDecoder()::decode);
    }

    void isInFile() {
        jpeg = null;
    }
}
