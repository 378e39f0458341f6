package org.crispwhorl.server.shelf;

import jakarta.persistence.LockModeType;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.crispwhorl.core.species.OpeningStage;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Lock;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;

interface SpeciesRows extends JpaRepository<SpeciesRow, UUID> {
    List<SpeciesRow> findAllByOrderByNameAsc();

    Optional<SpeciesRow> findByFullFlowerAndStage(UUID fullFlower, OpeningStage stage);

    /** The row, which nobody else may change until the transaction ends. */
    @Lock(LockModeType.PESSIMISTIC_WRITE)
    @Query("select r from SpeciesRow r where r.id = :id")
    Optional<SpeciesRow> held(UUID id);

    /** A card is drawn anew without its species being changed: its version stays. */
    @Modifying
    @Query("update SpeciesRow r set r.card = :card, r.cardBy = :drawnBy where r.id = :id and r.version = :version")
    void show(UUID id, long version, String card, String drawnBy);
}
