package org.crispwhorl.server;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import java.net.http.HttpRequest;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

public class DrawerApiTest extends ServerTest {
    @Override
    protected boolean toItself() {
        return true;
    }

    private static ObjectNode pick(String name, int count) {
        return Api.JSON
                .createObjectNode()
                .put("kind", "cake-pick")
                .put("name", name)
                .put("count", count)
                .put("boreMm", 5)
                .put("lengthMm", 70)
                .put("price", 0);
    }

    private Api.Answer table(String csv, String query) {
        return api.worked(api.send(api.written("/api/drawer/csv" + query)
                .setHeader("content-type", "text/csv")
                .POST(HttpRequest.BodyPublishers.ofString(csv))));
    }

    private int things() {
        return api.get("/api/drawer").json().size();
    }

    private JsonNode demoOrder() {
        for (JsonNode order : api.get("/api/orders").json()) {
            if (order.at("/order/name").asString().startsWith("Supper")) {
                return order;
            }
        }
        throw new AssertionError("the demo order is not there");
    }

    private JsonNode wire(int gauge) {
        for (JsonNode kept : api.get("/api/drawer").json()) {
            if (kept.at("/item/gauge").asInt(0) == gauge
                    && kept.at("/item/offcutsMm").isArray()) {
                return kept.get("item");
            }
        }
        throw new AssertionError("no wire of " + gauge);
    }

    @Test
    public void aThingIsKeptChangedAndTakenOut() {
        Api.Answer added = api.post("/api/drawer", pick("slender pick", 3));
        assertEquals(added.status(), 201, added.body());
        ObjectNode kept = (ObjectNode) added.json();
        String path = "/api/drawer/" + kept.get("id").asString();
        ObjectNode nine = pick("slender pick", 9);
        assertEquals(api.keep(path, kept, nine).json().at("/item/count").asInt(), 9);
        assertEquals(
                api.keep(path, kept, nine).status(), 200, "the same again is no other version: an answer was lost");
        assertEquals(
                api.keep(path, kept, pick("slender pick", 8)).status(),
                409,
                "made from a version that is no longer kept");
        assertEquals(api.delete(path).status(), 204);
        assertEquals(api.delete(path).status(), 404);
    }

    @Test
    public void aCutterOfNothingAndAPasteWithoutDensityAreRefusedByTheirFields() {
        ObjectNode cutter =
                (ObjectNode) api.get("/api/drawer").json().get(0).get("item").deepCopy();
        ((ObjectNode) cutter.at("/cut/outline")).put("lengthMm", 0);
        Api.Answer refused = api.post("/api/drawer", cutter);
        assertEquals(refused.status(), 422);
        assertTrue(refused.json().at("/faults/0/pointer").asString().endsWith("/lengthMm"), refused.body());
        Api.Answer paste = api.post(
                "/api/drawer",
                "{\"kind\":\"own-paste\",\"name\":\"odd\",\"grams\":5,\"paste\":{\"medium\":\"gum-paste\","
                        + "\"densityGPerCm3\":0,\"driesUpToPct\":75,\"sheetDriesH\":10,\"gumPct\":0,\"rekneadShare\":0.5}}");
        assertEquals(paste.status(), 422);
        assertTrue(paste.json().at("/faults/0/expected").asString().startsWith("0.5 to 3"), paste.body());
    }

    @Test
    public void aGaugeMeasuredThickerThanItsNeighbourIsRefusedAndNothingIsKept() {
        int before = things();
        Api.Answer refused = api.post(
                "/api/drawer", "{\"kind\":\"gauge-diameter\",\"name\":\"odd\",\"gauge\":26,\"diameterMm\":0.9}");
        assertEquals(refused.status(), 422);
        assertEquals(things(), before);
    }

    @Test
    public void theDrawerGoesOutAndInAsATable() {
        String csv = api.get("/api/drawer/drawer.csv").body();
        int before = things();
        Api.Answer in = table(csv, "?inPlaceOfAll=true");
        assertEquals(in.json().get("takenIn").asInt(), before, in.body());
        assertEquals(api.get("/api/drawer/drawer.csv").body(), csv);
    }

    @Test
    public void aTableWithFaultsChangesNothingUntilItsGoodRowsAreAskedFor() {
        String csv = "kind,name,count,boreMm,lengthMm\ncake-pick,one,1,4,70\ncake-pick,two,1,none,70\n";
        int before = things();
        JsonNode first = table(csv, "").json();
        assertEquals(first.get("takenIn").asInt(), 0);
        assertEquals(first.at("/faults/0/line").asInt(), 3);
        assertEquals(things(), before);
        JsonNode second = table(csv, "?goodRows=true").json();
        assertEquals(second.get("takenIn").asInt(), 1);
        assertTrue(second.get("faulty").asString().contains("cake-pick,two,1,none,70"));
        assertEquals(things(), before + 1);
        assertEquals(table("no table at all", "").status(), 422);
    }

