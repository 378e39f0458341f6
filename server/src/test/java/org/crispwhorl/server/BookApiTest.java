package org.crispwhorl.server;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.time.temporal.ChronoUnit;
import java.util.Optional;
import java.util.UUID;
import javax.imageio.ImageIO;
import org.testng.annotations.AfterMethod;
import org.testng.annotations.BeforeMethod;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** What is touched at the bench comes into the book; a lesson that is taken is reckoned by, and forgotten again. */
public class BookApiTest extends ServerTest {
    private static final LocalDateTime BEGUN =
            LocalDateTime.now().truncatedTo(ChronoUnit.SECONDS).minusDays(3);

    private String order;
    private String uid;
    private String part;

    @BeforeMethod
    public void petalsThatDriedSlowly() {
        order = api.ordered("Watched", BEGUN.plusDays(20), "Lockside hellebore", 3);
        for (JsonNode card : api.get(order + "/bench").json().get("cards")) {
            if (card.get("task").asString().equals("Make petals")) {
                uid = card.get("key").asString() + "/1-1";
                part = card.get("part").asString();
            }
        }
        ObjectNode body = Api.JSON.createObjectNode();
        ArrayNode events = body.putArray("events");
        touch(events, "begun", 0, 1);
        touch(events, "good", 20, 14);
        touch(events, "broke", 21, 2);
        touch(events, "done", 60, 1);
        touch(events, "not-yet", 60 * 40, 1);
        assertEquals(api.post(order + "/bench/events", body).status(), 200);
    }

    @AfterMethod
    public void gone() {
        api.post(
                "/api/book/lessons", "{\"of\":\"drying\",\"medium\":\"gum-paste\",\"clock\":\"body\",\"taken\":false}");
        api.post("/api/book/lessons", "{\"of\":\"breakage\",\"taken\":false}");
        api.delete(order);
    }

    private ObjectNode touch(ArrayNode events, String what, int minutes, int pieces) {
        return events.addObject()
                .put("id", UUID.randomUUID().toString())
                .put("uid", uid)
                .put("touch", what)
                .put(
                        "at",
                        BEGUN.atZone(ZoneId.systemDefault())
                                .toInstant()
                                .plusSeconds(60L * minutes)
                                .toString())
                .put("pieces", pieces);
    }

    private JsonNode entry(JsonNode view) {
        for (JsonNode entry : view.at("/book/entries")) {
            if (entry.get("order").asString().equals("Watched")) {
                return entry;
            }
        }
        throw new AssertionError(view.toString());
    }

    private JsonNode drying(JsonNode view) {
        assertEquals(view.at("/book/drying/0/medium").asString(), "gum-paste");
        return view.at("/book/drying/0");
    }

    private double petalsFirmH() {
        ObjectNode asked = Api.JSON.createObjectNode();
        asked.set(
                "species",
                api.get("/api/species/" + api.speciesId("Lockside hellebore") + "/document")
                        .json());
        for (JsonNode told : api.post("/api/reckoning", asked).json().get("parts")) {
            for (JsonNode stage : told.at("/course/stages")) {
                if (told.get("id").asString().equals(part)
                        && stage.get("stage").asString().equals("firm")) {
                    return stage.get("medianH").asDouble();
                }
            }
        }
        throw new AssertionError("the hellebore has petals that become firm");
    }

    @Test
    public void whatWasTouchedIsWritten() {
        JsonNode written = entry(api.get("/api/book").json());
        assertEquals(written.get("task").asString(), "Make petals");
        assertEquals(written.get("good").asInt(), 14);
        assertEquals(written.get("broke").asInt(), 2);
        assertEquals(written.get("minutes").asDouble(), 60.0);
        assertEquals(written.at("/looks/0/notYetH").asDouble(), 39.0);
        assertTrue(written.at("/looks/0/readyH").isMissingNode());
    }

