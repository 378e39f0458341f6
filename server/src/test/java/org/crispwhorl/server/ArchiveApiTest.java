package org.crispwhorl.server;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertNotEquals;
import static org.testng.Assert.assertTrue;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import org.crispwhorl.server.studio.Sealing;
import org.h2.mvstore.MVStore;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;

/** The studio copied, wiped and put back from its own pages; what cannot be put back changes nothing. */
public class ArchiveApiTest extends ServerTest {
    @Override
    protected boolean toItself() {
        return true;
    }

    private String copied() {
        return api.post("/api/studio/copies", "").json().get("name").asString();
    }

    /** Every row of every table of a copy, as text. */
    private static Map<String, List<String>> rows(byte[] zip) throws IOException, SQLException {
        Path folder = Files.createTempDirectory("crispwhorl-copy");
        try (ZipInputStream in = new ZipInputStream(new ByteArrayInputStream(zip))) {
            for (ZipEntry entry = in.getNextEntry(); entry != null; entry = in.getNextEntry()) {
                if (entry.getName().equals("crispwhorl.mv.db")) {
                    Files.copy(in, folder.resolve("crispwhorl.mv.db"));
                }
            }
        }
        Map<String, List<String>> tables = new TreeMap<>();
        try (Connection database =
                        DriverManager.getConnection("jdbc:h2:file:" + folder.resolve("crispwhorl"), "sa", "");
                Statement statement = database.createStatement()) {
            List<String> names = new ArrayList<>();
            try (ResultSet found = statement.executeQuery(
                    "select table_name from information_schema.tables where table_schema = 'PUBLIC'")) {
                while (found.next()) {
                    names.add(found.getString(1));
                }
            }
            for (String name : names) {
                List<String> all = new ArrayList<>();
                try (ResultSet found = statement.executeQuery("select * from \"" + name + "\"")) {
                    while (found.next()) {
                        StringBuilder row = new StringBuilder();
                        for (int i = 1; i <= found.getMetaData().getColumnCount(); i++) {
                            row.append(found.getString(i)).append('|');
                        }
                        all.add(row.toString());
                    }
                }
                all.sort(null);
                tables.put(name, all);
            }
        }
        return tables;
    }

    private byte[] file(String copy) throws IOException {
        return Files.readAllBytes(data().resolve("copies").resolve(copy));
    }

    @Test
    public void copiedWipedAndPutBackEveryTableIsAsItWas() throws Exception {
        String copy = copied();
        Map<String, List<String>> before = rows(file(copy));
        int species = api.get("/api/species").json().size();
        for (JsonNode order : api.get("/api/orders").json()) {
            api.delete("/api/orders/" + order.get("id").asString());
        }
        for (JsonNode thing : api.get("/api/drawer").json()) {
            api.delete("/api/drawer/" + thing.get("id").asString());
        }
        assertEquals(api.get("/api/drawer").json().size(), 0);
        assertNotEquals(rows(file(copied())), before);
        Api.Answer back = api.post("/api/studio/copies/" + copy + "/restored", "");
        assertEquals(back.status(), 200, back.body());
        assertTrue(back.json().get("sort").asString().equals("before-restore"), back.body());
        assertEquals(rows(file(copied())), before);
        assertEquals(api.get("/api/species").json().size(), species);
        // What was at hand of the drawer is asked anew.
        JsonNode document = api.get("/api/species/"
                        + api.get("/api/species").json().get(0).get("id").asString() + "/document")
                .json();
        assertEquals(
                api.post("/api/reckoning", Api.JSON.createObjectNode().set("species", document))
                        .status(),
                200);
    }

    /** A change that fails half-way leaves the studio as it was: here a copy of which one row has no order. */
    @Test
    public void whatCannotGoInWholeGoesNotInAtAll() throws Exception {
        Path torn = changed(
                file(copied()),
                "set referential_integrity false",
                "update flower_order_line set order_id = '00000000-0000-0000-0000-00000000dead' where place = 0"
                        + " and order_id = (select min(order_id) from flower_order_line)");
        Map<String, List<String>> before = rows(file(copied()));
        String name = Sealing.laid(data(), torn, true);
        Api.Answer refused = api.post("/api/studio/copies/" + name + "/restored", "");
        assertEquals(refused.status(), 422, refused.body());
        assertTrue(refused.json().get("detail").asString().contains("nothing was changed"), refused.body());
        assertEquals(rows(file(copied())), before);
    }

    @Test
    public void theDatabaseIsTestedAsItShips() {
        assertFalse(MVStore.class.desiredAssertionStatus());
    }

    /** What is among the copies and was not made here, is damaged or newer is refused, and the studio is as it was. */
    @Test
    public void whatIsDamagedNewerOrFromElsewhereIsRefusedAndChangesNothing() throws Exception {
        byte[] whole = file(copied());
        Map<String, List<String>> before = rows(file(copied()));
        Path same = changed(whole);
        for (boolean sealed : new boolean[] {false, true}) {
            Path laid = sealed ? newer(whole) : same;
            String name = Sealing.laid(data(), laid, sealed);
            Api.Answer refused = api.post("/api/studio/copies/" + name + "/restored", "");
            assertEquals(refused.status(), 422, refused.body());
            String told = refused.json().get("detail").asString();
            assertTrue(told.contains(sealed ? "newer" : "archive"), told);
            assertFalse(told.contains(data().toString()), "no path of the data folder: " + told);
        }
        assertEquals(api.post("/api/studio/copies/none/restored", "").status(), 422);
        assertEquals(rows(file(copied())), before);
    }

    /** The ways by which a database came in from outside are gone. */
    @Test
    public void noCopyComesInFromOutside() throws IOException {
        byte[] zip = file(copied());
        assertEquals(
                api.postBytes("/api/studio/brought-in", "application/zip", zip).status(), 404);
        Api.Answer refused = api.postBytes("/api/studio/archive.zip", "application/zip", zip);
        assertEquals(refused.status(), 422);
    }

    /** The same copy as a later version would have made it. */
    private static Path newer(byte[] zip) throws IOException, SQLException {
        return changed(
                zip,
                "update \"flyway_schema_history\" set \"version\" = '99' where \"installed_rank\" ="
                        + " (select max(\"installed_rank\") from \"flyway_schema_history\")");
    }

    /** A copy after something was done to what it holds. */
    private static Path changed(byte[] zip, String... statements) throws IOException, SQLException {
        Path folder = Files.createTempDirectory("crispwhorl-changed");
        Path file = folder.resolve("crispwhorl.mv.db");
        try (ZipInputStream in = new ZipInputStream(new ByteArrayInputStream(zip))) {
            in.getNextEntry();
            Files.copy(in, file);
        }
        try (Connection database =
                        DriverManager.getConnection("jdbc:h2:file:" + folder.resolve("crispwhorl"), "sa", "");
                Statement statement = database.createStatement()) {
            for (String one : statements) {
                statement.execute(one);
            }
        }
        return file;
    }
}
