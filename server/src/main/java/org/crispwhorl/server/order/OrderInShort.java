package org.crispwhorl.server.order;

import jakarta.persistence.CollectionTable;
import jakarta.persistence.Column;
import jakarta.persistence.ElementCollection;
import jakarta.persistence.Entity;
import jakarta.persistence.FetchType;
import jakarta.persistence.Id;
import jakarta.persistence.JoinColumn;
import jakarta.persistence.OrderColumn;
import jakarta.persistence.Table;
import java.time.Instant;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.hibernate.annotations.BatchSize;
import org.hibernate.annotations.Immutable;

/** A kept order without all that it was accepted with, which is a hundred times as long: for lists. */
@Entity
@Immutable
@Table(name = "flower_order")
class OrderInShort {
    @Id
    private UUID id;

    private String name;

    private String note;

    @Column(name = "hand_over")
    private LocalDateTime handOver;

    @Column(name = "spare_time_h")
    private double spareTimeH;

    @Column(name = "tier_mm")
    private double tierMm;

    private String venue;

    @ElementCollection(fetch = FetchType.EAGER)
    @CollectionTable(name = "flower_order_line", joinColumns = @JoinColumn(name = "order_id"))
    @OrderColumn(name = "place")
    @BatchSize(size = OrderRow.MANY)
    private List<OrderRow.LineRow> lines = new ArrayList<>();

    @Column(name = "accepted_at")
    private Instant acceptedAt;

    private Instant delivered;

    private Instant deleted;

    private Long version;

    protected OrderInShort() {}

    OrderController.OrderCard card() {
        return new OrderController.OrderCard(
                id,
                version == null ? 0 : version,
                OrderRow.order(name, note, handOver, spareTimeH, tierMm, venue, lines),
                Optional.ofNullable(acceptedAt),
                Optional.ofNullable(delivered));
    }
}
