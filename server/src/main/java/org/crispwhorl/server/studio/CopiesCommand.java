package org.crispwhorl.server.studio;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;

/** Lists the copies of a studio, or puts one back: {@code copies DIR} or {@code restore DIR COPY}. */
public final class CopiesCommand {
    private CopiesCommand() {}

    public static void main(String[] args) {
        try {
            Path folder = Path.of(args[1]).toAbsolutePath();
            if (!Files.isDirectory(folder)) {
                throw new StudioRefusal("There is no studio in " + folder + ".");
            }
            new StudioCopies(folder, StudioClock.OF_THIS_MACHINE)
                    .prepare(StudioMark.in(folder).isPresent() || Files.exists(folder.resolve(DatabaseCheck.FILE)));
            if (args[0].equals("copies")) {
                list(new StudioCopies(folder, StudioClock.OF_THIS_MACHINE));
            } else {
                restore(folder, args[2]);
            }
        } catch (StudioRefusal e) {
            System.err.println(e.getMessage());
            System.exit(1);
        } catch (IOException e) {
            System.err.println("The copies cannot be reached (" + e.getMessage() + ").");
            System.exit(1);
        }
    }

    private static void list(StudioCopies copies) throws IOException {
        List<Path> all = copies.all();
        if (all.isEmpty()) {
            System.out.println("There are no copies yet; one is made each day that Crisp Whorl runs.");
        }
        for (Path copy : all) {
            DatabaseCheck check = copies.check(copy);
            System.out.println(copy.getFileName() + "   "
                    + switch (check.state()) {
                        case SOUND -> check.species() + " species";
                        case STRANGE -> "not made by this studio: not opened";
                        default -> "damaged";
                    });
        }
    }

    private static void restore(Path folder, String copy) throws IOException {
        StudioFolder taken = StudioFolder.locked(folder);
        try {
            System.out.println(new StudioCopies(folder, StudioClock.OF_THIS_MACHINE)
                    .restore(copy)
                    .map(aside -> copy + " is put back; what was there lies in " + aside + ".")
                    .orElse(copy + " is put back."));
        } finally {
            taken.close();
        }
    }
}
