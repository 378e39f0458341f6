package org.crispwhorl.benchmarks.drill;

import java.io.IOException;
import java.io.RandomAccessFile;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.crispwhorl.benchmarks.RunningApplication;
import org.crispwhorl.benchmarks.SpeciesBenchmark;
import tools.jackson.databind.JsonNode;

/** Files emptied, garbled, of a newer program; a demo begun anew beside the running one. */
final class Damage {
    private static final String FILE = "crispwhorl.mv.db";
    private static final int GARBAGE = 8192;
    private static final int SPECIES = 60;

    private final Path app;

    private Damage(Path app) {
        this.app = app;
    }

    static List<String> run(Path app, int rounds) throws IOException, InterruptedException {
        Damage damage = new Damage(app);
        List<String> told = new ArrayList<>();
        told.add("Emptied: " + damage.after(file -> Files.write(file, new byte[0])));
        told.add("Of a newer program: " + damage.after(Damage::newer));
        told.add("Garbled by 8 KB, " + rounds + " times: " + damage.garbled(rounds));
        told.add("Begun anew beside the running one: " + damage.freshBeside());
        return told;
    }

    private interface Harm {
        void to(Path file) throws IOException;
    }

    private static void newer(Path file) {
        String url = "jdbc:h2:file:" + file.toString().replace(".mv.db", "");
        try (Connection database = DriverManager.getConnection(url, "sa", "");
                Statement statement = database.createStatement()) {
            statement.execute("update \"flyway_schema_history\" set \"version\" = '99' where \"version\" = '5'");
        } catch (SQLException e) {
            throw new IllegalStateException(e);
        }
    }

    /** A studio with some species, closed. */
    private Path studio() throws IOException, InterruptedException {
        Path data = Files.createTempDirectory("crispwhorl-damage");
        try (RunningApplication application = new RunningApplication(app, data, "own")) {
            Caller caller = new Caller(application.client, application.base);
            for (int i = 0; i < SPECIES; i++) {
                caller.post("/api/species", SpeciesBenchmark.document("towpath-camellia"));
            }
        }
        return data;
    }

    private String after(Harm harm) throws IOException, InterruptedException {
        Path data = studio();
        harm.to(data.resolve(FILE));
        try (RunningApplication started = new RunningApplication(app, data, "own")) {
            return "STARTED all the same at " + started.base;
        } catch (RunningApplication.NotStarted e) {
            return "refused: " + e.getMessage();
        }
    }

    private String garbled(int rounds) throws IOException, InterruptedException {
        Path data = studio();
        byte[] whole = Files.readAllBytes(data.resolve(FILE));
        Random random = new Random(11);
        int refused = 0;
        int harmless = 0;
        int card = 0;
        int silent = 0;
        for (int i = 0; i < rounds; i++) {
            byte[] garbage = new byte[GARBAGE];
            random.nextBytes(garbage);
            Files.write(data.resolve(FILE), whole);
            try (RandomAccessFile file = new RandomAccessFile(data.resolve(FILE).toFile(), "rw")) {
                file.seek(random.nextInt(whole.length - GARBAGE));
                file.write(garbage);
            }
            try (RunningApplication started = new RunningApplication(app, data, "own")) {
                JsonNode cards = new Caller(started.client, started.base)
                        .get("/api/species")
                        .json();
                int drawn = 0;
                for (JsonNode one : cards) {
                    drawn += one.has("drawn") ? 1 : 0;
                }
                if (cards.size() < SPECIES) {
                    silent++;
                } else if (drawn < SPECIES) {
                    card++;
                } else {
                    harmless++;
                }
            } catch (RunningApplication.NotStarted e) {
                refused++;
            }
        }
        return refused + " refused with a sentence, " + card + " told on a card, " + harmless + " harmless, " + silent
                + " SILENT";
    }

    private String freshBeside() throws IOException, InterruptedException {
        Path data = Files.createTempDirectory("crispwhorl-fresh");
        try (RunningApplication first = new RunningApplication(app, data, "demo")) {
            String said;
            try (RunningApplication second = new RunningApplication(app, data, "demo", "--crispwhorl.fresh=true")) {
                said = "STARTED at " + second.base;
            } catch (RunningApplication.NotStarted e) {
                said = "refused: " + e.getMessage();
            }
            int species = new Caller(first.client, first.base)
                    .get("/api/species")
                    .json()
                    .size();
            return said + " (the running one still has its " + species + " species)";
        }
    }
}
