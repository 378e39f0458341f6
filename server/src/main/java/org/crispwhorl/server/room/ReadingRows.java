package org.crispwhorl.server.room;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;

interface ReadingRows extends JpaRepository<ReadingRow, Instant> {
    List<ReadingRow> findByAtAfterOrderByAt(Instant after);

    Optional<ReadingRow> findFirstByOrderByAtDesc();

    void deleteByAtBefore(Instant before);
}
