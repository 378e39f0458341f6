package org.crispwhorl.server;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

public class StagesApiTest extends ServerTest {
    private String id(String name) {
        return api.get("/api/species")
                .json()
                .valueStream()
                .filter(s -> s.get("name").asString().contains(name))
                .findFirst()
                .orElseThrow()
                .get("id")
                .asString();
    }

    private JsonNode stage(String id, String stage) {
        return api.get("/api/species/" + id + "/stages")
                .json()
                .valueStream()
                .filter(s -> s.get("stage").asString().equals(stage))
                .findFirst()
                .orElseThrow();
    }

    @Test
    public void everyStageHasItsOwnPiecesAndMinutes() {
        String lily = id("water lily");
        JsonNode bud = stage(lily, "bud");
        JsonNode half = stage(lily, "half");
        JsonNode full = stage(lily, "full");
        assertFalse(bud.has("ownId"), "the rule holds");
        assertEquals(full.get("ownId").asString(), lily);
        assertTrue(bud.get("pieces").asInt() < half.get("pieces").asInt());
        assertTrue(half.get("pieces").asInt() < full.get("pieces").asInt());
        assertTrue(bud.get("labourMin").asDouble() < half.get("labourMin").asDouble());
        assertTrue(half.get("labourMin").asDouble() < full.get("labourMin").asDouble());
    }

    @Test
    public void aStageIsChangedAndTheRuleBroughtBack() {
        String camellia = id("camellia");
        double byRule = stage(camellia, "bud").get("faceMm").asDouble();
        JsonNode own = api.post("/api/species/" + camellia + "/stages/bud", "").json();
        String bud = own.get("id").asString();
        assertEquals(own.at("/stageOf/fullId").asString(), camellia);
        assertEquals(
                api.post("/api/species/" + camellia + "/stages/bud", "")
                        .json()
                        .get("id")
                        .asString(),
                bud,
                "made once, it is that one");
        ObjectNode document =
                (ObjectNode) api.get("/api/species/" + bud + "/document").json();
        for (JsonNode part : document.get("parts")) {
            if (part.get("kind").asString().equals("ring")) {
                ((ObjectNode) part.get("pieces")).put("opensDeg", 60);
            }
        }
        Api.Answer kept = api.put("/api/species/" + bud + "/document", document, "If-Match", "\"0\"");
        assertEquals(kept.status(), 200, kept.body());
        assertEquals(stage(camellia, "bud").get("ownId").asString(), bud);
        assertTrue(stage(camellia, "bud").get("faceMm").asDouble() > byRule + 1);
        JsonNode shown =
                api.get("/api/species/" + camellia + "/stages/bud/document").json();
        assertEquals(shown, api.get("/api/species/" + bud + "/document").json());

        assertEquals(api.delete("/api/species/" + camellia + "/stages/bud").status(), 204);
        assertEquals(stage(camellia, "bud").get("faceMm").asDouble(), byRule, 1e-9);
        JsonNode aside = api.get("/api/species/" + bud).json();
        assertTrue(aside.get("archived").asBoolean(), "what was made of it is archived");
        assertFalse(aside.has("stageOf"));
    }

    @Test
    public void theFullFlowerIsTheSpeciesItself() {
        String camellia = id("camellia");
        assertEquals(
                api.post("/api/species/" + camellia + "/stages/full", "")
                        .json()
                        .get("id")
                        .asString(),
                camellia);
        assertEquals(
                api.get("/api/species/" + camellia + "/stages/full/document").json(),
                api.get("/api/species/" + camellia + "/document").json());
    }

    @Test
    public void aStageThatThereIsNotIsToldPlainly() {
        Api.Answer answer = api.get("/api/species/" + id("camellia") + "/stages/withered/document");
        assertEquals(answer.status(), 404);
        assertTrue(answer.json().get("title").asString().contains("withered"));
    }
}
