package org.crispwhorl.server;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertThrows;
import static org.testng.Assert.assertTrue;

import java.net.http.HttpRequest;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import org.crispwhorl.core.calendar.Planned;
import org.crispwhorl.server.days.Days;
import org.crispwhorl.server.problem.NotThere;
import org.testng.annotations.AfterMethod;
import org.testng.annotations.BeforeMethod;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

public class DaysApiTest extends ServerTest {
    @Override
    protected boolean toItself() {
        return true;
    }

    private String order;
    private ObjectNode usual;

    @BeforeMethod
    public void anOrderInTenDays() {
        usual = (ObjectNode) api.get("/api/choices/time").json();
        order = api.ordered("Days", LocalDateTime.now().plusDays(10), "Lockside hellebore", 3);
    }

    @AfterMethod
    public void asItWas() {
        api.delete(order);
        api.put("/api/choices/time", usual);
    }

    private JsonNode planned() {
        Api.Answer begun = api.post(order + "/days", "{\"pins\":[],\"together\":[]}");
        assertEquals(begun.status(), 202, begun.body());
        api.worked(begun);
        return api.get(order + "/days").json();
    }

    @Test
    public void anOrderIsPlannedKeptAndGivenOut() {
        assertTrue(api.get(order + "/days").json().path("planned").isMissingNode());
        assertEquals(api.get(order + "/days/days.ics").status(), 404);
        JsonNode days = planned();
        int tasks = days.at("/planned/calendar/tasks").size();
        assertTrue(tasks > 4, days.toString());
        assertEquals(days.get("changed").size(), 0);
        JsonNode glance = api.get("/api/days").json().get(0);
        assertEquals(glance.get("begins"), days.at("/planned/calendar/begins"));
        assertTrue(glance.get("freeDays").asInt() >= 0 && glance.get("freeDays").asInt() < 10, glance.toString());
        String ics = api.get(order + "/days/days.ics").body();
        int sittings = days.get("sittings").size();
        assertTrue(sittings < tasks, sittings + " sittings of " + tasks);
        assertEquals(ics.split("BEGIN:VEVENT").length - 1, sittings);
        assertTrue(days.at("/planned/calendar/odds/inHundred").asInt() > 0, days.toString());
        assertEquals(api.get(order + "/days/days.csv").body().lines().count(), tasks + 1);
        restart();
        assertEquals(
                api.get(order + "/days").json().at("/planned/calendar/tasks").size(), tasks, "outlives a restart");
    }

    @Test
    public void aQuickPlanIsToldAndNeverKept() {
        JsonNode quick = api.worked(api.post(order + "/days/quick", "")).json();
        assertTrue(quick.get("sittings").size() > 2, quick.toString());
        assertTrue(quick.at("/planned/calendar/odds/inHundred").asInt() > 0, quick.toString());
        assertTrue(api.get(order + "/days").json().path("planned").isMissingNode());
        assertEquals(
                api.post("/api/orders/" + UUID.randomUUID() + "/days/quick", "").status(), 404);
    }

    @Test
    public void whatWouldBetterItIsTriedAndNothingOfItKept() {
        JsonNode found = api.worked(api.post(order + "/days/better", "")).json();
        int now = found.get("inHundred").asInt();
        found.get("better").forEach(b -> assertTrue(b.get("inHundred").asInt() > now, b.toString()));
        assertEquals(api.get("/api/choices/time").json(), usual);
        assertTrue(api.get(order + "/days").json().path("planned").isMissingNode());
    }

    @Test
    public void todayTellsWhatIsNextAndWhatWasPromised() {
        String id = order.substring(order.lastIndexOf('/') + 1);
        JsonNode before = promised(id);
        assertFalse(before.get("planned").asBoolean());
        JsonNode first = planned().at("/sittings/0");
        assertTrue(promised(id).at("/odds/inHundred").asInt() > 0);
        List<String> next = new ArrayList<>();
        api.get("/api/today")
                .json()
                .get("next")
                .forEach(n -> next.add(n.get("begin").asString()));
        assertTrue(next.contains(first.at("/uids/0").asString()), next.toString());
    }

