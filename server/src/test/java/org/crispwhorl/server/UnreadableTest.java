package org.crispwhorl.server;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import java.util.UUID;
import org.crispwhorl.files.document.SpeciesDocument;
import org.testng.annotations.BeforeClass;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** One thing that cannot be read is told, kept as it is, and hides nothing else. */
public class UnreadableTest extends ServerTest {
    @Override
    protected boolean toItself() {
        return true;
    }

    private String damaged;
    private String newer;
    private String order;

    @BeforeClass(dependsOnMethods = "startApplication")
    public void damage() {
        damaged = kept("damaged");
        newer = kept("newer");
        String sound = kept("sound");
        ObjectNode draft = Api.JSON.createObjectNode();
        draft.put("name", "Supper").put("note", "").put("handOver", "2030-05-30T10:00");
        draft.put("spareTimeH", 12).put("tierMm", 100);
        for (String id : new String[] {damaged, sound}) {
            draft.withArray("/lines")
                    .addObject()
                    .put("id", UUID.randomUUID().toString())
                    .put("speciesId", id)
                    .put("flowers", 2);
        }
        order = api.post("/api/orders", draft).json().get("id").asString();
        restartAfter(
                "update species set document = '{\"format\": tr', card = null where id = '" + damaged + "'",
                "update species set document = replace(document, '\"version\":" + SpeciesDocument.VERSION
                        + "', '\"version\":99'), card = null where id = '" + newer + "'",
                "update choice set chosen = '{\"board\": 7}' where name = 'techniques'",
                "update drawer_item set document = 'nothing' where place = 3");
    }

    private String kept(String name) {
        return api.post("/api/species", Api.demo("lockside-hellebore").put("name", name))
                .json()
                .get("id")
                .asString();
    }

    private JsonNode card(String id) {
        for (JsonNode card : api.get("/api/species").json()) {
            if (card.get("id").asString().equals(id)) {
                return card;
            }
        }
        throw new AssertionError("no card " + id);
    }

    @Test
    public void theShelfShowsEveryOtherSpeciesAndSaysWhatIsWrong() {
        int drawn = 0;
        for (JsonNode card : api.get("/api/species").json()) {
            drawn += card.has("drawn") ? 1 : 0;
        }
        assertEquals(drawn, api.get("/api/species").json().size() - 2);
        assertTrue(
                card(damaged).at("/faults/0/came").asString().contains("not JSON"),
                card(damaged).toString());
        assertEquals(card(newer).at("/faults/0/pointer").asString(), "/version");
        assertEquals(card(newer).get("name").asString(), "newer");
    }

    @Test
    public void itIsTakenOutJustAsItIsKept() {
        assertEquals(api.get("/api/species/" + damaged + "/as-kept").body(), "{\"format\": tr");
        assertEquals(api.get("/api/species/" + damaged + "/document").status(), 422);
    }

    @Test
    public void itIsPutAsideLikeAnyOther() {
        assertTrue(api.put("/api/species/" + newer + "/archived", "{\"archived\": true}")
                .json()
                .get("archived")
                .asBoolean());
    }

    @Test(priority = 1)
    public void anOrderReckonsWhatItCanAndNamesWhatItCannot() {
        JsonNode reckoning = api.get("/api/orders/" + order + "/reckoning").json();
        assertEquals(reckoning.at("/leftOut/0/name").asString(), "damaged");
        assertTrue(reckoning.at("/sheet/cuts").size() > 0);
        Api.Answer sheets = api.get("/api/orders/" + order + "/materials");
        assertEquals(sheets.status(), 422, "half a shopping list would be worse than none");
        assertTrue(sheets.body().contains("damaged"), sheets.body());
        assertTrue(api.get("/api/orders").json().size() >= 2);
    }

    @Test
    public void roomsKeepWorkingAndTellWhatTheyCannotRead() {
        assertEquals(api.get("/api/choices/techniques").status(), 200);
        assertTrue(api.get("/api/drawer").json().size() > 10);
        JsonNode told = api.get("/api/unreadable").json();
        assertEquals(told.size(), 2, told.toString());
        assertTrue(told.toString().contains("{\\\"board\\\": 7}"), told.toString());
    }

    @Test(priority = 2)
    public void aSoundDocumentInItsPlaceFixesIt() {
        long version = card(damaged).get("version").asLong();
        Api.Answer mended = api.put(
                "/api/species/" + damaged + "/document",
                Api.demo("lockside-hellebore").put("name", "mended"),
                "If-Match",
                "\"" + version + "\"");
        assertEquals(mended.status(), 200, mended.body());
        assertTrue(card(damaged).has("drawn"));
        assertFalse(api.get("/api/orders/" + order + "/reckoning").json().has("leftOut")
                && api.get("/api/orders/" + order + "/reckoning")
                                .json()
                                .get("leftOut")
                                .size()
                        > 0);
    }
}
