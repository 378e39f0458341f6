package org.crispwhorl.server.choices;

import jakarta.persistence.LockModeType;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Lock;
import org.springframework.data.jpa.repository.Query;

interface ChoiceRows extends JpaRepository<ChoiceRow, String> {
    /** The row, which nobody else may change until the transaction ends. */
    @Lock(LockModeType.PESSIMISTIC_WRITE)
    @Query("select r from ChoiceRow r where r.name = :name")
    ChoiceRow held(String name);
}
