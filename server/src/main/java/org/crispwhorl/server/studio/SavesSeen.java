package org.crispwhorl.server.studio;

import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.channels.FileChannel;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;

/**
 * How many changes were acknowledged, noted outside of the database. A database that was damaged at its end opens at an older
 * state of its own without a word; this note tells.
 */
final class SavesSeen {
    private static final String FILE = "saves";

    private SavesSeen() {}

    /** The note in a folder; 0 where there is none. */
    static long in(Path folder) throws IOException {
        Path file = folder.resolve(FILE);
        if (!Files.exists(file) || Files.size(file) < Long.BYTES) {
            return 0;
        }
        return ByteBuffer.wrap(Files.readAllBytes(file)).getLong();
    }

    static void note(Path folder, long saves) throws IOException {
        try (FileChannel file =
                FileChannel.open(folder.resolve(FILE), StandardOpenOption.WRITE, StandardOpenOption.CREATE)) {
            file.write(ByteBuffer.allocate(Long.BYTES).putLong(saves).flip(), 0);
        }
    }

    /** Another database takes the place of the one that was noted. */
    static void forget(Path folder) throws IOException {
        Files.deleteIfExists(folder.resolve(FILE));
    }
}
