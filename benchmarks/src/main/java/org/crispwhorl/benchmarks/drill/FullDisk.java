package org.crispwhorl.benchmarks.drill;

import java.io.IOException;
import java.io.OutputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import org.crispwhorl.benchmarks.RunningApplication;
import org.crispwhorl.benchmarks.SpeciesBenchmark;
import tools.jackson.databind.node.ObjectNode;

/** A disk of its own is filled and freed under the running application; that takes the right to mount one. */
final class FullDisk {
    private static final int DISK_MB = 48;

    private final Path app;
    private final Path disk;

    private FullDisk(Path app) throws IOException {
        this.app = app;
        disk = Files.createTempDirectory("crispwhorl-disk");
    }

    static List<String> run(Path app) throws IOException, InterruptedException {
        FullDisk drill = new FullDisk(app);
        if (!command("mount", "-t", "tmpfs", "-o", "size=" + DISK_MB + "m", "tmpfs", drill.disk.toString())) {
            return List.of("not run: a disk of its own can only be mounted by root");
        }
        try {
            return List.of(
                    "filled up to the reserve: " + drill.filled("guarded", 16),
                    "filled to the last byte, past the reserve: " + drill.filled("unguarded", 0));
        } finally {
            command("umount", drill.disk.toString());
        }
    }

    private static boolean command(String... words) throws IOException, InterruptedException {
        return new ProcessBuilder(words).redirectErrorStream(true).start().waitFor() == 0;
    }

    private String filled(String name, int reserveMb) throws IOException, InterruptedException {
        Path data = disk.resolve(name);
        try (RunningApplication application =
                new RunningApplication(app, data, "own", "--crispwhorl.least-room-mb=" + reserveMb)) {
            Caller caller = new Caller(application.client, application.base);
            String id = caller.post("/api/species", SpeciesBenchmark.document("towpath-camellia"))
                    .json()
                    .get("id")
                    .asString();
            int before = kept(caller, id, 20);
            Path filler = disk.resolve("filler");
            fill(filler);
            List<Integer> statuses = new ArrayList<>();
            int last = before;
            for (int i = 0; i < 40; i++) {
                int status = keep(caller, id, before + 1 + i);
                last = status == 200 ? before + 1 + i : last;
                if (!statuses.contains(status)) {
                    statuses.add(status);
                }
            }
            int health = caller.get("/actuator/health").status();
            Files.delete(filler);
            int after = 0;
            for (int tries = 0; tries < 30 && after != 200; tries++) {
                Thread.sleep(200);
                after = caller.get("/api/species").status();
            }
            String note = caller.get("/api/species/" + id + "/document")
                    .json()
                    .get("note")
                    .asString();
            int again = keep(caller, id, 1000);
            int healthy = caller.get("/actuator/health").status();
            return "changes answered " + statuses + ", health " + health
                    + "; after room was made, without a restart: kept " + note + " of " + last
                    + " acknowledged, a change answered " + again + ", health " + healthy;
        }
    }

    private static int kept(Caller caller, String id, int most) throws IOException, InterruptedException {
        for (int i = 1; i <= most; i++) {
            keep(caller, id, i);
        }
        return most;
    }

    private static int keep(Caller caller, String id, int number) throws IOException, InterruptedException {
        Caller.Answer now = caller.get("/api/species/" + id + "/document");
        if (now.status() != 200) {
            return now.status();
        }
        ObjectNode document = (ObjectNode) now.json();
        document.put("note", Integer.toString(number));
        return caller.keep(id, document.toString(), now.etag()).status();
    }

    private static void fill(Path filler) {
        try (OutputStream out = Files.newOutputStream(filler)) {
            byte[] block = new byte[4096];
            while (true) {
                out.write(block);
            }
        } catch (IOException e) {
            // Full, as it should be.
        }
    }
}
