package org.crispwhorl.server;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.time.LocalDateTime;
import java.util.TreeSet;
import java.util.UUID;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;

/** What an older version knew as one task is done in all that it fell into: no work of a begun order is lost. */
public class CarryOverTest extends ServerTest {
    @Override
    protected boolean toItself() {
        return true;
    }

    @Test
    public void headsThatWereMadeInOneAreMadeStageByStage() {
        api.post("/api/species", Api.demo("weir-delphinium"));
        String order = api.ordered("Spikes", LocalDateTime.now().plusDays(12), "Weir delphinium", 2);
        String id = order.substring(order.lastIndexOf('/') + 1);
        TreeSet<String> made = new TreeSet<>();
        String spike = "";
        for (JsonNode card : api.get(order + "/bench").json().get("cards")) {
            String key = card.get("key").asString();
            if (key.contains(".")) {
                made.add(key + "/1-1");
                spike = card.get("part").asString();
            }
        }
        assertTrue(made.size() > 3, made.toString());
        String line = made.first().substring(0, made.first().indexOf('/'));
        restartAfter(
                "insert into bench_event (id, order_id, work, touch, at, pieces) values ('" + UUID.randomUUID() + "', '"
                        + id + "', '" + line + "/make-" + spike + "/1-1', 'DONE', timestamp '2026-11-20 10:00:00', 1)",
                "insert into touches_to_carry_over values ('" + id + "')");
        assertEquals(done(order), made);
        restartAfter("delete from touches_to_carry_over where 1 = 0");
        assertEquals(done(order), made, "once");
    }

    private TreeSet<String> done(String order) {
        TreeSet<String> done = new TreeSet<>();
        int all = 0;
        for (JsonNode event : api.get(order + "/bench").json().get("events")) {
            if (event.get("uid").asString().contains(".")) {
                done.add(event.get("uid").asString());
                all++;
            }
        }
        assertEquals(all, done.size());
        return done;
    }
}
