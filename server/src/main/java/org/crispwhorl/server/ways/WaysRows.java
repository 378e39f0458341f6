package org.crispwhorl.server.ways;

import jakarta.persistence.LockModeType;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Lock;
import org.springframework.data.jpa.repository.Query;

interface WaysRows extends JpaRepository<WaysRow, Integer> {
    /** The one row, which nobody else may change until the transaction ends. */
    @Lock(LockModeType.PESSIMISTIC_WRITE)
    @Query("select r from WaysRow r")
    WaysRow held();
}
