package org.crispwhorl.benchmarks.drill;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.concurrent.ConcurrentLinkedQueue;
import java.util.concurrent.atomic.AtomicInteger;
import org.crispwhorl.benchmarks.RunningApplication;
import org.crispwhorl.benchmarks.SpeciesBenchmark;
import tools.jackson.databind.node.ObjectNode;

/** Fifty windows at once, each reckoning and changing a flower of its own as fast as a hand does. */
final class Load {
    /** A hand pauses between two strokes, ms. */
    private static final int PAUSE_MS = 1000;

    private final ConcurrentLinkedQueue<Double> reckonings = new ConcurrentLinkedQueue<>();
    private final ConcurrentLinkedQueue<Double> edits = new ConcurrentLinkedQueue<>();
    private final AtomicInteger errors = new AtomicInteger();

    static String run(Path app, int clients, int seconds) throws IOException, InterruptedException {
        return new Load().measured(app, clients, seconds);
    }

    private String measured(Path app, int clients, int seconds) throws IOException, InterruptedException {
        Path data = Files.createTempDirectory("crispwhorl-load");
        try (RunningApplication application = new RunningApplication(app, data, "demo")) {
            Caller caller = new Caller(application.client, application.base);
            long end = System.nanoTime() + seconds * 1_000_000_000L;
            List<Thread> threads = new ArrayList<>();
            for (int i = 0; i < clients; i++) {
                Thread thread = new Thread(() -> work(caller, end));
                thread.start();
                threads.add(thread);
            }
            for (Thread thread : threads) {
                thread.join();
            }
        }
        return String.format(
                Locale.ROOT,
                "%d reckonings p95 %.0f ms, %d edits p95 %.0f ms, %d errors",
                reckonings.size(),
                p95(reckonings),
                edits.size(),
                p95(edits),
                errors.get());
    }

    private static double p95(ConcurrentLinkedQueue<Double> millis) {
        double[] sorted =
                millis.stream().mapToDouble(Double::doubleValue).sorted().toArray();
        return sorted.length == 0 ? 0 : sorted[(int) Math.ceil(0.95 * sorted.length) - 1];
    }

    private void work(Caller caller, long end) {
        try {
            Caller.Answer made = caller.post("/api/species", SpeciesBenchmark.document("towpath-camellia"));
            String id = made.json().get("id").asString();
            ObjectNode document =
                    (ObjectNode) caller.get("/api/species/" + id + "/document").json();
            long version = 0;
            for (int i = 0; System.nanoTime() < end; i++) {
                document.put("note", "stroke " + i);
                Caller.Answer reckoned = caller.post(
                        "/api/reckoning",
                        Caller.JSON.createObjectNode().set("species", document).toString());
                Caller.Answer kept = caller.keep(id, document.toString(), "\"" + version + "\"");
                reckonings.add(reckoned.millis());
                edits.add(kept.millis());
                errors.addAndGet((reckoned.status() == 200 ? 0 : 1) + (kept.status() == 200 ? 0 : 1));
                version = kept.status() == 200 ? kept.json().get("version").asLong() : version;
                Thread.sleep(PAUSE_MS);
            }
        } catch (IOException e) {
            errors.incrementAndGet();
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
    }
}
