package org.crispwhorl.server.studio;

import java.sql.Connection;
import java.sql.SQLException;
import java.sql.Statement;
import javax.sql.DataSource;
import org.springframework.boot.health.contributor.Health;
import org.springframework.boot.health.contributor.HealthIndicator;
import org.springframework.stereotype.Component;

/** Whether the studio can be read and written. */
@Component("studio")
class StudioHealth implements HealthIndicator {
    private final DataSource database;
    private final DiskRoom room;

    StudioHealth(DataSource database, DiskRoom room) {
        this.database = database;
        this.room = room;
    }

    @Override
    public Health health() {
        if (!room.enough()) {
            return Health.down().withDetail("disk", "full").build();
        }
        try (Connection connection = database.getConnection();
                Statement statement = connection.createStatement()) {
            statement.execute("select id from room");
            return Health.up().build();
        } catch (SQLException e) {
            return Health.down().withDetail("database", "closed").build();
        }
    }
}
