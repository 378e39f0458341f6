package org.crispwhorl.benchmarks.drill;

import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.net.URI;
import java.net.http.HttpRequest;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.concurrent.CompletableFuture;
import java.util.stream.IntStream;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import javax.imageio.ImageIO;
import org.crispwhorl.benchmarks.RunningApplication;

/** What a stranger sends, or talks the maker into bringing in: none of it runs, none of it ends the application. */
final class Strangers {
    private static final int MB = 1 << 20;

    private Strangers() {}

    static List<String> run(Path app) throws IOException, InterruptedException {
        Path data = Files.createTempDirectory("crispwhorl-strangers");
        Path written = data.resolve("written-by-a-stranger");
        List<String> told = new ArrayList<>();
        try (RunningApplication application = new RunningApplication(app, data, "demo")) {
            Caller caller = new Caller(application.client, application.base);
            long before = Fuzz.residentMb(application.pid());
            Path hostile = hostile(written);
            Files.createDirectories(data.resolve("copies"));
            Files.copy(hostile, data.resolve("copies/2030-01-01T10-00-00-by-hand.zip"));
            told.add("a hostile copy among the copies: "
                    + caller.post("/api/studio/copies/2030-01-01T10-00-00-by-hand.zip/restored", "")
                            .status()
                    + ran(written));
            told.add("the same as an archive: " + archive(caller, Files.readAllBytes(hostile)) + ran(written));
            told.add("400 MB in 400 kB, of a table: "
                    + archive(caller, zipped("tables/species.json", new byte[0], 400)));
            told.add("400 MB in 400 kB, of nothing: "
                    + archive(caller, zipped("x/../../../../etc/nothing", new byte[0], 400)));
            told.add("lists in lists, 200 000 deep: "
                    + archive(
                            caller,
                            zipped("tables/species.json", "[".repeat(200_000).getBytes(StandardCharsets.UTF_8), 0)));
            String order = "/api/orders/"
                    + caller.get("/api/orders").json().get(0).get("id").asString() + "/bench/pictures";
            told.add("a picture of 59 million pixels, 16 bits each: " + picture(caller, order, large(7681, 7681)));
            told.add("one of 400 million pixels: " + picture(caller, order, large(20_000, 20_000)));
            byte[] jpeg = jpeg(8000, 6200);
            List<CompletableFuture<String>> four = IntStream.range(0, 4)
                    .mapToObj(i -> CompletableFuture.supplyAsync(() -> {
                        try {
                            return picture(caller, order, jpeg);
                        } catch (IOException | InterruptedException e) {
                            return e.toString();
                        }
                    }))
                    .toList();
            told.add("four of 50 million pixels at once: "
                    + four.stream().map(CompletableFuture::join).toList());
            told.add(String.format(
                    Locale.ROOT,
                    "it answers still: %d; resident %d MB before, %d MB after",
                    caller.get("/api/species").status(),
                    before,
                    Fuzz.residentMb(application.pid())));
        }
        return told;
    }

    private static String ran(Path written) {
        return Files.exists(written) ? ", AND IT RAN" : ", nothing of it ran";
    }

    /** A copy that writes a file as soon as anybody reads its tables. */
    private static Path hostile(Path written) throws IOException {
        Path folder = Files.createTempDirectory("crispwhorl-hostile");
        try (Connection database =
                        DriverManager.getConnection("jdbc:h2:file:" + folder.resolve("crispwhorl"), "sa", "");
                Statement statement = database.createStatement()) {
            statement.execute("create alias run as 'String run() throws Exception { java.nio.file.Files.writeString("
                    + "java.nio.file.Path.of(\"" + written + "\"), \"run\"); return \"\"; }'");
            statement.execute("create view notes as select run() as note");
        } catch (SQLException e) {
            throw new IOException(e);
        }
        Path zip = folder.resolve("copy.zip");
        try (ZipOutputStream out = new ZipOutputStream(Files.newOutputStream(zip))) {
            out.putNextEntry(new ZipEntry("crispwhorl.mv.db"));
            Files.copy(folder.resolve("crispwhorl.mv.db"), out);
        }
        return zip;
    }

    /** An archive with one entry, which begins so and goes on with so many megabytes of nothing. */
    private static byte[] zipped(String name, byte[] begin, int megabytes) throws IOException {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try (ZipOutputStream zip = new ZipOutputStream(bytes)) {
            zip.putNextEntry(new ZipEntry("manifest.json"));
            zip.write(
                    "{\"format\":\"crisp-whorl/studio\",\"version\":1,\"schema\":12}".getBytes(StandardCharsets.UTF_8));
            zip.putNextEntry(new ZipEntry(name));
            zip.write(begin);
            for (int i = 0; i < megabytes; i++) {
                zip.write(new byte[MB]);
            }
        }
        return bytes.toByteArray();
    }

    private static String archive(Caller caller, byte[] zip) throws IOException, InterruptedException {
        return sent(caller, "/api/studio/archive.zip", "application/zip", zip);
    }

    private static String picture(Caller caller, String path, byte[] picture) throws IOException, InterruptedException {
        return sent(caller, path, picture[0] == (byte) 0xff ? "image/jpeg" : "image/png", picture);
    }

    private static String sent(Caller caller, String path, String type, byte[] body)
            throws IOException, InterruptedException {
        Caller.Answer answer = caller.send(HttpRequest.newBuilder(URI.create(caller.base() + path))
                .header("content-type", type)
                .POST(HttpRequest.BodyPublishers.ofByteArray(body)));
        return String.format(Locale.ROOT, "%d in %.1f s", answer.status(), answer.millis() / 1000);
    }

    /** A PNG of 16 bits a channel that is nearly nothing on the wire. */
    private static byte[] large(int width, int height) throws IOException {
        ByteArrayOutputStream png = new ByteArrayOutputStream();
        png.write(new byte[] {(byte) 0x89, 'P', 'N', 'G', '\r', '\n', 0x1a, '\n'});
        java.nio.ByteBuffer header = java.nio.ByteBuffer.allocate(13);
        header.putInt(width).putInt(height).put((byte) 16).put((byte) 2).put(new byte[3]);
        chunk(png, "IHDR", header.array());
        ByteArrayOutputStream packed = new ByteArrayOutputStream();
        try (OutputStream deflated = new java.util.zip.DeflaterOutputStream(packed)) {
            byte[] row = new byte[1 + 6 * width];
            for (int y = 0; y < height; y++) {
                deflated.write(row);
            }
        }
        chunk(png, "IDAT", packed.toByteArray());
        chunk(png, "IEND", new byte[0]);
        return png.toByteArray();
    }

    private static void chunk(ByteArrayOutputStream png, String type, byte[] content) throws IOException {
        java.util.zip.CRC32 sum = new java.util.zip.CRC32();
        sum.update(type.getBytes(StandardCharsets.US_ASCII));
        sum.update(content);
        png.write(java.nio.ByteBuffer.allocate(4).putInt(content.length).array());
        png.write(type.getBytes(StandardCharsets.US_ASCII));
        png.write(content);
        png.write(java.nio.ByteBuffer.allocate(4).putInt((int) sum.getValue()).array());
    }

    private static byte[] jpeg(int width, int height) throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        ImageIO.write(new BufferedImage(width, height, BufferedImage.TYPE_BYTE_GRAY), "jpeg", out);
        return out.toByteArray();
    }
}
