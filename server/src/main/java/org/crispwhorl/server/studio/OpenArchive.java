package org.crispwhorl.server.studio;

import java.io.FilterOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.sql.Connection;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.Clock;
import java.time.temporal.ChronoUnit;
import java.util.HashSet;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.zip.ZipEntry;
import java.util.zip.ZipException;
import java.util.zip.ZipOutputStream;
import javax.sql.DataSource;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.jdbc.datasource.DataSourceUtils;
import org.springframework.stereotype.Service;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.support.TransactionTemplate;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.SequenceWriter;
import tools.jackson.databind.SerializationFeature;
import tools.jackson.databind.json.JsonMapper;

/**
 * Everything that a studio keeps, in open formats: one archive of JSON and pictures, which other programs can read, and which an empty
 * studio takes in again, all of it or nothing. Each table is a file of its rows; what is kept as a document of its own stands in them
 * as that document, and species once more by themselves. It goes out and comes in row by row, so that no studio is too large for it.
 */
@Service
public class OpenArchive {
    /** What is said at the end of every refusal. */
    static final String NOTHING_IMPORTED = "Nothing was imported.";

    static final String TABLES = "tables/";
    static final String PICTURES = "pictures/";
    static final String JSON = ".json";
    static final String JPEG = ".jpg";
    static final String MANIFEST = "manifest.json";
    static final String FORMAT = "crisp-whorl/studio";

    /** 2: pictures are files of their own. */
    static final int VERSION = 2;

    private static final String SPECIES = "species/";

    private final DataSource database;
    private final ApplicationEventPublisher told;
    private final TransactionTemplate change;
    private final JsonMapper json;
    private final PictureFiles pictures;
    private final DiskRoom room;
    private final Clock clock;

    OpenArchive(
            DataSource database,
            ApplicationEventPublisher told,
            PlatformTransactionManager changes,
            JsonMapper json,
            PictureFiles pictures,
            DiskRoom room,
            Clock clock) {
        this.clock = clock;
        this.database = database;
        this.told = told;
        this.change = new TransactionTemplate(changes);
        this.json = json;
        this.pictures = pictures;
        this.room = room;
    }

    /** Writes everything. */
    public void write(OutputStream to) throws IOException {
        try (Connection from = database.getConnection();
                ZipOutputStream zip = new ZipOutputStream(to, StandardCharsets.UTF_8)) {
            // One moment for all tables.
            from.setAutoCommit(false);
            from.setTransactionIsolation(Connection.TRANSACTION_REPEATABLE_READ);
            zip.putNextEntry(new ZipEntry(MANIFEST));
            zip.write(json.writerWithDefaultPrettyPrinter()
                    .writeValueAsBytes(json.createObjectNode()
                            .put("format", FORMAT)
                            .put("version", VERSION)
                            .put("schema", Schema.version())
                            .put(
                                    "at",
                                    clock.instant()
                                            .truncatedTo(ChronoUnit.SECONDS)
                                            .toString())));
            zip.closeEntry();
            RowStream.oneByOne(from, true);
            try {
                for (String table : StudioTables.parentsFirst(from)) {
                    rows(from, table, zip);
                }
                species(from, zip);
            } finally {
                RowStream.oneByOne(from, false);
            }
            from.rollback();
            for (UUID picture : pictures.all()) {
                // They are packed already.
                zip.setLevel(0);
                zip.putNextEntry(new ZipEntry(PICTURES + picture + JPEG));
                Files.copy(pictures.file(picture), zip);
                zip.closeEntry();
            }
        } catch (SQLException e) {
            throw new IOException("nothing could be written: " + e.getMessage(), e);
        }
    }

    private void rows(Connection from, String table, ZipOutputStream zip) throws IOException, SQLException {
        zip.putNextEntry(new ZipEntry(TABLES + table.toLowerCase(Locale.ROOT) + JSON));
        try (Statement read = from.createStatement();
                ResultSet rows = read.executeQuery("select * from \"" + table + "\"" + StudioTables.order(table));
                SequenceWriter all = json.writerWithDefaultPrettyPrinter()
                        .without(SerializationFeature.FLUSH_AFTER_WRITE_VALUE)
                        .writeValuesAsArray(new LeftOpen(zip))) {
            while (rows.next()) {
                all.write(RowStream.row(rows, json));
            }
        }
        zip.closeEntry();
    }

    /** The documents of species by their names, as they are carried one by one. */
    private void species(Connection from, ZipOutputStream zip) throws IOException, SQLException {
        Set<String> taken = new HashSet<>();
        try (Statement read = from.createStatement();
                ResultSet rows = read.executeQuery("select * from species" + StudioTables.order("species"))) {
            while (rows.next()) {
                JsonNode row = RowStream.row(rows, json);
                String plain = row.path("name")
                        .asString("")
                        .replaceAll("[^\\p{L}\\p{N} -]", "")
                        .strip();
                String name = plain.isEmpty() ? "species" : plain;
                int next = 2;
                while (!taken.add(name)) {
                    name = plain + " " + next++;
                }
                zip.putNextEntry(new ZipEntry(SPECIES + name + JSON));
                zip.write(json.writerWithDefaultPrettyPrinter().writeValueAsBytes(row.path("document")));
                zip.closeEntry();
            }
        }
    }

    /** What is written into one entry is over before the archive is. */
    private static final class LeftOpen extends FilterOutputStream {
        LeftOpen(OutputStream out) {
            super(out);
        }

        @Override
        public void write(byte[] bytes, int from, int length) throws IOException {
            out.write(bytes, from, length);
        }

        @Override
        public void close() throws IOException {
            flush();
        }
    }

    /**
     * Takes everything in, into an empty studio.
     *
     * @return how many rows there were of each table
     * @throws StudioRefusal where the studio is not empty, or the archive is damaged, none of a studio, or newer than this program, or
     *     unpacks to more than a studio can hold: then nothing is changed
     */
    public Map<String, Integer> takeIn(InputStream from) throws IOException {
        try (BoundedZip zip = new BoundedZip(from, room)) {
            IncomingArchive incoming = new IncomingArchive(zip, pictures, json);
            try {
                change.executeWithoutResult(status -> {
                    Connection to = DataSourceUtils.getConnection(database);
                    try {
                        incoming.into(to);
                    } finally {
                        DataSourceUtils.releaseConnection(to, database);
                    }
                });
            } catch (RuntimeException e) {
                incoming.leaveNothing();
                throw told(e);
            }
            told.publishEvent(new Archive.Restored());
            return incoming.taken();
        }
    }

    private static RuntimeException told(RuntimeException e) {
        for (Throwable cause = e; cause != null; cause = cause.getCause()) {
            if (cause instanceof ZipException
                    || cause instanceof JacksonException
                    || cause instanceof java.io.EOFException
                    || cause instanceof IllegalArgumentException) {
                return new StudioRefusal("The archive is damaged, or was changed: fetch it again. " + NOTHING_IMPORTED);
            }
            if (cause instanceof SQLException rows) {
                return new StudioRefusal(
                        "The archive could not be imported (" + rows.getMessage() + "). " + NOTHING_IMPORTED);
            }
        }
        return e;
    }
}
