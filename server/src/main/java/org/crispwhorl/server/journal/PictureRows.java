package org.crispwhorl.server.journal;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface PictureRows extends JpaRepository<PictureRow, UUID> {
    /** Those whose picture still lies in the row. */
    @Query("select p.id from PictureRow p where p.jpeg is not null")
    List<UUID> inRows();
}
