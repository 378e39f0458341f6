package org.crispwhorl.benchmarks.drill;

import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.time.Duration;
import org.crispwhorl.files.document.CraftJson;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Asks a running application. */
record Caller(HttpClient client, String base) {
    static final JsonMapper JSON = CraftJson.mapper();

    /** What came back, and after how long. */
    record Answer(int status, String body, String etag, double millis) {
        JsonNode json() {
            return JSON.readTree(body);
        }
    }

    Answer get(String path) throws IOException, InterruptedException {
        return send(HttpRequest.newBuilder(URI.create(base + path)).GET());
    }

    Answer post(String path, String body) throws IOException, InterruptedException {
        return send(json(path).POST(HttpRequest.BodyPublishers.ofString(body)));
    }

    /** Keeps a species' document. */
    Answer keep(String id, String document, String version) throws IOException, InterruptedException {
        return send(json("/api/species/" + id + "/document")
                .header("If-Match", version)
                .PUT(HttpRequest.BodyPublishers.ofString(document)));
    }

    HttpRequest.Builder json(String path) {
        return HttpRequest.newBuilder(URI.create(base + path)).header("content-type", "application/json");
    }

    Answer send(HttpRequest.Builder request) throws IOException, InterruptedException {
        long start = System.nanoTime();
        HttpResponse<String> answer =
                client.send(request.timeout(Duration.ofSeconds(60)).build(), HttpResponse.BodyHandlers.ofString());
        return new Answer(
                answer.statusCode(),
                answer.body(),
                answer.headers().firstValue("etag").orElse(""),
                (System.nanoTime() - start) / 1e6);
    }
}
