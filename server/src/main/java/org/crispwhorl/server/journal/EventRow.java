package org.crispwhorl.server.journal;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.PostLoad;
import jakarta.persistence.PostPersist;
import jakarta.persistence.Table;
import jakarta.persistence.Transient;
import java.time.Instant;
import java.util.Optional;
import java.util.UUID;
import org.crispwhorl.core.bench.BenchEvent;
import org.crispwhorl.files.document.KeptText;
import org.springframework.data.domain.Persistable;

/** One touch. */
@Entity
@Table(name = "bench_event")
class EventRow implements Persistable<UUID> {
    @Id
    private UUID id;

    @Column(name = "order_id")
    private UUID orderId;

    @Column(name = "work", length = 200)
    private String work;

    @Enumerated(EnumType.STRING)
    @Column(length = 20)
    private BenchEvent.Touch touch;

    @Column(name = "at")
    private Instant at;

    private int pieces;

    @Column(length = 4000)
    private String said;

    @Column(name = "taken_back")
    private UUID takenBack;

    /** In which order it came in; given by the database. */
    @Column(insertable = false, updatable = false)
    private Long seq;

    @Transient
    private boolean kept;

    protected EventRow() {}

    EventRow(UUID orderId, BenchEvent event) {
        this.id = event.id();
        this.orderId = orderId;
        this.work = event.uid();
        this.touch = event.touch();
        this.at = event.at();
        this.pieces = event.pieces();
        this.said = event.said().map(KeptText.SAID::write).orElse(null);
        this.takenBack = event.of().orElse(null);
    }

    @Override
    public UUID getId() {
        return id;
    }

    /** It is never changed, so that it need not be looked for before it is kept. */
    @Override
    public boolean isNew() {
        return !kept;
    }

    @PostLoad
    @PostPersist
    void isKept() {
        kept = true;
    }

    long seq() {
        return seq;
    }

    /**
     * What was touched.
     *
     * @throws RuntimeException where a later version or other hands wrote what this one cannot read
     */
    BenchEvent event() {
        return new BenchEvent(
                id,
                work,
                touch,
                at,
                pieces,
                Optional.ofNullable(said).map(KeptText.SAID::read),
                Optional.ofNullable(takenBack));
    }
}
