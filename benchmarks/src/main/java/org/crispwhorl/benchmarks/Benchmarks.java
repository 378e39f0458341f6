package org.crispwhorl.benchmarks;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.zip.GZIPOutputStream;
import org.crispwhorl.core.species.Species;
import org.crispwhorl.files.document.SpeciesDocument;
import org.openjdk.jmh.profile.StackProfiler;
import org.openjdk.jmh.results.RunResult;
import org.openjdk.jmh.runner.Runner;
import org.openjdk.jmh.runner.RunnerException;
import org.openjdk.jmh.runner.options.OptionsBuilder;

/** Runs all benchmarks and writes what they measured, with the machine, into docs/benchmarks.md. */
public final class Benchmarks {
    private static final String CAMELLIA = "towpath-camellia";

    private final Path root;
    private final List<String> rows = new ArrayList<>();
    private String profile = "";

    private Benchmarks(Path root) {
        this.root = root;
    }

    /**
     * @param args the project's folder, then which parts are wanted: none is all, and only that is written down
     */
    public static void main(String[] args) throws IOException, InterruptedException, RunnerException {
        new Benchmarks(Path.of(args[0]).toRealPath()).run(Arrays.asList(args).subList(1, args.length));
    }

    private void run(List<String> wanted) throws IOException, InterruptedException, RunnerException {
        for (String part : wanted.isEmpty() ? PARTS : wanted) {
            switch (part) {
                case "core" -> core();
                case "materials" -> materials();
                case "days" -> days();
                case "application" -> application();
                case "large" -> largeStudio();
                case "load" -> firstLoad();
                default -> throw new IllegalArgumentException("There is no part '" + part + "', only " + PARTS);
            }
        }
        if (wanted.isEmpty()) {
            write();
        }
    }

    private static final List<String> PARTS = List.of("core", "materials", "days", "application", "large", "load");

    private static final String GREAT_DOUBLE = "great-double";

    private static final Map<String, String> GOALS = Map.of(CAMELLIA, "≤ 8 ms", GREAT_DOUBLE, "≤ 20 ms");

    private void core() throws RunnerException {
        var options = new OptionsBuilder()
                .include(SpeciesBenchmark.class.getSimpleName())
                .jvmArgs("-XX:+UseSerialGC")
                .build();
        for (RunResult result : new Runner(options).run()) {
            String species = result.getParams().getParam("species");
            boolean oneRing = result.getParams().getBenchmark().endsWith("oneRing");
            row(
                    (oneRing
                                    ? "A change of the outermost ring in the core, "
                                    : "Every ring reckoned anew in the core, ")
                            + species + " (JMH, mean)",
                    oneRing && species.equals(CAMELLIA) ? "≤ 4 ms" : oneRing ? "" : GOALS.getOrDefault(species, ""),
                    String.format(
                            Locale.ROOT,
                            "%.2f ± %.2f ms",
                            result.getPrimaryResult().getScore(),
                            result.getPrimaryResult().getScoreError()));
        }
        profile();
    }

    /** Where the time of one reckoning goes, by samples of its thread. */
    private void profile() throws RunnerException {
        var options = new OptionsBuilder()
                .include(SpeciesBenchmark.class.getSimpleName() + ".anew")
                .param("species", CAMELLIA)
                .addProfiler(StackProfiler.class, "lines=1;top=14;period=2")
                .jvmArgs("-XX:+UseSerialGC")
                .build();
        for (RunResult result : new Runner(options).run()) {
            result.getSecondaryResults().values().forEach(found -> profile = found.extendedInfo());
        }
    }

    private void materials() {
        WireOrders wires = WireOrders.measure();
        row("Wire cutting, 200 random orders: proved", "200", wires.provedTold());
        row("Wire cutting, time for one order", "median ≤ 200 ms", wires.timeTold());
        row("Wire cutting, whole wires in all", "", wires.wiresTold());
        row("Fewest cutters for 30 species out of 200", "≤ 2 s", CutterChoice.measure());
        row("A hostile outline refused", "≤ 200 ms", TracedLines.measure());
        row("Nesting, share of an endless sheet", "≥ 0.97 of 0.9069 and 1", NestingYield.measure());
    }

    private void days() {
        row("Days of 4 flowers of 1 species", "", DaysPlanned.measure(4, 1, 10));
        row(
                "Days of 24 flowers of 3 species",
                "≤ 40 sittings, ≤ 9 under 10 min, ≤ 16 changes, ≤ 6 days, ≥ 95 in 100, ≤ 10 s",
                DaysPlanned.measure(24, 3, 14));
        row(
                "Days of 60 flowers of 5 species",
                "≤ 75 sittings, ≤ 16 under 10 min, ≤ 38 changes, ≤ 9 days, ≥ 95 in 100, ≤ 15 s",
                DaysPlanned.measure(60, 5, 30));
        row(
                "Days of 120 flowers of 6 species",
                "≤ 110 sittings, ≤ 14 under 10 min, ≤ 48 changes, ≤ 17 days, ≥ 95 in 100, ≤ 22 s",
                DaysPlanned.measure(120, 6, 60));
        row("Days of three orders of 20 flowers at once", "≤ 20 s", DaysPlanned.together(3, 20, 3, 21));
    }

