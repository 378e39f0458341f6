package org.crispwhorl.server.shelf;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface SpeciesRows extends JpaRepository<SpeciesRow, UUID> {
    List<SpeciesRow> findAllByOrderByNameAsc();
}
