package org.crispwhorl.server;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

public class ReckoningApiTest extends ServerTest {
    private JsonNode reckoned(ObjectNode document, String room) {
        ObjectNode request = Api.JSON.createObjectNode();
        request.set("species", document);
        if (room != null) {
            request.set("room", Api.JSON.readTree(room));
        }
        Api.Answer answer = api.post("/api/reckoning", request);
        assertEquals(answer.status(), 200, answer.body());
        return answer.json();
    }

    private static double figure(JsonNode figures, String key) {
        for (JsonNode figure : figures) {
            if (figure.get("key").asString().equals(key)) {
                return figure.get("value").asDouble();
            }
        }
        throw new AssertionError("no figure " + key);
    }

    @DataProvider
    public Object[][] demos() {
        return new Object[][] {{"lockside-hellebore"}, {"towpath-camellia"}, {"blue-lock-poppy"}};
    }

    @Test(dataProvider = "demos")
    public void aDemoSpeciesIsReckonedWhole(String name) {
        ObjectNode document = Api.demo(name);
        JsonNode reckoning = reckoned(document, null);
        assertEquals(reckoning.get("parts").size(), document.get("parts").size());
        assertTrue(reckoning.at("/drawing/face/rings").size() > 0);
        assertTrue(reckoning.at("/plan/tasks").size() > 5);
        assertEquals(
                figure(reckoning.get("figures"), "face"), document.get("faceMm").asDouble(), 5);
    }

    @Test(dataProvider = "demos")
    public void everyFixOfADemoSpeciesHolds(String name) {
        ObjectNode document = Api.demo(name);
        JsonNode findings = reckoned(document, null).get("findings");
        for (JsonNode finding : findings) {
            assertTrue(finding.at("/why/inputs").size() > 0);
            for (JsonNode fix : finding.get("fixes")) {
                ObjectNode mended = document.deepCopy();
                for (JsonNode change : fix.get("changes")) {
                    String path = change.get("path").asString();
                    int slash = path.lastIndexOf('/');
                    assertEquals(mended.at(path).asDouble(), change.get("from").asDouble(), 1e-12);
                    ((ObjectNode) mended.at(path.substring(0, slash))).set(path.substring(slash + 1), change.get("to"));
                }
                for (JsonNode after : reckoned(mended, null).get("findings")) {
                    assertFalse(
                            after.get("kind").equals(finding.get("kind"))
                                    && after.path("partId").equals(finding.path("partId")),
                            fix.get("label").asString());
                }
            }
        }
    }

    @Test
    public void theRoomSentIsTheRoomReckonedWith() {
        ObjectNode document = Api.demo("lockside-hellebore");
        JsonNode dry = reckoned(document, "{\"temperatureC\":20,\"humidityPct\":40,\"air\":{\"kind\":\"still\"}}");
        JsonNode damp = reckoned(document, "{\"temperatureC\":20,\"humidityPct\":65,\"air\":{\"kind\":\"still\"}}");
        assertTrue(damp.at("/plan/readyH").asDouble()
                > 1.5 * dry.at("/plan/readyH").asDouble());
    }

    @Test
    public void whatNeverDriesIsNullAndAStopWithFixesOfTheRoom() {
        JsonNode wet = reckoned(
                Api.demo("lockside-hellebore"),
                "{\"temperatureC\":20,\"humidityPct\":85,\"air\":{\"kind\":\"still\"}}");
        assertTrue(wet.at("/plan/readyH").isNull());
        JsonNode first = wet.at("/findings/0");
        assertEquals(first.get("kind").asString(), "never-dries");
        assertTrue(first.at("/fixes/0/room/air/kind").asString().equals("cabinet"), first.toString());
    }

    @Test
    public void nothingIsKeptOfWhatIsReckoned() {
        int before = api.get("/api/species").json().size();
        reckoned(Api.demo("towpath-camellia"), null);
        assertEquals(api.get("/api/species").json().size(), before);
    }

    @Test
    public void anImpossibleRoomIsToldByItsField() {
        ObjectNode request = Api.JSON.createObjectNode();
        request.set("species", Api.demo("towpath-camellia"));
        request.set(
                "room", Api.JSON.readTree("{\"temperatureC\":200,\"humidityPct\":40,\"air\":{\"kind\":\"still\"}}"));
        Api.Answer answer = api.post("/api/reckoning", request);
        assertEquals(answer.status(), 422);
        assertEquals(answer.json().at("/faults/0/pointer").asString(), "/room/temperatureC");
    }

    @Test
    public void withoutASpeciesThereIsNothingToReckon() {
        Api.Answer answer = api.post("/api/reckoning", "{}");
        assertEquals(answer.status(), 422);
        assertEquals(answer.json().at("/faults/0/pointer").asString(), "/species");
    }

    @Test
    public void theRoomIsKeptAndGivenBack() {
        String cabinet =
                "{\"temperatureC\":19,\"humidityPct\":61,\"air\":{\"kind\":\"cabinet\",\"insideC\":31,\"insidePct\":38}}";
        assertEquals(api.put("/api/choices/room", cabinet).status(), 200);
        assertEquals(api.get("/api/choices/room").json().at("/air/insidePct").asDouble(), 38.0);
        assertEquals(api.put("/api/choices/room", cabinet.replace("61", "400")).status(), 422);
        assertEquals(api.get("/api/choices/room").json().get("humidityPct").asDouble(), 61.0);
        String fan = "{\"temperatureC\":20,\"humidityPct\":50,\"air\":{\"kind\":\"fan\"}}";
        assertEquals(api.put("/api/choices/room", fan).status(), 200);
        assertEquals(api.get("/api/choices/room").json().at("/air/kind").asString(), "fan");
    }

    @Test
    public void aReasonIsFetchedWhenItIsAskedFor() {
        ObjectNode request = Api.JSON.createObjectNode();
        request.set("species", Api.demo("towpath-camellia"));
        JsonNode whole = api.post("/api/reckoning", request).json();
        JsonNode plain = api.post("/api/reckoning", request.deepCopy().put("reasons", false))
                .json();
        JsonNode part = whole.at("/parts/1");
        JsonNode figure = part.at("/figures/2");
        assertTrue(figure.has("why"));
        assertTrue(!plain.at("/parts/1/figures/2").has("why")
                && !plain.at("/figures/0").has("why"));
        ObjectNode asked = Api.JSON.createObjectNode();
        asked.set("of", request);
        asked.put("partId", part.get("id").asString())
                .put("key", figure.get("key").asString());
        assertEquals(api.post("/api/reckoning/reason", asked).json(), figure.get("why"));
        asked.remove("partId");
        asked.put("key", "face");
        assertEquals(api.post("/api/reckoning/reason", asked).json(), whole.at("/figures/0/why"));
        assertEquals(api.post("/api/reckoning/reason", asked.put("key", "none")).status(), 404);
    }
}
