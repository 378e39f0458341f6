package org.crispwhorl.server.studio;

import java.io.IOException;
import java.io.OutputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;

/** Copies as only the studio itself makes them, for what none of its own would hold. */
public final class Sealing {
    private Sealing() {}

    /** Lays a database among the copies of a studio, with the studio's own seal or without. */
    public static String laid(Path studio, Path database, boolean sealed) throws IOException {
        Path copy = studio.resolve("copies/2030-01-01T10-00-00-by-hand.zip");
        Files.createDirectories(copy.getParent());
        try (OutputStream out = Files.newOutputStream(copy);
                ZipOutputStream zip = new ZipOutputStream(out)) {
            zip.putNextEntry(new ZipEntry(DatabaseCheck.FILE));
            Files.copy(database, zip);
        }
        if (sealed) {
            new CopySeal(studio).seal(copy);
        }
        return copy.getFileName().toString();
    }
}
