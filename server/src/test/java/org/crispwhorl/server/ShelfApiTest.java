package org.crispwhorl.server;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertNotEquals;
import static org.testng.Assert.assertTrue;

import java.net.http.HttpRequest;
import java.util.concurrent.Callable;
import java.util.concurrent.Executors;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

public class ShelfApiTest extends ServerTest {
    @Override
    protected boolean toItself() {
        return true;
    }

    private String added(String name) {
        ObjectNode document = Api.demo("lockside-hellebore").put("name", name);
        Api.Answer answer = api.post("/api/species", document);
        assertEquals(answer.status(), 201, answer.body());
        return answer.json().get("id").asString();
    }

    private static String document(String id) {
        return "/api/species/" + id + "/document";
    }

    @Test
    public void theDemoSpeciesStandOnTheShelfWithTheirFaces() {
        JsonNode list = api.get("/api/species").json();
        assertTrue(list.size() >= 2);
        for (JsonNode card : list) {
            int drawn = card.at("/drawn/face/rings").size()
                    + card.at("/drawn/face/discs").size();
            assertTrue(drawn > 0, card.get("name").asString());
            assertTrue(card.at("/drawn/faceMm").asDouble() > 10);
            assertTrue(card.at("/drawn/tints/0/colour").asString().startsWith("#"));
        }
    }

    @Test
    public void exportThenImportIsTheIdentity() {
        for (JsonNode card : api.get("/api/species").json()) {
            JsonNode out = api.get(document(card.get("id").asString())).json();
            String id = api.post("/api/species", out).json().get("id").asString();
            assertNotEquals(id, card.get("id").asString());
            assertEquals(api.get(document(id)).json(), out);
        }
    }

    @Test
    public void aChangeIsKeptAndCountsTheVersionUp() {
        String id = added("kept");
        ObjectNode changed = (ObjectNode) api.get(document(id)).json();
        changed.put("note", "changed");
        Api.Answer kept = api.put(document(id), changed, "If-Match", "\"0\"");
        assertEquals(kept.status(), 200, kept.body());
        assertEquals(kept.json().get("version").asInt(), 1);
        assertEquals(api.get(document(id)).etag(), "\"1\"");
        assertEquals(api.get(document(id)).json(), changed);
    }

    @Test
    public void aChangeMadeFromAnOlderVersionTellsBothAndLosesNothing() {
        String id = added("twice");
        ObjectNode first = (ObjectNode) api.get(document(id)).json();
        ObjectNode second = first.deepCopy();
        first.put("note", "first window");
        second.put("note", "second window");
        assertEquals(api.put(document(id), first, "If-Match", "\"0\"").status(), 200);
        Api.Answer refused = api.put(document(id), second, "If-Match", "\"0\"");
        assertEquals(refused.status(), 409);
        assertEquals(refused.type(), "application/problem+json");
        assertEquals(refused.json().get("yours").asInt(), 0);
        assertEquals(refused.json().get("theirs").asInt(), 1);
        assertEquals(refused.json().get("document"), first);
        assertEquals(api.get(document(id)).json(), first);
    }

    @Test
    public void ofTwoChangesAtTheSameMomentOneIsKept() throws Exception {
        String id = added("raced");
        ObjectNode base = (ObjectNode) api.get(document(id)).json();
        var hands = Executors.newFixedThreadPool(2);
        Callable<Integer> one = () -> api.put(document(id), base.deepCopy().put("note", "one"), "If-Match", "\"0\"")
                .status();
        Callable<Integer> two = () -> api.put(document(id), base.deepCopy().put("note", "two"), "If-Match", "\"0\"")
                .status();
        var a = hands.submit(one);
        var b = hands.submit(two);
        int sum = a.get() + b.get();
        hands.shutdown();
        assertEquals(sum, 200 + 409);
    }

    @Test
    public void withoutAVersionNothingIsChanged() {
        String id = added("unversioned");
        assertEquals(api.put(document(id), api.get(document(id)).body()).status(), 428);
        assertEquals(
                api.put(document(id), api.get(document(id)).body(), "If-Match", "\"x\"")
                        .status(),
                422);
    }

    @Test
    public void aBrokenDocumentIsRefusedWithItsPlaceAndKeepsNothing() {
        int before = api.get("/api/species").json().size();
        ObjectNode broken = Api.demo("towpath-camellia");
        ((ObjectNode) broken.at("/parts/1/pieces")).put("count", 999);
        broken.put("colour", "red");
        Api.Answer answer = api.post("/api/species", broken);
        assertEquals(answer.status(), 422);
        assertEquals(answer.type(), "application/problem+json");
        assertTrue(answer.body().contains("/parts/1/pieces/count"), answer.body());
        assertTrue(answer.body().contains("/colour"), answer.body());
        assertEquals(api.get("/api/species").json().size(), before);
    }

    @Test
    public void textThatIsNoJsonIsAPlainProblem() {
        Api.Answer answer = api.post("/api/species", "{ not json");
        assertEquals(answer.status(), 422);
        assertTrue(answer.body().contains("line 1"), answer.body());
    }

    @Test
    public void aSpeciesIsBegunFromItsNameAlone() {
        Api.Answer begun = api.post("/api/species/begun", "{\"name\": \"Wild rose\"}");
        assertEquals(begun.status(), 201);
        JsonNode document = api.get(document(begun.json().get("id").asString())).json();
        assertEquals(document.get("name").asString(), "Wild rose");
        Api.Answer reckoning =
                api.post("/api/reckoning", Api.JSON.createObjectNode().set("species", document));
        assertEquals(
                reckoning.json().get("findings").size(),
                0,
                reckoning.json().get("findings").toString());
        assertEquals(api.post("/api/species/begun", "{\"name\": \" \"}").status(), 422);
    }

    @Test
    public void whatIsPutAsideCanBePutBack() {
        String id = added("aside");
        String path = "/api/species/" + id + "/archived";
        assertTrue(api.put(path, "{\"archived\": true}").json().get("archived").asBoolean());
        assertTrue(
                !api.put(path, "{\"archived\": false}").json().get("archived").asBoolean());
    }

    @Test
    public void whatIsNotThereIsAPlainProblem() {
        Api.Answer answer = api.get("/api/species/00000000-0000-0000-0000-000000000000");
        assertEquals(answer.status(), 404);
        assertEquals(answer.type(), "application/problem+json");
        assertEquals(api.get("/api/species/not-an-id").status(), 404);
        assertEquals(api.get("/api/nothing").status(), 404);
        assertEquals(api.delete("/api/species").status(), 405);
    }

    @Test
    public void noAnswerHoldsAStackTrace() {
        for (String body : new String[] {"", "null", "[]", "\"x\"", "{\"format\":null}", "{\"parts\":[[]]}"}) {
            Api.Answer answer = api.post("/api/species", body);
            assertTrue(answer.status() >= 400 && answer.status() < 500, body + " gave " + answer.status());
            assertTrue(!answer.body().contains("Exception") && !answer.body().contains("\tat "), answer.body());
        }
    }

    @Test
    public void aPageFromElsewhereIsRefused() {
        HttpRequest.Builder foreign = api.written("/api/choices/room")
                .header("Origin", "http://example.invalid")
                .GET();
        assertEquals(api.send(foreign).status(), 403);
    }

    @Test(priority = 10)
    public void everythingIsStillThereAfterARestart() {
        String id = added("lasting");
        JsonNode before = api.get(document(id)).json();
        int count = api.get("/api/species").json().size();
        restart();
        assertEquals(api.get(document(id)).json(), before);
        assertEquals(api.get("/api/species").json().size(), count);
    }
}
