package org.crispwhorl.server.price;

import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface AgreedRows extends JpaRepository<AgreedRow, UUID> {}
