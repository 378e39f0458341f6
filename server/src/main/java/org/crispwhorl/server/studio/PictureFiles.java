package org.crispwhorl.server.studio;

import java.io.FileNotFoundException;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.nio.channels.FileChannel;
import java.nio.file.Files;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.StandardOpenOption;
import java.nio.file.attribute.FileTime;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;

/**
 * The pictures of a studio, a JPEG each in a folder of its data, named by their ids. A picture is written once and never changed,
 * so a copy of the database needs none of its own: those that it knows of are still there when it is put back.
 */
@Component
public class PictureFiles {
    private static final String FOLDER = "pictures";
    private static final String ENDING = ".jpg";
    private static final String FRESH = ".new";
    private static final Pattern NAMED =
            Pattern.compile("(\\p{XDigit}{8}(?:-\\p{XDigit}{4}){3}-\\p{XDigit}{12})\\.jpg");

    /** So long a picture that nothing knows of any more is kept for copies that may; {@value} days. */
    static final int KEPT_DAYS = 60;

    private final Path folder;

    PictureFiles(@Value("${crispwhorl.data}") Path studio) {
        this.folder = studio.toAbsolutePath().resolve(FOLDER);
    }

    /** Keeps a picture; once this is over it is on the disk. */
    public void keep(UUID id, InputStream jpeg) throws IOException {
        Files.createDirectories(folder);
        Path fresh = folder.resolve(id + FRESH);
        try {
            try (OutputStream out = Files.newOutputStream(fresh)) {
                jpeg.transferTo(out);
            }
            try (FileChannel written = FileChannel.open(fresh, StandardOpenOption.WRITE)) {
                written.force(true);
            }
            Files.move(fresh, file(id), StandardCopyOption.ATOMIC_MOVE, StandardCopyOption.REPLACE_EXISTING);
        } finally {
            Files.deleteIfExists(fresh);
        }
    }

    /** A picture; none where it is gone. */
    public Optional<byte[]> read(UUID id) throws IOException {
        try {
            return Optional.of(Files.readAllBytes(file(id)));
        } catch (NoSuchFileException | FileNotFoundException e) {
            return Optional.empty();
        }
    }

    /** Whether a picture lies here. */
    boolean there(UUID id) {
        return Files.exists(file(id));
    }

    /** Where a picture lies, or would. */
    Path file(UUID id) {
        return folder.resolve(id + ENDING);
    }

    /** Every picture that lies here; what somebody else has put here is none. */
    List<UUID> all() throws IOException {
        if (!Files.isDirectory(folder)) {
            return List.of();
        }
        try (Stream<Path> files = Files.list(folder)) {
            return files.map(p -> NAMED.matcher(p.getFileName().toString()))
                    .filter(Matcher::matches)
                    .map(named -> UUID.fromString(named.group(1)))
                    .sorted()
                    .toList();
        }
    }

    void remove(UUID id) throws IOException {
        Files.deleteIfExists(file(id));
    }

    /**
     * Lets go of pictures that nothing knows of: each goes when that has been so for {@value #KEPT_DAYS} days, since a copy that is
     * put back may know of it.
     */
    void letGo(Set<UUID> known, Instant now) throws IOException {
        for (UUID id : all()) {
            Path file = file(id);
            if (known.contains(id)) {
                Files.setLastModifiedTime(file, FileTime.from(now));
            } else if (Files.getLastModifiedTime(file).toInstant().isBefore(now.minus(Duration.ofDays(KEPT_DAYS)))) {
                Files.delete(file);
            }
        }
    }

    /** Takes away what was half written when the program was ended from outside. */
    void tidy() throws IOException {
        if (!Files.isDirectory(folder)) {
            return;
        }
        try (Stream<Path> files = Files.list(folder)) {
            for (Path file : files.filter(p -> p.toString().endsWith(FRESH)).toList()) {
                Files.delete(file);
            }
        }
    }
}
