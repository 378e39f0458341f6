package org.crispwhorl.server.journal;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.time.Clock;
import java.util.UUID;
import java.util.concurrent.Semaphore;
import java.util.concurrent.TimeUnit;
import org.crispwhorl.files.picture.Photo;
import org.crispwhorl.server.order.Orders;
import org.crispwhorl.server.problem.Busy;
import org.crispwhorl.server.problem.NotThere;
import org.crispwhorl.server.studio.Archive;
import org.crispwhorl.server.studio.PictureFiles;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Service;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.support.TransactionTemplate;

/** Pictures that were taken at the bench, each encoded anew: no more than is looked at, and nothing that a camera writes beside it. */
@Service
public class BenchPictures {
    private static final Logger LOG = LoggerFactory.getLogger(BenchPictures.class);

    /** Of pictures that come at once one after the other is decoded: a large one alone takes a hundred megabytes. */
    private final Semaphore one = new Semaphore(1, true);

    private static final int PATIENCE_S = 30;

    private final PictureRows rows;
    private final PictureFiles files;
    private final Orders orders;
    private final Clock clock;
    private final TransactionTemplate change;

    BenchPictures(
            PictureRows rows, PictureFiles files, Orders orders, Clock clock, PlatformTransactionManager changes) {
        this.rows = rows;
        this.files = files;
        this.orders = orders;
        this.clock = clock;
        this.change = new TransactionTemplate(changes);
    }

    /**
     * Keeps a picture: its file is on the disk before its row tells of it.
     *
     * @throws org.crispwhorl.core.measure.InvalidValue where it is none that can be read, or too large
     * @throws NotThere where there is no such order
     */
    public UUID keep(UUID orderId, byte[] encoded) {
        orders.get(orderId);
        byte[] anew = decoded(encoded);
        UUID id = UUID.randomUUID();
        laid(id, anew);
        change.executeWithoutResult(status -> {
            orders.hold(orderId);
            rows.save(new PictureRow(id, orderId, clock.instant()));
        });
        return id;
    }

    private byte[] decoded(byte[] encoded) {
        try {
            if (!one.tryAcquire(PATIENCE_S, TimeUnit.SECONDS)) {
                throw new Busy("Other pictures are still being read");
            }
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new Busy("Crisp Whorl is being stopped");
        }
        try {
            return Photo.encodedAnew(encoded);
        } finally {
            one.release();
        }
    }

    private void laid(UUID id, byte[] jpeg) {
        try {
            files.keep(id, new ByteArrayInputStream(jpeg));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** One of an order's pictures, as JPEG. */
    public byte[] get(UUID orderId, UUID id) {
        PictureRow row = rows.findById(id)
                .filter(found -> found.orderId().equals(orderId))
                .orElseThrow(() -> new NotThere("picture", id));
        try {
            return files.read(id).or(row::inRow).orElseThrow(() -> new NotThere("picture", id));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** Older versions kept pictures in their rows, and copies and archives of theirs do: one after the other moves into its file. */
    @EventListener({ApplicationReadyEvent.class, Archive.Restored.class})
    public void intoFiles() {
        for (UUID id : rows.inRows()) {
            change.executeWithoutResult(status -> rows.findById(id).ifPresent(row -> row.inRow()
                    .filter(Photo::isOneOfOurs)
                    .ifPresentOrElse(
                            jpeg -> {
                                laid(id, jpeg);
                                row.isInFile();
                            },
                            () -> LOG.warn("The picture {} cannot be read and stays in its row.", id))));
        }
    }
}
