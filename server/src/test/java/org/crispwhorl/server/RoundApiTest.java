package org.crispwhorl.server;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import java.util.function.Consumer;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

public class RoundApiTest extends ServerTest {
    private ObjectNode camellia() {
        return flower("camellia");
    }

    private ObjectNode passionFlower() {
        return flower("passion");
    }

    private ObjectNode flower(String name) {
        String id = api.get("/api/species")
                .json()
                .valueStream()
                .filter(s -> s.get("name").asString().contains(name))
                .findFirst()
                .orElseThrow()
                .get("id")
                .asString();
        return Api.JSON
                .createObjectNode()
                .set("species", api.get("/api/species/" + id + "/document").json());
    }

    /** Sepals that are set lower and leaned in come through the petals before them; the lean that is offered takes them apart again. */
    @Test
    public void petalsThatCrossAreToldAndTheLeanThatClearsThemHolds() {
        ObjectNode request = passionFlower();
        assertEquals(api.post("/api/round/crossings", request).json().size(), 0);
        set(request, "sepals", p -> {
            p.put("opensDeg", 60);
            ((ObjectNode) p.get("place")).put("onStemMm", -4);
        });
        JsonNode told = api.post("/api/round/crossings", request).json();
        assertTrue(told.size() > 0);
        JsonNode first = told.get(0);
        assertTrue(first.get("deepestMm").asDouble() > 1);
        String outer = first.get("outerId").asString();
        String inner = first.get("innerId").asString();
        ObjectNode ask = request.deepCopy().put("innerId", inner).put("outerId", outer);
        double clear =
                api.post("/api/round/clearing", ask).json().get("opensDeg").asDouble();
        set(request, outer, p -> p.put("opensDeg", clear));
        assertFalse(api.post("/api/round/crossings", request)
                .json()
                .valueStream()
                .anyMatch(c -> c.get("innerId").asString().equals(inner)
                        && c.get("outerId").asString().equals(outer)));
    }

    private static void set(ObjectNode request, String part, Consumer<ObjectNode> change) {
        for (JsonNode p : request.get("species").get("parts")) {
            if (p.get("id").asString().equals(part)) {
                change.accept((ObjectNode) p.get("pieces"));
            }
        }
    }

    @Test
    public void partsThatAreNotThereHaveNoLean() {
        ObjectNode ask = camellia().put("innerId", "first").put("outerId", "nowhere");
        assertFalse(api.post("/api/round/clearing", ask).json().has("opensDeg"));
    }

    @Test
    public void aRequestWithoutASpeciesIsToldSo() {
        for (String path : new String[] {"/api/round", "/api/round/crossings", "/api/round/clearing"}) {
            Api.Answer refused = api.post(path, Api.JSON.createObjectNode());
            assertEquals(refused.status(), 422, path + ": " + refused.body());
            assertEquals(refused.json().at("/faults/0/came").asString(), "nothing");
        }
        assertEquals(api.post("/api/round", camellia().put("open", 1.5)).status(), 422);
    }
}
