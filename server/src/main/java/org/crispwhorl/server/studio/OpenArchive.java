package org.crispwhorl.server.studio;

import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.sql.Clob;
import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.zip.ZipEntry;
import java.util.zip.ZipException;
import java.util.zip.ZipInputStream;
import java.util.zip.ZipOutputStream;
import javax.sql.DataSource;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.jdbc.datasource.DataSourceUtils;
import org.springframework.stereotype.Service;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.support.TransactionTemplate;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * Everything that a studio keeps, in open formats: one archive of JSON, which other programs can read, and which an empty studio takes
 * in again, all of it or nothing. Each table is a file of its rows; what is kept as a document of its own stands in them as that
 * document, and species once more by themselves.
 */
@Service
public class OpenArchive {
    private static final String FORMAT = "crisp-whorl/studio";
    private static final int VERSION = 1;
    private static final String MANIFEST = "manifest.json";
    private static final String TABLES = "tables/";
    private static final String SPECIES = "species/";
    private static final String JSON = ".json";

    /** No archive of a studio unpacks to more. */
    private static final long MOST_BYTES = 512L << 20;

    /** What is there before anybody works in a studio. */
    private static final Set<String> THERE_FROM_THE_START = Set.of("CHOICE", "ROOM", "DRAWER");

    private final DataSource database;
    private final ApplicationEventPublisher told;
    private final TransactionTemplate change;
    private final JsonMapper json;

    OpenArchive(
            DataSource database, ApplicationEventPublisher told, PlatformTransactionManager changes, JsonMapper json) {
        this.database = database;
        this.told = told;
        this.change = new TransactionTemplate(changes);
        this.json = json;
    }

    /** Writes everything. */
    public void write(OutputStream to) throws IOException {
        try (Connection from = database.getConnection();
                ZipOutputStream zip = new ZipOutputStream(to, StandardCharsets.UTF_8)) {
            // One moment for all tables.
            from.setAutoCommit(false);
            from.setTransactionIsolation(Connection.TRANSACTION_REPEATABLE_READ);
            put(
                    zip,
                    MANIFEST,
                    json.createObjectNode()
                            .put("format", FORMAT)
                            .put("version", VERSION)
                            .put("schema", DatabaseCheck.ownSchema())
                            .put("at", LocalDateTime.now().withNano(0).toString()));
            for (String table : StudioTables.parentsFirst(from)) {
                ArrayNode rows = rows(from, table);
                put(zip, TABLES + table.toLowerCase(Locale.ROOT) + JSON, rows);
                if (table.equals("SPECIES")) {
                    species(zip, rows);
                }
            }
            from.rollback();
        } catch (SQLException e) {
            throw new IOException("nothing could be written: " + e.getMessage(), e);
        }
    }

    private void put(ZipOutputStream zip, String name, JsonNode content) throws IOException {
        zip.putNextEntry(new ZipEntry(name));
        zip.write(json.writerWithDefaultPrettyPrinter().writeValueAsBytes(content));
        zip.closeEntry();
    }

    /** The documents of species by their names, as they are carried one by one. */
    private void species(ZipOutputStream zip, ArrayNode rows) throws IOException {
        Set<String> taken = new HashSet<>();
        for (JsonNode row : rows) {
            String plain = row.path("name")
                    .asString("")
                    .replaceAll("[^\\p{L}\\p{N} -]", "")
                    .strip();
            String name = plain.isEmpty() ? "species" : plain;
            int next = 2;
            while (!taken.add(name)) {
                name = plain + " " + next++;
            }
            put(zip, SPECIES + name + JSON, row.path("document"));
        }
    }

    private ArrayNode rows(Connection from, String table) throws SQLException {
        ArrayNode all = json.createArrayNode();
        try (Statement read = from.createStatement();
                ResultSet rows = read.executeQuery("select * from \"" + table + "\"" + StudioTables.order(table))) {
            while (rows.next()) {
                ObjectNode row = all.addObject();
                for (int i = 1; i <= rows.getMetaData().getColumnCount(); i++) {
                    row.set(rows.getMetaData().getColumnName(i).toLowerCase(Locale.ROOT), value(rows, i));
                }
            }
        }
        return all;
    }

    /** Numbers and truths as they are, documents as documents, everything else as text. */
    private JsonNode value(ResultSet rows, int column) throws SQLException {
        Object value = rows.getObject(column);
        if (value == null || value instanceof Number || value instanceof Boolean) {
            return json.valueToTree(value);
        }
        String text = value instanceof Clob clob ? clob.getSubString(1, (int) clob.length()) : rows.getString(column);
        if (text.startsWith("{")) {
            try {
                return json.readTree(text);
            } catch (JacksonException e) {
                // A text that only looks like a document.
            }
        }
        return json.valueToTree(text);
    }

