package org.crispwhorl.benchmarks;

import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.net.http.HttpRequest;
import java.nio.file.Path;
import java.time.Instant;
import java.time.LocalDateTime;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Random;
import java.util.TreeMap;
import java.util.UUID;
import javax.imageio.ImageIO;
import org.crispwhorl.files.document.CraftJson;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** A studio of many years: how soon its pages are answered, and how large it is. */
public final class LargeStudio {
    private static final JsonMapper JSON = CraftJson.mapper();
    private static final int SPECIES = 300;
    private static final int ORDERS = 500;
    private static final int TOUCHES = 50_000;
    private static final int PICTURES = 260;
    private static final int ON_THE_BENCH = 120;
    private static final int TIMES = 7;

    private final RunningApplication application;
    private final Random random = new Random(5);
    private final List<String> orders = new ArrayList<>();

    private LargeStudio(RunningApplication application) {
        this.application = application;
    }

    /** Pages of such a studio, each with its slowest and its middle answer. */
    static Map<String, String> pages(Path app) throws IOException, InterruptedException {
        try (RunningApplication application = new RunningApplication(app)) {
            LargeStudio studio = new LargeStudio(application);
            studio.fill();
            return studio.measured();
        }
    }

    private JsonNode post(String path, Object body) throws IOException, InterruptedException {
        return JSON.readTree(application
                .send(application
                        .to(path)
                        .header("content-type", "application/json")
                        .POST(HttpRequest.BodyPublishers.ofString(JSON.writeValueAsString(body))))
                .body());
    }

    private JsonNode get(String path) throws IOException, InterruptedException {
        return JSON.readTree(application.send(application.to(path).GET()).body());
    }

    private void fill() throws IOException, InterruptedException {
        List<String> shelf = new ArrayList<>();
        List<JsonNode> documents = new ArrayList<>();
        for (JsonNode card : get("/api/species")) {
            shelf.add(card.get("id").asString());
            documents.add(get("/api/species/" + card.get("id").asString() + "/document"));
        }
        for (int i = shelf.size(); i < SPECIES; i++) {
            ObjectNode another = documents.get(i % documents.size()).deepCopy().asObject();
            another.put("name", another.get("name").asString() + " " + i);
            shelf.add(post("/api/species", another).get("id").asString());
        }
        LocalDateTime now = LocalDateTime.now().truncatedTo(ChronoUnit.HOURS);
        for (int i = get("/api/orders").size(); i < ORDERS; i++) {
            ObjectNode order = JSON.createObjectNode()
                    .put("name", "Order " + i)
                    .put("note", "")
                    .put("handOver", now.plusDays(i % 400 - 300) + ":00")
                    .put("spareTimeH", 12)
                    .put("tierMm", 100);
            ArrayNode lines = order.putArray("lines");
            for (int k = 0; k < 3; k++) {
                lines.addObject()
                        .put("id", Integer.toString(k))
                        .put("speciesId", shelf.get((7 * i + k) % shelf.size()))
                        .put("flowers", 1 + random.nextInt(8));
            }
            String id = post("/api/orders", order).get("id").asString();
            orders.add(id);
            application.send(
                    application.to("/api/orders/" + id + "/acceptance").PUT(HttpRequest.BodyPublishers.noBody()));
        }
        for (int i = 0; i < ON_THE_BENCH; i++) {
            touches(
                    orders.get(i),
                    TOUCHES / ON_THE_BENCH,
                    now.minusDays(300 - 2 * i).toString());
        }
        byte[] picture = picture();
        for (int i = 0; i < PICTURES; i++) {
            application.send(application
                    .to("/api/orders/" + orders.get(i % ON_THE_BENCH) + "/bench/pictures")
                    .header("content-type", "image/jpeg")
                    .POST(HttpRequest.BodyPublishers.ofByteArray(picture)));
        }
        for (int i = 0; i < ON_THE_BENCH - 20; i++) {
            application.send(application
                    .to("/api/orders/" + orders.get(i) + "/delivery")
                    .PUT(HttpRequest.BodyPublishers.noBody()));
        }
    }

    private void touches(String order, int count, String begun) throws IOException, InterruptedException {
        List<String> cards = new ArrayList<>();
        get("/api/orders/" + order + "/bench")
                .get("cards")
                .forEach(c -> cards.add(c.get("key").asString()));
        ObjectNode body = JSON.createObjectNode();
        ArrayNode events = body.putArray("events");
        Instant at = Instant.parse(begun + ":00Z");
        for (int i = 0; i < count; i++) {
            String uid = cards.get(i * cards.size() / count) + "/1-1";
            events.addObject()
                    .put("id", UUID.randomUUID().toString())
                    .put("uid", uid)
                    .put("touch", i % 20 == 0 ? "begun" : i % 20 == 19 ? "done" : i % 37 == 0 ? "broke" : "good")
                    .put("at", at.plusSeconds(60L * i).toString())
                    .put("pieces", 1);
        }
        post("/api/orders/" + order + "/bench/events", body);
    }

    private byte[] picture() throws IOException {
        BufferedImage image = new BufferedImage(1600, 1200, BufferedImage.TYPE_INT_RGB);
        for (int x = 0; x < image.getWidth(); x += 8) {
            for (int y = 0; y < image.getHeight(); y += 8) {
                image.setRGB(x, y, random.nextInt());
            }
        }
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        ImageIO.write(image, "jpeg", out);
        return out.toByteArray();
    }

    private Map<String, String> measured() throws IOException, InterruptedException {
        String busy = "/api/orders/" + orders.get(ON_THE_BENCH - 1);
        String quiet = "/api/orders/" + orders.get(ORDERS / 2);
        Map<String, String> pages = new TreeMap<>();
        for (String path : List.of(
                "/api/species",
                "/api/orders",
                "/api/days",
                "/api/bench",
                "/api/drawer",
                "/api/book",
                "/api/unreadable",
                busy,
                busy + "/bench",
                busy + "/bench/events?since=0",
                busy + "/days",
                quiet + "/bench",
                quiet + "/materials",
                quiet + "/reckoning",
                quiet + "/days")) {
            double[] took = new double[TIMES];
            int bytes = 0;
            for (int i = 0; i < TIMES; i++) {
                long from = System.nanoTime();
                bytes = application.send(application.to(path).GET()).body().length();
                took[i] = (System.nanoTime() - from) / 1e6;
            }
            pages.put(
                    path.replace(busy, "an order on the bench: ").replace(quiet, "an order: "),
                    String.format(
                            Locale.ROOT,
                            "first %.0f ms, median %.0f ms, %d kB",
                            took[0],
                            new Samples(took).percentile(0.5),
                            bytes / 1000));
        }
        return pages;
    }
}
