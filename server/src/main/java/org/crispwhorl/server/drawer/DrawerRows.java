package org.crispwhorl.server.drawer;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface DrawerRows extends JpaRepository<DrawerRow, UUID> {
    List<DrawerRow> findAllByOrderByPlaceAsc();

    @Query("select coalesce(max(r.place), 0) from DrawerRow r")
    long lastPlace();
}
