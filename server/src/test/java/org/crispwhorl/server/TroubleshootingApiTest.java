package org.crispwhorl.server;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;

public class TroubleshootingApiTest extends ServerTest {
    private String hellebore() {
        return "/api/species/" + api.speciesId("Lockside hellebore") + "/troubleshooting";
    }

    @Test
    public void everySymptomHasAnswersAndCausesForEachPart() {
        String path = hellebore();
        for (JsonNode symptom : api.get("/api/troubleshooting").json()) {
            assertTrue(symptom.get("answers").size() >= 2, symptom.toString());
            String seen = symptom.get("seen").asString();
            JsonNode whole = api.get(path + "?seen=" + seen).json();
            assertTrue(whole.get("causes").size() > 0, whole.toString());
            for (JsonNode part : whole.get("parts")) {
                String asked = path + "?seen=" + seen + "&answer=1&part="
                        + part.get("id").asString();
                assertTrue(api.get(asked).json().get("causes").size() > 0, asked);
            }
        }
    }

    @Test
    public void beforeAnythingIsSeenThePartsStandThere() {
        JsonNode guide = api.get(hellebore()).json();
        assertTrue(guide.get("parts").size() > 1, guide.toString());
        assertEquals(guide.get("causes").size(), 0);
    }

    @Test
    public void whatIsNotThereIsSaid() {
        assertEquals(api.get(hellebore() + "?seen=nothing").status(), 404);
        assertEquals(api.get(hellebore() + "?seen=sticky&part=nothing").status(), 404);
        assertEquals(
                api.get("/api/species/00000000-0000-0000-0000-000000000000/troubleshooting?seen=sticky")
                        .status(),
                404);
    }
}
