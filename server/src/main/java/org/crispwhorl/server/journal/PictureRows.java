package org.crispwhorl.server.journal;

import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface PictureRows extends JpaRepository<PictureRow, UUID> {}
