package org.crispwhorl.benchmarks.drill;

import java.io.IOException;
import java.nio.file.Path;
import java.util.List;
import java.util.Set;

/** Runs the drills that are named, or all of them, and prints what came of each. */
public final class Drills {
    private final Path app;
    private final Set<String> wanted;

    private Drills(Path app, Set<String> wanted) {
        this.app = app;
        this.wanted = wanted;
    }

    private interface Drill {
        List<String> run() throws IOException, InterruptedException;
    }

    /** @param args the project's folder, then the drills wanted; none is all */
    public static void main(String[] args) throws IOException, InterruptedException {
        List<String> all = List.of(args);
        Drills drills = new Drills(
                Path.of(args[0]).toRealPath().resolve("server/target/app"), Set.copyOf(all.subList(1, all.size())));
        drills.drill("saves", () -> List.of(Saves.run(drills.app, 6000)));
        drills.drill("orders", () -> GreatOrder.run(drills.app));
        drills.drill("disk", () -> FullDisk.run(drills.app));
        drills.drill("damage", () -> Damage.run(drills.app, 25));
        drills.drill("load", () -> List.of(Load.run(drills.app, 50, 60)));
        drills.drill("fuzz", () -> List.of(Fuzz.run(drills.app, 10_000)));
        drills.drill("documents", () -> List.of(AllDocuments.run(drills.app, 2000)));
        drills.drill("strangers", () -> Strangers.run(drills.app));
        drills.drill("pictures", () -> ManyPictures.run(drills.app));
        drills.drill("beside", () -> Beside.run(drills.app));
        drills.drill("lockout", () -> LockOut.run(drills.app));
        drills.drill("days", () -> PlansOfDays.run(500, 50, 100));
        drills.drill("kills", () -> List.of(Kills.run(drills.app, 100)));
    }

    private void drill(String name, Drill drill) throws IOException, InterruptedException {
        if (wanted.isEmpty() || wanted.contains(name)) {
            for (String line : drill.run()) {
                System.out.println(name + ": " + line);
            }
        }
    }
}
