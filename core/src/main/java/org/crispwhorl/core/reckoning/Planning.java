package org.crispwhorl.core.reckoning;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.crispwhorl.core.bench.Pace;
import org.crispwhorl.core.drying.DryingCourse;
import org.crispwhorl.core.species.Heart;
import org.crispwhorl.core.species.Part;
import org.crispwhorl.core.species.Petaled;
import org.crispwhorl.core.species.Stage;
import org.crispwhorl.core.species.Ways;

/**
 * Derives the plan of a species: mix, make what dries longest first, dust what will be out of reach, join from the heart
 * outwards with every part at its stage, dust the whole, dry through.
 */
public final class Planning {
    private static final String MIX = "mix";
    private static final String WHOLE_DUST = "dust-whole";

    private final Assessment a;
    private final Pace pace;
    private final List<Plan.Task> tasks = new ArrayList<>();
    private final Map<String, Double> ends = new HashMap<>();
    private double handsFreeH;

    private Planning(Assessment a) {
        this.a = a;
        this.pace = a.conditions().kit().pace();
    }

    /** The plan of one flower. A stage that is never reached in this room leaves its gate at infinity. */
    public static Plan of(Assessment a) {
        Planning planning = new Planning(a);
        planning.mix();
        planning.make();
        planning.join();
        planning.dustWhole();
        List<Plan.Gate> handOver = planning.handOver();
        return new Plan(planning.tasks, handOver, planning.readyH(handOver));
    }

    private void mix() {
        place(task(
                MIX,
                "Mix the shades",
                Plan.Doing.MIX,
                Optional.empty(),
                pace.mixMin() * a.species().shades().size(),
                1,
                List.of()));
    }

    /** Parts in the order in which they are best made: the longest drying first. */
    private List<Part> byDrying() {
        List<Part> parts = new ArrayList<>(a.species().parts());
        parts.sort(Comparator.comparingDouble((Part p) -> -stageH(p, Stage.DRY)));
        return parts;
    }

    private void make() {
        for (Part part : byDrying()) {
            if (!joinedWhileItBends(part)) {
                make(part, List.of());
            }
        }
        for (Part part : a.species().parts()) {
            if (dustedFirst(part)) {
                place(task(
                        dusted(part),
                        "Dust " + part.name(),
                        Plan.Doing.DUST,
                        Optional.of(part.id()),
                        Work.dustMin(pace, part),
                        1,
                        List.of(Assessment.dries(part) ? dry(part, Stage.FIRM) : done(made(part)))));
            }
        }
    }

    private void make(Part part, List<Plan.Gate> inside) {
        int lots = part instanceof Petaled petaled
                ? Work.lots(a, petaled).lotsFor(petaled.pieces().count())
                : 1;
        List<Plan.Gate> gates = new ArrayList<>(inside);
        if (Assessment.dries(part)) {
            gates.add(done(MIX));
        }
        place(task(
                made(part),
                "Make " + part.name(),
                Plan.Doing.MAKE,
                Optional.of(part.id()),
                Work.makeMin(pace, part),
                lots,
                gates));
    }

    /** Such a part is made only once what it is joined to is ready for it. */
    private static boolean joinedWhileItBends(Part part) {
        return part instanceof Petaled p && p.pieces().joinAt().compareTo(Stage.FIRM) < 0;
    }

    /** A part joined before it is firm can only be dusted on the flower. */
    private boolean dustedFirst(Part part) {
        return part.dustPasses() > 0 && a.species().ways().dusting() == Ways.Dusting.PARTS && !joinedWhileItBends(part);
    }