    @Test
    public void aLessonOfDryingIsReckonedByUntilItIsForgotten() {
        double before = petalsFirmH();
        JsonNode view = api.get("/api/book").json();
        double factor = drying(view).at("/rate/factor").asDouble();
        JsonNode taken = api.post(
                        "/api/book/lessons",
                        "{\"of\":\"drying\",\"medium\":\"gum-paste\",\"clock\":\"body\",\"taken\":true}")
                .json();
        assertEquals(taken.at("/watched/0/factor").asDouble(), factor, 0.006);
        assertEquals(petalsFirmH(), before / taken.at("/watched/0/factor").asDouble(), 1e-6 * before);
        assertEquals(drying(taken).at("/rate/factor").asDouble(), factor, 1e-9, "it is not learnt twice");
        JsonNode forgotten = api.post(
                        "/api/book/lessons",
                        "{\"of\":\"drying\",\"medium\":\"gum-paste\",\"clock\":\"body\",\"taken\":false}")
                .json();
        assertEquals(forgotten.get("watched").size(), 0);
        assertEquals(petalsFirmH(), before, 1e-9);
    }

    @Test
    public void paceAndBreakageAreTakenAndForgotten() {
        String operation =
                api.get("/api/book").json().at("/book/pace/0/operation").asString();
        double learnt = api.get("/api/book").json().at("/book/pace/0/learntMin").asDouble();
        String lesson = "{\"of\":\"pace\",\"operation\":\"" + operation + "\",\"taken\":";
        JsonNode taken = api.post("/api/book/lessons", lesson + "true}").json();
        assertEquals(taken.at("/pace/own/0/eachMin").asDouble(), learnt, 6e-4);
        assertEquals(
                api.post("/api/book/lessons", lesson + "false}")
                        .json()
                        .at("/pace/own")
                        .size(),
                0);
        assertTrue(api.post("/api/book/lessons", "{\"of\":\"breakage\",\"taken\":true}")
                .json()
                .get("breakageTaken")
                .asBoolean());
        assertTrue(api.get("/api/drawer").body().contains("from the book"));
        assertFalse(api.post("/api/book/lessons", "{\"of\":\"breakage\",\"taken\":false}")
                .json()
                .get("breakageTaken")
                .asBoolean());
    }

    @Test
    public void whatIsLeftOutIsKeptAndTeachesNothing() {
        String id = entry(api.get("/api/book").json()).get("id").asString();
        int broken = api.get("/api/book").json().at("/book/breakage/broken").asInt();
        ObjectNode choice = Api.JSON.createObjectNode().put("id", id).put("out", true);
        JsonNode out = api.post("/api/book/records", choice).json();
        assertTrue(entry(out).get("leftOut").asBoolean());
        assertEquals(out.at("/book/breakage/broken").asInt(), broken - 2);
        JsonNode in = api.post("/api/book/records", choice.put("out", false)).json();
        assertEquals(in.at("/book/breakage/broken").asInt(), broken);
        assertEquals(api.post("/api/book/records", choice.put("id", "nothing")).status(), 404);
        assertEquals(
                api.post(
                                "/api/book/lessons",
                                "{\"of\":\"drying\",\"medium\":\"marzipan\",\"clock\":\"body\",\"taken\":true}")
                        .status(),
                404);
    }

    /** A size, a sheet and a note stand in the book; the sheet teaches of the roller, which is gone by until that is forgotten. */
    @Test
    public void whatIsMeasuredAndNotedComesIntoTheBook() {
        ObjectNode roller = Api.JSON.createObjectNode();
        api.get("/api/drawer").json().forEach(kept -> {
            if (kept.at("/item/kind").asString().equals("roller-machine")) {
                roller.set("kept", kept);
            }
        });
        double table = roller.at("/kept/item/readings/0/thickMm").asDouble();
        double setting = roller.at("/kept/item/readings/0/setting").asDouble();
        ObjectNode body = Api.JSON.createObjectNode();
        ArrayNode events = body.putArray("events");
        for (int i = 0; i < 3; i++) {
            touch(events, "said", 5 + i, 1)
                    .putObject("said")
                    .put("kind", "sheet-measured")
                    .put("setting", setting)
                    .put("thickMm", 1.2 * table);
        }
        touch(events, "said", 9, 1).putObject("said").put("kind", "bench-note").put("text", "rolled on the cold slab");
        assertEquals(api.post(order + "/bench/events", body).status(), 200);
        JsonNode view = api.get("/api/book").json();
        String written = entry(view).get("written").toString();
        assertTrue(written.contains("rolled on the cold slab") && written.contains("by its table"), written);
        double factor = view.at("/book/roller/factor").asDouble();
        assertTrue(factor > 1.1 && factor < 1.2, view.at("/book/roller").toString());
        JsonNode taken = api.post("/api/book/lessons", "{\"of\":\"roller\",\"taken\":true}")
                .json();
        assertEquals(taken.at("/book/roller/taken").asDouble(), factor, 0.006);
        assertEquals(taken.at("/book/roller/factor").asDouble(), factor, 1e-9, "it is not learnt twice");
        JsonNode forgotten = api.post("/api/book/lessons", "{\"of\":\"roller\",\"taken\":false}")
                .json();
        assertEquals(forgotten.at("/book/roller/taken").asDouble(), 1.0);
        assertEquals(
                api.post("/api/book/lessons", "{\"of\":\"pace\",\"taken\":true}")
                        .status(),
                422);
    }

