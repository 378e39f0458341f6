package org.crispwhorl.server;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertNotEquals;
import static org.testng.Assert.assertTrue;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** What is done twice, or by several at the same moment, is done once. */
public class TogetherTest extends ServerTest {
    private List<Api.Answer> together(int times, Callable<Api.Answer> call) throws Exception {
        ExecutorService hands = Executors.newFixedThreadPool(times);
        try {
            List<Future<Api.Answer>> all = hands.invokeAll(java.util.Collections.nCopies(times, call));
            List<Api.Answer> answers = new ArrayList<>();
            for (Future<Api.Answer> one : all) {
                answers.add(one.get());
            }
            return answers;
        } finally {
            hands.shutdown();
        }
    }

    private String species() {
        return api.get("/api/species").json().get(0).get("id").asString();
    }

    @Test
    public void fiveTablesInPlaceOfAllLeaveOneDrawer() throws Exception {
        String table = api.get("/api/drawer/drawer.csv").body();
        int things = api.get("/api/drawer").json().size();
        for (Api.Answer answer : together(
                5,
                () -> api.worked(api.send(api.written("/api/drawer/csv?inPlaceOfAll=true")
                        .setHeader("content-type", "text/csv")
                        .POST(java.net.http.HttpRequest.BodyPublishers.ofString(table)))))) {
            assertEquals(answer.status(), 200, answer.body());
        }
        assertEquals(api.get("/api/drawer").json().size(), things);
    }

    @Test
    public void tenAtOnceMakeOneSpeciesOfAStage() throws Exception {
        String id = species();
        Set<String> made = new HashSet<>();
        for (Api.Answer answer : together(10, () -> api.post("/api/species/" + id + "/stages/bud", "{}"))) {
            assertEquals(answer.status(), 200, answer.body());
            made.add(answer.json().get("id").asString());
        }
        assertEquals(made.size(), 1);
    }

    @Test
    public void tenAtOnceTakeAnOrdersStockOnce() throws Exception {
        String id = api.get("/api/orders").json().get(0).get("id").asString();
        for (Api.Answer answer : together(6, () -> api.post("/api/orders/" + id + "/use", "{}"))) {
            assertEquals(answer.status(), 200, answer.body());
        }
        double taken = api.get("/api/orders/" + id + "/use")
                .json()
                .at("/0/taken/amount")
                .asDouble();
        JsonNode before = api.get("/api/drawer").json();
        assertEquals(api.delete("/api/orders/" + id + "/use").status(), 204);
        assertEquals(
                api.delete("/api/orders/" + id + "/use").status(), 204, "putting back what is back changes nothing");
        assertTrue(taken >= 0 && before.size() == api.get("/api/drawer").json().size());
    }

    @Test
    public void theFirstTechniquesMayBeChosenByTenAtOnce() throws Exception {
        String techniques = api.get("/api/choices/techniques").body();
        for (Api.Answer answer : together(10, () -> api.put("/api/choices/techniques", techniques))) {
            assertEquals(answer.status(), 200, answer.body());
        }
    }

    @Test
    public void aStudiosChoiceChangedInTwoWindowsIsNotLost() {
        for (String path : List.of("/api/choices/techniques", "/api/choices/pace", "/api/choices/room")) {
            Api.Answer before = api.get(path);
            ObjectNode mine = (ObjectNode) before.json();
            ObjectNode theirs = mine.deepCopy();
            switch (path) {
                case "/api/choices/room" -> theirs.put("humidityPct", 71.0);
                case "/api/choices/pace" -> theirs.put("hand", "learning");
                default -> theirs.put("ridge", "board".equals(mine.get("ridge").asString()) ? "ball" : "board");
            }
            Api.Answer other = api.put(path, theirs, "If-Match", before.etag());
            assertEquals(other.status(), 200, other.body());
            assertNotEquals(other.etag(), before.etag());
            ObjectNode third = mine.deepCopy();
            if (path.equals("/api/choices/room")) {
                third.put("humidityPct", 33.0);
            }
            Api.Answer refused = api.put(path, third, "If-Match", before.etag());
            assertEquals(refused.status(), 409, refused.body());
            assertEquals(refused.json().get("document"), theirs);
            assertEquals(api.put(path, theirs, "If-Match", before.etag()).status(), 200, "the answer had been lost");
            assertEquals(api.put(path, mine).status(), 200);
        }
    }

    @Test
    public void theSameChangeAgainIsNoOtherVersion() {
        String path = "/api/species/" + species() + "/document";
        ObjectNode changed = (ObjectNode) api.get(path).json();
        String version = api.get(path).etag();
        changed.put("note", "told twice, since the first answer was lost");
        long kept = api.put(path, changed, "If-Match", version)
                .json()
                .get("version")
                .asLong();
        Api.Answer again = api.put(path, changed, "If-Match", version);
        assertEquals(again.status(), 200, again.body());
        assertEquals(again.json().get("version").asLong(), kept);
        assertEquals(
                api.put(path, changed.deepCopy().put("note", "another"), "If-Match", version)
                        .status(),
                409);
        JsonNode order = api.get("/api/orders").json().get(0);
        ObjectNode draft = ((ObjectNode) order.get("order").deepCopy()).put("note", "told twice");
        String orderPath = "/api/orders/" + order.get("id").asString();
        assertEquals(api.keep(orderPath, order, draft).status(), 200);
        assertEquals(api.keep(orderPath, order, draft).status(), 200);
        draft.put("note", "another");
        assertEquals(api.keep(orderPath, order, draft).status(), 409);
    }
}
