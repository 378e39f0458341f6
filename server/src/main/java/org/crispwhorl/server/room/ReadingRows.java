package org.crispwhorl.server.room;

import java.time.LocalDateTime;
import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;

interface ReadingRows extends JpaRepository<ReadingRow, LocalDateTime> {
    List<ReadingRow> findByAtAfterOrderByAt(LocalDateTime after);

    Optional<ReadingRow> findFirstByOrderByAtDesc();

    void deleteByAtBefore(LocalDateTime before);
}
