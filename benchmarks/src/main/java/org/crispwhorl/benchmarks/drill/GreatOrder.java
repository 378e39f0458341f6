package org.crispwhorl.benchmarks.drill;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import org.crispwhorl.benchmarks.RunningApplication;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** Orders far larger than any maker takes: reckoned, gathered and written as sheets. */
final class GreatOrder {
    private GreatOrder() {}

    static List<String> run(Path app) throws IOException, InterruptedException {
        Path data = Files.createTempDirectory("crispwhorl-order");
        List<String> told = new ArrayList<>();
        try (RunningApplication application = new RunningApplication(app, data, "demo")) {
            Caller caller = new Caller(application.client, application.base);
            String supper = caller.get("/api/orders").json().get(0).get("id").asString();
            told.add("the demo's own order: " + measured(caller, supper));
            told.add("14 species × 10: " + measured(caller, made(caller, 14, 10)));
            told.add("40 lines × 500: " + measured(caller, made(caller, 40, 500)));
            told.add("resident " + Fuzz.residentMb(application.pid()) + " MB afterwards");
        }
        return told;
    }

    private static String made(Caller caller, int lines, int flowers) throws IOException, InterruptedException {
        JsonNode shelf = caller.get("/api/species").json();
        ObjectNode draft = Caller.JSON.createObjectNode();
        draft.put("name", "Great order").put("note", "").put("handOver", "2040-05-30T10:00");
        draft.put("spareTimeH", 12).put("tierMm", 100);
        ArrayNode all = draft.putArray("lines");
        for (int i = 0; i < lines; i++) {
            all.addObject()
                    .put("id", Integer.toString(i))
                    .put("speciesId", shelf.get(i % shelf.size()).get("id").asString())
                    .put("flowers", flowers);
        }
        return caller.post("/api/orders", draft.toString()).json().get("id").asString();
    }

    private static String measured(Caller caller, String id) throws IOException, InterruptedException {
        Caller.Answer reckoned = caller.get("/api/orders/" + id + "/reckoning");
        Caller.Answer gathered = caller.get("/api/orders/" + id + "/materials");
        Caller.Answer pdf = caller.get("/api/orders/" + id + "/sheets.pdf");
        return String.format(
                Locale.ROOT,
                "reckoned in %.1f s (%d), materials in %.1f s (%d), all sheets as PDF in %.1f s (%d), %.2f MB",
                reckoned.millis() / 1000,
                reckoned.status(),
                gathered.millis() / 1000,
                gathered.status(),
                pdf.millis() / 1000,
                pdf.status(),
                pdf.body().length() / 1e6);
    }
}
