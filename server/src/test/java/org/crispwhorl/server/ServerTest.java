package org.crispwhorl.server;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.sql.Statement;
import org.springframework.boot.web.server.context.WebServerApplicationContext;
import org.springframework.context.ConfigurableApplicationContext;
import org.testng.annotations.AfterClass;
import org.testng.annotations.BeforeClass;

/** Tests against the whole application, started on a free port with a folder of its own. */
public abstract class ServerTest {
    protected Api api;
    private ConfigurableApplicationContext application;
    private Path data;

    @BeforeClass
    public void startApplication() throws IOException {
        data = Files.createTempDirectory("crispwhorl-test");
        lay(data);
        start();
    }

    /** What lies in the folder before the first start; nothing, unless a test wants otherwise. */
    protected void lay(Path folder) throws IOException {}

    @AfterClass(alwaysRun = true)
    public void stopApplication() {
        application.close();
    }

    /** Stops the application and starts it again on the same data. */
    protected void restart() {
        application.close();
        start();
    }

    /** Stops the application, has something done to its data, and starts it again. */
    protected void restartAfter(String... statements) {
        application.close();
        try (Connection database = DriverManager.getConnection("jdbc:h2:file:" + data.resolve("crispwhorl"), "sa", "");
                Statement statement = database.createStatement()) {
            for (String one : statements) {
                statement.execute(one);
            }
        } catch (SQLException e) {
            throw new IllegalStateException(e);
        }
        start();
    }

    /** The folder of its data. */
    protected Path data() {
        return data;
    }

    private void start() {
        application = CrispWhorl.application()
                .profiles("demo")
                .run(
                        "--server.port=0",
                        "--crispwhorl.data=" + data,
                        "--logging.level.org.crispwhorl=warn",
                        "--logging.threshold.console=warn");
        api = new Api(((WebServerApplicationContext) application).getWebServer().getPort());
    }
}
