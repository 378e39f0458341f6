package org.crispwhorl.server.order;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface UseRows extends JpaRepository<UseRow, UseRow.Key> {
    List<UseRow> findAllByOrderId(UUID orderId);
}
