package org.crispwhorl.server;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertNotEquals;
import static org.testng.Assert.assertTrue;

import java.util.List;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

public class ColourApiTest extends ServerTest {
    private static JsonNode hellebore() {
        return Api.demo("lockside-hellebore");
    }

    private Api.Answer piece(JsonNode species, String part, JsonNode pull) {
        ObjectNode request = Api.JSON.createObjectNode();
        request.set("species", species);
        request.put("partId", part);
        if (pull != null) {
            request.set("pull", pull);
        }
        return api.post("/api/colour/piece", request);
    }

    @Test
    public void aPieceIsShownAsItsPassesLeaveIt() {
        JsonNode seen = piece(hellebore(), "sepals", null).json();
        JsonNode piece = seen.get("piece");
        assertEquals(piece.get("passes").size(), seen.at("/colour/passes").size());
        assertNotEquals(
                piece.at("/worn/edge").asString(), piece.at("/worn/middle").asString());
        assertNotEquals(piece.at("/face/rgb").asString(), piece.at("/back/rgb").asString());
        assertTrue(piece.at("/uses/0/milligrams").asDouble() > 0);
    }

    @Test
    public void aPullSetsHowFarAPassReaches() {
        ObjectNode pull = Api.JSON.createObjectNode();
        pull.put("pass", 0).put("fade", false);
        pull.putObject("to").put("acrossMm", 0).put("alongMm", 30);
        JsonNode seen = piece(hellebore(), "sepals", pull).json();
        double reach = seen.at("/colour/passes/0/reachMm").asDouble();
        assertEquals(reach, seen.at("/piece/lengthMm").asDouble() - 30, 1.5, "from the tip down to there");
        for (double along = 24; along < 40; along += 2) {
            ((ObjectNode) pull.get("to")).put("alongMm", along);
            double at = piece(hellebore(), "sepals", pull)
                    .json()
                    .at("/piece/passes/0/reach/alongMm")
                    .asDouble();
            assertEquals(at, along, 0.5, "the handle stays under the finger");
        }
        pull.put("pass", 99);
        Api.Answer refused = piece(hellebore(), "sepals", pull);
        assertEquals(refused.status(), 422);
        assertEquals(piece(hellebore(), "nowhere", null).status(), 404);
        assertEquals(piece(hellebore(), "stamens", null).status(), 404);
    }

    @Test
    public void passesAreTakenToOtherRingsAndSteppedBetween() {
        ObjectNode request = Api.JSON.createObjectNode();
        request.set("species", Api.demo("winding-hole-water-lily"));
        request.put("from", "first").put("to", "fifth").put("between", true);
        JsonNode stepped = api.post("/api/colour/steps", request).json();
        assertEquals(
                stepped.valueStream().map(s -> s.get("partId").asString()).toList(),
                List.of("second", "third", "fourth"));
        request.put("between", false);
        JsonNode copied = api.post("/api/colour/steps", request).json();
        assertEquals(copied.valueStream().map(s -> s.get("partId").asString()).toList(), List.of("fifth"));
        request.put("to", "nowhere");
        assertEquals(api.post("/api/colour/steps", request).status(), 422);
    }

    @Test
    public void theColoursOfAnOrderAreListed() {
        String order = api.get("/api/orders").json().get(0).get("id").asString();
        JsonNode colours = api.get("/api/orders/" + order + "/materials").json().get("colours");
        assertTrue(colours.get("colours").size() > 2 && colours.get("parts").size() > 5);
        String csv = api.get("/api/orders/" + order + "/sheets/colours.csv").body();
        long passes = colours.get("parts")
                .valueStream()
                .mapToLong(p -> p.get("passes").size())
                .sum();
        assertEquals(csv.lines().filter(line -> line.contains(",done")).count(), 1, csv);
        assertTrue(csv.lines().count() > passes + 1, csv);
        assertTrue(api.get("/api/orders/" + order + "/sheets.pdf?sheets=COLOURS")
                .body()
                .startsWith("%PDF"));
    }
}