    /** A picture is kept without what a camera writes beside it, and no larger than it is looked at. */
    @Test
    public void aPictureIsEncodedAnew() throws IOException {
        BufferedImage image = new BufferedImage(2400, 1200, BufferedImage.TYPE_INT_RGB);
        ByteArrayOutputStream png = new ByteArrayOutputStream();
        ImageIO.write(image, "png", png);
        Api.Answer kept = api.postBytes(order + "/bench/pictures", "image/png", png.toByteArray());
        assertEquals(kept.status(), 201, kept.body());
        String path = order + "/bench/pictures/" + kept.json().get("picture").asString() + ".jpg";
        BufferedImage seen = ImageIO.read(new ByteArrayInputStream(api.bytes(path)));
        assertEquals(seen.getWidth(), 1600);
        assertEquals(seen.getHeight(), 800);
        Api.Answer refused = api.postBytes(
                order + "/bench/pictures", "image/png", "no picture at all".getBytes(StandardCharsets.UTF_8));
        assertEquals(refused.status(), 422, refused.body());
        assertEquals(
                api.get(order.replaceAll("[0-9a-f]{4}$", "0000") + path.substring(order.length()))
                        .status(),
                404);
    }

    /** What a promised order uses up leaves the drawer when its work begins. */
    @Test
    public void stockIsTakenWhenThePromisedOrdersWorkBegins() {
        assertEquals(api.get(order + "/use").json().size(), 0, "it was not promised");
        ObjectNode body = Api.JSON.createObjectNode();
        touch(body.putArray("events"), "begun", 0, 1);
        JsonNode draft = api.get(order).json().get("order");
        String other =
                "/api/orders/" + api.post("/api/orders", draft).json().get("id").asString();
        assertEquals(api.put(other + "/acceptance", "").status(), 200);
        assertEquals(api.post(other + "/bench/events", body).status(), 200);
        Api.until(
                "the drawer gives what it takes",
                () -> !api.get(other + "/use").json().isEmpty());
        api.delete(other + "/use");
        api.delete(other);
    }

    /** What the days told is set against what came once the order has left; what was told then stays what was promised. */
    @Test
    public void aPromiseIsScoredOnceTheOrderHasLeft() {
        assertTrue(promised().isEmpty(), "it is still here");
        api.worked(api.post(order + "/days", "{\"pins\":[],\"together\":[]}"));
        int told = api.get(order + "/days").json().at("/planned/promised").asInt();
        assertTrue(told > 50 && told <= 100, "so many in a hundred: " + told);
        assertEquals(api.put(order + "/delivery", "").status(), 200);
        JsonNode kept = promised().orElseThrow();
        assertEquals(kept.get("inHundred").asInt(), told);
        assertTrue(kept.get("inTime").asBoolean(), "it left before its day");
        assertTrue(!kept.get("recorded").asBoolean(), "only its petals were written down");
        assertEquals(api.delete(order + "/delivery").status(), 200);
        assertTrue(promised().isEmpty(), "it is back");
    }

    private Optional<JsonNode> promised() {
        for (JsonNode one : api.get("/api/book").json().at("/promises/orders")) {
            if (one.get("order").asString().equals("Watched")) {
                return Optional.of(one);
            }
        }
        return Optional.empty();
    }
}
