package org.crispwhorl.server;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import java.util.zip.ZipOutputStream;
import org.crispwhorl.files.document.SpeciesDocument;
import org.springframework.context.ConfigurableApplicationContext;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;

/** Everything taken out in open formats, and into an empty studio again. */
public class OpenArchiveTest extends ServerTest {
    private static final String ARCHIVE = "/api/studio/archive.zip";

    @Override
    protected boolean toItself() {
        return true;
    }

    private static Map<String, byte[]> entries(byte[] zip) throws IOException {
        Map<String, byte[]> all = new LinkedHashMap<>();
        try (ZipInputStream in = new ZipInputStream(new ByteArrayInputStream(zip))) {
            for (ZipEntry entry = in.getNextEntry(); entry != null; entry = in.getNextEntry()) {
                all.put(entry.getName(), in.readAllBytes());
            }
        }
        return all;
    }

    private static byte[] zipped(Map<String, byte[]> entries) throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try (ZipOutputStream zip = new ZipOutputStream(out)) {
            for (Map.Entry<String, byte[]> entry : entries.entrySet()) {
                zip.putNextEntry(new ZipEntry(entry.getKey()));
                zip.write(entry.getValue());
            }
        }
        return out.toByteArray();
    }

    private static Map<String, String> tables(byte[] zip) throws IOException {
        Map<String, String> tables = new LinkedHashMap<>();
        entries(zip).forEach((name, content) -> {
            if (name.startsWith("tables/")) {
                tables.put(name, new String(content, StandardCharsets.UTF_8));
            }
        });
        return tables;
    }

    @Test
    public void anEmptyStudioTakesEverythingInAndIsThatStudio() throws IOException {
        byte[] out = api.bytes(ARCHIVE);
        Map<String, byte[]> entries = entries(out);
        SpeciesDocument.readText(new String(entries.get("species/Towpath camellia.json"), StandardCharsets.UTF_8));
        ConfigurableApplicationContext empty = RunningStudio.empty();
        try {
            Api other = new Api(RunningStudio.port(empty));
            Api.Answer taken = other.postBytes(ARCHIVE, "application/zip", out);
            assertEquals(taken.status(), 200, taken.body());
            assertEquals(tables(other.bytes(ARCHIVE)), tables(out), "every row of every table");
            for (String path :
                    new String[] {"/api/species", "/api/orders", "/api/drawer", "/api/book", "/api/choices/tariff"}) {
                assertEquals(other.get(path).status(), 200, path);
            }
            assertEquals(
                    other.get("/api/species").json().size(),
                    api.get("/api/species").json().size());
            assertEquals(other.postBytes(ARCHIVE, "application/zip", out).status(), 422, "it is not empty any more");
        } finally {
            empty.close();
        }
    }

    @Test
    public void whatIsNoArchiveOrNewerOrDamagedChangesNothing() throws IOException {
        byte[] out = api.bytes(ARCHIVE);
        ConfigurableApplicationContext empty = RunningStudio.empty();
        try {
            Api other = new Api(RunningStudio.port(empty));
            byte[] before = other.bytes(ARCHIVE);
            Map<String, byte[]> newer = entries(out);
            newer.put(
                    "manifest.json",
                    new String(newer.get("manifest.json"), StandardCharsets.UTF_8)
                            .replaceAll("\"schema\" : \\d+", "\"schema\" : 999")
                            .getBytes(StandardCharsets.UTF_8));
            Map<String, byte[]> strange = entries(out);
            strange.put("tables/guests.json", "[]".getBytes(StandardCharsets.UTF_8));
            Map<String, byte[]> broken = entries(out);
            broken.put("tables/flower_order_line.json", "[{\"order_id\":\"nobody\"}]".getBytes(StandardCharsets.UTF_8));
            Map<String, byte[]> none = new LinkedHashMap<>(Map.of("a.txt", new byte[] {1}));
            for (byte[] wrong : new byte[][] {
                zipped(newer),
                zipped(strange),
                zipped(broken),
                zipped(none),
                new byte[] {1, 2, 3},
                new byte[0],
                Arrays.copyOf(out, out.length / 2)
            }) {
                Api.Answer refused = other.postBytes(ARCHIVE, "application/zip", wrong);
                assertEquals(refused.status(), 422, refused.body());
                assertTrue(!refused.body().contains("Exception"), refused.body());
            }
            assertEquals(tables(other.bytes(ARCHIVE)), tables(before));
        } finally {
            empty.close();
        }
    }

    /** An archive as a stranger would change it: each is refused in a sentence, and nothing of it is there afterwards. */
    @Test
    public void aHostileArchiveChangesNothing() throws IOException {
        byte[] out = api.bytes(ARCHIVE);
        ConfigurableApplicationContext empty = RunningStudio.empty();
        try {
            Api other = new Api(RunningStudio.port(empty));
            byte[] before = other.bytes(ARCHIVE);
            Map<String, byte[]> wide = entries(out);
            StringBuilder deep = new StringBuilder("[{\"id\":");
            deep.append("[".repeat(100_000));
            wide.put("tables/species.json", deep.toString().getBytes(StandardCharsets.UTF_8));
            Map<String, byte[]> bomb = entries(out);
            bomb.put("tables/species.json", new byte[300 << 20]);
            Map<String, byte[]> aside = entries(out);
            aside.put("anything/else.bin", new byte[300 << 20]);
            Map<String, byte[]> column = entries(out);
            column.put(
                    "tables/species.json",
                    "[{\"id\\\") values (1); drop table species; --\":1}]".getBytes(StandardCharsets.UTF_8));
            Map<String, byte[]> picture = entries(out);
            picture.put(
                    "pictures/00000000-0000-0000-0000-00000000dead.jpg", "<script>".getBytes(StandardCharsets.UTF_8));
            Map<String, byte[]> path = entries(out);
            path.put("pictures/../../../stranger.jpg", new byte[] {1});
            for (byte[] wrong : new byte[][] {
                zipped(wide), zipped(bomb), zipped(aside), zipped(column), zipped(picture), zipped(path)
            }) {
                Api.Answer refused = other.postBytes(ARCHIVE, "application/zip", wrong);
                assertEquals(refused.status(), 422, refused.body());
                assertTrue(refused.json().get("detail").asString().endsWith("Nothing was imported."), refused.body());
            }
            assertEquals(tables(other.bytes(ARCHIVE)), tables(before));
            assertTrue(entries(other.bytes(ARCHIVE)).keySet().stream().noneMatch(name -> name.startsWith("pictures/")));
        } finally {
            empty.close();
        }
    }

    /** The first archives hold pictures in their rows, and moments without a zone. */
    @Test
    public void anArchiveOfTheFirstVersionIsImported() throws IOException {
        imported("archive-1", other -> {
            Map<String, byte[]> out = entries(other.bytes(ARCHIVE));
            assertEquals(
                    out.keySet().stream()
                            .filter(name -> name.startsWith("pictures/"))
                            .count(),
                    1);
            assertTrue(new String(out.get("tables/bench_picture.json"), StandardCharsets.UTF_8)
                    .contains("\"jpeg\" : null"));
            assertEquals(other.get("/api/book").json().at("/book/entries").size(), 43);
            assertEquals(other.get("/api/days").json().size(), 1);
        });
    }

    /** The second ones call some columns, and a choice of the studio, otherwise. */
    @Test
    public void anArchiveOfTheSecondVersionIsImported() throws IOException {
        imported("archive-2", other -> {
            assertEquals(other.get("/api/book").json().at("/book/entries").size(), 42);
            assertEquals(
                    other.get("/api/choices/techniques")
                            .json()
                            .get("wireInside")
                            .asString(),
                    "short");
            assertEquals(
                    other.get("/api/choices/tariff").json().get("profitPct").asDouble(), 35.0);
            assertEquals(
                    other.get("/api/orders")
                            .json()
                            .get(0)
                            .at("/order/spareTimeH")
                            .asDouble(),
                    12.0);
            assertEquals(other.get("/api/days").json().size(), 1);
            assertEquals(other.get("/api/unreadable").json().size(), 0);
            long accepted = 0;
            for (JsonNode order : other.get("/api/orders").json()) {
                accepted += order.has("accepted") ? 1 : 0;
            }
            assertEquals(accepted, 3, "and say when");
        });
    }

    private interface Looked {
        void at(Api other) throws IOException;
    }

    private static void imported(String archive, Looked looked) throws IOException {
        ConfigurableApplicationContext empty = RunningStudio.empty();
        try (InputStream kept = OpenArchiveTest.class.getResourceAsStream("/kept/" + archive + ".zip")) {
            Api other = new Api(RunningStudio.port(empty));
            Api.Answer taken = other.postBytes(ARCHIVE, "application/zip", kept.readAllBytes());
            assertEquals(taken.status(), 200, taken.body());
            assertEquals(taken.json().get("species").asInt(), 20);
            looked.at(other);
        } finally {
            empty.close();
        }
    }
}