    private JsonNode promised(String id) {
        for (JsonNode one : api.get("/api/today").json().get("promises")) {
            if (one.get("order").asString().equals(id)) {
                return one;
            }
        }
        throw new AssertionError("not among what is promised: " + id);
    }

    @Test
    public void whatIsPinnedIsKeptWithThePlan() {
        JsonNode first = planned().at("/planned/calendar/tasks/0");
        String sooner =
                LocalDateTime.parse(first.get("from").asString()).minusHours(24).toString();
        ObjectNode pins = Api.JSON.createObjectNode();
        pins.putArray("together");
        pins.putArray("pins")
                .addObject()
                .put("uid", first.get("uid").asString())
                .put("from", sooner.length() == 16 ? sooner + ":00" : sooner);
        Api.Answer begun = api.post(order + "/days", pins);
        assertEquals(begun.status(), 202, begun.body());
        api.worked(begun);
        JsonNode days = api.get(order + "/days").json();
        assertEquals(days.at("/planned/pins").size(), 1);
        boolean stands = days.at("/planned/calendar/tasks")
                .valueStream()
                .anyMatch(s -> s.get("uid").equals(first.get("uid"))
                        && LocalDateTime.parse(s.get("from").asString()).equals(LocalDateTime.parse(sooner)));
        assertTrue(stands || !days.at("/planned/calendar/limit").isMissingNode(), days.toString());
    }

    @Test
    public void whatAMoveWouldCostIsLookedAtAndNotKept() {
        JsonNode kept = planned();
        JsonNode first = kept.at("/planned/calendar/tasks/0");
        ObjectNode pins = Api.JSON.createObjectNode();
        pins.putArray("together");
        pins.putArray("pins")
                .addObject()
                .put("uid", first.get("uid").asString())
                .put(
                        "from",
                        LocalDateTime.parse(first.get("from").asString())
                                .minusHours(48)
                                .format(DateTimeFormatter.ISO_LOCAL_DATE_TIME));
        JsonNode tried = api.worked(api.post(order + "/days?keep=false", pins)).json();
        assertEquals(tried.at("/planned/pins").size(), 1, tried.toString());
        assertEquals(api.get(order + "/days").json(), kept);
    }

    @Test
    public void whatItWasMadeForIsRememberedAndWhatChangedSinceIsTold() {
        planned();
        ObjectNode kept = (ObjectNode) api.get(order).json();
        ObjectNode changed = ((ObjectNode) kept.get("order").deepCopy()).put("spareTimeH", 24);
        assertEquals(api.keep(order, kept, changed).status(), 200);
        assertEquals(
                api.put("/api/choices/time", usual.deepCopy().put("makers", 2)).status(), 200);
        assertEquals(
                api.get(order + "/days")
                        .json()
                        .get("changed")
                        .valueStream()
                        .map(JsonNode::asString)
                        .toList(),
                List.of("the hand-over", "the studio's time"));
    }

    @Test
    public void whatCannotBeIsToldWithWhatWouldHelp() {
        ObjectNode never = usual.deepCopy();
        never.get("week").forEach(day -> ((ObjectNode) day).put("works", false));
        assertEquals(api.put("/api/choices/time", never).status(), 200);
        JsonNode days = planned();
        assertEquals(days.at("/planned/calendar/tasks").size(), 0);
        assertFalse(days.at("/planned/calendar/limit").asString().isBlank());
        assertTrue(days.at("/planned/calendar/helps")
                .valueStream()
                .anyMatch(h -> h.get("label").asString().contains("every day")));
    }

