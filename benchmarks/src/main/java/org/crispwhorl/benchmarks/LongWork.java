package org.crispwhorl.benchmarks;

import java.io.IOException;
import java.net.http.HttpRequest;
import java.time.LocalDateTime;
import java.time.format.DateTimeFormatter;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Long work of the running application, from asking for it to having what came of it. */
final class LongWork {
    private static final Pattern ID = Pattern.compile("\"id\":\"([0-9a-f-]{36})\"");
    private static final int ROWS = 10_000;

    private LongWork() {}

    /** A table of cake picks taken into the drawer. */
    static String table(RunningApplication application) throws IOException, InterruptedException {
        StringBuilder csv = new StringBuilder("kind,name,count,boreMm,lengthMm\n");
        for (int i = 0; i < ROWS; i++) {
            csv.append("cake-pick,pick ").append(i).append(",5,4,70\n");
        }
        return told(
                application,
                application
                        .to("/api/drawer/csv")
                        .header("content-type", "text/csv")
                        .POST(HttpRequest.BodyPublishers.ofString(csv.toString())));
    }

    /** What an order takes, of so many flowers of so many of the demo species. */
    static String order(RunningApplication application, int flowers, int species)
            throws IOException, InterruptedException {
        return told(
                application,
                application
                        .to("/api/orders/" + kept(application, flowers, species, "2030-06-01T12:00:00") + "/reckoning")
                        .POST(HttpRequest.BodyPublishers.noBody()));
    }

    /** How soon other pages are answered while the days of a large order are searched for. */
    static String whilePlanning(RunningApplication application) throws IOException, InterruptedException {
        String handOver = LocalDateTime.now()
                .plusDays(40)
                .truncatedTo(ChronoUnit.HOURS)
                .format(DateTimeFormatter.ISO_LOCAL_DATE_TIME);
        String order = kept(application, 60, 6, handOver);
        String other = kept(application, 10, 3, handOver);
        String job = application
                .send(application
                        .to("/api/orders/" + order + "/days")
                        .header("content-type", "application/json")
                        .POST(HttpRequest.BodyPublishers.ofString("{\"pins\":[],\"together\":[]}")))
                .body();
        Matcher id = ID.matcher(job);
        if (!id.find()) {
            throw new IllegalStateException(job);
        }
        List<Double> took = new ArrayList<>();
        while (job.contains("\"waiting\"") || job.contains("\"running\"")) {
            for (String path : List.of(
                    "/api/orders",
                    "/api/species",
                    "/api/drawer",
                    "/api/book",
                    "/api/orders/" + order,
                    "/api/orders/" + other + "/bench",
                    "/api/orders/" + other + "/materials",
                    "/api/orders/" + other + "/sheets/shopping.csv",
                    "/api/orders/" + other + "/quote.pdf?asItIs=true")) {
                long begun = System.nanoTime();
                application.send(application.to(path).GET());
                took.add((System.nanoTime() - begun) / 1e6);
            }
            Thread.sleep(20);
            job = application
                    .send(application.to("/api/jobs/" + id.group(1)).GET())
                    .body();
        }
        return new Samples(took.stream().mapToDouble(Double::doubleValue).toArray()).told();
    }

    /** An order that is kept: its id. */
    private static String kept(RunningApplication application, int flowers, int species, String handOver)
            throws IOException, InterruptedException {
        List<String> lines = new ArrayList<>();
        Matcher ids = ID.matcher(
                application.send(application.to("/api/species").GET()).body());
        for (int k = 0; k < species && ids.find(); k++) {
            lines.add("{\"id\":\"" + lines.size() + "\",\"speciesId\":\"" + ids.group(1) + "\",\"flowers\":"
                    + (flowers / species + (k < flowers % species ? 1 : 0)) + "}");
        }
        String order = "{\"name\":\"" + flowers + "\",\"note\":\"\",\"handOver\":\"" + handOver
                + "\",\"spareTimeH\":12," + "\"tierMm\":100,\"lines\":[" + String.join(",", lines) + "]}";
        Matcher kept = ID.matcher(application
                .send(application
                        .to("/api/orders")
                        .header("content-type", "application/json")
                        .POST(HttpRequest.BodyPublishers.ofString(order)))
                .body());
        if (!kept.find()) {
            throw new IllegalStateException("the order has no id");
        }
        return kept.group(1);
    }

    private static String told(RunningApplication application, HttpRequest.Builder begin)
            throws IOException, InterruptedException {
        long start = System.nanoTime();
        String job = application.send(begin).body();
        Matcher id = ID.matcher(job);
        if (!id.find()) {
            throw new IllegalStateException(job);
        }
        while (job.contains("\"waiting\"") || job.contains("\"running\"")) {
            Thread.sleep(10);
            job = application
                    .send(application.to("/api/jobs/" + id.group(1)).GET())
                    .body();
        }
        application.send(application.to("/api/jobs/" + id.group(1) + "/result").GET());
        return String.format(Locale.ROOT, "%.0f ms", (System.nanoTime() - start) / 1e6);
    }
}
