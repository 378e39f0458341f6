package org.crispwhorl.server.studio;

import java.io.BufferedInputStream;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.io.UncheckedIOException;
import java.sql.Connection;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import org.crispwhorl.files.picture.Photo;
import tools.jackson.core.JsonParser;
import tools.jackson.core.JsonToken;
import tools.jackson.databind.DeserializationFeature;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.ObjectReader;
import tools.jackson.databind.json.JsonMapper;

/** An archive on its way into an empty studio, entry by entry as it was written: the manifest, tables after those they refer to, pictures. */
final class IncomingArchive {
    /** What is there before anybody works in a studio. */
    private static final Set<String> THERE_FROM_THE_START = Set.of("CHOICE", "ROOM", "DRAWER");

    private static final long MOST_OF_MANIFEST = 64L << 10;
    private static final long MOST_OF_TABLE = 1L << 30;

    /** A row holds one document, or, before pictures were files of their own, one of them. */
    private static final long MOST_OF_ROW = 16L << 20;

    private static final long MOST_OF_PICTURE = 8L << 20;

    private final BoundedZip zip;
    private final PictureFiles pictures;
    private final JsonMapper json;
    private final Map<String, Integer> taken = new LinkedHashMap<>();
    private final List<UUID> pictured = new ArrayList<>();

    IncomingArchive(BoundedZip zip, PictureFiles pictures, JsonMapper json) {
        this.zip = zip;
        this.pictures = pictures;
        this.json = json;
    }

    /** Rows of each table that came in. */
    Map<String, Integer> taken() {
        return taken;
    }

    /** Takes pictures away again that came in with an archive that could not be taken in. */
    void leaveNothing() throws IOException {
        for (UUID one : pictured) {
            pictures.remove(one);
        }
    }

    /**
     * Takes it in.
     *
     * @param to within a transaction: whatever is thrown takes back what was done
     */
    void into(Connection to) {
        try {
            List<String> known = StudioTables.parentsFirst(to);
            empty(to, known);
            String first = zip.next().orElse("");
            if (first.equals(DatabaseCheck.FILE)) {
                throw new StudioRefusal("This is a copy of a database, which only the studio that made it puts back: "
                        + "it was not opened. Import the archive of that studio; one is made each day, beside its copies. "
                        + OpenArchive.NOTHING_IMPORTED);
            }
            manifest(first);
            for (var name = zip.next(); name.isPresent(); name = zip.next()) {
                entry(to, name.get(), known);
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        } catch (SQLException e) {
            throw new IllegalStateException(e);
        }
    }

    private static void empty(Connection to, List<String> known) throws SQLException {
        for (String table : known) {
            if (!THERE_FROM_THE_START.contains(table) && count(to, table) > 0) {
                throw new StudioRefusal(
                        "This studio is not empty: an archive is imported into a new one. Start it with './whorl start --data DIR', and import it there.");
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

    private void manifest(String name) throws IOException {
        JsonNode manifest = name.equals(OpenArchive.MANIFEST)
                ? json.readTree(zip.content(MOST_OF_MANIFEST).readAllBytes())
                : json.createObjectNode();
        if (!OpenArchive.FORMAT.equals(manifest.path("format").asString(""))) {
            throw new StudioRefusal("This is no archive of a studio: it does not begin with a manifest of the format "
                    + OpenArchive.FORMAT + ". " + OpenArchive.NOTHING_IMPORTED);
        }
        if (manifest.path("version").asInt(0) > OpenArchive.VERSION
                || manifest.path("schema").asInt(0) > Schema.version()) {
            throw new StudioRefusal(
                    "The archive was written by a newer Crisp Whorl: import it there. " + OpenArchive.NOTHING_IMPORTED);
        }
    }

    /** What is neither a table nor a picture is there for other programs, and left alone. */
    private void entry(Connection to, String name, List<String> known) throws IOException, SQLException {
        if (name.startsWith(OpenArchive.TABLES) && name.endsWith(OpenArchive.JSON)) {
            String table = name.substring(OpenArchive.TABLES.length(), name.length() - OpenArchive.JSON.length())
                    .toUpperCase(Locale.ROOT);
            if (!known.contains(table)) {
                throw new StudioRefusal("There is no such table in a studio as this archive has: it is none of "
                        + "Crisp Whorl, or was changed. " + OpenArchive.NOTHING_IMPORTED);
            }
            rows(to, table, zip.content(MOST_OF_TABLE));
        } else if (name.startsWith(OpenArchive.PICTURES) && name.endsWith(OpenArchive.JPEG)) {
            picture(UUID.fromString(
                    name.substring(OpenArchive.PICTURES.length(), name.length() - OpenArchive.JPEG.length())));
        } else {
            zip.content(MOST_OF_ROW).transferTo(OutputStream.nullOutputStream());
        }
    }

    private void rows(Connection to, String table, BoundedZip.Bounded content) throws SQLException {
        Set<String> columns = RowStream.columns(to, table);
        int rows = 0;
        // A row is followed by the next.
        ObjectReader row = json.reader().without(DeserializationFeature.FAIL_ON_TRAILING_TOKENS);
        content.stretch(MOST_OF_ROW);
        try (JsonParser parser = json.createParser((InputStream) content)) {
            if (parser.nextToken() != JsonToken.START_ARRAY) {
                throw new StudioRefusal(
                        table.toLowerCase(Locale.ROOT) + " is no list of rows. " + OpenArchive.NOTHING_IMPORTED);
            }
            while (parser.nextToken() == JsonToken.START_OBJECT) {
                // What is there from the start is written over: what an older archive does not know stays unchosen.
                RowStream.insert(
                        to,
                        table,
                        columns,
                        Schema.named(table, row.readTree(parser)),
                        THERE_FROM_THE_START.contains(table));
                content.stretch(MOST_OF_ROW);
                rows++;
            }
            if (parser.currentToken() != JsonToken.END_ARRAY) {
                throw new StudioRefusal(
                        table.toLowerCase(Locale.ROOT) + " is no list of rows. " + OpenArchive.NOTHING_IMPORTED);
            }
            // What follows it is counted, too: skipping it would not be.
            content.transferTo(OutputStream.nullOutputStream());
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        taken.merge(table.toLowerCase(Locale.ROOT), rows, Integer::sum);
    }

    private void picture(UUID id) throws IOException {
        byte[] jpeg = new BufferedInputStream(zip.content(MOST_OF_PICTURE)).readAllBytes();
        if (!Photo.isOneOfOurs(jpeg)) {
            throw new StudioRefusal("One of the pictures is none that Crisp Whorl has kept: the archive was changed. "
                    + OpenArchive.NOTHING_IMPORTED);
        }
        // One that lies here already is the same, and stays: none is ever changed.
        if (!pictures.there(id)) {
            pictured.add(id);
            pictures.keep(id, new ByteArrayInputStream(jpeg));
        }
    }
}
