package org.crispwhorl.server;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.List;
import javax.sql.DataSource;
import org.springframework.boot.ApplicationRunner;
import org.springframework.boot.DefaultApplicationArguments;
import org.springframework.boot.web.server.context.WebServerApplicationContext;
import org.springframework.context.ConfigurableApplicationContext;

/** The application with the demo, started once for a whole suite; its data are laid anew for every class of tests. */
public final class RunningStudio {
    /** Where the description of the interface is made anew. */
    static final String DESCRIBED = "/described";

    private static ConfigurableApplicationContext application;
    private static Path data;

    private RunningStudio() {}

    /** The running application, its data just as the demo lays them. */
    public static synchronized ConfigurableApplicationContext fresh() {
        try {
            if (application == null || !application.isActive()) {
                data = Files.createTempDirectory("crispwhorl-test");
                application = start(data);
            } else {
                emptied();
                for (ApplicationRunner runner :
                        application.getBeansOfType(ApplicationRunner.class).values()) {
                    runner.run(new DefaultApplicationArguments());
                }
            }
            return application;
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        } catch (Exception e) {
            throw new IllegalStateException(e);
        }
    }

    /** The running application, its data as they are. */
    static ConfigurableApplicationContext running() {
        return application;
    }

    /** The folder of its data. */
    static Path data() {
        return data;
    }

    /** The application on a free port with a folder of data, in the demo's profile. */
    public static ConfigurableApplicationContext start(Path folder, String... further) {
        return start(folder, 0, further);
    }

    /** The same on a port, where it was before it was put out. */
    public static ConfigurableApplicationContext start(Path folder, int port, String... further) {
        List<String> arguments = new ArrayList<>(List.of(
                "--server.port=" + port,
                "--crispwhorl.data=" + folder,
                "--spring.jpa.hibernate.ddl-auto=validate",
                "--springdoc.api-docs.path=" + DESCRIBED,
                "--springdoc.paths-to-match=/api/**",
                "--logging.level.org.crispwhorl=warn",
                "--logging.threshold.console=warn"));
        arguments.addAll(List.of(further));
        return CrispWhorl.application().profiles("demo").run(arguments.toArray(String[]::new));
    }

    /** A studio of one's own in which nothing is kept yet. */
    public static ConfigurableApplicationContext empty() throws IOException {
        return CrispWhorl.application()
                .profiles("own")
                .run(
                        "--server.port=0",
                        "--crispwhorl.data=" + Files.createTempDirectory("crispwhorl-test"),
                        "--logging.level.org.crispwhorl=warn",
                        "--logging.threshold.console=warn");
    }

    /** Its port. */
    public static int port(ConfigurableApplicationContext of) {
        return ((WebServerApplicationContext) of).getWebServer().getPort();
    }

    /** Rows that are there from the start go on; what they keep is forgotten. */
    private static void emptied() throws SQLException {
        try (Connection database = application.getBean(DataSource.class).getConnection();
                Statement statement = database.createStatement()) {
            List<String> tables = new ArrayList<>();
            try (ResultSet found = statement.executeQuery(
                    "select table_name from information_schema.tables"
                            + " where table_schema = 'PUBLIC' and lower(table_name) not in ('choice', 'drawer', 'room', 'flyway_schema_history')")) {
                while (found.next()) {
                    tables.add(found.getString(1));
                }
            }
            statement.execute("set referential_integrity false");
            for (String table : tables) {
                statement.execute("delete from \"" + table + "\"");
            }
            statement.execute("set referential_integrity true");
            statement.execute("update choice set chosen = null");
        }
    }
}
