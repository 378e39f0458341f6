package org.crispwhorl.server;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Map;
import java.util.Set;
import java.util.stream.Stream;
import java.util.zip.ZipInputStream;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Factory;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** What every landed version kept is opened by this one, and every room works: a database file of each lies beside the tests. */
public class KeptStudioTest extends ServerTest {
    @Override
    protected boolean toItself() {
        return true;
    }

    private final String kept;
    private final int species;
    private final double temperatureC;

    @Factory(dataProvider = "studios")
    public KeptStudioTest(String kept, int species, double temperatureC) {
        this.kept = kept;
        this.species = species;
        this.temperatureC = temperatureC;
    }

    @DataProvider
    public static Object[][] studios() {
        return new Object[][] {
            {"schema-4", 16, 23.0},
            {"schema-5", 15, 22.0},
            {"schema-6", 14, 21.0},
            {"schema-7", 19, 19.0},
            {"schema-8", 19, 18.0},
            {"schema-11", 20, 17.0},
            {"schema-12", 20, 16.0},
            {"schema-13", 20, 15.0},
            {"schema-16", 20, 14.0}
        };
    }

    /** Studios of which days were planned, and one at whose bench something was done. */
    private static final Set<String> PLANNED =
            Set.of("schema-7", "schema-8", "schema-11", "schema-12", "schema-13", "schema-16");

    /** Studios out of whose drawer nothing was taken yet. */
    private static final Set<String> NOTHING_USED_UP = Set.of("schema-13", "schema-16");

    /** What stands in the book of those at whose bench something was done. */
    private static final Map<String, Integer> AT_THE_BENCH =
            Map.of("schema-8", 1, "schema-11", 42, "schema-12", 43, "schema-13", 42, "schema-16", 45);

    @Override
    protected void lay(Path folder) throws IOException {
        try (InputStream in = KeptStudioTest.class.getResourceAsStream("/kept/" + kept + ".zip");
                ZipInputStream zip = new ZipInputStream(in)) {
            Files.copy(
                    zip.getNextEntry() == null ? InputStream.nullInputStream() : zip,
                    folder.resolve("crispwhorl.mv.db"));
        }
    }

    @Test
    public void everySpeciesIsReadAndReckoned() {
        JsonNode cards = api.get("/api/species").json();
        assertEquals(cards.size(), species);
        for (JsonNode card : cards) {
            assertTrue(card.has("drawn"), card.toString());
            JsonNode document = api.get("/api/species/" + card.get("id").asString() + "/document")
                    .json();
            Api.Answer reckoned =
                    api.post("/api/reckoning", Api.JSON.createObjectNode().set("species", document));
            assertEquals(reckoned.status(), 200, reckoned.body());
        }
        assertEquals(api.get("/api/unreadable").json().size(), 0);
    }

    @Test
    public void aNameThatTurnedLinesAboutIsCleaned() {
        for (JsonNode card : api.get("/api/species").json()) {
            if (card.get("name").asString().contains("Bell")) {
                String path = "/api/species/" + card.get("id").asString() + "/document";
                assertEquals(api.get(path).json().get("name").asString(), "Bell of the lock");
            }
        }
    }

    @Test
    public void ordersDrawerRoomAndTechniquesAreThere() {
        String order = api.get("/api/orders").json().get(0).get("id").asString();
        assertEquals(api.get("/api/orders/" + order + "/reckoning").status(), 200);
        assertEquals(api.get("/api/orders/" + order + "/materials").status(), 200);
        assertEquals(api.get("/api/orders/" + order + "/use").json().isEmpty(), NOTHING_USED_UP.contains(kept));
        assertTrue(api.get("/api/drawer").json().size() > 40);
        assertEquals(api.get("/api/choices/room").json().get("temperatureC").asDouble(), temperatureC);
        assertEquals(
                api.put(
                                "/api/choices/techniques",
                                api.get("/api/choices/techniques").body())
                        .status(),
                200);
        assertEquals(api.get("/api/choices/pace").json().get("hand").asString(), "practised");
        assertEquals(api.get("/api/choices/time").json().get("week").size(), 7);
        assertEquals(api.get("/api/orders/" + order + "/days").status(), 200);
        if (PLANNED.contains(kept)) {
            assertTrue(api.get("/api/orders/" + order + "/days")
                            .json()
                            .at("/planned/calendar/tasks")
                            .size()
                    > 10);
        }
        assertEquals(
                api.get("/api/book").json().at("/book/entries").size(),
                AT_THE_BENCH.getOrDefault(kept, 0).intValue());
        assertEquals(api.put("/api/orders/" + order + "/acceptance", "").status(), 200);
    }

    /** What was chosen under another name is chosen still. */
    @Test
    public void whatWasChosenByItsOldNameIsChosenStill() {
        if (kept.equals("schema-13")) {
            JsonNode techniques = api.get("/api/choices/techniques").json();
            assertEquals(techniques.get("wireInside").asString(), "short");
            assertEquals(techniques.get("counts").asString(), "fewer");
            assertEquals(api.get("/api/choices/tariff").json().get("profitPct").asDouble(), 35.0);
            long archived = 0;
            for (JsonNode card : api.get("/api/species").json()) {
                archived += card.get("archived").asBoolean() ? 1 : 0;
            }
            assertEquals(archived, 1);
        }
    }

    /** Lines that were numbers keep them as their ids: what was done of one stays done of it, whatever goes before it. */
    @Test
    public void workThatWasDoneOfALineStaysItsOwn() {
        if (kept.equals("schema-16")) {
            JsonNode order = api.get("/api/orders").json().get(0);
            String path = "/api/orders/" + order.get("id").asString();
            JsonNode days = api.get(path + "/days").json();
            assertEquals(days.at("/planned/calendar/tasks/0/line").asString(), "1");
            assertEquals(days.at("/planned/order/lines/1/id").asString(), "1");
            ObjectNode without = (ObjectNode) order.get("order");
            ((ArrayNode) without.get("lines")).remove(0);
            assertEquals(api.keep(path, order, without).status(), 200);
            assertEquals(api.get(path).json().at("/order/lines/0/id").asString(), "1");
            JsonNode bench = api.get(path + "/bench").json();
            assertEquals(bench.at("/events/0/uid").asString(), "1/mix/1-1");
        }
    }

    /** Pictures that lay in their rows are files now, and are seen as before. */
    @Test
    public void picturesAreThere() {
        for (JsonNode begun : api.get("/api/bench").json()) {
            String order = "/api/orders/" + begun.get("orderId").asString();
            for (JsonNode event : api.get(order + "/bench").json().get("events")) {
                assertTrue(event.get("at").asString().endsWith("Z"), event.toString());
                if (event.at("/said/kind").asString("").equals("bench-photo")) {
                    String id = event.at("/said/picture").asString();
                    assertTrue(api.bytes(order + "/bench/pictures/" + id + ".jpg").length > 300);
                    assertTrue(Files.exists(data().resolve("pictures/" + id + ".jpg")));
                }
            }
        }
    }

    @Test
    public void aCopyWasMadeBeforeItWasLifted() throws IOException {
        try (Stream<Path> copies = Files.list(data().resolve("copies"))) {
            assertTrue(copies.anyMatch(c -> c.toString().endsWith("-before-lift.zip")));
        }
    }
}
