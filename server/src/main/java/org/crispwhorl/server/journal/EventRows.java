package org.crispwhorl.server.journal;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface EventRows extends JpaRepository<EventRow, UUID> {
    List<EventRow> findAllByOrderIdOrderByAtAscIdAsc(UUID orderId);
}
