package org.crispwhorl.benchmarks.drill;

import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.net.URI;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.Random;
import java.util.UUID;
import java.util.stream.Stream;
import javax.imageio.ImageIO;
import org.crispwhorl.benchmarks.RunningApplication;

/** A studio with more pictures than memory: its archive goes out, and into an empty studio. */
final class ManyPictures {
    private static final long ALL = 2L << 30;

    private ManyPictures() {}

    static List<String> run(Path app) throws IOException, InterruptedException {
        Path data = Files.createTempDirectory("crispwhorl-pictures");
        Path archive = Files.createTempFile("crispwhorl-pictures", ".zip");
        Path other = Files.createTempDirectory("crispwhorl-pictures");
        int count = laid(data.resolve("pictures"));
        String out;
        try (RunningApplication application = new RunningApplication(app, data, "demo")) {
            long begun = System.nanoTime();
            application.client.send(
                    HttpRequest.newBuilder(URI.create(application.base + "/api/studio/archive.zip"))
                            .build(),
                    HttpResponse.BodyHandlers.ofFile(archive));
            out = String.format(
                    Locale.ROOT,
                    "%d pictures, %d MB, out in %.0f s, resident %d MB",
                    count,
                    Files.size(archive) >> 20,
                    (System.nanoTime() - begun) / 1e9,
                    Fuzz.residentMb(application.pid()));
        }
        try (RunningApplication application = new RunningApplication(app, other, "own")) {
            long begun = System.nanoTime();
            int status = application
                    .client
                    .send(
                            HttpRequest.newBuilder(URI.create(application.base + "/api/studio/archive.zip"))
                                    .header("content-type", "application/zip")
                                    .POST(HttpRequest.BodyPublishers.ofFile(archive))
                                    .build(),
                            HttpResponse.BodyHandlers.ofString())
                    .statusCode();
            try (Stream<Path> files = Files.list(other.resolve("pictures"))) {
                return List.of(
                        out,
                        String.format(
                                Locale.ROOT,
                                "in: %d in %.0f s, %d pictures there, resident %d MB",
                                status,
                                (System.nanoTime() - begun) / 1e9,
                                files.count(),
                                Fuzz.residentMb(application.pid())));
            }
        } finally {
            Files.delete(archive);
            clear(data.resolve("pictures"));
            clear(other.resolve("pictures"));
        }
    }

    private static void clear(Path folder) throws IOException {
        try (Stream<Path> files = Files.list(folder)) {
            for (Path file : files.toList()) {
                Files.delete(file);
            }
        }
    }

    /** As many pictures as make two gigabytes. */
    private static int laid(Path folder) throws IOException {
        Files.createDirectories(folder);
        Random random = new Random(3);
        BufferedImage grain = new BufferedImage(1600, 1200, BufferedImage.TYPE_INT_RGB);
        for (int x = 0; x < grain.getWidth(); x += 3) {
            for (int y = 0; y < grain.getHeight(); y += 3) {
                grain.setRGB(x, y, random.nextInt(1 << 24));
            }
        }
        ByteArrayOutputStream jpeg = new ByteArrayOutputStream();
        ImageIO.write(grain.getSubimage(0, 0, 1000, 900), "jpeg", jpeg);
        int count = (int) (ALL / jpeg.size());
        for (int i = 0; i < count; i++) {
            Files.write(folder.resolve(UUID.randomUUID() + ".jpg"), jpeg.toByteArray());
        }
        return count;
    }
}
