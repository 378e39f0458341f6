package org.crispwhorl.server.order;

import jakarta.persistence.LockModeType;
import java.time.Instant;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Lock;
import org.springframework.data.jpa.repository.Query;

interface OrderRows extends JpaRepository<OrderRow, UUID> {
    /** Those that were deleted, the latest first. */
    List<OrderRow> findAllByDeletedIsNotNullOrderByDeletedDesc();

    /** Ids and names of all that are there. */
    @Query("select r.id as id, r.name as name from OrderRow r where r.deleted is null")
    List<Named> named();

    /** An order by its name. */
    interface Named {
        UUID getId();

        String getName();
    }

    /** Those that are accepted and do not say when. */
    @Query("select r.id from OrderRow r where r.accepted is not null and r.acceptedAt is null")
    List<UUID> acceptedSometime();

    /** Versions of those that are accepted. */
    @Query("select r.id as id, r.version as version from OrderRow r where r.id in :ids and r.acceptedAt is not null")
    List<Frozen> frozen(Collection<UUID> ids);

    /** The version of an order. */
    interface Frozen {
        UUID getId();

        long getVersion();
    }

    boolean existsByIdAndDeletedIsNull(UUID id);

    long deleteByDeletedBefore(Instant moment);

    /** The row, which nobody else may change until the transaction ends. */
    @Lock(LockModeType.PESSIMISTIC_WRITE)
    @Query("select r from OrderRow r where r.id = :id")
    Optional<OrderRow> held(UUID id);
}
