package org.crispwhorl.server;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.time.LocalDateTime;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.locks.LockSupport;
import java.util.function.BooleanSupplier;
import org.crispwhorl.core.species.Species;
import org.crispwhorl.files.document.CraftJson;
import org.crispwhorl.files.document.SpeciesDocument;
import org.springframework.core.io.Resource;
import org.springframework.core.io.support.PathMatchingResourcePatternResolver;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** A caller of the running interface. */
public final class Api {
    static final JsonMapper JSON = CraftJson.mapper();
    private final HttpClient client = HttpClient.newHttpClient();
    private final String base;
    private final int port;

    public Api(int port) {
        base = "http://127.0.0.1:" + port;
        this.port = port;
    }

    int port() {
        return port;
    }

    /** What came back. */
    public record Answer(int status, String type, String etag, String body) {
        public JsonNode json() {
            return JSON.readTree(body);
        }
    }

    public Answer get(String path) {
        return send(HttpRequest.newBuilder(URI.create(base + path)).GET());
    }

    public Answer post(String path, Object body) {
        return send(written(path).POST(HttpRequest.BodyPublishers.ofString(text(body))));
    }

    public Answer put(String path, Object body, String... headers) {
        HttpRequest.Builder request = written(path).PUT(HttpRequest.BodyPublishers.ofString(text(body)));
        for (int i = 0; i < headers.length; i += 2) {
            request.header(headers[i], headers[i + 1]);
        }
        return send(request);
    }

    /** Keeps something that was changed over what it was made from, as that was read. */
    public Answer keep(String path, JsonNode madeFrom, Object body) {
        return put(path, body, "If-Match", "\"" + madeFrom.get("version").asLong() + "\"");
    }

    public Answer delete(String path) {
        return send(HttpRequest.newBuilder(URI.create(base + path)).DELETE());
    }

    /** A file. */
    byte[] bytes(String path) {
        try {
            return client.send(
                            HttpRequest.newBuilder(URI.create(base + path)).build(),
                            HttpResponse.BodyHandlers.ofByteArray())
                    .body();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException(e);
        }
    }

    Answer postBytes(String path, String type, byte[] body) {
        return send(HttpRequest.newBuilder(URI.create(base + path))
                .header("content-type", type)
                .POST(HttpRequest.BodyPublishers.ofByteArray(body)));
    }

    /** Keeps an order of some flowers of one species and tells its address. */
    String ordered(String name, LocalDateTime handOver, String species, int flowers) {
        ObjectNode draft = JSON.createObjectNode()
                .put("name", name)
                .put("note", "")
                .put("handOver", handOver.truncatedTo(ChronoUnit.HOURS) + ":00")
                .put("spareTimeH", 12)
                .put("tierMm", 100);
        draft.putArray("lines")
                .addObject()
                .put("id", "0")
                .put("speciesId", speciesId(species))
                .put("flowers", flowers);
        Answer added = post("/api/orders", draft);
        if (added.status() != 201) {
            throw new AssertionError(added.body());
        }
        return "/api/orders/" + added.json().get("id").asString();
    }

    /** The id of a species of the shelf. */
    String speciesId(String name) {
        for (JsonNode card : get("/api/species").json()) {
            if (card.get("name").asString().equals(name)) {
                return card.get("id").asString();
            }
        }
        throw new AssertionError(name + " is not on the shelf");
    }

    /** Waits until something holds, for as long as a slow machine may take. */
    static void until(String what, BooleanSupplier holds) {
        long begun = System.nanoTime();
        while (!holds.getAsBoolean()) {
            if (System.nanoTime() - begun > PATIENCE_NS) {
                throw new AssertionError("in vain: " + what);
            }
            LockSupport.parkNanos(20_000_000);
        }
    }

    private static final long PATIENCE_NS = 120_000_000_000L;

    /** What came of a piece of long work that was begun. */
    public Answer worked(Answer begun) {
        if (begun.status() != 202) {
            return begun;
        }
        String path = "/api/jobs/" + begun.json().get("id").asString();
        while (List.of("waiting", "running")
                .contains(get(path).json().get("state").asString())) {
            LockSupport.parkNanos(20_000_000);
        }
        return get(path + "/result");
    }

    public Answer send(HttpRequest.Builder request) {
        try {
            HttpResponse<String> response = client.send(request.build(), HttpResponse.BodyHandlers.ofString());
            return new Answer(
                    response.statusCode(),
                    response.headers().firstValue("content-type").orElse(""),
                    response.headers().firstValue("etag").orElse(""),
                    response.body());
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException(e);
        }
    }

    HttpRequest.Builder written(String path) {
        return HttpRequest.newBuilder(URI.create(base + path)).header("content-type", "application/json");
    }

    private static String text(Object body) {
        return body instanceof String string ? string : JSON.writeValueAsString(body);
    }

    /** All species of the demo data. */
    public static List<Species> demos() {
        try {
            List<Species> all = new ArrayList<>();
            for (Resource document : new PathMatchingResourcePatternResolver().getResources("classpath:demo/*.json")) {
                all.add(SpeciesDocument.readText(document.getContentAsString(StandardCharsets.UTF_8)));
            }
            return all;
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** A document of the demo data. */
    public static ObjectNode demo(String name) {
        try (InputStream in = Api.class.getResourceAsStream("/demo/" + name + ".json")) {
            return (ObjectNode) JSON.readTree(in);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
