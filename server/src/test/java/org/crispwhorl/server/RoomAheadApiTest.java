package org.crispwhorl.server;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.time.Duration;
import java.time.Instant;
import java.time.LocalDateTime;
import java.util.List;
import org.crispwhorl.server.room.RoomSensor;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;

public class RoomAheadApiTest extends ServerTest {
    private static final String STEADY = "{\"source\":\"steady\",\"day\":[],\"spells\":[]}";

    @Override
    protected boolean toItself() {
        return true;
    }

    private static String wet(LocalDateTime from, LocalDateTime to) {
        return "{\"source\":\"steady\",\"day\":[],\"spells\":[{\"what\":\"rain\",\"from\":\"" + from + "\",\"to\":\""
                + to + "\",\"warmerC\":0,\"damperPct\":25}]}";
    }

    private static LocalDateTime tomorrow() {
        return LocalDateTime.now().toLocalDate().plusDays(1).atStartOfDay();
    }

    @Test
    public void itIsSteadyAtFirstAndASpellIsSeenHourByHour() {
        assertEquals(api.get("/api/choices/ahead").json().toString(), STEADY);
        api.put("/api/choices/ahead", wet(tomorrow(), tomorrow().plusHours(12)));
        JsonNode hours = api.get("/api/room/hours").json().get("hours");
        for (JsonNode hour : hours) {
            LocalDateTime at = LocalDateTime.parse(hour.get("at").asString());
            boolean rains = !at.isBefore(tomorrow()) && at.isBefore(tomorrow().plusHours(12));
            assertEquals(hour.get("dries").asDouble() < 0.5, rains, hour.toString());
        }
        JsonNode chocolate =
                api.get("/api/room/hours?medium=modelling-chocolate").json().get("hours");
        chocolate.forEach(hour -> assertEquals(hour.get("dries").asDouble(), 1.0, "it sets by cooling"));
        assertEquals(api.get("/api/room/hours?medium=butter").status(), 404);
        api.put("/api/choices/ahead", STEADY);
    }

    @Test
    public void aPlanIsMadeForTheRoomAheadAndSaysWhenThatIsOtherwise() {
        String order = api.ordered("Ruffles", tomorrow().plusDays(16).plusHours(10), "Wharf ruffle", 2);
        String days = order + "/days";
        JsonNode dry = planned(days);
        api.put(
                "/api/choices/ahead",
                wet(LocalDateTime.now().withNano(0), tomorrow().plusDays(20)));
        assertTrue(api.get(days).json().get("changed").toString().contains("the room"));
        JsonNode wet = planned(days);
        assertEquals(wet.get("changed").size(), 0);
        assertTrue(
                wet.at("/planned/calendar/begins")
                                .asString()
                                .compareTo(dry.at("/planned/calendar/begins").asString())
                        < 0,
                "in wet air it has to begin sooner");
        api.put("/api/choices/ahead", STEADY);
    }

    private JsonNode planned(String days) {
        api.worked(api.post(days, "{\"pins\":[],\"together\":[]}"));
        return api.get(days).json();
    }

    @Test
    public void theSensorIsAskedOnlyForWhatIsNotKeptAndIsSilentNowAndThen() {
        api.put("/api/choices/ahead", "{\"source\":\"sensor\",\"day\":[],\"spells\":[]}");
        JsonNode first = api.get("/api/room/hours").json().get("hours");
        int measured = 0;
        for (JsonNode hour : first) {
            measured += hour.get("measured").asBoolean() ? 1 : 0;
        }
        assertTrue(measured > 40 && measured <= 73, measured + " of the last 72 hours");
        restart();
        assertEquals(api.get("/api/room/hours").json().get("hours").get(10), first.get(10), "what was told is kept");
        api.put("/api/choices/ahead", STEADY);
        RoomSensor sensor = part(RoomSensor.class);
        Instant from = Instant.parse("2030-01-01T00:00:00Z");
        List<RoomSensor.Reading> log = sensor.log(from, from.plus(Duration.ofDays(60)));
        assertEquals(sensor.log(from, from.plus(Duration.ofDays(60))), log, "the same moment always reads the same");
        assertTrue(log.size() < 60 * 144 && log.size() > 50 * 144, "it is silent now and then: " + log.size());
        double least =
                log.stream().mapToDouble(RoomSensor.Reading::humidityPct).min().orElse(0);
        double most =
                log.stream().mapToDouble(RoomSensor.Reading::humidityPct).max().orElse(0);
        assertTrue(most - least > 15 && least >= 20 && most <= 90, "weather goes through it: " + least + " to " + most);
    }

    @Test
    public void aSpellThatEndsBeforeItBeginsIsRefused() {
        assertEquals(
                api.put("/api/choices/ahead", wet(tomorrow(), tomorrow().minusHours(1)))
                        .status(),
                422);
    }
}
