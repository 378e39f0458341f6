package org.crispwhorl.benchmarks.drill;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.LinkedHashMap;
import java.util.Map;
import org.crispwhorl.benchmarks.RunningApplication;
import org.crispwhorl.demo.RandomDocuments;
import org.crispwhorl.files.document.SpeciesDocument;
import tools.jackson.databind.node.ObjectNode;

/** Documents that the schema allows: each reckoned, kept, listed, drawn, taken out and read back. */
final class AllDocuments {
    private AllDocuments() {}

    static String run(Path app, int documents) throws IOException, InterruptedException {
        Path data = Files.createTempDirectory("crispwhorl-documents");
        Map<String, String> failures = new LinkedHashMap<>();
        double slowest = 0;
        int kept = 0;
        try (RunningApplication application = new RunningApplication(app, data, "own")) {
            Caller caller = new Caller(application.client, application.base);
            RandomDocuments all = new RandomDocuments(SpeciesDocument.schema(), 77, 5);
            for (int i = 0; i < documents; i++) {
                ObjectNode document = all.next();
                Caller.Answer reckoned = caller.post(
                        "/api/reckoning",
                        Caller.JSON.createObjectNode().set("species", document).toString());
                slowest = Math.max(slowest, reckoned.millis());
                Caller.Answer made = caller.post("/api/species", document.toString());
                check(failures, "reckoned", reckoned, 200);
                check(failures, "kept", made, 201);
                if (made.status() != 201) {
                    continue;
                }
                kept++;
                String path = "/api/species/" + made.json().get("id").asString();
                if (!made.json().has("drawn")) {
                    failures.putIfAbsent("drawn", made.body());
                }
                Caller.Answer out = caller.get(path + "/document");
                check(failures, "taken out", out, 200);
                if (!SpeciesDocument.read(out.json()).equals(SpeciesDocument.read(document))) {
                    failures.putIfAbsent("read back", document.toString());
                }
                check(failures, "in the round", caller.get(path + "/round.glb"), 200);
                check(failures, "outlines", caller.get(path + "/outlines.svg"), 200);
            }
            Caller.Answer list = caller.get("/api/species");
            failures.forEach((what, body) -> System.out.println("  " + what + ": " + body));
            return String.format(
                    java.util.Locale.ROOT,
                    "%d of %d kept, %d listed in %.0f ms, slowest reckoning %.0f ms, kinds of failure: %d",
                    kept,
                    documents,
                    list.json().size(),
                    list.millis(),
                    slowest,
                    failures.size());
        }
    }

    private static void check(Map<String, String> failures, String what, Caller.Answer answer, int wanted) {
        if (answer.status() != wanted) {
            failures.putIfAbsent(what, answer.status() + " " + answer.body());
        }
    }
}
