package org.crispwhorl.benchmarks.drill;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.concurrent.atomic.AtomicIntegerArray;
import org.crispwhorl.benchmarks.RunningApplication;
import org.crispwhorl.benchmarks.SpeciesBenchmark;
import tools.jackson.databind.node.ObjectNode;

/** Ended at random moments under ten writers: whatever was acknowledged has to be there afterwards. */
final class Kills {
    private static final int WRITERS = 10;
    private static final int LONGEST_MS = 1500;

    private final Path app;
    private final Path data;
    private final AtomicIntegerArray acknowledged = new AtomicIntegerArray(WRITERS);
    private final List<String> ids = new ArrayList<>();
    private volatile boolean alive;

    private Kills(Path app) throws IOException {
        this.app = app;
        data = Files.createTempDirectory("crispwhorl-kills");
    }

    static String run(Path app, int kills) throws IOException, InterruptedException {
        return new Kills(app).run(kills);
    }

    private String run(int kills) throws IOException, InterruptedException {
        Random random = new Random(5);
        int lost = 0;
        for (int k = 0; k <= kills; k++) {
            RunningApplication application = new RunningApplication(app, data, "own");
            Caller caller = new Caller(application.client, application.base);
            if (ids.isEmpty()) {
                for (int w = 0; w < WRITERS; w++) {
                    ids.add(caller.post("/api/species", SpeciesBenchmark.document("lockside-hellebore"))
                            .json()
                            .get("id")
                            .asString());
                }
            }
            lost += lost(caller);
            if (k == kills) {
                application.close();
                break;
            }
            alive = true;
            List<Thread> writers = new ArrayList<>();
            for (int w = 0; w < WRITERS; w++) {
                int writer = w;
                Thread thread = new Thread(() -> write(caller, writer));
                thread.start();
                writers.add(thread);
            }
            Thread.sleep(random.nextInt(LONGEST_MS));
            application.kill();
            alive = false;
            for (Thread writer : writers) {
                writer.join();
            }
        }
        int writes = 0;
        for (int w = 0; w < WRITERS; w++) {
            writes += acknowledged.get(w);
        }
        return kills + " kills, " + writes + " acknowledged changes, " + lost + " lost";
    }

    private int lost(Caller caller) throws IOException, InterruptedException {
        int lost = 0;
        for (int w = 0; w < WRITERS; w++) {
            String note = caller.get("/api/species/" + ids.get(w) + "/document")
                    .json()
                    .get("note")
                    .asString();
            int kept = note.matches("\\d+") ? Integer.parseInt(note) : 0;
            lost += Math.max(0, acknowledged.get(w) - kept);
            acknowledged.set(w, Math.max(kept, acknowledged.get(w)));
        }
        return lost;
    }

    private void write(Caller caller, int writer) {
        try {
            String id = ids.get(writer);
            Caller.Answer kept = caller.get("/api/species/" + id + "/document");
            ObjectNode document = (ObjectNode) kept.json();
            long version = Long.parseLong(kept.etag().replace("\"", ""));
            while (alive) {
                int next = acknowledged.get(writer) + 1;
                document.put("note", Integer.toString(next));
                Caller.Answer answer = caller.keep(id, document.toString(), "\"" + version + "\"");
                if (answer.status() != 200) {
                    throw new IllegalStateException(answer.body());
                }
                version = answer.json().get("version").asLong();
                acknowledged.set(writer, next);
            }
        } catch (IOException e) {
            // The application was ended: what this one would have said is not acknowledged.
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
    }
}
