package org.crispwhorl.server;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import org.testng.annotations.AfterMethod;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

public class TechniquesApiTest extends ServerTest {
    private ObjectNode usual;

    private ObjectNode techniques() {
        ObjectNode now = (ObjectNode) api.get("/api/choices/techniques").json();
        if (usual == null) {
            usual = now.deepCopy();
        }
        return now;
    }

    @AfterMethod
    public void backToTheUsual() {
        if (usual != null) {
            api.put("/api/choices/techniques", usual);
        }
    }

    private static double hands(JsonNode reckoning) {
        for (JsonNode figure : reckoning.get("figures")) {
            if (figure.get("key").asString().equals("labour")) {
                return figure.get("value").asDouble();
            }
        }
        throw new AssertionError("no hands");
    }

    @Test
    public void beforeAnyChoiceTheTechniquesAreTheUsualOnes() {
        assertEquals(techniques().get("ridge").asString(), "pinned");
        assertEquals(techniques().get("dusting").asString(), "parts");
    }

    @Test
    public void whatIsChosenIsKept() {
        ObjectNode chosen = techniques().put("glue", "egg-white").put("counts", "fewer");
        assertEquals(api.put("/api/choices/techniques", chosen).status(), 200);
        assertEquals(api.get("/api/choices/techniques").json(), chosen);
    }

    @Test
    public void aWayThatIsNotKnownIsRefusedByItsField() {
        Api.Answer answer = api.put("/api/choices/techniques", techniques().put("ridge", "chisel"));
        assertEquals(answer.status(), 422);
        assertEquals(answer.json().at("/faults/0/pointer").asString(), "/ridge");
    }

    @Test
    public void theReckoningTakesTheTechniquesThatItIsSentAndTellsThem() {
        ObjectNode request = Api.JSON.createObjectNode();
        request.set("species", Api.demo("meadow-scabious"));
        JsonNode faithful = api.post("/api/reckoning", request).json();
        request.set("techniques", techniques().put("counts", "fewer").put("glue", "egg-white"));
        JsonNode quick = api.post("/api/reckoning", request).json();
        assertTrue(hands(quick) < hands(faithful));
        assertEquals(quick.at("/techniques/counts").asString(), "fewer");
        assertTrue(
                quick.get("cautions").toString().contains("egg"),
                quick.get("cautions").toString());
    }

    @Test
    public void anOrderIsReckonedByTheTechniquesOfTheStudio() {
        JsonNode order = api.get("/api/orders").json().get(0);
        String path = "/api/orders/" + order.get("id").asString() + "/reckoning";
        double faithful = api.get(path).json().at("/sheet/labourMin").asDouble();
        api.put("/api/choices/techniques", techniques().put("petals", "one-piece"));
        assertTrue(api.get(path).json().at("/sheet/labourMin").asDouble() < faithful);
    }

    @Test
    public void whatAWayWouldChangeOfAFlowerIsTold() {
        String flower = api.get("/api/species").json().get(0).get("id").asString();
        Api.Answer told = api.get("/api/techniques/effects?speciesId=" + flower);
        assertEquals(told.status(), 200, told.body());
        assertTrue(told.json()
                .valueStream()
                .anyMatch(e -> !e.get("changes").isEmpty()
                        && e.at("/changes/0/from").asDouble()
                                != e.at("/changes/0/to").asDouble()));
        assertEquals(
                api.get("/api/techniques/effects?speciesId=00000000-0000-0000-0000-000000000000")
                        .status(),
                404);
        assertTrue(api.get("/api/pictures/Overlap/tucked.svg").body().contains("<svg"));
        assertEquals(api.get("/api/pictures/Overlap/sideways.svg").status(), 404);
    }
}
