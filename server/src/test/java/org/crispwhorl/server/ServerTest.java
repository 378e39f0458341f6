package org.crispwhorl.server;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.sql.Statement;
import org.springframework.context.ConfigurableApplicationContext;
import org.testng.annotations.AfterClass;
import org.testng.annotations.BeforeClass;

/**
 * Tests against the whole application. It runs once for all of them, its data laid anew for each class; a class that stops it, or
 * lays data of its own, has one to itself.
 */
public abstract class ServerTest {
    protected Api api;
    private ConfigurableApplicationContext own;
    private Path data;

    @BeforeClass
    public void startApplication() throws IOException {
        if (toItself()) {
            data = Files.createTempDirectory("crispwhorl-test");
            lay(data);
            start();
        } else {
            api = new Api(RunningStudio.port(RunningStudio.fresh()));
            data = RunningStudio.data();
        }
    }

    /** Whether the application has to be this class's alone. */
    protected boolean toItself() {
        return false;
    }

    /** What lies in the folder before the first start; nothing, unless a test wants otherwise. */
    protected void lay(Path folder) throws IOException {}

    @AfterClass(alwaysRun = true)
    public void stopApplication() {
        if (own != null) {
            own.close();
        }
    }

    /** Stops the application and starts it again on the same data. */
    protected void restart() {
        own.close();
        start();
    }

    /** Stops the application, has something done to its data, and starts it again. */
    protected void restartAfter(String... statements) {
        own.close();
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

    /** A part of the application that a class has to itself, for what no request can bring about. */
    protected <T> T part(Class<T> type) {
        return own.getBean(type);
    }

    /** The folder of its data. */
    protected Path data() {
        return data;
    }

    private void start() {
        own = RunningStudio.start(data);
        api = new Api(RunningStudio.port(own));
    }
}