    @Test
    public void theReckoningUsesTheDrawer() {
        ObjectNode request = Api.JSON.createObjectNode();
        request.set("species", Api.demo("lockside-hellebore"));
        double before = stem(request);
        Api.Answer measured = api.post(
                "/api/drawer", "{\"kind\":\"gauge-diameter\",\"name\":\"thick 26\",\"gauge\":26,\"diameterMm\":0.55}");
        assertEquals(measured.status(), 201, measured.body());
        assertTrue(stem(request) > before);
        api.delete("/api/drawer/" + measured.json().get("id").asString());
    }

    private double stem(ObjectNode request) {
        for (JsonNode figure : api.post("/api/reckoning", request).json().get("figures")) {
            if (figure.get("key").asString().equals("stem")) {
                return figure.get("value").asDouble();
            }
        }
        throw new AssertionError("no stem");
    }

    @Test
    public void everyPartOfASpeciesHasItsTools() {
        ObjectNode request = Api.JSON.createObjectNode();
        request.set("species", Api.demo("towpath-camellia"));
        JsonNode tools = api.post("/api/drawer/tools", request).json();
        assertEquals(tools.size(), 8);
        assertFalse(tools.at("/2/cutters/0/reason").asString().isEmpty());
    }

    @Test
    public void allDemoSpeciesAreCoveredByAProvedPurchase() {
        ObjectNode covering = Api.JSON.createObjectNode().put("least", "fewest");
        ArrayNode ids = covering.putArray("speciesIds");
        api.get("/api/species").json().forEach(s -> ids.add(s.get("id").asString()));
        JsonNode purchase =
                api.worked(api.post("/api/drawer/purchases", covering)).json();
        assertTrue(purchase.get("proved").asBoolean());
        int fewest = purchase.get("buy").size();
        JsonNode cheapest = api.worked(api.post("/api/drawer/purchases", covering.put("least", "cheapest")))
                .json();
        assertTrue(cheapest.get("buy").size() >= fewest);
        assertTrue(cheapest.get("price").asDouble() <= purchase.get("price").asDouble());
        assertEquals(api.post("/api/drawer/purchases", "{\"speciesIds\":[]}").status(), 422);
    }

    @Test
    public void anOrderUsesUpTheDrawerOnceAndGivesItBack() {
        String use = "/api/orders/" + demoOrder().get("id").asString() + "/use";
        JsonNode before = wire(26);
        JsonNode taken = api.post(use, "").json();
        assertTrue(taken.size() > 4, taken.toString());
        JsonNode after = wire(26);
        assertTrue(after.get("count").asInt() < before.get("count").asInt());
        assertEquals(api.post(use, "").json(), taken, "asked again it takes nothing more");
        assertEquals(wire(26), after);
        assertEquals(api.delete(use).status(), 204);
        assertEquals(wire(26).get("count"), before.get("count"));
        assertEquals(wire(26).get("offcutsMm").size(), before.get("offcutsMm").size());
        assertEquals(api.get(use).json().size(), 0);
    }

    @Test
    public void aSetOfSizesIsAddedAtOnceAndEachIsDrawn() {
        JsonNode cutter = null;
        for (JsonNode thing : api.get("/api/drawer").json()) {
            cutter = cutter == null && thing.at("/item/kind").asString().equals("cutter") ? thing : cutter;
        }
        int before = things();
        String at = "/api/drawer/" + cutter.get("id").asString();
        Api.Answer added = api.post(at + "/sizes", "{\"sizesMm\":[33.5,41.5]}");
        assertEquals(added.status(), 201, added.body());
        assertEquals(added.json().size(), 2);
        assertEquals(things(), before + 2);
        assertTrue(api.get("/api/drawer/" + added.json().get(0).get("id").asString() + "/shape.svg")
                .body()
                .contains("<path"));
        Api.Answer refused = api.post(at + "/sizes", "{\"sizesMm\":[33.5,-1]}");
        assertEquals(refused.status(), 422, refused.body());
        assertEquals(things(), before + 2, "all or none");
        added.json().forEach(t -> api.delete("/api/drawer/" + t.get("id").asString()));
    }

    @Test
    public void whatLiesInTheDrawerOutlivesARestart() {
        int before = things();
        restart();
        assertEquals(things(), before);
    }

    /** However far it has come: a table that is stopped is taken in as a whole or not at all. */
    @Test
    public void aTableThatIsStoppedIsTakenInWholeOrNotAtAll() {
        int rows = 4000;
        StringBuilder csv = new StringBuilder("kind,name,count,boreMm,lengthMm\n");
        for (int i = 0; i < rows; i++) {
            csv.append("cake-pick,stopped ").append(i).append(",1,4,70\n");
        }
        String all = api.get("/api/drawer/drawer.csv").body();
        int before = things();
        Api.Answer begun = api.send(api.written("/api/drawer/csv")
                .setHeader("content-type", "text/csv")
                .POST(HttpRequest.BodyPublishers.ofString(csv.toString())));
        assertEquals(begun.status(), 202, begun.body());
        String job = "/api/jobs/" + begun.json().get("id").asString();
        assertEquals(api.delete(job).status(), 200);
        api.worked(begun);
        boolean stopped = api.get(job).json().get("state").asString().equals("stopped");
        assertEquals(things(), stopped ? before : before + rows, "stopped: " + stopped);
        assertEquals(table(all, "?inPlaceOfAll=true").json().get("takenIn").asInt(), before);
    }
}
