package org.crispwhorl.server.studio;

import java.io.IOException;
import java.nio.channels.FileChannel;
import java.nio.channels.FileLock;
import java.nio.channels.OverlappingFileLockException;
import java.nio.file.FileSystemException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.nio.file.attribute.PosixFilePermissions;
import java.util.Optional;
import java.util.stream.Stream;

/** A studio's folder, opened by one program at a time. Whatever does not look right is refused before anything is written. */
final class StudioFolder implements AutoCloseable {
    private static final String LOCK = "studio.lock";

    private final Path folder;
    private final FileChannel channel;

    private StudioFolder(Path folder, FileChannel channel) {
        this.folder = folder;
        this.channel = channel;
    }

    /**
     * How a studio is to be opened.
     *
     * @param demo as a demo
     * @param fresh begun anew: what was there is moved aside
     */
    record Wanted(boolean demo, boolean fresh) {}

    /**
     * Takes the folder for this program alone.
     *
     * @throws StudioRefusal where another has it, or it cannot be written to
     */
    static StudioFolder locked(Path folder) {
        try {
            Files.createDirectories(folder);
            FileChannel channel =
                    FileChannel.open(folder.resolve(LOCK), StandardOpenOption.CREATE, StandardOpenOption.WRITE);
            if (!free(channel) || inUse(folder.resolve(DatabaseCheck.FILE))) {
                channel.close();
                throw new StudioRefusal(
                        "The data in " + folder + " is open in another Crisp Whorl: stop that one, or choose"
                                + " another folder with --data DIR.");
            }
            guard(folder);
            return new StudioFolder(folder, channel);
        } catch (IOException e) {
            throw unusable(folder, e);
        }
    }

    private static StudioRefusal unusable(Path folder, IOException e) {
        String reason = e instanceof FileSystemException f && f.getReason() != null ? f.getReason() : e.getMessage();
        return new StudioRefusal("The folder " + folder + " cannot be used (" + reason
                + "): see that it can be written to and has room, or choose another with --data DIR.");
    }

    /** Opens the studio: begun anew where that is wanted, checked to its last row, copied where it is to be lifted. */
    void open(Wanted wanted) {
        try {
            Optional<StudioMark> mark = StudioMark.in(folder);
            if (wanted.demo() && mark.isPresent() && !mark.get().demo()) {
                throw new StudioRefusal(
                        folder + " is a studio of your own, not a demo: open it with './whorl start --data " + folder
                                + "', or choose another folder for the demo.");
            }
            StudioCopies copies = new StudioCopies(folder, StudioClock.OF_THIS_MACHINE);
            if (wanted.fresh()) {
                if (mark.isEmpty() && Files.exists(folder.resolve(DatabaseCheck.FILE))) {
                    throw new StudioRefusal(
                            folder + " does not say whether it is a demo, so it is not begun anew: open it once"
                                    + " without --fresh, or choose another folder.");
                }
                copies.moveAside();
            }
            copies.tidy();
            copies.prepare(mark.isPresent() || Files.exists(folder.resolve(DatabaseCheck.FILE)));
            new PictureFiles(folder).tidy();
            ArchiveFile.tidy(folder);
            check(copies, mark.isPresent() && !wanted.fresh());
            if (mark.isEmpty()) {
                StudioMark.fresh(wanted.demo()).write(folder);
            }
        } catch (IOException e) {
            throw unusable(folder, e);
        }
    }

    private void check(StudioCopies copies, boolean begun) throws IOException {
        DatabaseCheck check = DatabaseCheck.of(folder);
        Path file = folder.resolve(DatabaseCheck.FILE);
        switch (check.state()) {
            case ABSENT -> {
                if (begun && SavesSeen.in(folder) > 0) {
                    throw new StudioRefusal(file + " is gone, though this studio was in use. " + remedy(copies));
                }
                Schema.lift(folder);
            }
            case STRANGE ->
                throw new StudioRefusal(file
                        + " holds what Crisp Whorl never writes (a view, a routine or a trigger): it is not opened, and left as it is. "
                        + remedy(copies));
            case DAMAGED -> throw new StudioRefusal(file + " is damaged and is left as it is. " + remedy(copies));
            case SOUND -> {
                if (check.schema() > Schema.version()) {
                    throw new StudioRefusal(
                            "The data in " + folder + " was written by a newer Crisp Whorl and is left as it"
                                    + " is: start that one. " + remedy(copies));
                }
                if (check.saves() < SavesSeen.in(folder)) {
                    throw new StudioRefusal(
                            file + " lacks its last changes: its end is damaged, and it is left as it is. "
                                    + remedy(copies) + " To go on with what can still be read, delete "
                                    + folder.resolve("saves")
                                    + " and start again.");
                }
                if (check.schema() < Schema.version()) {
                    copies.ofClosed(StudioCopies.Sort.BEFORE_LIFT);
                    Schema.lift(folder);
                }
            }
        }
    }

    private static String remedy(StudioCopies copies) throws IOException {
        return copies.newestGood()
                .map(copy -> "The newest good copy is " + copy.getFileName() + ": put it back with './whorl restore "
                        + copy.getFileName() + "'; what is there now is kept.")
                .orElse("There is no good copy of it in the folder.");
    }

    private static boolean free(FileChannel channel) throws IOException {
        try {
            return channel.tryLock() != null;
        } catch (OverlappingFileLockException e) {
            return false;
        }
    }

    /** Programs older than the lock hold the database's file alone. */
    private static boolean inUse(Path database) throws IOException {
        if (!Files.exists(database)) {
            return false;
        }
        try (FileChannel channel = FileChannel.open(database, StandardOpenOption.WRITE);
                FileLock lock = channel.tryLock()) {
            return lock == null;
        } catch (OverlappingFileLockException e) {
            return true;
        }
    }

    /** Only the maker may read what is in the folder. */
    private static void guard(Path folder) throws IOException {
        if (!folder.getFileSystem().supportedFileAttributeViews().contains("posix")) {
            return;
        }
        Files.setPosixFilePermissions(folder, PosixFilePermissions.fromString("rwx------"));
        try (Stream<Path> files = Files.list(folder)) {
            for (Path file : files.filter(Files::isRegularFile).toList()) {
                Files.setPosixFilePermissions(file, PosixFilePermissions.fromString("rw-------"));
            }
        }
    }

    @Override
    public void close() {
        try {
            channel.close();
        } catch (IOException e) {
            throw new java.io.UncheckedIOException(e);
        }
    }
}
