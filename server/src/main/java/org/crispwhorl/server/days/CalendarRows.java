package org.crispwhorl.server.days;

import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface CalendarRows extends JpaRepository<CalendarRow, UUID> {}
