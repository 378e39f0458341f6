package org.crispwhorl.server;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import org.testng.annotations.AfterMethod;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

public class PaceApiTest extends ServerTest {
    @AfterMethod
    public void backToAPractisedHand() {
        api.put("/api/choices/pace", "{\"hand\":\"practised\",\"own\":[]}");
    }

    private static double minutes(JsonNode operations, String name) {
        for (JsonNode one : operations) {
            if (one.get("operation").asString().equals(name)) {
                return one.get("eachMin").asDouble();
            }
        }
        throw new AssertionError(name);
    }

    private double hands() {
        JsonNode card = api.get("/api/species").json().get(0);
        ObjectNode request = Api.JSON.createObjectNode();
        request.set(
                "species",
                api.get("/api/species/" + card.get("id").asString() + "/document")
                        .json());
        for (JsonNode figure : api.post("/api/reckoning", request).json().get("figures")) {
            if (figure.get("key").asString().equals("labour")) {
                return figure.get("value").asDouble();
            }
        }
        throw new AssertionError("no hands");
    }

    @Test
    public void aBeginningHandTakesTwoAndAHalfTimesAsLong() {
        double practised = hands();
        assertEquals(
                api.put("/api/choices/pace", "{\"hand\":\"beginning\",\"own\":[]}")
                        .status(),
                200);
        double beginning = hands();
        assertTrue(beginning > 2.2 * practised && beginning < 2.8 * practised, beginning + " for " + practised);
    }

    @Test
    public void oneOperationIsSetAndTheOthersStayAsTheHandSays() {
        JsonNode before = api.get("/api/pace/operations").json();
        api.put("/api/choices/pace", "{\"hand\":\"practised\",\"own\":[{\"operation\":\"wire\",\"eachMin\":2}]}");
        JsonNode after = api.get("/api/pace/operations").json();
        assertEquals(minutes(after, "wire"), 2.0);
        assertEquals(minutes(after, "tape"), minutes(before, "tape"));
    }

    @Test
    public void anOperationNamedTwiceIsRefused() {
        Api.Answer answer = api.put(
                "/api/choices/pace",
                "{\"hand\":\"fast\",\"own\":[{\"operation\":\"wire\",\"eachMin\":2},{\"operation\":\"wire\",\"eachMin\":1}]}");
        assertEquals(answer.status(), 422);
        assertEquals(answer.json().at("/faults/0/pointer").asString(), "/own");
    }
}
