package org.crispwhorl.server;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.sql.Connection;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.Instant;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import java.util.concurrent.CompletableFuture;
import javax.sql.DataSource;
import org.testng.annotations.AfterMethod;
import org.testng.annotations.BeforeMethod;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

public class BenchApiTest extends ServerTest {
    private static final LocalDateTime NOW = LocalDateTime.now().truncatedTo(ChronoUnit.SECONDS);

    private String order;

    @BeforeMethod
    public void anOrderInTenDays() {
        order = api.ordered("Bench", NOW.plusDays(10), "Lockside hellebore", 3);
    }

    @AfterMethod
    public void gone() {
        api.delete(order);
    }

    private static Instant moment(int minutesAgo) {
        return NOW.minusMinutes(minutesAgo).atZone(ZoneId.systemDefault()).toInstant();
    }

    private static ObjectNode touch(String uid, String what, int minutesAgo, int pieces) {
        return Api.JSON
                .createObjectNode()
                .put("id", UUID.randomUUID().toString())
                .put("uid", uid)
                .put("touch", what)
                .put("at", moment(minutesAgo).toString())
                .put("pieces", pieces);
    }

    private String petals() {
        return card(api.get(order + "/bench").json(), "Make petals").get("key").asString() + "/1-1";
    }

    private Api.Answer tell(List<ObjectNode> touches) {
        ObjectNode body = Api.JSON.createObjectNode();
        ArrayNode events = body.putArray("events");
        touches.forEach(events::add);
        return api.post(order + "/bench/events", body);
    }

    private static JsonNode card(JsonNode bench, String task) {
        for (JsonNode card : bench.get("cards")) {
            if (card.get("task").asString().equals(task)) {
                return card;
            }
        }
        throw new AssertionError(task + " in " + bench.get("cards"));
    }

    @Test
    public void anOrderHasACardForEachTaskAndAPictureOfItsRing() {
        JsonNode bench = api.get(order + "/bench").json();
        JsonNode petals = card(bench, "Make petals");
        assertEquals(petals.get("pieces").asInt(), 15);
        assertTrue(petals.get("acts").toString().contains("kitchen roller"), petals.toString());
        assertTrue(petals.get("then").size() > 0);
        String part = petals.get("part").asString();
        Api.Answer picture = api.get(order + "/bench/picture.svg?line=0&part=" + part);
        assertTrue(picture.body().startsWith("<svg"), picture.body());
        assertTrue(picture.body().contains(">5<"), "its five petals are numbered");
        assertEquals(api.get(order + "/bench/picture.svg?line=7&part=" + part).status(), 404);
        assertEquals(api.get("/api/orders/" + UUID.randomUUID() + "/bench").status(), 404);
    }

    /** Two tablets that were both away for ten minutes tell what they know at the same time, and twice. */
    @Test
    public void touchesOfTwoDevicesAreKeptOnceEach() {
        List<ObjectNode> one = new ArrayList<>();
        List<ObjectNode> two = new ArrayList<>();
        for (int i = 0; i < 40; i++) {
            one.add(touch(petals(), "good", 10, 1));
            two.add(touch(petals(), i % 8 == 0 ? "broke" : "good", 9, 1));
        }
        List<CompletableFuture<Api.Answer>> told = new ArrayList<>();
        for (int again = 0; again < 2; again++) {
            told.add(CompletableFuture.supplyAsync(() -> tell(one)));
            told.add(CompletableFuture.supplyAsync(() -> tell(two)));
        }
        told.forEach(t -> assertEquals(t.join().status(), 200, t.join().body()));
        assertEquals(api.get(order + "/bench").json().get("events").size(), 80);
    }

