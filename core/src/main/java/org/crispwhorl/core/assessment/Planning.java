package org.crispwhorl.core.assessment;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.crispwhorl.core.drying.DryingCourse;
import org.crispwhorl.core.paste.Stage;
import org.crispwhorl.core.species.Colouring;
import org.crispwhorl.core.species.Part;
import org.crispwhorl.core.species.Ways;

/**
 * Derives the plan of a species: mix, make what dries longest first, dust what will be out of reach, join from the heart
 * outwards with every part at its stage, dust the whole, dry through.
 */
public final class Planning {
    private static final String MIX = "mix";
    private static final String WHOLE_COLOUR = "colour-whole";

    private final Assessment a;
    private final List<Plan.Task> tasks = new ArrayList<>();
    private final Map<String, Double> ends = new HashMap<>();
    private double handsFreeH;

    private Planning(Assessment a) {
        this.a = a;
    }

    /** The plan of one flower. A stage that is never reached in this room leaves its gate at infinity. */
    public static Plan of(Assessment a) {
        Planning planning = new Planning(a);
        planning.mix();
        planning.make();
        planning.join();
        planning.colourWhole();
        List<Plan.Gate> handOver = planning.handOver();
        return new Plan(planning.tasks, handOver, planning.readyH(handOver));
    }

    private void mix() {
        place(task(MIX, "Mix the shades", Plan.Doing.MIX, Optional.empty(), Work.mixMin(a, 1), 1, List.of()));
    }

    /** Parts in the order in which they are best made: the longest drying first. */
    private List<Part> byDrying() {
        List<Part> parts = new ArrayList<>(a.species().parts());
        parts.sort(Comparator.comparingDouble((Part p) -> -stageH(p, Stage.DRY)));
        return parts;
    }

    private void make() {
        for (Part part : byDrying()) {
            if (!Assessment.joinedWhileItBends(part)) {
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
                        Work.dustMin(a, part),
                        1,
                        List.of(a.dries(part) ? dry(part, Stage.FIRM) : done(made(part)))));
            }
            if (paintedFirst(part)) {
                Stage at = part.colouring().orElseThrow().paintAt();
                place(task(
                        painted(part),
                        "Paint " + part.name(),
                        Plan.Doing.PAINT,
                        Optional.of(part.id()),
                        Work.paintMin(a, part),
                        1,
                        List.of(a.dries(part) ? dry(part, at) : done(made(part)))));
            }
        }
    }

    private void make(Part part, List<Plan.Gate> inside) {
        int lots = Work.lots(a, part);
        List<Plan.Gate> gates = new ArrayList<>(inside);
        if (a.dries(part)) {
            gates.add(done(MIX));
        }
        place(task(
                made(part),
                "Make " + part.name(),
                Plan.Doing.MAKE,
                Optional.of(part.id()),
                Work.makeMin(a, part),
                lots,
                gates));
    }

    /** A part joined before it is firm can only be coloured on the flower. */
    private boolean dustedFirst(Part part) {
        return dusts(part) && a.ways(part).dusting() == Ways.Dusting.PARTS && !Assessment.joinedWhileItBends(part);
    }

    private boolean paintedFirst(Part part) {
        return paints(part) && !Assessment.joinedWhileItBends(part);
    }

    private static boolean dusts(Part part) {
        return part.colouring().filter(c -> c.dustPasses() > 0).isPresent();
    }

    private static boolean paints(Part part) {
        return part.colouring().filter(c -> c.paintPasses() > 0).isPresent();
    }

    private void join() {
        List<Plan.Gate> inside = new ArrayList<>();
        a.species().heart().ifPresent(heart -> {
            inside.add(a.dries(heart) ? dry(heart, furthest(Stage.DRY)) : done(made(heart)));
            coloured(heart, inside);
        });
        List<Part> outwards = a.species().parts().stream()
                .filter(p -> a.species().heart().filter(p::equals).isEmpty())
                .toList();
        for (int i = 0; i < outwards.size(); i++) {
            Part part = outwards.get(i);
            boolean runStarts = i == 0 || !Assessment.joinedWhileItBends(outwards.get(i - 1));
            for (int k = i; runStarts && k < outwards.size() && Assessment.joinedWhileItBends(outwards.get(k)); k++) {
                make(outwards.get(k), inside);
            }
            List<Plan.Gate> gates = new ArrayList<>(inside);
            gates.add(ready(part));
            coloured(part, gates);
            place(task(
                    joined(part),
                    "Join " + part.name(),
                    Plan.Doing.JOIN,
                    Optional.of(part.id()),
                    Work.joinMin(a, part),
                    1,
                    gates));
            inside.clear();
            inside.add(new Plan.Gate(joined(part), Optional.empty(), setH(part, i, outwards), Optional.empty()));
        }
    }

    /** A part is joined when it has reached its stage; what does not dry, when it is made. */
    private Plan.Gate ready(Part part) {
        if (!a.dries(part)) {
            return done(made(part));
        }
        return dry(part, part.flat().map(p -> p.pieces().joinAt()).orElseGet(() -> furthest(Stage.FIRM)));
    }

    /** Hours until what was glued stays: only before a next part that would press on it. */
    private double setH(Part part, int at, List<Part> outwards) {
        boolean glued = part.flat().filter(p -> p.pieces().wired().isEmpty()).isPresent();
        boolean bendsOn = at + 1 < outwards.size() && Assessment.joinedWhileItBends(outwards.get(at + 1));
        return glued && !bendsOn ? a.ways(part).glue().setMin() / 60 : 0;
    }

    private void coloured(Part part, List<Plan.Gate> gates) {
        if (dustedFirst(part)) {
            gates.add(done(dusted(part)));
        }
        if (paintedFirst(part)) {
            gates.add(done(painted(part)));
        }
    }

    private Stage furthest(Stage wanted) {
        Stage most = a.paste().furthest();
        return wanted.compareTo(most) > 0 ? most : wanted;
    }

    private void colourWhole() {
        double minutes = 0;
        List<Plan.Gate> gates = new ArrayList<>();
        for (Part part : a.species().parts()) {
            boolean dust = dusts(part) && !dustedFirst(part);
            boolean paint = paints(part) && !paintedFirst(part);
            minutes += (dust ? Work.dustMin(a, part) : 0) + (paint ? Work.paintMin(a, part) : 0);
            if ((dust || paint) && a.dries(part)) {
                gates.add(dry(
                        part,
                        furthest(part.colouring()
                                .filter(c -> paint)
                                .map(Colouring::paintAt)
                                .orElse(Stage.FIRM))));
            }
        }
        if (minutes > 0) {
            gates.add(done(tasks.get(tasks.size() - 1).id()));
            place(task(WHOLE_COLOUR, "Colour the flower", Plan.Doing.DUST, Optional.empty(), minutes, 1, gates));
        }
    }

    private static String made(Part part) {
        return "make-" + part.id();
    }

    private static String dusted(Part part) {
        return "dust-" + part.id();
    }

    private static String painted(Part part) {
        return "paint-" + part.id();
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
        if (!a.dries(part)) {
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
                .filter(a::dries)
                .map(p -> dry(p, furthest(Stage.DRY)))
                .toList();
    }

    private double readyH(List<Plan.Gate> handOver) {
        return handOver.stream()
                .mapToDouble(g -> ends.get(g.afterTask()) + g.waitH())
                .reduce(handsFreeH, Math::max);
    }
}