    private void join() {
        List<Plan.Gate> inside = new ArrayList<>();
        a.species().heart().ifPresent(heart -> {
            inside.add(dry(heart, furthest(Stage.DRY)));
            if (dustedFirst(heart)) {
                inside.add(done(dusted(heart)));
            }
        });
        List<Part> outwards =
                a.species().parts().stream().filter(p -> !(p instanceof Heart)).toList();
        for (int i = 0; i < outwards.size(); i++) {
            Part part = outwards.get(i);
            boolean runStarts = i == 0 || !joinedWhileItBends(outwards.get(i - 1));
            for (int k = i; runStarts && k < outwards.size() && joinedWhileItBends(outwards.get(k)); k++) {
                make(outwards.get(k), inside);
            }
            List<Plan.Gate> gates = new ArrayList<>(inside);
            gates.add(
                    part instanceof Petaled petaled ? dry(part, petaled.pieces().joinAt()) : done(made(part)));
            if (dustedFirst(part)) {
                gates.add(done(dusted(part)));
            }
            place(task(
                    joined(part),
                    "Join " + part.name(),
                    Plan.Doing.JOIN,
                    Optional.of(part.id()),
                    Work.joinMin(pace, part),
                    1,
                    gates));
            inside.clear();
            inside.add(done(joined(part)));
        }
    }

    private Stage furthest(Stage wanted) {
        Stage most = a.species().medium().furthest();
        return wanted.compareTo(most) > 0 ? most : wanted;
    }

    private void dustWhole() {
        double minutes = 0;
        List<Plan.Gate> gates = new ArrayList<>();
        for (Part part : a.species().parts()) {
            if (part.dustPasses() > 0 && !dustedFirst(part)) {
                minutes += Work.dustMin(pace, part);
                if (Assessment.dries(part)) {
                    gates.add(dry(part, furthest(Stage.FIRM)));
                }
            }
        }
        if (minutes > 0) {
            gates.add(done(tasks.get(tasks.size() - 1).id()));
            place(task(WHOLE_DUST, "Dust the flower", Plan.Doing.DUST, Optional.empty(), minutes, 1, gates));
        }
    }

    private static String made(Part part) {
        return "make-" + part.id();
    }

    private static String dusted(Part part) {
        return "dust-" + part.id();
    }

    private static String joined(Part part) {
        return "join-" + part.id();
    }

    private static Plan.Gate done(String task) {
        return new Plan.Gate(task, Optional.empty(), 0, Optional.empty());
    }

    private Plan.Gate dry(Part part, Stage stage) {
        DryingCourse course = a.course(part);
        if (stage == Stage.PART_DRY && course.window().isPresent()) {
            DryingCourse.Window w = course.window().get();
            return new Plan.Gate(
                    made(part),
                    Optional.of(stage),
                    w.sure() ? w.opensH() : w.likelyFromH(),
                    Optional.of(w.sure() ? w.closesH() : w.likelyToH()));
        }
        return new Plan.Gate(made(part), Optional.of(stage), stageH(part, stage), Optional.empty());
    }

    private double stageH(Part part, Stage stage) {
        if (!Assessment.dries(part)) {
            return 0;
        }
        return a.course(part)
                .at(furthest(stage))
                .map(DryingCourse.Reached::safeByH)
                .orElse(Double.POSITIVE_INFINITY);
    }

    private static Plan.Task task(
            String id,
            String name,
            Plan.Doing doing,
            Optional<String> part,
            double minutes,
            int lots,
            List<Plan.Gate> gates) {
        return new Plan.Task(id, name, doing, part, minutes, lots, gates, 0, 0);
    }

    /** Places a task straight after the hands are free and its gates are open. */
    private void place(Plan.Task task) {
        double start = handsFreeH;
        for (Plan.Gate gate : task.gates()) {
            start = Math.max(start, ends.get(gate.afterTask()) + gate.waitH());
        }
        Plan.Task placed = task.at(start);
        tasks.add(placed);
        ends.put(placed.id(), placed.endH());
        handsFreeH = placed.endH();
    }

    /** Every part dry through. */
    private List<Plan.Gate> handOver() {
        return a.species().parts().stream()
                .filter(Assessment::dries)
                .map(p -> dry(p, furthest(Stage.DRY)))
                .toList();
    }

    private double readyH(List<Plan.Gate> handOver) {
        return handOver.stream()
                .mapToDouble(g -> ends.get(g.afterTask()) + g.waitH())
                .reduce(handsFreeH, Math::max);
    }
}
