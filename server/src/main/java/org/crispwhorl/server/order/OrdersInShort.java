package org.crispwhorl.server.order;

import java.util.List;
import java.util.UUID;
import org.springframework.data.repository.Repository;

interface OrdersInShort extends Repository<OrderInShort, UUID> {
    List<OrderInShort> findAllByDeletedIsNullOrderByHandOverAsc();
}
