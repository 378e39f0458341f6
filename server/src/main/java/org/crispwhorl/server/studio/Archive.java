package org.crispwhorl.server.studio;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.Clock;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import javax.sql.DataSource;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.dao.DataAccessException;
import org.springframework.jdbc.core.JdbcTemplate;
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
    /** So many rows are sent at once; a row may be as large as a document. */
    private static final int AT_ONCE = 20;

    private final DataSource database;
    private final StudioCopies copies;
    private final ApplicationEventPublisher told;
    private final TransactionTemplate change;
    private final DiskRoom room;
    private final Clock clock;

    Archive(
            DataSource database,
            @Value("${crispwhorl.data}") Path folder,
            ApplicationEventPublisher told,
            PlatformTransactionManager changes,
            DiskRoom room,
            Clock clock) {
        this.clock = clock;
        this.change = new TransactionTemplate(changes);
        this.database = database;
        this.copies = new StudioCopies(folder.toAbsolutePath(), clock);
        this.told = told;
        this.room = room;
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

    /**
     * Makes one now.
     *
     * @throws StudioRefusal where the disk has no room for it
     */
    public Copy make() throws IOException {
        return told(made(StudioCopies.Sort.BY_HAND));
    }

    /** Makes that of the day. */
    void makeDaily() throws IOException {
        made(StudioCopies.Sort.DAILY);
    }

    /**
     * Puts a copy back; the studio as it was is copied before.
     *
     * @return the copy of what was there
     * @throws StudioRefusal where there is none of that name, this studio did not make it, it is damaged, or newer than this program:
     *     then nothing is changed
     */
    public Copy restore(String name) throws IOException {
        Path copy = copies.sound(name);
        Path scratch = Files.createTempDirectory(copies.folder(), "restoring");
        try {
            StudioCopies.unpack(copy, scratch.resolve(DatabaseCheck.FILE));
            String url = "jdbc:h2:file:" + scratch.resolve(DatabaseCheck.NAME) + ";IFEXISTS=TRUE";
            Schema.lift(scratch);
            Path before = made(StudioCopies.Sort.BEFORE_RESTORE);
            try (Connection from = DriverManager.getConnection(url, DatabaseCheck.USER, "")) {
                RowStream.oneByOne(from, true);
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

    private Path made(StudioCopies.Sort sort) throws IOException {
        room.check();
        return copies.made(sort, to -> {
            try {
                new JdbcTemplate(database).update("backup to ?", to.toString());
            } catch (DataAccessException e) {
                throw new java.nio.file.FileSystemException(to.toString(), null, e.getMessage());
            }
        });
    }

    private Copy told(Path copy) throws IOException {
        return new Copy(
                copy.getFileName().toString(),
                LocalDateTime.ofInstant(Files.getLastModifiedTime(copy).toInstant(), clock.getZone())
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
                int waiting = 0;
                while (rows.next()) {
                    for (int i = 1; i <= columns; i++) {
                        write.setObject(i, rows.getObject(i));
                    }
                    write.addBatch();
                    if (++waiting == AT_ONCE) {
                        write.executeBatch();
                        waiting = 0;
                    }
                }
                write.executeBatch();
            }
        }
    }
}