    /**
     * Takes everything in, into an empty studio.
     *
     * @return how many rows there were of each table
     * @throws StudioRefusal where the studio is not empty, or the archive is damaged, none of a studio, or newer than this program:
     *     then nothing is changed
     */
    public Map<String, Integer> takeIn(InputStream from) throws IOException {
        Map<String, ArrayNode> tables = read(from);
        Map<String, Integer> taken = new LinkedHashMap<>();
        change.executeWithoutResult(status -> {
            Connection to = DataSourceUtils.getConnection(database);
            try {
                takeIn(to, tables, taken);
            } catch (SQLException e) {
                throw new StudioRefusal(
                        "The archive could not be taken in (" + e.getMessage() + "); nothing was changed.");
            } finally {
                DataSourceUtils.releaseConnection(to, database);
            }
        });
        told.publishEvent(new Archive.Restored());
        return taken;
    }

    private static void takeIn(Connection to, Map<String, ArrayNode> tables, Map<String, Integer> taken)
            throws SQLException {
        List<String> known = StudioTables.parentsFirst(to);
        for (String table : known) {
            if (!THERE_FROM_THE_START.contains(table) && count(to, table) > 0) {
                throw new StudioRefusal(
                        "This studio is not empty: an archive is taken into a new one. Start it with './whorl start --data DIR', and bring the archive in there.");
            }
        }
        for (String table : tables.keySet()) {
            if (!known.contains(table)) {
                throw new StudioRefusal("There is no table " + table.toLowerCase(Locale.ROOT)
                        + " in a studio: the archive is not one of Crisp Whorl, or was changed. Nothing was taken in.");
            }
        }
        for (String table : known) {
            if (tables.containsKey(table)) {
                for (JsonNode row : tables.get(table)) {
                    insert(to, table, row);
                }
                taken.put(table.toLowerCase(Locale.ROOT), tables.get(table).size());
            }
        }
    }

    private static long count(Connection of, String table) throws SQLException {
        try (Statement statement = of.createStatement();
                ResultSet count = statement.executeQuery("select count(*) from \"" + table + "\"")) {
            count.next();
            return count.getLong(1);
        }
    }

    private static void insert(Connection to, String table, JsonNode row) throws SQLException {
        List<String> names = new ArrayList<>(row.propertyNames());
        // What is there from the start is written over, row by row: what an older archive does not know stays unchosen.
        String into = (THERE_FROM_THE_START.contains(table) ? "merge" : "insert") + " into \"" + table + "\" ("
                + String.join(
                        ", ",
                        names.stream()
                                .map(n -> "\"" + n.toUpperCase(Locale.ROOT).replace("\"", "") + "\"")
                                .toList())
                + ") values (" + String.join(", ", Collections.nCopies(names.size(), "?")) + ")";
        try (PreparedStatement write = to.prepareStatement(into)) {
            for (int i = 0; i < names.size(); i++) {
                JsonNode value = row.get(names.get(i));
                if (value.isNull()) {
                    write.setObject(i + 1, null);
                } else if (value.isBoolean()) {
                    write.setBoolean(i + 1, value.asBoolean());
                } else {
                    write.setString(i + 1, value.isString() || value.isNumber() ? value.asString() : value.toString());
                }
            }
            write.executeUpdate();
        }
    }

    private Map<String, ArrayNode> read(InputStream from) throws IOException {
        Map<String, ArrayNode> tables = new LinkedHashMap<>();
        JsonNode manifest = null;
        long left = MOST_BYTES;
        try (ZipInputStream zip = new ZipInputStream(from, StandardCharsets.UTF_8)) {
            for (ZipEntry entry = zip.getNextEntry(); entry != null; entry = zip.getNextEntry()) {
                byte[] content = zip.readNBytes((int) Math.min(Integer.MAX_VALUE - 8, left + 1));
                left -= content.length;
                if (left < 0) {
                    throw new StudioRefusal(
                            "The archive unpacks to more than a studio can hold. Nothing was taken in.");
                }
                String name = entry.getName();
                if (name.equals(MANIFEST)) {
                    manifest = json.readTree(content);
                } else if (name.startsWith(TABLES) && name.endsWith(JSON)) {
                    String table = name.substring(TABLES.length(), name.length() - JSON.length())
                            .toUpperCase(Locale.ROOT);
                    if (!(json.readTree(content) instanceof ArrayNode rows)) {
                        throw new StudioRefusal(name + " is no list of rows. Nothing was taken in.");
                    }
                    tables.put(table, rows);
                }
            }
        } catch (ZipException | JacksonException | java.io.EOFException e) {
            throw new StudioRefusal(
                    "The archive is damaged (" + e.getMessage() + "): fetch it again. Nothing was taken in.");
        }
        check(manifest);
        return tables;
    }

    private static void check(JsonNode manifest) throws IOException {
        if (manifest == null || !FORMAT.equals(manifest.path("format").asString(""))) {
            throw new StudioRefusal("This is no archive of a studio: it has no manifest of the format " + FORMAT
                    + ". Nothing was taken in.");
        }
        if (manifest.path("version").asInt(0) > VERSION
                || manifest.path("schema").asInt(0) > DatabaseCheck.ownSchema()) {
            throw new StudioRefusal(
                    "The archive was written by a newer Crisp Whorl: take it in there. Nothing was taken in.");
        }
    }
}
