package org.crispwhorl.server.ways;

import org.springframework.data.jpa.repository.JpaRepository;

interface WaysRows extends JpaRepository<WaysRow, Integer> {}