    @Test
    public void anOrderThatIsTakenOutWhileItIsPlannedIsToldSo() {
        planned();
        UUID id = UUID.fromString(order.substring(order.lastIndexOf('/') + 1));
        Days days = part(Days.class);
        List<Days.Asked> asked = List.of(days.asked(id));
        List<Planned> made = List.of(days.last(id).orElseThrow());
        assertEquals(api.delete(order).status(), 204);
        assertThrows(NotThere.class, () -> days.keep(asked, made));
    }

    /** A promised order is planned with the formers that are here today: one that was lent since is missed, and told. */
    @Test
    public void aFormerThatIsLentIsMissedByAPromisedOrder() {
        assertEquals(api.put(order + "/acceptance", "").status(), 200);
        JsonNode kept = planned();
        assertEquals(api.get(order + "/days").json().get("changed").size(), 0);
        JsonNode former = null;
        for (JsonNode thing : api.get("/api/drawer").json()) {
            boolean one = thing.at("/item/kind").asString().equals("own-former")
                    && thing.at("/item/count").asInt() > 1;
            former = one ? thing : former;
        }
        ObjectNode lent = (ObjectNode) former.get("item").deepCopy();
        lent.put("lent", lent.get("count").asInt() - lent.get("worn").asInt());
        String path = "/api/drawer/" + former.get("id").asString();
        assertEquals(api.keep(path, former, lent).status(), 200);
        assertTrue(
                api.get(order + "/days").json().get("changed").toString().contains("formers"),
                kept.at("/planned/tools").toString());
        JsonNode now = api.get("/api/drawer")
                .json()
                .valueStream()
                .filter(t -> path.endsWith(t.get("id").asString()))
                .findFirst()
                .orElseThrow();
        assertEquals(api.keep(path, now, former.get("item")).status(), 200);
    }

    /** All but two petals broke: the plan says so, and planned anew has a batch of what is missing, with a card at the bench. */
    @Test
    public void whatBrokeIsPlannedAgain() {
        JsonNode kept = planned();
        ObjectNode body = Api.JSON.createObjectNode();
        ArrayNode events = body.putArray("events");
        for (JsonNode s : kept.at("/planned/calendar/tasks")) {
            if (s.get("task").asString().equals("Make petals")) {
                for (String touch : List.of("begun", "good", "broke", "done")) {
                    events.addObject()
                            .put("id", UUID.randomUUID().toString())
                            .put("uid", s.get("uid").asString())
                            .put("touch", touch)
                            .put("at", Instant.now().toString())
                            .put("pieces", touch.equals("broke") ? 4 : 1);
                }
            }
        }
        assertEquals(api.post(order + "/bench/events", body).status(), 200);
        assertTrue(api.get(order + "/days").json().get("changed").toString().contains("broke"));
        JsonNode anew = planned();
        assertTrue(anew.at("/planned/calendar/tasks").toString().contains(" more\""), anew.toString());
        assertFalse(
                anew.get("changed").toString().contains("broke"),
                anew.get("changed").toString());
        assertTrue(api.get(order + "/bench").json().get("cards").toString().contains("~more1"));
    }

    /** Two orders at once: each keeps a plan of its own, no hands are in both at a time, and each says with which it was planned. */
    @Test
    public void ordersArePlannedAtOnce() {
        ObjectNode other = (ObjectNode) api.get(order).json().get("order");
        other.put("name", "Second");
        String second = api.post("/api/orders", other).json().get("id").asString();
        ObjectNode wanted = Api.JSON.createObjectNode();
        wanted.putArray("pins");
        wanted.putArray("together").add(second);
        api.worked(api.post(order + "/days", wanted));
        List<JsonNode> all = new ArrayList<>();
        for (String one : List.of(order, "/api/orders/" + second)) {
            JsonNode days = api.get(one + "/days").json();
            assertEquals(days.at("/planned/together").size(), 1, days.toString());
            String with = days.at("/planned/together/0").asString();
            List<JsonNode> theirs = new ArrayList<>();
            days.get("elsewhere").forEach(e -> {
                if (e.get("order").asString().equals(with)) {
                    theirs.add(e);
                }
            });
            assertEquals(theirs.size(), days.at("/planned/calendar/tasks").size());
            days.at("/planned/calendar/tasks").forEach(all::add);
        }
        assertTrue(!all.isEmpty());
        for (JsonNode s : all) {
            assertTrue(
                    all.stream()
                            .noneMatch(o -> o != s
                                    && o.get("from")
                                                    .asString()
                                                    .compareTo(s.get("to").asString())
                                            < 0
                                    && s.get("from")
                                                    .asString()
                                                    .compareTo(o.get("to").asString())
                                            < 0),
                    s.toString());
        }
        assertEquals(api.delete("/api/orders/" + second).status(), 204);
    }

