package org.crispwhorl.benchmarks.drill;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDateTime;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import org.crispwhorl.benchmarks.RunningApplication;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** Long work beside everything else: while days are searched the bench and the book of other orders open, and a stop is heeded. */
final class Beside {
    private static final int SEARCHES = 3;

    private Beside() {}

    static List<String> run(Path app) throws IOException, InterruptedException {
        Path data = Files.createTempDirectory("crispwhorl-beside");
        List<String> told = new ArrayList<>();
        try (RunningApplication application = new RunningApplication(app, data, "demo")) {
            Caller caller = new Caller(application.client, application.base);
            JsonNode orders = caller.get("/api/orders").json();
            String large = order(caller, 6, 10, 40);
            List<String> pages = new ArrayList<>(List.of("/api/book", "/api/orders", "/api/bench"));
            orders.forEach(o -> pages.add("/api/orders/" + o.get("id").asString() + "/bench"));
            orders.forEach(o -> pages.add("/api/orders/" + o.get("id").asString() + "/materials"));
            List<Double> took = new ArrayList<>();
            int failed = 0;
            for (int i = 0; i < SEARCHES; i++) {
                String job = begun(caller, large);
                while (goesOn(caller, job)) {
                    for (String page : pages) {
                        Caller.Answer answer = caller.get(page);
                        failed += answer.status() == 200 ? 0 : 1;
                        took.add(answer.millis());
                    }
                }
            }
            took.sort(null);
            told.add(String.format(
                    Locale.ROOT,
                    "%d pages beside %d searches: median %.0f ms, p95 %.0f ms, worst %.0f ms, %d not answered",
                    took.size(),
                    SEARCHES,
                    took.get(took.size() / 2),
                    took.get((int) (0.95 * took.size())),
                    took.get(took.size() - 1),
                    failed));
            told.add("stopped: days of 60 flowers " + stopped(caller, large, 2000) + ", of 560 of fourteen "
                    + stopped(caller, order(caller, 14, 40, 200), 6000) + ", of 20 000 of forty "
                    + stopped(caller, order(caller, 40, 500, 200), 1500) + ", too late to be made "
                    + stopped(caller, order(caller, 6, 20, 3), 3000));
        }
        return told;
    }

    private static String order(Caller caller, int lines, int flowers, int days)
            throws IOException, InterruptedException {
        JsonNode shelf = caller.get("/api/species").json();
        ObjectNode draft = Caller.JSON
                .createObjectNode()
                .put("name", lines + " of " + flowers)
                .put("note", "")
                .put("handOver", LocalDateTime.now().plusDays(days).truncatedTo(ChronoUnit.HOURS) + ":00")
                .put("spareTimeH", 12)
                .put("tierMm", 100);
        ArrayNode all = draft.putArray("lines");
        for (int i = 0; i < lines; i++) {
            all.addObject()
                    .put("id", Integer.toString(i))
                    .put("speciesId", shelf.get(i % shelf.size()).get("id").asString())
                    .put("flowers", flowers);
        }
        return "/api/orders/"
                + caller.post("/api/orders", draft.toString()).json().get("id").asString();
    }

    private static String begun(Caller caller, String order) throws IOException, InterruptedException {
        return "/api/jobs/"
                + caller.post(order + "/days", "{\"pins\":[],\"together\":[]}")
                        .json()
                        .get("id")
                        .asString();
    }

    private static boolean goesOn(Caller caller, String job) throws IOException, InterruptedException {
        return List.of("waiting", "running")
                .contains(caller.get(job).json().get("state").asString());
    }

    /** How long a search goes on that is stopped after a while. */
    private static String stopped(Caller caller, String order, long afterMs) throws IOException, InterruptedException {
        String job = begun(caller, order);
        long begun = System.nanoTime();
        while (goesOn(caller, job) && System.nanoTime() - begun < afterMs * 1_000_000) {
            Thread.sleep(50);
        }
        if (!goesOn(caller, job)) {
            return String.format(Locale.ROOT, "over by itself in %.1f s", (System.nanoTime() - begun) / 1e9);
        }
        long asked = System.nanoTime();
        caller.send(caller.json(job).DELETE());
        while (goesOn(caller, job)) {
            Thread.sleep(20);
        }
        return String.format(Locale.ROOT, "%.1f s after it was asked", (System.nanoTime() - asked) / 1e9);
    }
}
