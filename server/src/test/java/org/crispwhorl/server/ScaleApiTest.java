package org.crispwhorl.server;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import java.util.concurrent.atomic.AtomicReference;
import java.util.function.Predicate;
import org.testng.annotations.AfterMethod;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;

public class ScaleApiTest extends ServerTest {

    private void pan(double grams, boolean plugged) {
        assertEquals(
                api.put("/api/standins/scale", "{\"loadG\":" + grams + ",\"plugged\":" + plugged + "}")
                        .status(),
                200);
    }

    /** Reads until the scale says so; a scale needs its time to come to rest. */
    private JsonNode until(Predicate<JsonNode> said) {
        AtomicReference<JsonNode> reading = new AtomicReference<>();
        Api.until("the scale to say so", () -> {
            reading.set(api.get("/api/scale").json());
            return said.test(reading.get());
        });
        return reading.get();
    }

    private static boolean rests(JsonNode r, double near) {
        return r.get("there").asBoolean()
                && r.get("steady").asBoolean()
                && Math.abs(r.get("grams").asDouble() - near) < 0.3;
    }

    @AfterMethod
    public void emptyPan() {
        pan(0, true);
        until(r -> r.get("there").asBoolean());
    }

    @Test
    public void whatLiesOnItIsWeighedOnceItRests() {
        pan(4.2, true);
        assertEquals(until(r -> rests(r, 4.2)).get("grams").asDouble(), 4.2, 0.3);
    }

    @Test
    public void aDishIsTaredAway() {
        pan(31, true);
        until(r -> rests(r, 31));
        assertEquals(api.post("/api/scale/tare", "").status(), 204);
        pan(36.5, true);
        until(r -> rests(r, 5.5));
        pan(0, true);
        until(r -> rests(r, -31));
        Api.Answer back = api.post("/api/scale/tare", "");
        assertEquals(back.status(), 204, "an empty pan is nothing, not less");
    }

    @Test
    public void lessThanNothingIsNotTared() {
        pan(-12, true);
        until(r -> rests(r, -12));
        Api.Answer refused = api.post("/api/scale/tare", "");
        assertEquals(refused.status(), 409);
        assertTrue(refused.json().get("title").asString().contains("less than nothing"), refused.body());
        assertTrue(refused.json().get("detail").asString().contains("dish"), refused.body());
    }

    @Test
    public void lostInMidWeighingItKeepsWhatItSaidLastAndComesBack() {
        pan(18, true);
        until(r -> rests(r, 18));
        pan(18, false);
        JsonNode lost = until(r -> !r.get("there").asBoolean());
        assertEquals(lost.get("lastSteadyG").asDouble(), 18, 0.3);
        assertFalse(lost.has("grams"));
        Api.Answer refused = api.post("/api/scale/tare", "");
        assertEquals(refused.status(), 409);
        assertTrue(refused.json().get("detail").asString().contains("type the weight"));
        pan(18, true);
        until(r -> rests(r, 18));
    }

    @Test
    public void aBallMeasuredAndWeighedGivesTheDensity() {
        double density = api.post("/api/scale/density", "{\"ballMm\":20,\"ballG\":5.8}")
                .json()
                .get("densityGPerCm3")
                .asDouble();
        assertEquals(density, 5800 / (Math.PI * 8000 / 6), 1e-9);
        assertEquals(
                api.post("/api/scale/density", "{\"ballMm\":20,\"ballG\":0}").status(), 422);
        assertEquals(
                api.post("/api/scale/density", "{\"ballMm\":20,\"ballG\":-3}").status(), 422);
        assertEquals(api.post("/api/scale/density", "{\"ballMm\":20}").status(), 422);
    }
}
