package org.crispwhorl.server.studio;

import java.sql.Connection;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.Map;
import javax.sql.DataSource;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;

/** Whether the studio can be read and written; what answers at all is ready. */
@RestController
class StudioHealth {
    private final DataSource database;
    private final DiskRoom room;

    StudioHealth(DataSource database, DiskRoom room) {
        this.database = database;
        this.room = room;
    }

    @GetMapping({"/actuator/health", "/actuator/health/readiness"})
    ResponseEntity<Map<String, String>> health() {
        return room.enough() && answers()
                ? ResponseEntity.ok(Map.of("status", "UP"))
                : ResponseEntity.status(HttpStatus.SERVICE_UNAVAILABLE).body(Map.of("status", "DOWN"));
    }

    private boolean answers() {
        try (Connection connection = database.getConnection();
                Statement statement = connection.createStatement()) {
            return statement.execute("select id from room");
        } catch (SQLException e) {
            return false;
        }
    }
}
