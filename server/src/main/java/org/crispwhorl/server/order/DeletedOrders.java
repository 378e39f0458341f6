package org.crispwhorl.server.order;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.crispwhorl.server.problem.NotThere;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Orders that were deleted, which can be had back for a while. */
@Service
public class DeletedOrders {
    /** So long an order that was deleted can be had back. */
    private static final int BACK_DAYS = 30;

    private final OrderRows rows;
    private final Orders orders;
    private final Clock clock;

    DeletedOrders(OrderRows rows, Orders orders, Clock clock) {
        this.rows = rows;
        this.orders = orders;
        this.clock = clock;
    }

    /** An order that was deleted, and until when it can be had back. */
    public record DeletedOrder(UUID id, String name, Instant deleted, Instant until) {}

    /** Deletes an order; for {@value #BACK_DAYS} days it can be had back as it was. */
    @Transactional
    public void delete(UUID id) {
        orders.held(id).delete(clock.instant());
    }

    /** Those that can be had back, the latest first. */
    @Transactional(readOnly = true)
    public List<DeletedOrder> all() {
        return rows.findAllByDeletedIsNotNullOrderByDeletedDesc().stream()
                .map(row -> new DeletedOrder(
                        row.id(),
                        row.name(),
                        row.deleted().orElseThrow(),
                        row.deleted().orElseThrow().plus(Duration.ofDays(BACK_DAYS))))
                .toList();
    }

    /**
     * Has a deleted order back, with its days, its touches and what it was accepted with.
     *
     * @throws NotThere where there is none of that id
     */
    @Transactional
    public OrderController.OrderView haveBack(UUID id) {
        OrderRow row = rows.held(id)
                .filter(found -> found.deleted().isPresent())
                .orElseThrow(() -> new NotThere("deleted order", id));
        row.delete(null);
        rows.saveAndFlush(row);
        return orders.get(id);
    }

    /** Those that were deleted so long ago that nobody has them back go for good. */
    @Scheduled(initialDelayString = "PT5M", fixedDelayString = "PT12H")
    @Transactional
    public void letGo() {
        rows.deleteByDeletedBefore(clock.instant().minus(Duration.ofDays(BACK_DAYS)));
    }
}
