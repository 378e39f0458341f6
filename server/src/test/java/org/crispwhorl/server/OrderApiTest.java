package org.crispwhorl.server;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.util.List;
import java.util.UUID;
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
                .put("spareTimeH", 12)
                .put("tierMm", 100);
        String species = api.get("/api/species").json().get(0).get("id").asString();
        draft.putArray("lines")
                .addObject()
                .put("id", UUID.randomUUID().toString())
                .put("speciesId", species)
                .put("flowers", flowers);
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
        int sum = 0;
        for (JsonNode cut : reckoning.at("/sheet/cuts")) {
            sum += cut.get("needed").asInt();
        }
        return sum;
    }

    @Test
    public void theCutListComesAsCsv() {
        Api.Answer csv = api.get("/api/orders/" + added(4).get("id").asString() + "/sheets/cuts.csv");
        assertTrue(csv.type().startsWith("text/csv"));
        assertTrue(csv.type().toLowerCase().contains("utf-8"));
        assertTrue(csv.body().startsWith("under,in all"));
        assertTrue(csv.body().lines().count() > 3);
    }

    @Test
    public void twoChangesFromOneVersionMeet() {
        JsonNode order = added(4);
        String path = "/api/orders/" + order.get("id").asString();
        ObjectNode mine = change(order);
        mine.put("note", "mine");
        assertEquals(api.keep(path, order, mine).status(), 200);
        Api.Answer refused = api.keep(path, order, change(order));
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

    /** An order as it is sent to be kept, from how it was read. */
    private static ObjectNode change(JsonNode order) {
        return (ObjectNode) order.get("order").deepCopy();
    }

    private String documentOf(JsonNode order) {
        return "/api/species/" + order.at("/order/lines/0/speciesId").asString() + "/document";
    }

    /** Changes the species of an order's first line on the shelf: one petal less in its last ring. */
    private void changeOnTheShelf(JsonNode order) {
        Api.Answer kept = api.get(documentOf(order));
        ObjectNode document = (ObjectNode) kept.json();
        for (JsonNode part : document.get("parts")) {
            if (part.has("pieces")) {
                ObjectNode pieces = (ObjectNode) part.get("pieces");
                pieces.put("count", pieces.get("count").asInt() + 1);
            }
        }
        assertEquals(
                api.put(documentOf(order), document, "If-Match", kept.etag()).status(), 200);
    }

    @Test
    public void anOrderFollowsTheShelfUntilItIsAccepted() {
        JsonNode order = added(2);
        String path = "/api/orders/" + order.get("id").asString();
        int before = needed(order);
        changeOnTheShelf(order);
        int followed = needed(order);
        assertTrue(followed > before, followed + " after " + before);
        Api.Answer accepted = api.put(path + "/acceptance", "");
        assertEquals(accepted.status(), 200, accepted.body());
        assertEquals(accepted.json().at("/accepted/changed").size(), 0);
        changeOnTheShelf(order);
        assertEquals(needed(order), followed);
        JsonNode seen = api.get(path).json();
        String species = order.at("/order/lines/0/speciesId").asString();
        assertEquals(seen.at("/accepted/changed/0").asString(), species);
        Api.Answer taken = api.put(path + "/acceptance/" + species, "");
        assertEquals(taken.status(), 200, taken.body());
        assertEquals(taken.json().at("/accepted/changed").size(), 0);
        assertTrue(needed(order) > followed);
    }

    @Test
    public void anAcceptedOrderKeepsThePaceItWasAcceptedWithUntilItIsOpenedAgain() {
        JsonNode order = added(2);
        String path = "/api/orders/" + order.get("id").asString();
        double practised = hands(order);
        api.put(path + "/acceptance", "");
        ObjectNode pace = (ObjectNode) api.get("/api/choices/pace").json();
        api.put("/api/choices/pace", pace.deepCopy().put("hand", "beginning"));
        try {
            assertEquals(hands(order), practised, 1e-9);
            assertEquals(api.delete(path + "/acceptance").status(), 200);
            assertEquals(hands(order), 2.5 * practised, 0.6 * practised);
        } finally {
            api.put("/api/choices/pace", pace);
        }
    }

    private double hands(JsonNode order) {
        return api.get("/api/orders/" + order.get("id").asString() + "/reckoning")
                .json()
                .at("/sheet/labourMin")
                .asDouble();
    }

    @Test
    public void aFlowerAddedToAnAcceptedOrderIsFrozenAsItIsThen() {
        JsonNode order = added(1);
        String path = "/api/orders/" + order.get("id").asString();
        api.put(path + "/acceptance", "");
        JsonNode kept = api.get(path).json();
        ObjectNode change = change(kept);
        String other = api.get("/api/species").json().get(1).get("id").asString();
        ((tools.jackson.databind.node.ArrayNode) change.get("lines"))
                .addObject()
                .put("id", UUID.randomUUID().toString())
                .put("speciesId", other)
                .put("flowers", 2);
        assertEquals(api.keep(path, kept, change).status(), 200);
        JsonNode seen = api.get(path).json();
        assertEquals(seen.at("/accepted/changed").size(), 0);
        assertEquals(seen.at("/order/lines").size(), 2);
    }

    @Test
    public void whatAnOrderTakesIsReckonedAsAPieceOfLongWork() {
        JsonNode order = added(3);
        String path = "/api/orders/" + order.get("id").asString();
        assertEquals(
                api.worked(api.post(path + "/reckoning", "")).json(),
                api.get(path + "/reckoning").json());
        Api.Answer pdf = api.worked(api.post(path + "/sheets.pdf", ""));
        assertTrue(pdf.type().startsWith("application/pdf"), pdf.type());
    }

    @Test
    public void workThatIsStoppedHasNoResultAndSaysSo() {
        JsonNode order = added(500);
        JsonNode job = api.post("/api/orders/" + order.get("id").asString() + "/sheets", "")
                .json();
        String path = "/api/jobs/" + job.get("id").asString();
        Api.Answer stopped = api.delete(path);
        assertEquals(stopped.status(), 200);
        assertTrue(List.of("waiting", "running", "stopped", "done")
                .contains(stopped.json().get("state").asString()));
        assertEquals(api.get("/api/jobs/00000000-0000-0000-0000-000000000000").status(), 404);
    }
}
