package org.crispwhorl.server.shelf;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.crispwhorl.core.species.OpeningStage;
import org.springframework.data.jpa.repository.JpaRepository;

interface SpeciesRows extends JpaRepository<SpeciesRow, UUID> {
    List<SpeciesRow> findAllByOrderByNameAsc();

    Optional<SpeciesRow> findByFullFlowerAndStage(UUID fullFlower, OpeningStage stage);
}
