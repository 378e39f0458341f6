package org.crispwhorl.server.order;

import jakarta.persistence.LockModeType;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Lock;
import org.springframework.data.jpa.repository.Query;

interface OrderRows extends JpaRepository<OrderRow, UUID> {
    List<OrderRow> findAllByOrderByHandOverAsc();

    /** The row, which nobody else may change until the transaction ends. */
    @Lock(LockModeType.PESSIMISTIC_WRITE)
    @Query("select r from OrderRow r where r.id = :id")
    Optional<OrderRow> held(UUID id);
}
