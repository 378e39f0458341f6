package org.crispwhorl.bench;

import java.io.File;
import java.io.IOException;
import java.net.ServerSocket;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;

/** The application as {@code ./whorl demo} runs it, in a process of its own on a free port, with fresh demo data. */
final class RunningApplication implements AutoCloseable {
    private final Process process;
    private final double firstPageMs;
    final String base;
    final HttpClient client = HttpClient.newHttpClient();

    RunningApplication(Path app) throws IOException, InterruptedException {
        int port;
        try (ServerSocket socket = new ServerSocket(0)) {
            port = socket.getLocalPort();
        }
        base = "http://127.0.0.1:" + port;
        Path data = Files.createTempDirectory("crispwhorl-bench");
        List<String> command = List.of(
                Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                "-XX:SharedArchiveFile=" + app.resolve("crispwhorl.jsa"),
                "-Xshare:auto",
                "-XX:+UseSerialGC",
                "-XX:TieredStopAtLevel=1",
                "-Djava.library.path=" + app.resolve("solver"),
                "-Dspring.aot.enabled=true",
                "-jar",
                app.resolve("crispwhorl.jar").toString(),
                "--spring.profiles.active=demo",
                "--crispwhorl.data=" + data,
                "--server.port=" + port);
        long start = System.nanoTime();
        process = new ProcessBuilder(command)
                .redirectErrorStream(true)
                .redirectOutput(new File(data.toFile(), "bench.log"))
                .start();
        while (!answers("/shelf") || !answers("/api/species")) {
            if (!process.isAlive()) {
                throw new IllegalStateException("the application stopped; see " + data);
            }
            Thread.sleep(20);
        }
        firstPageMs = (System.nanoTime() - start) / 1e6;
    }

    /** From the start of the jar to the first page with its species, ms. */
    double firstPageMs() {
        return firstPageMs;
    }

    private boolean answers(String path) throws InterruptedException {
        try {
            return client.send(
                                    HttpRequest.newBuilder(URI.create(base + path))
                                            .build(),
                                    HttpResponse.BodyHandlers.discarding())
                            .statusCode()
                    == 200;
        } catch (IOException e) {
            return false;
        }
    }

    /** Times a post of a body, ms each, after some that are not counted. */
    Samples post(String path, String body, int warm, int counted) throws IOException, InterruptedException {
        double[] millis = new double[counted];
        for (int i = 0; i < warm + counted; i++) {
            long start = System.nanoTime();
            HttpResponse<String> answer = client.send(
                    HttpRequest.newBuilder(URI.create(base + path))
                            .header("content-type", "application/json")
                            .POST(HttpRequest.BodyPublishers.ofString(body))
                            .build(),
                    HttpResponse.BodyHandlers.ofString());
            if (answer.statusCode() / 100 != 2) {
                throw new IllegalStateException(answer.body());
            }
            if (i >= warm) {
                millis[i - warm] = (System.nanoTime() - start) / 1e6;
            }
        }
        return new Samples(millis);
    }

    @Override
    public void close() {
        process.destroy();
    }
}
