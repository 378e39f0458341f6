package org.crispwhorl.server;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import java.util.Locale;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

public class OutlineApiTest extends ServerTest {
    private static final String PETAL = "M 50 100 C 20 90 0 50 20 20 C 30 0 70 0 80 20 C 100 50 80 90 50 100 Z";

    private static ObjectNode drawn(String text) {
        return Api.JSON.createObjectNode().put("text", text).put("lengthMm", 30).put("turnDeg", 0);
    }

    private static ObjectNode about(JsonNode outline) {
        return Api.JSON.createObjectNode().set("outline", outline);
    }

    private String camellia() {
        return api.get("/api/species")
                .json()
                .valueStream()
                .filter(s -> s.get("name").asString().contains("camellia"))
                .findFirst()
                .orElseThrow()
                .get("id")
                .asString();
    }

    @Test
    public void aDrawingIsReadPulledFreedAndBroughtBack() {
        JsonNode read = api.post("/api/outline/read", drawn(PETAL)).json();
        assertEquals(read.at("/outline/lengthMm").asDouble(), 30, 0);
        ObjectNode pull = about(read.get("outline")).put("bothSides", true);
        pull.putObject("to")
                .put("id", "tip")
                .put("label", "the tip")
                .put("acrossMm", 0)
                .put("alongMm", 33);
        JsonNode pulled = api.post("/api/outline/pull", pull).json();
        assertEquals(pulled.at("/outline/lengthMm").asDouble(), 33, 0.2);
        assertTrue(pulled.get("areaMm2").asDouble() > read.get("areaMm2").asDouble());
        JsonNode family =
                api.post("/api/outline/family", about(pulled.get("outline"))).json();
        assertFalse(family.get("outline").has("own"));
        assertEquals(family.get("areaMm2").asDouble() / pulled.get("areaMm2").asDouble(), 1, 0.06);
        JsonNode freed =
                api.post("/api/outline/free", about(family.get("outline"))).json();
        assertTrue(freed.get("outline").has("own"));
        assertEquals(freed.get("edgeMm").asDouble(), family.get("edgeMm").asDouble(), 0.5);
    }

    @Test
    public void whatCannotBeCutIsToldInPlainWords() {
        for (String text : new String[] {"M0 0L10 10L0 10L10 0Z", "<svg><script/></svg>", "M0 0L10 0L10 30", "", "x"}) {
            Api.Answer refused = api.post("/api/outline/read", drawn(text));
            assertEquals(refused.status(), 422, text);
            assertFalse(refused.json().at("/faults/0/expected").asString().isEmpty(), text);
        }
        StringBuilder million = new StringBuilder("M0 0");
        for (int i = 0; i < 1_000_000; i++) {
            million.append('L').append(i % 10).append(' ').append(i % 7);
        }
        Api.Answer refused = api.post("/api/outline/read", drawn(million.toString()));
        assertEquals(refused.status(), 422);
        assertTrue(refused.json().at("/faults/0/came").asString().contains("of them"), refused.body());
        assertEquals(
                api.post("/api/outline/read", drawn(PETAL).put("lengthMm", 900)).status(), 422);
        assertEquals(api.post("/api/outline", Api.JSON.createObjectNode()).status(), 422);
    }

    /** A species with petals of an own outline, one side broader than the other, is reckoned, kept, drawn, seen, printed and cut. */
    @Test
    public void aSpeciesOfAnOwnOutlineGoesAllTheWay() {
        String lopsided = "M 40 100 C 10 80 0 40 25 15 C 45 -5 90 5 100 35 C 105 60 70 90 48 100 Z";
        JsonNode outline = api.post("/api/outline/read", drawn(lopsided)).json().get("outline");
        ObjectNode species =
                (ObjectNode) api.get("/api/species/" + camellia() + "/document").json();
        species.put("name", "Lopsided camellia");
        for (JsonNode part : species.get("parts")) {
            if (part.get("kind").asString().equals("ring")) {
                ((ObjectNode) part.get("pieces")).set("outline", outline);
            }
        }
        Api.Answer reckoned =
                api.post("/api/reckoning", Api.JSON.createObjectNode().set("species", species));
        assertEquals(reckoned.status(), 200, reckoned.body());
        assertEquals(
                api.post("/api/round", Api.JSON.createObjectNode().set("species", species))
                        .status(),
                200);
        Api.Answer kept = api.post("/api/species", species);
        assertEquals(kept.status(), 201, kept.body());
        String id = kept.json().get("id").asString();
        JsonNode back = api.get("/api/species/" + id + "/document").json();
        assertEquals(back.at("/parts/2/pieces/outline"), outline);
        assertEquals(api.get("/api/species/" + id + "/outlines.pdf").status(), 200);
        assertEquals(
                api.get("/api/species/" + id + "/parts/second/cutter.stl").status(),
                200,
                "a cutter of it can be printed");
        assertTrue(reckoned.body().toLowerCase(Locale.ROOT).contains("shoelace"), "the area says how it was taken");
    }
}