    @Test
    public void whatIsDoneStaysWhenTheDaysArePlannedAnew() {
        api.worked(api.post(order + "/days", "{\"pins\":[],\"together\":[]}"));
        JsonNode first = api.get(order + "/days").json().at("/planned/calendar/tasks/0");
        String uid = first.get("uid").asString();
        assertEquals(
                tell(List.of(touch(uid, "begun", 30, 0), touch(uid, "done", 10, 0)))
                        .status(),
                200);
        api.worked(api.post(order + "/days", "{\"pins\":[],\"together\":[]}"));
        int done = 0;
        for (JsonNode task : api.get(order + "/days").json().at("/planned/calendar/tasks")) {
            if (task.get("done").asBoolean()) {
                done++;
                assertEquals(task.get("uid").asString(), uid);
                assertEquals(LocalDateTime.parse(task.get("from").asString()), NOW.minusMinutes(30));
            }
        }
        assertEquals(done, 1);
        assertEquals(tell(List.of(touch(uid, "undone", 5, 0))).status(), 200);
        api.worked(api.post(order + "/days", "{\"pins\":[],\"together\":[]}"));
        assertTrue(!api.get(order + "/days").body().contains("\"done\":true"), "not done after all");
    }

    /** A line that is taken out and ordered again is another one: nothing of it is done, and what was touched names nothing. */
    @Test
    public void aLineTakenOutGivesItsDoneWorkToNobody() {
        tell(List.of(touch("0/mix/1-1", "begun", 20, 0), touch("0/mix/1-1", "done", 10, 0)));
        JsonNode kept = api.get(order).json();
        ObjectNode change = (ObjectNode) kept.get("order").deepCopy();
        ((ObjectNode) change.at("/lines/0")).put("id", "again");
        assertEquals(api.keep(order, kept, change).status(), 200);
        api.worked(api.post(order + "/days", "{\"pins\":[],\"together\":[]}"));
        for (JsonNode task : api.get(order + "/days").json().at("/planned/calendar/tasks")) {
            assertTrue(!task.get("done").asBoolean(), task.toString());
        }
        Api.Answer late = tell(List.of(touch("0/make-petals/1-1", "done", 5, 0)));
        assertEquals(late.json().get("refused").size(), 1);
        ((ArrayNode) change.get("lines")).add(change.at("/lines/0"));
        Api.Answer twice = api.keep(order, api.get(order).json(), change);
        assertEquals(twice.status(), 422);
        assertEquals(twice.json().at("/faults/0/pointer").asString(), "/lines/1/id");
    }

    /** Asked, then on the bench since its first touch, then delivered, and taken back. */
    @Test
    public void anOrderIsOnTheBenchFromItsFirstTouchAndLeaves() {
        String id = order.substring(order.lastIndexOf('/') + 1);
        assertTrue(!api.get("/api/bench").body().contains(id));
        tell(List.of(touch("0/mix/1-1", "begun", 20, 0), touch("0/mix/1-1", "done", 10, 0)));
        for (JsonNode one : api.get("/api/bench").json()) {
            if (one.get("orderId").asString().equals(id)) {
                assertEquals(Instant.parse(one.get("begun").asString()), moment(20));
            }
        }
        assertTrue(api.get("/api/bench").body().contains(id));
        assertTrue(api.get(order).json().path("delivered").isMissingNode());
        assertEquals(api.put(order + "/delivery", Api.JSON.createObjectNode()).status(), 200);
        assertTrue(api.get(order).json().get("delivered").asString().startsWith("20"));
        assertEquals(api.delete(order + "/delivery").status(), 200);
        assertTrue(api.get(order).json().path("delivered").isMissingNode());
    }

    @Test
    public void aMeasuredPetalTellsHowThinItIs() {
        ObjectNode petal = Api.JSON
                .createObjectNode()
                .put("line", "0")
                .put(
                        "part",
                        card(api.get(order + "/bench").json(), "Make petals")
                                .get("part")
                                .asString())
                .put("lengthMm", 30)
                .put("widthMm", 30);
        Api.Answer told = api.post(order + "/bench/measured", petal);
        assertTrue(told.json().get("advice").asString().startsWith("still thick"), told.body());
        Api.Answer refused = api.post(order + "/bench/measured", petal.put("lengthMm", 0));
        assertEquals(refused.status(), 422);
        assertEquals(
                api.post(order + "/bench/measured", petal.put("part", "nothing"))
                        .status(),
                404);
    }

