package org.crispwhorl.server;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertThrows;
import static org.testng.Assert.assertTrue;

import java.net.http.HttpRequest;
import java.time.LocalDateTime;
import java.time.format.DateTimeFormatter;
import java.util.List;
import java.util.UUID;
import org.crispwhorl.core.calendar.Planned;
import org.crispwhorl.server.days.Days;
import org.crispwhorl.server.problem.NotThere;
import org.testng.annotations.AfterMethod;
import org.testng.annotations.BeforeMethod;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
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
        usual = (ObjectNode) api.get("/api/time").json();
        order = api.ordered("Days", LocalDateTime.now().plusDays(10), "Lockside hellebore", 3);
    }

    @AfterMethod
    public void asItWas() {
        api.delete(order);
        api.put("/api/time", usual);
    }

    private JsonNode planned() {
        Api.Answer begun = api.post(order + "/days", "{\"pins\":[]}");
        assertEquals(begun.status(), 202, begun.body());
        api.worked(begun);
        return api.get(order + "/days").json();
    }

    @Test
    public void anOrderIsPlannedKeptAndGivenOut() {
        assertTrue(api.get(order + "/days").json().path("planned").isMissingNode());
        assertEquals(api.get(order + "/days/days.ics").status(), 404);
        JsonNode days = planned();
        int stints = days.at("/planned/calendar/stints").size();
        assertTrue(stints > 4, days.toString());
        assertEquals(days.get("changed").size(), 0);
        JsonNode glance = api.get("/api/days").json().get(0);
        assertEquals(glance.get("begins"), days.at("/planned/calendar/begins"));
        assertTrue(glance.get("freeDays").asInt() >= 0 && glance.get("freeDays").asInt() < 10, glance.toString());
        String ics = api.get(order + "/days/days.ics").body();
        assertEquals(ics.split("BEGIN:VEVENT").length - 1, stints);
        assertEquals(api.get(order + "/days/days.csv").body().lines().count(), stints + 1);
        restart();
        assertEquals(
                api.get(order + "/days").json().at("/planned/calendar/stints").size(), stints, "outlives a restart");
    }

    @Test
    public void whatIsPinnedIsKeptWithThePlan() {
        JsonNode first = planned().at("/planned/calendar/stints/0");
        String sooner =
                LocalDateTime.parse(first.get("from").asString()).minusHours(24).toString();
        ObjectNode pins = Api.JSON.createObjectNode();
        pins.putArray("pins")
                .addObject()
                .put("uid", first.get("uid").asString())
                .put("from", sooner.length() == 16 ? sooner + ":00" : sooner);
        Api.Answer begun = api.post(order + "/days", pins);
        assertEquals(begun.status(), 202, begun.body());
        api.worked(begun);
        JsonNode days = api.get(order + "/days").json();
        assertEquals(days.at("/planned/pins").size(), 1);
        boolean stands = days.at("/planned/calendar/stints")
                .valueStream()
                .anyMatch(s -> s.get("uid").equals(first.get("uid"))
                        && LocalDateTime.parse(s.get("from").asString()).equals(LocalDateTime.parse(sooner)));
        assertTrue(stands || !days.at("/planned/calendar/limit").isMissingNode(), days.toString());
    }

    @Test
    public void whatAMoveWouldCostIsLookedAtAndNotKept() {
        JsonNode kept = planned();
        JsonNode first = kept.at("/planned/calendar/stints/0");
        ObjectNode pins = Api.JSON.createObjectNode();
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
        ObjectNode changed = Api.JSON.createObjectNode();
        changed.set("version", kept.get("version"));
        changed.set("order", kept.get("order"));
        ((ObjectNode) changed.get("order")).put("marginH", 24);
        assertEquals(api.put(order, changed).status(), 200);
        assertEquals(api.put("/api/time", usual.deepCopy().put("makers", 2)).status(), 200);
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
        assertEquals(api.put("/api/time", never).status(), 200);
        JsonNode days = planned();
        assertEquals(days.at("/planned/calendar/stints").size(), 0);
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
        Planned made = days.last(id).orElseThrow();
        assertEquals(api.delete(order).status(), 204);
        assertThrows(NotThere.class, () -> days.keep(id, made));
    }

    @Test
    public void busyTimesComeOutOfACalendar() {
        String ics =
                "BEGIN:VCALENDAR\r\nVERSION:2.0\r\nPRODID:-//x//EN\r\nBEGIN:VEVENT\r\nUID:1\r\nDTSTAMP:20300601T000000Z\r\n"
                        + "SUMMARY:Market\r\nDTSTART:20300612T080000Z\r\nDTEND:20300612T090000Z\r\nEND:VEVENT\r\nEND:VCALENDAR\r\n";
        Api.Answer taken = api.send(api.written("/api/time/busy")
                .setHeader("content-type", "text/calendar")
                .PUT(HttpRequest.BodyPublishers.ofString(ics)));
        assertEquals(taken.status(), 200, taken.body());
        assertEquals(taken.json().at("/busy/0/what").asString(), "Market");
        Api.Answer refused = api.send(api.written("/api/time/busy")
                .setHeader("content-type", "text/calendar")
                .PUT(HttpRequest.BodyPublishers.ofString("no calendar")));
        assertEquals(refused.status(), 422, refused.body());
        assertEquals(api.get("/api/time").json().get("busy").size(), 1, "what is refused changes nothing");
    }

    @Test
    public void aDayThatEndsBeforeItBeginsIsRefused() {
        ObjectNode wrong = usual.deepCopy();
        ((ObjectNode) wrong.get("week").get(0)).put("to", "08:00:00");
        Api.Answer refused = api.put("/api/time", wrong);
        assertEquals(refused.status(), 422, refused.body());
        assertTrue(refused.body().contains("later than"), refused.body());
    }
}
