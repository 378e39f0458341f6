package org.crispwhorl.benchmarks;

import java.io.IOException;
import java.net.ServerSocket;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** The application as {@code ./whorl} runs it, in a process of its own on a free port. */
public final class RunningApplication implements AutoCloseable {
    /** The launcher passes the options on with which it starts the application. */
    private static final String OPTIONS = "CRISP_WHORL_JAVA_OPTIONS";

    private final Process process;
    private final double firstPageMs;
    public final String base;
    public final HttpClient client = HttpClient.newHttpClient();

    /** Starts it with fresh demo data. */
    RunningApplication(Path app) throws IOException, InterruptedException {
        this(app, Files.createTempDirectory("crispwhorl-bench"), "demo");
    }

    /**
     * Starts it on some data.
     *
     * @param app where {@code ./whorl} laid it out
     * @param profile demo or own
     * @param settings further settings, as on the command line
     */
    public RunningApplication(Path app, Path data, String profile, String... settings)
            throws IOException, InterruptedException {
        this(app, data, profile, free(), "http", settings);
    }

    private RunningApplication(Path app, Path data, String profile, int port, String scheme, String... settings)
            throws IOException, InterruptedException {
        base = scheme + "://127.0.0.1:" + port;
        List<String> command = new ArrayList<>(List.of(
                Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                "-XX:SharedArchiveFile=" + app.resolve("crispwhorl.jsa"),
                "-Xshare:auto"));
        command.addAll(List.of(System.getenv(OPTIONS).trim().split("\\s+")));
        command.addAll(List.of(
                "-jar",
                app.resolve("crispwhorl.jar").toString(),
                "--spring.profiles.active=" + profile,
                "--crispwhorl.data=" + data,
                "--server.port=" + port));
        command.addAll(List.of(settings));
        Path said = Files.createTempFile("crispwhorl-said", ".log");
        long start = System.nanoTime();
        process = new ProcessBuilder(command)
                .redirectErrorStream(true)
                .redirectOutput(said.toFile())
                .start();
        while (scheme.equals("http") ? !isUp() : !Files.readString(said).contains("Crisp Whorl is at")) {
            if (!process.isAlive()) {
                throw new NotStarted(Files.readString(said).strip());
            }
            Thread.sleep(20);
        }
        firstPageMs = (System.nanoTime() - start) / 1e6;
    }

    /** Starts it for the home network: it says where it is once it answers there. */
    public static RunningApplication overTls(Path app, Path data, int port, String... settings)
            throws IOException, InterruptedException {
        return new RunningApplication(app, data, "own", port, "https", settings);
    }

    private static int free() throws IOException {
        try (ServerSocket socket = new ServerSocket(0)) {
            return socket.getLocalPort();
        }
    }

    private boolean isUp() throws InterruptedException {
        return answers("/shelf") && answers("/api/species") && answers("/actuator/health/readiness");
    }

    public boolean isAlive() {
        return process.isAlive();
    }

    /** The application said why it does not start. */
    public static final class NotStarted extends IOException {
        private static final long serialVersionUID = 1;

        NotStarted(String sentence) {
            super(sentence);
        }
    }

    /** Ends it as a power cut would. */
    public void kill() throws InterruptedException {
        process.destroyForcibly().waitFor();
    }

    /** Its number among the processes of the machine. */
    public long pid() {
        return process.pid();
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

    /**
     * What came back of something sent.
     *
     * @throws IllegalStateException where it was refused
     */
    HttpResponse<String> send(HttpRequest.Builder request) throws IOException, InterruptedException {
        HttpResponse<String> answer = client.send(request.build(), HttpResponse.BodyHandlers.ofString());
        if (answer.statusCode() / 100 != 2) {
            throw new IllegalStateException(answer.body());
        }
        return answer;
    }

    HttpRequest.Builder to(String path) {
        return HttpRequest.newBuilder(URI.create(base + path));
    }

    /** Bytes on the wire of the answer to a post, packed as browsers ask for it. */
    long packedBytes(String path, String body) throws IOException, InterruptedException {
        return client.send(
                        to(path).header("content-type", "application/json")
                                .header("accept-encoding", "gzip")
                                .POST(HttpRequest.BodyPublishers.ofString(body))
                                .build(),
                        HttpResponse.BodyHandlers.ofByteArray())
                .body()
                .length;
    }

    /** Memory that it holds, as the system counts it, MB. */
    double residentMb() throws IOException {
        String status = Files.readString(Path.of("/proc/" + pid() + "/status"));
        Matcher found = RESIDENT.matcher(status);
        return found.find() ? Long.parseLong(found.group(1)) / 1024.0 : Double.NaN;
    }

    private static final Pattern RESIDENT = Pattern.compile("VmRSS:\\s+(\\d+) kB");

    /** Times a post of a body, ms each, after some that are not counted. */
    Samples post(String path, String body, int warm, int counted) throws IOException, InterruptedException {
        double[] millis = new double[counted];
        for (int i = 0; i < warm + counted; i++) {
            long start = System.nanoTime();
            send(to(path).header("content-type", "application/json").POST(HttpRequest.BodyPublishers.ofString(body)));
            if (i >= warm) {
                millis[i - warm] = (System.nanoTime() - start) / 1e6;
            }
        }
        return new Samples(millis);
    }

    @Override
    public void close() {
        process.destroy();
        try {
            process.waitFor();
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
    }
}
