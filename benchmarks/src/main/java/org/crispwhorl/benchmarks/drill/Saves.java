package org.crispwhorl.benchmarks.drill;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.Locale;
import org.crispwhorl.benchmarks.RunningApplication;
import org.crispwhorl.benchmarks.SpeciesBenchmark;
import tools.jackson.databind.node.ObjectNode;

/** What a save costs, and what it leaves in the database's file. */
final class Saves {
    /** Housekeeping looks after the file within this time, s. */
    private static final int IDLE_S = 50;

    private Saves() {}

    static String run(Path app, int saves) throws IOException, InterruptedException {
        Path data = Files.createTempDirectory("crispwhorl-saves");
        Path file = data.resolve("crispwhorl.mv.db");
        try (RunningApplication application = new RunningApplication(app, data, "own")) {
            Caller caller = new Caller(application.client, application.base);
            String id = caller.post("/api/species", SpeciesBenchmark.document("towpath-camellia"))
                    .json()
                    .get("id")
                    .asString();
            ObjectNode document =
                    (ObjectNode) caller.get("/api/species/" + id + "/document").json();
            double before = Files.size(file) / 1e6;
            double[] millis = new double[saves];
            for (int i = 0; i < saves; i++) {
                document.put("note", "save " + i);
                millis[i] =
                        caller.keep(id, document.toString(), "\"" + i + "\"").millis();
            }
            double after = Files.size(file) / 1e6;
            Thread.sleep(IDLE_S * 1000L);
            double idle = Files.size(file) / 1e6;
            Arrays.sort(millis);
            return String.format(
                    Locale.ROOT,
                    "%d saves, median %.1f ms, p95 %.1f ms; the file %.1f MB before, %.1f MB after, %.1f MB when idle",
                    saves,
                    millis[saves / 2],
                    millis[(int) (0.95 * saves)],
                    before,
                    after,
                    idle);
        }
    }
}
