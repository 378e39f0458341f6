package org.crispwhorl.server.journal;

import java.time.LocalDateTime;
import java.util.UUID;
import org.crispwhorl.files.Photo;
import org.crispwhorl.server.order.Orders;
import org.crispwhorl.server.problem.NotThere;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Pictures that were taken at the bench, each encoded anew: no more than is looked at, and nothing that a camera writes beside it. */
@Service
public class BenchPictures {
    private final PictureRows rows;
    private final Orders orders;

    BenchPictures(PictureRows rows, Orders orders) {
        this.rows = rows;
        this.orders = orders;
    }

    /**
     * Keeps a picture.
     *
     * @throws org.crispwhorl.core.measure.InvalidValue where it is none that can be read, or too large
     * @throws NotThere where there is no such order
     */
    @Transactional
    public UUID keep(UUID orderId, byte[] encoded) {
        orders.hold(orderId);
        byte[] anew = Photo.encodedAnew(encoded);
        return rows.save(new PictureRow(UUID.randomUUID(), orderId, LocalDateTime.now(), anew))
                .id();
    }

    /** One of an order's pictures, as JPEG. */
    @Transactional(readOnly = true)
    public byte[] get(UUID orderId, UUID id) {
        return rows.findById(id)
                .filter(row -> row.orderId().equals(orderId))
                .orElseThrow(() -> new NotThere("picture", id))
                .jpeg();
    }
}