    @Test
    public void otherCountsAreTriedBesideThoseThatAreKept() {
        JsonNode kept = planned();
        int flowers = kept.at("/planned/order/lines/0/flowers").asInt();
        ObjectNode counts = Api.JSON.createObjectNode();
        counts.putArray("flowers").add(3 * flowers);
        JsonNode beside = api.worked(api.post(order + "/counts", counts)).json();
        assertEquals(beside.at("/now/flowers/0").asInt(), flowers, beside.toString());
        assertEquals(beside.at("/then/flowers/0").asInt(), 3 * flowers);
        assertTrue(beside.at("/then/hours").asDouble()
                > 2 * beside.at("/now/hours").asDouble());
        assertTrue(beside.at("/then/total").asDouble() > beside.at("/now/total").asDouble());
        assertEquals(beside.at("/now/begins"), kept.at("/planned/calendar/begins"));
        assertEquals(beside.at("/now/inHundred"), kept.at("/planned/calendar/odds/inHundred"));
        assertEquals(api.get(order + "/days").json(), kept, "nothing is kept");
        counts.withArray("flowers").add(1);
        assertEquals(api.post(order + "/counts", counts).status(), 422);
    }

    @Test
    public void busyTimesComeOutOfACalendar() {
        String day = LocalDate.now().plusDays(40).format(DateTimeFormatter.BASIC_ISO_DATE);
        String ics =
                "BEGIN:VCALENDAR\r\nVERSION:2.0\r\nPRODID:-//x//EN\r\nBEGIN:VEVENT\r\nUID:1\r\nDTSTAMP:20300601T000000Z\r\n"
                        + "SUMMARY:Market\r\nDTSTART:" + day + "T080000Z\r\nDTEND:" + day
                        + "T090000Z\r\nEND:VEVENT\r\nEND:VCALENDAR\r\n";
        Api.Answer taken = api.send(api.written("/api/time/busy")
                .setHeader("content-type", "text/calendar")
                .PUT(HttpRequest.BodyPublishers.ofString(ics)));
        assertEquals(taken.status(), 200, taken.body());
        assertEquals(taken.json().get("events").asInt(), 1);
        assertEquals(taken.json().get("busy").asInt(), 1);
        assertEquals(api.get("/api/choices/time").json().at("/busy/0/what").asString(), "Market");
        Api.Answer refused = api.send(api.written("/api/time/busy")
                .setHeader("content-type", "text/calendar")
                .PUT(HttpRequest.BodyPublishers.ofString("no calendar")));
        assertEquals(refused.status(), 422, refused.body());
        assertEquals(api.get("/api/choices/time").json().get("busy").size(), 1, "what is refused changes nothing");
    }

    @Test
    public void aDayThatEndsBeforeItBeginsIsRefused() {
        ObjectNode wrong = usual.deepCopy();
        ((ObjectNode) wrong.get("week").get(0)).put("to", "08:00:00");
        Api.Answer refused = api.put("/api/choices/time", wrong);
        assertEquals(refused.status(), 422, refused.body());
        assertTrue(refused.body().contains("later than"), refused.body());
    }
}
