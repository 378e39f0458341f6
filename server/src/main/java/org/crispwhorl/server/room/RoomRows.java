package org.crispwhorl.server.room;

import org.springframework.data.jpa.repository.JpaRepository;

interface RoomRows extends JpaRepository<RoomRow, Integer> {}
