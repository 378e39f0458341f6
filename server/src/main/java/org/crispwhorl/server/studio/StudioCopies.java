package org.crispwhorl.server.studio;

import java.io.EOFException;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.nio.file.FileSystemException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.time.Clock;
import java.time.LocalDateTime;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import java.util.zip.ZipEntry;
import java.util.zip.ZipException;
import java.util.zip.ZipInputStream;
import java.util.zip.ZipOutputStream;

/** The copies of a studio's database, a zip each in a folder of their own beside it, sealed by the studio that made them. */
final class StudioCopies {
    private static final String FOLDER = "copies";
    private static final String ZIP = ".zip";

    /** What is being made or read, and is of no use to anybody once the program has ended. */
    private static final String MAKING = ".making";

    private static final String READING = "reading";
    private static final DateTimeFormatter MOMENT = DateTimeFormatter.ofPattern("uuuu-MM-dd'T'HH-mm-ss");

    /** How many copies of each sort that is made by itself are kept; older ones make room. */
    private static final int KEPT = 14;

    /** What a maker asked for is hers: it stays until she takes it away. */
    private static final Set<String> STAY = Set.of("by-hand", "brought-in");

    private final Path studio;
    private final Clock clock;
    private final CopySeal seal;

    StudioCopies(Path studio, Clock clock) {
        this.clock = clock;
        this.studio = studio;
        this.seal = new CopySeal(studio);
    }

    /** Why a copy was made; it stands in its name. */
    enum Sort {
        DAILY,
        BEFORE_LIFT,
        BEFORE_RESTORE,
        BY_HAND;

        String word() {
            return name().toLowerCase(java.util.Locale.ROOT).replace('_', '-');
        }
    }

    /** Writes a database into a zip. */
    interface Backup {
        void to(Path zip) throws IOException;
    }

    /** A name for now, under which something is put. */
    private String moment() {
        return LocalDateTime.now(clock).format(MOMENT);
    }

    /**
     * Gives a studio its key where it has none yet. The copies of one that was begun before there were keys are its own, and are
     * sealed this once; in a folder that never was a studio none is.
     */
    void prepare(boolean begunBefore) throws IOException {
        if (seal.there()) {
            return;
        }
        seal.begin();
        if (begunBefore) {
            for (Path copy : all()) {
                seal.seal(copy);
            }
        }
    }

    /** Takes away what was left half made or half read when the program was ended from outside. */
    void tidy() throws IOException {
        if (!Files.isDirectory(folder())) {
            return;
        }
        List<Path> left;
        try (Stream<Path> files = Files.list(folder())) {
            left = files.filter(p -> p.toString().endsWith(MAKING)
                            || Files.isDirectory(p)
                                    && p.getFileName().toString().matches("(reading|restoring)\\d+"))
                    .toList();
        }
        for (Path one : left) {
            if (Files.isDirectory(one)) {
                clear(one);
            } else {
                Files.delete(one);
            }
        }
    }

    /**
     * Makes a copy, whole or not at all; older ones of its sort make room once it is there.
     *
     * @throws StudioRefusal where the disk has no room for it
     */
    Path made(Sort sort, Backup backup) throws IOException {
        Files.createDirectories(folder());
        Path making = folder().resolve(moment() + "-" + sort.word() + MAKING);
        try {
            backup.to(making);
            seal.seal(making);
            Path copy = next(sort);
            Files.move(making, copy, StandardCopyOption.ATOMIC_MOVE);
            makeRoom(sort);
            return copy;
        } catch (FileSystemException e) {
            throw new StudioRefusal("No copy was made: the disk has no room for it, or cannot be written to. "
                    + "Free some room and make it again; everything is as it was.");
        } finally {
            Files.deleteIfExists(making);
        }
    }

    private void makeRoom(Sort sort) throws IOException {
        if (STAY.contains(sort.word())) {
            return;
        }
        List<Path> same =
                all().stream().filter(p -> sortOf(p).equals(sort.word())).toList();
        for (int i = KEPT; i < same.size(); i++) {
            Files.delete(same.get(i));
        }
    }

    /** Of two in one second the later one is named after the next. */
    private Path next(Sort sort) {
        LocalDateTime named = LocalDateTime.now(clock);
        while (Files.exists(named(named, sort))) {
            named = named.plusSeconds(1);
        }
        return named(named, sort);
    }

    private Path named(LocalDateTime at, Sort sort) {
        return folder().resolve(at.format(MOMENT) + "-" + sort.word() + ZIP);
    }

    /** Copies a database that nobody has open. */
    Path ofClosed(Sort sort) throws IOException {
        return made(sort, making -> {
            try (ZipOutputStream out = new ZipOutputStream(Files.newOutputStream(making))) {
                out.putNextEntry(new ZipEntry(DatabaseCheck.FILE));
                Files.copy(studio.resolve(DatabaseCheck.FILE), out);
            }
        });
    }

    /** All copies, the newest first. */
    List<Path> all() throws IOException {
        if (!Files.isDirectory(folder())) {
            return List.of();
        }
        try (Stream<Path> files = Files.list(folder())) {
            return new ArrayList<>(files.filter(p -> p.toString().endsWith(ZIP) && Files.isRegularFile(p))
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

    /** What a copy holds; one that this studio did not make is not looked into. */
    DatabaseCheck check(Path copy) throws IOException {
        if (!seal.holds(copy)) {
            return DatabaseCheck.STRANGE;
        }
        Path scratch = Files.createTempDirectory(folder(), READING);
        try {
            unpack(copy, scratch.resolve(DatabaseCheck.FILE));
            return DatabaseCheck.of(scratch);
        } catch (ZipException | EOFException e) {
            return DatabaseCheck.DAMAGED;
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
                        || p.getFileName().toString().equals(name + ZIP))
                .findFirst()
                .orElseThrow(() -> new StudioRefusal(
                        "There is no copy '" + name + "' of this studio: './whorl copies' lists those there are."));
    }

    /**
     * A copy that this program can put back.
     *
     * @throws StudioRefusal where there is none of that name, this studio did not make it, it is damaged, or newer than this program
     */
    Path sound(String name) throws IOException {
        Path copy = named(name);
        String file = copy.getFileName().toString();
        DatabaseCheck check = check(copy);
        switch (check.state()) {
            case STRANGE ->
                throw new StudioRefusal(
                        file + " was not made by this studio, or was changed since; nothing was changed, "
                                + "and it was not opened. What comes from elsewhere comes in as an archive: one is made each day, "
                                + "beside the copies.");
            case SOUND -> {
                if (check.schema() > Schema.version()) {
                    throw new StudioRefusal(
                            file + " was made by a newer Crisp Whorl; nothing was changed. Put it back with that one.");
                }
            }
            default ->
                throw new StudioRefusal(
                        file + " is damaged; nothing was changed. Choose another: './whorl copies' lists them.");
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
