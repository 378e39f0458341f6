package org.crispwhorl.server;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

public class OrderApiTest extends ServerTest {
    private ObjectNode draft(int flowers) {
        ObjectNode draft = Api.JSON
                .createObjectNode()
                .put("name", "Wedding at the top lock")
                .put("note", "")
                .put("handOver", "2031-05-10T09:30:00")
                .put("marginH", 12)
                .put("tierMm", 100);
        String species = api.get("/api/species").json().get(0).get("id").asString();
        draft.putArray("lines").addObject().put("speciesId", species).put("flowers", flowers);
        return draft;
    }

    private JsonNode added(int flowers) {
        Api.Answer answer = api.post("/api/orders", draft(flowers));
        assertEquals(answer.status(), 201, answer.body());
        return answer.json();
    }

    @Test
    public void anOrderIsKeptAsItWasWritten() {
        JsonNode order = added(4);
        JsonNode kept = api.get("/api/orders/" + order.get("id").asString()).json();
        assertEquals(kept, order);
        assertEquals(kept.at("/order/lines/0/flowers").asInt(), 4);
    }

    @Test
    public void piecesGrowWithTheFlowers() {
        int four = needed(added(4));
        int eight = needed(added(8));
        assertEquals(eight, 2 * four);
    }

    private int needed(JsonNode order) {
        JsonNode reckoning = api.get("/api/orders/" + order.get("id").asString() + "/reckoning")
                .json();
        assertTrue(reckoning.at("/plan/possible").asBoolean());
        assertTrue(reckoning.at("/plan/sittings").size() > 0);
        int sum = 0;
        for (JsonNode cut : reckoning.at("/sheet/cuts")) {
            sum += cut.get("needed").asInt();
        }
        return sum;
    }

    @Test
    public void theCutListComesAsCsv() {
        Api.Answer csv = api.get("/api/orders/" + added(4).get("id").asString() + "/lists/cuts.csv");
        assertTrue(csv.type().startsWith("text/csv"));
        assertTrue(csv.type().toLowerCase().contains("utf-8"));
        assertTrue(csv.body().startsWith("species,part,shade"));
        assertTrue(csv.body().lines().count() > 3);
    }

    @Test
    public void twoChangesFromOneVersionMeet() {
        JsonNode order = added(4);
        String path = "/api/orders/" + order.get("id").asString();
        ObjectNode mine = order.deepCopy().asObject();
        ((ObjectNode) mine.get("order")).put("note", "mine");
        assertEquals(api.put(path, mine).status(), 200);
        Api.Answer refused = api.put(path, order);
        assertEquals(refused.status(), 409);
        assertEquals(refused.json().at("/document/note").asString(), "mine");
    }

    @Test
    public void aSpeciesThatIsNotThereIsToldByItsLine() {
        ObjectNode draft = draft(2);
        ((ObjectNode) draft.at("/lines/0")).put("speciesId", "00000000-0000-0000-0000-000000000000");
        Api.Answer answer = api.post("/api/orders", draft);
        assertEquals(answer.status(), 422);
        assertEquals(answer.json().at("/faults/0/pointer").asString(), "/lines/0/speciesId");
    }

    @Test
    public void noFlowersAtAllAreToldByTheirLine() {
        Api.Answer answer = api.post("/api/orders", draft(0));
        assertEquals(answer.status(), 422);
        assertEquals(answer.json().at("/faults/0/pointer").asString(), "/lines/0/flowers");
        assertTrue(answer.json().at("/faults/0/expected").asString().startsWith("1 to 500"));
    }

    @Test
    public void anOrderIsTakenOffTheBook() {
        String path = "/api/orders/" + added(1).get("id").asString();
        assertEquals(api.delete(path).status(), 204);
        assertEquals(api.get(path).status(), 404);
    }

    @Test
    public void theHealthIsUp() {
        assertEquals(api.get("/actuator/health").json().get("status").asString(), "UP");
    }
}
