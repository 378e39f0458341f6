package org.crispwhorl.server.order;

import java.util.Comparator;
import java.util.List;
import org.crispwhorl.server.studio.Archive;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The orders of the studio in short, as lists show them. */
@Service
public class OrderList {
    private final OrdersInShort inShort;
    private final OrderRows rows;

    OrderList(OrdersInShort inShort, OrderRows rows) {
        this.inShort = inShort;
        this.rows = rows;
    }

    /** Those that are still to be delivered first, each by its hand-over. */
    @Transactional(readOnly = true)
    public List<OrderController.OrderCard> all() {
        return inShort.findAllByDeletedIsNullOrderByHandOverAsc().stream()
                .map(OrderInShort::card)
                .sorted(Comparator.comparing(order -> order.delivered().isPresent()))
                .toList();
    }

    /** What an older version accepted, or an older archive holds, says from now on when it was. */
    @EventListener({ApplicationReadyEvent.class, Archive.Restored.class})
    @Transactional
    public void tellWhenAccepted() {
        rows.findAllById(rows.acceptedSometime()).forEach(row -> Orders.acceptance(row)
                .ifPresent(acceptance -> row.accept(row.accepted().orElseThrow(), acceptance.at())));
    }
}
