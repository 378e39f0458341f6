package org.crispwhorl.server.studio;

import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import javax.sql.DataSource;
import org.flywaydb.core.Flyway;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.jdbc.datasource.DataSourceUtils;
import org.springframework.stereotype.Service;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.support.TransactionTemplate;

/**
 * The copies of the studio while it is open: made, looked through, and put back. One that is put back is read to its last row and
 * lifted to today's tables apart from the studio first; then its rows take the place of the studio's, all or none.
 */
@Service
public class Archive {
    private final DataSource database;
    private final StudioCopies copies;
    private final ApplicationEventPublisher told;
    private final TransactionTemplate change;

    Archive(
            DataSource database,
            @Value("${crispwhorl.data}") Path folder,
            ApplicationEventPublisher told,
            PlatformTransactionManager changes) {
        this.change = new TransactionTemplate(changes);
        this.database = database;
        this.copies = new StudioCopies(folder.toAbsolutePath());
        this.told = told;
    }

    /**
     * A copy.
     *
     * @param name of its file
     * @param at when it was made
     * @param sort why
     * @param bytes its size
     */
    public record Copy(String name, LocalDateTime at, String sort, long bytes) {}

    /** All rows of the studio are others now. */
    public record Restored() {}

    /** The copies, the newest first. */
    public List<Copy> all() throws IOException {
        List<Copy> found = new ArrayList<>();
        for (Path copy : copies.all()) {
            found.add(told(copy));
        }
        return found;
    }

    /** Makes one now. */
    public Copy make() throws IOException {
        return told(written(StudioCopies.Sort.BY_HAND));
    }

    /**
     * The file of a copy.
     *
     * @throws StudioRefusal where there is none of that name
     */
    public Path file(String name) throws IOException {
        return copies.named(name);
    }

    /**
     * Takes in a copy from elsewhere, among the others; it is put back only when that is asked.
     *
     * @throws StudioRefusal where it is damaged, no copy at all, or made by a newer program: then nothing is kept
     */
    public Copy bringIn(InputStream from) throws IOException {
        Path copy = copies.next(StudioCopies.Sort.BROUGHT_IN);
        try {
            Files.copy(from, copy);
            copies.sound(copy.getFileName().toString());
            return told(copy);
        } catch (IOException | RuntimeException e) {
            Files.deleteIfExists(copy);
            throw e;
        }
    }

    /**
     * Puts a copy back; the studio as it was is copied before.
     *
     * @return the copy of what was there
     * @throws StudioRefusal where there is none of that name, or it is damaged, or newer than this program: then nothing is changed
     */
    public Copy restore(String name) throws IOException {
        Path copy = copies.sound(name);
        Path scratch = Files.createTempDirectory(copies.folder(), "restoring");
        try {
            StudioCopies.unpack(copy, scratch.resolve(DatabaseCheck.FILE));
            String url = "jdbc:h2:file:" + scratch.resolve(DatabaseCheck.NAME) + ";IFEXISTS=TRUE";
            Flyway.configure().dataSource(url, DatabaseCheck.USER, "").load().migrate();
            Path before = written(StudioCopies.Sort.BEFORE_RESTORE);
            try (Connection from = DriverManager.getConnection(url, DatabaseCheck.USER, "")) {
                // A change like any other: all or none, and forced to the disk.
                change.executeWithoutResult(status -> inTheirPlace(from, name));
            } catch (SQLException e) {
                throw notPutBack(name, e);
            }
            told.publishEvent(new Restored());
            return told(before);
        } finally {
            StudioCopies.clear(scratch);
        }
    }

    private Path written(StudioCopies.Sort sort) throws IOException {
        Path copy = copies.next(sort);
        try (Connection connection = database.getConnection();
                PreparedStatement backup = connection.prepareStatement("backup to ?")) {
            backup.setString(1, copy.toString());
            backup.executeUpdate();
            return copy;
        } catch (SQLException e) {
            throw new IOException("no copy could be made: " + e.getMessage(), e);
        }
    }

    private static Copy told(Path copy) throws IOException {
        return new Copy(
                copy.getFileName().toString(),
                LocalDateTime.ofInstant(Files.getLastModifiedTime(copy).toInstant(), ZoneId.systemDefault())
                        .withNano(0),
                StudioCopies.sortOf(copy),
                Files.size(copy));
    }

    private static StudioRefusal notPutBack(String name, SQLException e) {
        return new StudioRefusal(name + " could not be put back (" + e.getMessage() + "); nothing was changed.");
    }

    /** The rows of another database in the place of the studio's. */
    private void inTheirPlace(Connection from, String name) {
        Connection to = DataSourceUtils.getConnection(database);
        try (Statement statement = to.createStatement()) {
            List<String> parentsFirst = StudioTables.parentsFirst(to);
            List<String> childrenFirst = new ArrayList<>(parentsFirst);
            Collections.reverse(childrenFirst);
            for (String table : childrenFirst) {
                statement.executeUpdate("delete from \"" + table + "\"");
            }
            for (String table : parentsFirst) {
                rows(from, to, table);
            }
        } catch (SQLException e) {
            throw notPutBack(name, e);
        } finally {
            DataSourceUtils.releaseConnection(to, database);
        }
    }

    private static void rows(Connection from, Connection to, String table) throws SQLException {
        try (Statement read = from.createStatement();
                ResultSet rows = read.executeQuery("select * from \"" + table + "\"" + StudioTables.order(table))) {
            int columns = rows.getMetaData().getColumnCount();
            List<String> names = new ArrayList<>();
            for (int i = 1; i <= columns; i++) {
                names.add("\"" + rows.getMetaData().getColumnName(i) + "\"");
            }
            String into = "insert into \"" + table + "\" (" + String.join(", ", names) + ") values ("
                    + String.join(", ", Collections.nCopies(columns, "?")) + ")";
            try (PreparedStatement write = to.prepareStatement(into)) {
                while (rows.next()) {
                    for (int i = 1; i <= columns; i++) {
                        write.setObject(i, rows.getObject(i));
                    }
                    write.addBatch();
                }
                write.executeBatch();
            }
        }
    }
}