    private void application() throws IOException, InterruptedException {
        try (RunningApplication application = new RunningApplication(root.resolve("server/target/app"))) {
            row(
                    "From the start of the jar to the first page",
                    "≤ 4 s",
                    String.format(Locale.ROOT, "%.1f s", application.firstPageMs() / 1000));
            // As the plate asks: a reason is fetched when it is looked at.
            String body = "{\"reasons\":false,\"species\":" + SpeciesBenchmark.document(CAMELLIA) + "}";
            row(
                    "POST /api/reckoning, camellia, warm, on loopback",
                    "p95 ≤ 10 ms",
                    application.post("/api/reckoning", body, 1500, 1000).told());
            row(
                    "Its answer on the wire",
                    "≤ 15 kB",
                    String.format(Locale.ROOT, "%.1f kB", application.packedBytes("/api/reckoning", body) / 1000.0));
            row(
                    "Key press to redrawn plate, camellia, Chromium",
                    "p95 ≤ 50 ms",
                    KeyToPlate.measure(application.base, "Towpath camellia", 20, 150)
                            .told());
            // It was written down once: documents of older versions are lifted.
            Species great = SpeciesDocument.readText(SpeciesBenchmark.document(GREAT_DOUBLE));
            application.post("/api/species", SpeciesDocument.writeText(great), 0, 1);
            row(
                    "Key press to redrawn plate, 120 petals in 12 rings, Chromium",
                    "p95 ≤ 80 ms",
                    KeyToPlate.measure(application.base, "Great double", 20, 150)
                            .told());
            application.post("/api/species", SpeciesBenchmark.smaller(GREAT_DOUBLE, "Lesser double", 7), 0, 1);
            RoundFrames round = RoundFrames.measure(application.base, "Lesser double");
            row(
                    "Key press to the first frame in the round, 59 petals, software rendering",
                    "≤ 2.5 s",
                    round.firstTold());
            row("Turning it", "≥ 10 frames/s", round.turningTold());
            row(
                    "The bench opened while its server is away, until its task can be read",
                    "≤ 1 s",
                    OfflineBench.measure(application.base, 20).told());
            row("An order of 10 flowers of 3 species reckoned", "≤ 300 ms", LongWork.order(application, 10, 3));
            row("An order of 120 flowers of 6 species reckoned", "≤ 1 s", LongWork.order(application, 120, 6));
            row(
                    "Other pages, bench, book, sheets and price answered while the days of 60 flowers are searched for",
                    "p95 ≤ 150 ms",
                    LongWork.whilePlanning(application));
            row("A table of 10 000 rows taken in", "≤ 1.5 s", LongWork.table(application));
            row(
                    "Memory held after all this",
                    "≤ 400 MB",
                    String.format(Locale.ROOT, "%.0f MB", application.residentMb()));
        }
    }

    private void largeStudio() throws IOException, InterruptedException {
        LargeStudio.pages(root.resolve("server/target/app"))
                .forEach((page, told) ->
                        row("500 orders, 300 species, 50 000 touches, 260 pictures: " + page, "≤ 300 ms", told));
    }

    /** Everything that the first page names, gzipped. */
    private void firstLoad() throws IOException {
        Path page = root.resolve("web/target/classes/static/index.html");
        Matcher names = Pattern.compile("/(assets/[^\"]+\\.(?:js|css))").matcher(Files.readString(page));
        long sum = 0;
        while (names.find()) {
            ByteArrayOutputStream packed = new ByteArrayOutputStream();
            try (GZIPOutputStream gzip = new GZIPOutputStream(packed)) {
                gzip.write(Files.readAllBytes(page.resolveSibling(names.group(1))));
            }
            sum += packed.size();
        }
        row("First JavaScript and CSS, gzipped", "≤ 120 kB", String.format(Locale.ROOT, "%.0f kB", sum / 1000.0));
    }

    private void row(String what, String goal, String measured) {
        rows.add("| " + what + " | " + goal + " | " + measured + " |");
        System.out.println(what + ": " + measured + (goal.isEmpty() ? "" : "  (goal " + goal + ")"));
    }

    private void write() throws IOException {
        String text = """
                # Benchmarks

                Written by `./whorl bench` on %s; do not edit by hand.

                Machine: %s, %d processors, %d MB for Java; %s %s, Java %s.

                | what | goal | measured |
                |---|---|---|
                %s

                ## Where the time goes

                Samples of the thread that reckons the camellia with every ring changed (innermost method of each):

                ```
                %s
                ```
                """.formatted(
                        LocalDate.now(),
                        processor(),
                        Runtime.getRuntime().availableProcessors(),
                        Runtime.getRuntime().maxMemory() / 1_000_000,
                        System.getProperty("os.name"),
                        System.getProperty("os.arch"),
                        System.getProperty("java.version"),
                        String.join("\n", rows),
                        profile.strip());
        Files.writeString(root.resolve("docs/benchmarks.md"), text);
    }

    private static String processor() {
        try {
            return Files.readAllLines(Path.of("/proc/cpuinfo")).stream()
                    .filter(l -> l.startsWith("model name"))
                    .findFirst()
                    .map(l -> l.substring(l.indexOf(':') + 1).strip())
                    .orElse("unknown processor");
        } catch (IOException e) {
            return "unknown processor";
        }
    }
}
