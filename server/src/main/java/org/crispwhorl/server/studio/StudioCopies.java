package org.crispwhorl.server.studio;

import java.io.EOFException;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.time.LocalDateTime;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import java.util.zip.ZipEntry;
import java.util.zip.ZipException;
import java.util.zip.ZipInputStream;
import java.util.zip.ZipOutputStream;

/** The copies of a studio's database, a zip each in a folder of their own beside it. */
final class StudioCopies {
    private static final String FOLDER = "copies";
    private static final DateTimeFormatter MOMENT = DateTimeFormatter.ofPattern("uuuu-MM-dd'T'HH-mm-ss");

    /** How many copies of each sort are kept; older ones make room. */
    private static final int KEPT = 14;

    private final Path studio;

    StudioCopies(Path studio) {
        this.studio = studio;
    }

    /** Why a copy was made; it stands in its name. */
    enum Sort {
        DAILY,
        BEFORE_LIFT,
        BEFORE_RESTORE,
        BY_HAND,
        BROUGHT_IN;

        String word() {
            return name().toLowerCase(java.util.Locale.ROOT).replace('_', '-');
        }
    }

    /** A name for now, under which something is put. */
    static String moment() {
        return LocalDateTime.now().format(MOMENT);
    }

    /** Where a copy of that sort is to be written now; older ones of it make room. */
    Path next(Sort sort) throws IOException {
        Files.createDirectories(folder());
        List<Path> same =
                all().stream().filter(p -> sortOf(p).equals(sort.word())).toList();
        for (int i = KEPT - 1; i < same.size(); i++) {
            Files.delete(same.get(i));
        }
        // Of two in one second the later one is named after the next.
        LocalDateTime named = LocalDateTime.now();
        while (Files.exists(named(named, sort))) {
            named = named.plusSeconds(1);
        }
        return named(named, sort);
    }

    private Path named(LocalDateTime at, Sort sort) {
        return folder().resolve(at.format(MOMENT) + "-" + sort.word() + ".zip");
    }

    /** Copies a database that nobody has open. */
    Path ofClosed(Sort sort) throws IOException {
        Path copy = next(sort);
        try (ZipOutputStream out = new ZipOutputStream(Files.newOutputStream(copy))) {
            out.putNextEntry(new ZipEntry(DatabaseCheck.FILE));
            Files.copy(studio.resolve(DatabaseCheck.FILE), out);
        }
        return copy;
    }

    /** All copies, the newest first. */
    List<Path> all() throws IOException {
        if (!Files.isDirectory(folder())) {
            return List.of();
        }
        try (Stream<Path> files = Files.list(folder())) {
            return new ArrayList<>(files.filter(p -> p.toString().endsWith(".zip"))
                    .sorted(Comparator.comparing((Path p) -> p.getFileName().toString())
                            .reversed())
                    .toList());
        }
    }

    /** The newest copy that reads to its last row. */
    Optional<Path> newestGood() throws IOException {
        for (Path copy : all()) {
            if (check(copy).state() == DatabaseCheck.State.SOUND) {
                return Optional.of(copy);
            }
        }
        return Optional.empty();
    }

    /** What a copy holds. */
    DatabaseCheck check(Path copy) throws IOException {
        Path scratch = Files.createTempDirectory(folder(), "reading");
        try {
            unpack(copy, scratch.resolve(DatabaseCheck.FILE));
            return DatabaseCheck.of(scratch);
        } catch (ZipException | EOFException e) {
            return new DatabaseCheck(DatabaseCheck.State.DAMAGED, 0, 0, 0);
        } finally {
            clear(scratch);
        }
    }

    /**
     * Puts a copy back. What was there is moved aside; a copy that is damaged or newer than this program changes nothing.
     *
     * @param name of the copy
     * @return where the database that was there lies now, where there was one
     */
    Optional<Path> restore(String name) throws IOException {
        Path copy = sound(name);
        Optional<Path> aside = moveAside();
        unpack(copy, studio.resolve(DatabaseCheck.FILE));
        return aside;
    }

    /**
     * A copy of that name.
     *
     * @throws StudioRefusal where there is none
     */
    Path named(String name) throws IOException {
        return all().stream()
                .filter(p -> p.getFileName().toString().equals(name)
                        || p.getFileName().toString().equals(name + ".zip"))
                .findFirst()
                .orElseThrow(() -> new StudioRefusal("There is no copy '" + name + "' in " + folder()
                        + ": './whorl copies' lists those there are."));
    }

    /**
     * A copy that this program can put back.
     *
     * @throws StudioRefusal where there is none of that name, or it is damaged, or newer than this program
     */
    Path sound(String name) throws IOException {
        Path copy = named(name);
        DatabaseCheck check = check(copy);
        if (check.state() != DatabaseCheck.State.SOUND) {
            throw new StudioRefusal(
                    copy + " is damaged; nothing was changed. Choose another: './whorl copies' lists them.");
        }
        if (check.schema() > DatabaseCheck.ownSchema()) {
            throw new StudioRefusal(
                    copy + " was made by a newer Crisp Whorl; nothing was changed. Put it back with that one.");
        }
        return copy;
    }

    /** Moves the database aside, under the date; nothing is ever deleted. */
    Optional<Path> moveAside() throws IOException {
        Path file = studio.resolve(DatabaseCheck.FILE);
        SavesSeen.forget(studio);
        if (!Files.exists(file)) {
            return Optional.empty();
        }
        Path aside = studio.resolve("aside").resolve(moment());
        for (int i = 2; Files.exists(aside); i++) {
            aside = aside.resolveSibling(moment() + "-" + i);
        }
        Files.createDirectories(aside);
        Files.move(file, aside.resolve(DatabaseCheck.FILE), StandardCopyOption.ATOMIC_MOVE);
        return Optional.of(aside);
    }

    static void unpack(Path copy, Path to) throws IOException {
        try (InputStream file = Files.newInputStream(copy);
                ZipInputStream in = new ZipInputStream(file)) {
            for (ZipEntry entry = in.getNextEntry(); entry != null; entry = in.getNextEntry()) {
                if (entry.getName().equals(DatabaseCheck.FILE)) {
                    try (OutputStream out = Files.newOutputStream(to)) {
                        in.transferTo(out);
                    }
                    return;
                }
            }
        }
    }

    static void clear(Path scratch) throws IOException {
        try (Stream<Path> files = Files.list(scratch)) {
            for (Path file : files.toList()) {
                Files.delete(file);
            }
        }
        Files.delete(scratch);
    }

    Path folder() {
        return studio.resolve(FOLDER);
    }

    static String sortOf(Path copy) {
        return copy.getFileName().toString().replaceAll("^\\d{4}-\\d\\d-\\d\\dT\\d\\d-\\d\\d-\\d\\d-|\\.zip$", "");
    }
}
