package org.crispwhorl.server;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

public class RoundApiTest extends ServerTest {
    private ObjectNode camellia() {
        String id = api.get("/api/species")
                .json()
                .valueStream()
                .filter(s -> s.get("name").asString().contains("camellia"))
                .findFirst()
                .orElseThrow()
                .get("id")
                .asString();
        return Api.JSON
                .createObjectNode()
                .set("species", api.get("/api/species/" + id + "/document").json());
    }

    /** Closing a flower brings its petals into each other; the lean that is offered takes them apart again. */
    @Test
    public void petalsThatCrossAreToldAndTheLeanThatClearsThemHolds() {
        ObjectNode request = camellia();
        JsonNode told = api.post("/api/round/crossings", request).json();
        assertTrue(told.size() > 0);
        JsonNode first = told.get(0);
        assertTrue(first.get("deepestMm").asDouble() > 1);
        String outer = first.get("outerId").asString();
        String inner = first.get("innerId").asString();
        ObjectNode ask = request.deepCopy().put("innerId", inner).put("outerId", outer);
        double lean = api.post("/api/round/clearing", ask).json().get("leanDeg").asDouble();
        for (JsonNode part : request.get("species").get("parts")) {
            if (part.get("id").asString().equals(outer)) {
                ((ObjectNode) part.get("pieces")).put("leanDeg", lean);
            }
        }
        assertFalse(api.post("/api/round/crossings", request)
                .json()
                .valueStream()
                .anyMatch(c -> c.get("innerId").asString().equals(inner)
                        && c.get("outerId").asString().equals(outer)));
        int open = api.post("/api/round/crossings", request).json().size();
        assertTrue(
                api.post("/api/round/crossings", request.put("open", 0.5))
                                .json()
                                .size()
                        > open,
                "shut they cross more");
    }

    @Test
    public void partsThatAreNotThereHaveNoLean() {
        ObjectNode ask = camellia().put("innerId", "first").put("outerId", "nowhere");
        assertFalse(api.post("/api/round/clearing", ask).json().has("leanDeg"));
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
