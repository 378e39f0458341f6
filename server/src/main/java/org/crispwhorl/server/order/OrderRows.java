package org.crispwhorl.server.order;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface OrderRows extends JpaRepository<OrderRow, UUID> {
    List<OrderRow> findAllByOrderByHandOverAsc();
}
