package org.crispwhorl.server.order;

import jakarta.persistence.CollectionTable;
import jakarta.persistence.Column;
import jakarta.persistence.ElementCollection;
import jakarta.persistence.Embeddable;
import jakarta.persistence.Entity;
import jakarta.persistence.FetchType;
import jakarta.persistence.Id;
import jakarta.persistence.JoinColumn;
import jakarta.persistence.OrderColumn;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.time.Instant;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.crispwhorl.core.order.Order;
import org.crispwhorl.files.document.KeptText;
import org.crispwhorl.server.studio.KeptColumn;
import org.hibernate.annotations.BatchSize;

/** A kept order. */
@Entity
@Table(name = "flower_order")
class OrderRow {
    /** One line of it. */
    @Embeddable
    record LineRow(
            @Column(name = "line_id", length = 36) String id,
            @Column(name = "species_id") UUID speciesId,
            int flowers) {}

    /** Lines of so many orders are read at once. */
    static final int MANY = 500;

    @Id
    private UUID id;

    @Column(length = 80)
    private String name;

    @Column(length = 2000)
    private String note;

    @Column(name = "hand_over")
    private LocalDateTime handOver;

    @Column(name = "spare_time_h")
    private double spareTimeH;

    @Column(name = "tier_mm")
    private double tierMm;

    @Column(length = 1000)
    private String venue;

    @ElementCollection(fetch = FetchType.EAGER)
    @CollectionTable(name = "flower_order_line", joinColumns = @JoinColumn(name = "order_id"))
    @OrderColumn(name = "place")
    @BatchSize(size = MANY)
    private List<LineRow> lines = new ArrayList<>();

    @Column(length = KeptColumn.LONGEST)
    private String accepted;

    @Column(name = "accepted_at")
    private Instant acceptedAt;

    private Instant delivered;

    private Instant deleted;

    @Version
    private Long version;

    protected OrderRow() {}

    OrderRow(UUID id) {
        this.id = id;
    }

    void keep(Order draft) {
        name = draft.name();
        note = draft.note();
        handOver = draft.handOver();
        spareTimeH = draft.spareTimeH();
        tierMm = draft.tierMm();
        venue = draft.venue().map(KeptText.VENUE::write).orElse(null);
        lines.clear();
        draft.lines().forEach(l -> lines.add(new LineRow(l.id(), l.speciesId(), l.flowers())));
    }

    UUID id() {
        return id;
    }

    String name() {
        return name;
    }

    long version() {
        return version == null ? 0 : version;
    }

    Order order() {
        return order(name, note, handOver, spareTimeH, tierMm, venue, lines);
    }

    /** An order of its columns. */
    static Order order(
            String name,
            String note,
            LocalDateTime handOver,
            double spareTimeH,
            double tierMm,
            String venue,
            List<LineRow> lines) {
        return new Order(
                name,
                note,
                handOver,
                spareTimeH,
                tierMm,
                Optional.ofNullable(venue).map(KeptText.VENUE::read),
                lines.stream()
                        .map(l -> new Order.OrderLine(l.id(), l.speciesId(), l.flowers()))
                        .toList());
    }

    /** What it was accepted with, as it is kept. */
    Optional<String> accepted() {
        return Optional.ofNullable(accepted);
    }

    /**
     * Keeps what it is accepted with.
     *
     * @param at when it was accepted
     */
    void accept(String with, Instant at) {
        accepted = with;
        acceptedAt = at;
    }

    /** When it left; none while it is here. */
    Optional<Instant> delivered() {
        return Optional.ofNullable(delivered);
    }

    void deliver(Instant at) {
        delivered = at;
    }

    /** When it was deleted; none while it is there. */
    Optional<Instant> deleted() {
        return Optional.ofNullable(deleted);
    }

    void delete(Instant at) {
        deleted = at;
    }

    void open() {
        accepted = null;
        acceptedAt = null;
    }
}
