package org.crispwhorl.server.studio;

import java.io.BufferedOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.nio.channels.FileChannel;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.StandardOpenOption;
import java.time.Clock;
import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import java.util.stream.Stream;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Service;

/**
 * Archives as files of the studio's folder: one made each day, which is what opens on another machine when this one is lost, and one
 * on its way in, which lies on the disk before the studio is touched.
 */
@Service
public class ArchiveFile {
    private static final String FOLDER = "archives";
    private static final String NAME = "crisp-whorl-studio-";
    private static final String ZIP = ".zip";
    private static final String MAKING = ".making";
    private static final String INCOMING = "incoming-";

    /** Archives of days that are kept; each holds everything, pictures too. */
    private static final int KEPT = 2;

    private static final int BLOCK = 1 << 16;

    private final Path studio;
    private final OpenArchive archive;
    private final DiskRoom room;
    private final Clock clock;

    ArchiveFile(@Value("${crispwhorl.data}") Path studio, OpenArchive archive, DiskRoom room, Clock clock) {
        this.clock = clock;
        this.studio = studio.toAbsolutePath();
        this.archive = archive;
        this.room = room;
    }

    /** A name for an archive of today. */
    public static String nameOf(LocalDate day) {
        return NAME + day + ZIP;
    }

    /** Makes that of the day, whole or not at all; older ones make room once it is there. */
    void daily() throws IOException {
        Path folder = Files.createDirectories(studio.resolve(FOLDER));
        Path made = folder.resolve(nameOf(LocalDate.now(clock)));
        Path making = folder.resolve(made.getFileName() + MAKING);
        try {
            try (OutputStream out = new BufferedOutputStream(Files.newOutputStream(making), BLOCK)) {
                archive.write(out);
            }
            try (FileChannel written = FileChannel.open(making, StandardOpenOption.WRITE)) {
                written.force(true);
            }
            Files.move(making, made, StandardCopyOption.ATOMIC_MOVE, StandardCopyOption.REPLACE_EXISTING);
        } finally {
            Files.deleteIfExists(making);
        }
        List<Path> all;
        try (Stream<Path> files = Files.list(folder)) {
            all = files.filter(p -> p.toString().endsWith(ZIP))
                    .sorted(Comparator.reverseOrder())
                    .toList();
        }
        for (int i = KEPT; i < all.size(); i++) {
            Files.delete(all.get(i));
        }
    }

    /** Work on an archive that has come in whole. */
    public interface Work<T> {
        T on(InputStream archive) throws IOException;
    }

    /** Lays what comes in on the disk, so that a slow or broken line holds nothing up, and works on it once it is whole. */
    public <T> T received(InputStream from, Work<T> work) throws IOException {
        Path incoming = Files.createTempFile(studio, INCOMING, ZIP);
        try {
            try (OutputStream out = Files.newOutputStream(incoming)) {
                byte[] block = new byte[BLOCK];
                for (int read = from.read(block); read >= 0; read = from.read(block)) {
                    room.check();
                    out.write(block, 0, read);
                }
            }
            try (InputStream whole = Files.newInputStream(incoming)) {
                return work.on(whole);
            }
        } finally {
            Files.deleteIfExists(incoming);
        }
    }

    /** Takes away what was left half made or half received when the program was ended from outside. */
    static void tidy(Path studio) throws IOException {
        for (Path folder : List.of(studio, studio.resolve(FOLDER))) {
            if (Files.isDirectory(folder)) {
                List<Path> left;
                try (Stream<Path> files = Files.list(folder)) {
                    left = files.filter(p -> p.getFileName().toString().startsWith(INCOMING)
                                    || p.toString().endsWith(MAKING))
                            .toList();
                }
                for (Path one : left) {
                    Files.delete(one);
                }
            }
        }
    }
}