    @Test
    public void aTouchThatIsNoneIsRefusedByItsField() {
        Api.Answer refused = tell(List.of(touch(petals(), "smashed", 1, 0)));
        assertEquals(refused.status(), 422);
        assertTrue(refused.json().at("/faults/0/pointer").asString().contains("touch"), refused.body());
        assertEquals(api.get(order + "/bench").json().get("events").size(), 0);
    }

    /** A touch that names nothing that is there is refused by itself: the others are kept, and the bench opens as before. */
    @Test
    public void aTouchOfATaskThatIsNotThereIsRefusedByItself() {
        ObjectNode good = touch(petals(), "good", 3, 1);
        List<ObjectNode> bad = List.of(
                touch(petals().substring(0, petals().length() - 2), "good", 3, 1),
                touch(petals().replace("1-1", "2-1"), "done", 3, 0),
                touch("0/make-tube/1-1", "done", 3, 0),
                touch(petals().replaceFirst("0", "9"), "done", 3, 0),
                touch("nonsense", "done", 3, 0));
        List<ObjectNode> all = new ArrayList<>(bad);
        all.add(2, good);
        JsonNode told = tell(all).json();
        assertEquals(told.get("refused").size(), bad.size(), told.toString());
        assertEquals(told.get("events").size(), 1);
        assertEquals(told.at("/events/0/id").asString(), good.get("id").asString());
        assertEquals(api.get(order + "/bench").json().get("events").size(), 1);
        assertEquals(api.get(order + "/days").status(), 200);
        assertEquals(api.get("/api/book").status(), 200);
    }

    /** Rows that an earlier version let in hide no other. */
    @Test
    public void anOldRowThatNamesNothingHidesNothing() throws SQLException {
        tell(List.of(touch(petals(), "good", 3, 1)));
        String id = order.substring(order.lastIndexOf('/') + 1);
        DataSource database = RunningStudio.running().getBean(DataSource.class);
        try (Connection connection = database.getConnection();
                Statement statement = connection.createStatement()) {
            for (String work : new String[] {
                petals().substring(0, petals().length() - 2),
                petals().replace("1-1", "x-y"),
                "//-",
                petals().replace("1-1", "1-0")
            }) {
                statement.execute(
                        "insert into bench_event (id, order_id, work, touch, at, pieces) values (random_uuid(), '" + id
                                + "', '" + work + "', 'DONE', current_timestamp, 1)");
            }
            statement.execute(
                    "insert into bench_event (id, order_id, work, touch, at, pieces, said) values (random_uuid(), '"
                            + id
                            + "', '" + petals()
                            + "', 'SAID', current_timestamp, 1, '{\"format\":\"of another time\"}')");
        }
        JsonNode bench = api.get(order + "/bench").json();
        assertTrue(bench.get("cards").size() > 3);
        assertEquals(bench.get("events").size(), 5, "all but the one that cannot be read");
        assertEquals(api.get("/api/book").status(), 200);
        assertEquals(api.get(order + "/days").status(), 200);
    }

    /** Only what is new since is told, to whoever asks, without changing anything. */
    @Test
    public void onlyWhatIsNewIsTold() {
        tell(List.of(touch(petals(), "begun", 5, 0)));
        JsonNode first = api.get(order + "/bench/events?since=0").json();
        assertEquals(first.get("events").size(), 1);
        long until = first.get("until").asLong();
        assertEquals(
                api.get(order + "/bench/events?since=" + until)
                        .json()
                        .get("events")
                        .size(),
                0);
        ObjectNode broke = touch(petals(), "broke", 4, 1);
        tell(List.of(broke));
        JsonNode then = api.get(order + "/bench/events?since=" + until).json();
        assertEquals(then.get("events").size(), 1);
        assertTrue(Instant.parse(then.get("now").asString()).isAfter(moment(1)));
        ObjectNode back =
                touch(petals(), "taken-back", 3, 0).put("of", broke.get("id").asString());
        assertEquals(tell(List.of(back)).json().get("refused").size(), 0);
        assertEquals(
                api.get(order + "/bench/events?since=" + then.get("until").asLong())
                        .json()
                        .at("/events/0/of")
                        .asString(),
                broke.get("id").asString());
        assertEquals(
                api.get("/api/orders/" + UUID.randomUUID() + "/bench/events").status(), 404);
    }
}
