package org.crispwhorl.server.drawer;

import jakarta.persistence.LockModeType;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Lock;
import org.springframework.data.jpa.repository.Query;

interface DrawerTurns extends JpaRepository<DrawerTurn, Integer> {
    /** The one row, which nobody else may change until the transaction ends. */
    @Lock(LockModeType.PESSIMISTIC_WRITE)
    @Query("select t from DrawerTurn t")
    DrawerTurn held();
}
