package org.crispwhorl.server;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.time.LocalDateTime;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

public class PriceApiTest extends ServerTest {
    private String order() {
        return "/api/orders/" + api.get("/api/orders").json().get(0).get("id").asString();
    }

    private JsonNode price() {
        return api.worked(api.post(order() + "/price", "{}")).json();
    }

    @Test
    public void anOrderIsPricedByTheStudiosTariff() {
        ObjectNode usual = (ObjectNode) api.get("/api/choices/tariff").json();
        JsonNode before = price();
        assertTrue(before.get("total").asDouble() > 50, before.toString());
        double lines = 0;
        for (JsonNode line : before.get("lines")) {
            lines += line.get("amount").asDouble();
        }
        assertEquals(lines, before.get("total").asDouble(), 1e-6);
        ObjectNode dearer = usual.deepCopy();
        dearer.put("hour", 2 * usual.get("hour").asDouble());
        assertEquals(api.put("/api/choices/tariff", dearer).status(), 200);
        assertTrue(price().get("total").asDouble() > 1.5 * before.get("total").asDouble());
        Api.Answer refused = api.put("/api/choices/tariff", dearer.deepCopy().put("profitPct", -3));
        assertEquals(refused.status(), 422);
        assertTrue(refused.json().at("/faults/0/pointer").asString().endsWith("/profitPct"), refused.body());
        assertEquals(api.put("/api/choices/tariff", usual).status(), 200);
    }

    /** An accepted order keeps its price, whatever the studio asks by now; one that is opened again has none. */
    @Test
    public void whatWasAgreedStays() {
        String order = api.ordered("Agreed", LocalDateTime.now().plusDays(20), "Towpath camellia", 2);
        ObjectNode usual = (ObjectNode) api.get("/api/choices/tariff").json();
        assertTrue(api.get(order + "/agreed").json().path("agreed").isMissingNode());
        assertEquals(api.put(order + "/acceptance", "").status(), 200);
        double then =
                api.get(order + "/agreed").json().at("/agreed/price/total").asDouble();
        double hours =
                api.get(order + "/agreed").json().at("/agreed/price/hours").asDouble();
        assertTrue(then > 5 && hours > 0.3);
        ObjectNode dearer = usual.deepCopy();
        dearer.put("hour", 3 * usual.get("hour").asDouble());
        assertEquals(api.put("/api/choices/tariff", dearer).status(), 200);
        double today =
                api.worked(api.post(order + "/price", "{}")).json().get("total").asDouble();
        assertTrue(today > 1.5 * then, today + " after " + then);
        assertEquals(api.get(order + "/agreed").json().at("/agreed/price/total").asDouble(), then);
        assertTrue(api.get(order + "/agreed").json().get("holds").asBoolean());
        assertEquals(api.put("/api/choices/tariff", usual).status(), 200);
        JsonNode kept = api.get(order).json();
        ObjectNode more = (ObjectNode) kept.get("order").deepCopy();
        ((ObjectNode) more.at("/lines/0")).put("flowers", 3);
        assertEquals(api.keep(order, kept, more).status(), 200);
        assertTrue(!api.get(order + "/agreed").json().get("holds").asBoolean(), "of other flowers");
        assertEquals(api.delete(order + "/acceptance").status(), 200);
        assertTrue(api.get(order + "/agreed").json().path("agreed").isMissingNode());
    }

    @Test
    public void aQuoteAndAServiceCardAreWritten() {
        assertTrue(api.get(order() + "/quote.pdf?asItIs=true").body().startsWith("%PDF"));
        assertTrue(api.get(order() + "/sheets.pdf?sheets=SERVICE").body().startsWith("%PDF"));
        JsonNode service = api.get(order() + "/materials").json().get("service");
        assertTrue(service.get("takenOut").size() > 1, service.toString());
    }

    /** A sum that lacks a price or a currency goes to nobody without a yes. */
    @Test
    public void aQuoteThatLacksSomethingWantsAYes() {
        ObjectNode usual = (ObjectNode) api.get("/api/choices/tariff").json();
        assertEquals(
                api.put("/api/choices/tariff", usual.deepCopy().put("money", ""))
                        .status(),
                200);
        Api.Answer refused = api.get(order() + "/quote.pdf");
        assertEquals(refused.status(), 422, refused.body());
        assertEquals(refused.json().get("title").asString(), "The quote is not whole");
        assertTrue(refused.body().contains("/money"), refused.body());
        assertTrue(api.get(order() + "/quote.pdf?asItIs=true").body().startsWith("%PDF"));
        assertEquals(api.put("/api/choices/tariff", usual).status(), 200);
    }

    @Test
    public void mediaAreJudgedByDateAndHeat() {
        Api.Answer told = api.post(
                order() + "/media",
                "{\"temperatureC\":30,\"humidityPct\":50,\"hours\":6,\"sun\":false,\"cold\":false}");
        assertEquals(told.status(), 200, told.body());
        assertTrue(told.body().contains("softens above 27"), told.body());
        Api.Answer refused = api.post(
                order() + "/media",
                "{\"temperatureC\":90,\"humidityPct\":50,\"hours\":6,\"sun\":false,\"cold\":false}");
        assertEquals(refused.status(), 422);
        assertTrue(refused.json().at("/faults/0/pointer").asString().endsWith("/temperatureC"), refused.body());
    }
}
