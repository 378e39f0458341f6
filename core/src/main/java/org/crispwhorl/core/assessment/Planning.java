package org.crispwhorl.core.assessment;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.crispwhorl.core.colour.Pass;
import org.crispwhorl.core.drying.Body;
import org.crispwhorl.core.drying.DryingCourse;
import org.crispwhorl.core.paste.Stage;
import org.crispwhorl.core.species.FinishSteps;
import org.crispwhorl.core.species.Joining;
import org.crispwhorl.core.species.Part;
import org.crispwhorl.core.species.Petaled;
import org.crispwhorl.core.work.Steps;

/**
 * Derives the plan of a species: mix, make what dries longest first, dust what will be out of reach, join from the centre
 * outwards with every part at its stage, dust the whole, dry through.
 */
public final class Planning {
    private static final String MIX = "mix";
    private static final String WHOLE_COLOUR = "colour-whole";
    private static final String FINISH = "finish";
    private static final String BOX = "box";

    private final Assessment a;
    private final List<Plan.Task> tasks = new ArrayList<>();
    private final Map<String, Double> ends = new HashMap<>();

    /** What is coloured on the flower is dry to the touch before it leaves, and its last rest is over. */
    private final List<Plan.Gate> wet = new ArrayList<>();

    /** What holds parts apart while they dry, and the part that it holds. */
    private final Map<Part, Part> held = new LinkedHashMap<>();

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
        planning.seeTo();
        planning.outOfTheCup();
        planning.colourWhole();
        planning.finish();
        planning.box();
        return new Plan(Implied.left(a, planning.tasks), List.of(done(BOX)), planning.handsFreeH);
    }

    private void mix() {
        place(task(MIX, "Mix the shades", TaskKind.MIX, Optional.empty(), Steps.NONE, 1, List.of()));
    }

    private void make() {
        for (Part part : Work.inOrder(a)) {
            if (!a.joinedWhileItBends(part)) {
                make(part, List.of());
            }
        }
        for (Part part : a.species().parts()) {
            turn(part);
        }
        for (Part part : a.species().parts()) {
            List<Pass> onPieces = Work.passes(a, part, Pass.GoesOn.PIECE);
            colourPieces(part, onPieces.stream().filter(p -> !p.wet()).toList(), dusted(part), TaskKind.DUST);
            colourPieces(part, onPieces.stream().filter(Pass::wet).toList(), painted(part), TaskKind.PAINT);
        }
    }

    /** Pieces that are turned while they dry, where they are not joined before. */
    private void turn(Part part) {
        Steps turning = a.dries(part) && !a.joinedWhileItBends(part) ? part.turning() : Steps.NONE;
        if (!turning.list().isEmpty()) {
            place(task(
                    "turn-" + part.id(),
                    "Turn " + part.name(),
                    TaskKind.SEE_TO,
                    Optional.of(part.id()),
                    turning,
                    1,
                    List.of(new Plan.Gate(
                            made(part),
                            Optional.empty(),
                            a.body(part).map(Body::changesAfterH).orElseThrow(),
                            Optional.empty()))));
        }
    }

    /** What holds others apart is taken out once they are firm. */
    private void seeTo() {
        held.forEach((support, part) -> place(task(
                "out-" + support.id(),
                "Take out " + support.name(),
                TaskKind.SEE_TO,
                Optional.of(support.id()),
                support.takingOut(),
                1,
                List.of(new Plan.Gate(
                        joined(support),
                        Optional.of(a.paste().furthest(Stage.FIRM)),
                        stageH(part, a.paste().furthest(Stage.FIRM)),
                        Optional.empty())))));
    }

    /** What was stacked in a cup comes out of it once every ring is firm. */
    private void outOfTheCup() {
        List<Petaled> stack = a.species().stack();
        if (!stack.isEmpty()) {
            place(task(
                    "out-" + stack.get(0).id(),
                    "Take it out of its cup",
                    TaskKind.SEE_TO,
                    Optional.of(stack.get(0).id()),
                    FinishSteps.outOfTheCup(),
                    1,
                    stack.stream()
                            .map(ring -> dry(ring, a.paste().furthest(Stage.FIRM)))
                            .toList()));
        }
    }

    private void finish() {
        Steps steps = FinishSteps.of(a.species());
        if (!steps.list().isEmpty()) {
            List<Plan.Gate> gates = new ArrayList<>(wet);
            gates.add(done(tasks.get(tasks.size() - 1).id()));
            Plan.Task finish = task(FINISH, "Finish the flower", TaskKind.FINISH, Optional.empty(), steps, 1, gates);
            place(PlanTaskBuilder.builder(finish)
                    .disturbs(a.species().finishing().smells() ? List.of(Plan.Disturbs.SMELL) : List.of())
                    .build());
            wet.add(new Plan.Gate(
                    FINISH, Optional.empty(), FinishSteps.driesMin(a.species().finishing()) / 60, Optional.empty()));
        }
    }

    private void colourPieces(Part part, List<Pass> passes, String id, TaskKind doing) {
        if (!passes.isEmpty()) {
            place(with(
                    passes,
                    task(
                            id,
                            (doing == TaskKind.DUST ? "Dust " : "Paint ") + part.name(),
                            doing,
                            Optional.of(part.id()),
                            Work.colouring(a, part, passes),
                            1,
                            List.of(colourable(part, passes)))));
        }
    }

    /** A part is coloured at the latest of the stages that its passes ask for. */
    private Plan.Gate colourable(Part part, List<Pass> passes) {
        Stage at = passes.stream().map(Pass::at).max(Comparator.naturalOrder()).orElse(Stage.FIRM);
        return a.dries(part) ? dry(part, a.paste().furthest(at)) : done(made(part));
    }

    /** What goes round a part once it is joined, before the next covers it, and what comes after that waits for. */
    private Optional<Plan.Gate> colourRing(Part part, String last) {
        List<Pass> passes = Work.passes(a, part, Pass.GoesOn.RING);
        if (passes.isEmpty()) {
            return Optional.empty();
        }
        place(with(
                passes,
                task(
                        ringed(part),
                        "Colour " + part.name() + " on the flower",
                        TaskKind.COLOUR,
                        Optional.of(part.id()),
                        Work.colouring(a, part, passes),
                        1,
                        List.of(done(last), colourable(part, passes)))));
        return Optional.of(after(ringed(part), passes));
    }

    private void make(Part part, List<Plan.Gate> inside) {
        int batches = Work.batches(a, part);
        List<Plan.Gate> gates = new ArrayList<>(inside);
        if (a.dries(part)) {
            gates.add(done(MIX));
        }
        place(task(
                made(part),
                "Make " + part.name(),
                TaskKind.MAKE,
                Optional.of(part.id()),
                Work.making(a, part),
                batches,
                gates));
    }

    private void join() {
        Optional<Part> bearer = a.species().bearer().map(centre -> centre);
        List<Plan.Gate> inside = new ArrayList<>();
        bearer.ifPresent(centre -> {
            inside.add(done(made(centre)));
            coloured(centre, inside);
        });
        Part under = bearer.orElse(null);
        List<Part> outwards = a.species().parts().stream()
                .filter(p -> bearer.filter(p::equals).isEmpty())
                .toList();
        String last = null;
        Part before = null;
        for (int i = 0; i < outwards.size(); i++) {
            Part part = outwards.get(i);
            Joining joining = part.joins(a);
            boolean holdsApart = !part.takingOut().list().isEmpty() && last != null;
            List<Plan.Gate> gates = new ArrayList<>(holdsApart ? List.of(done(last)) : inside);
            bearer.map(centre -> bears(centre, joining.onto())).ifPresent(gates::add);
            if (joining.as() == Joining.As.SOFT) {
                last = makeAndSet(part, closing(under, part, gates));
            } else {
                if (joining.as() == Joining.As.PART_DRY) {
                    make(part, gates);
                }
                last = set(part, closing(under, part, gates));
            }
            inside.clear();
            if (holdsApart) {
                held.put(part, before);
                inside.add(rested(before, last, before.joins(a).rest(), 0));
                continue;
            }
            before = part;
            under = part;
            inside.add(rested(part, last, joining.rest(), setH(part, i, outwards)));
            Optional<Plan.Gate> coloured = colourRing(part, last);
            coloured.ifPresent(inside::add);
            coloured.ifPresent(wet::add);
        }
        if (before != null && before.joins(a).rest().until() != Joining.Rest.Until.NOTHING) {
            wet.addAll(inside);
        }
    }

    /** The same gates, that of what a soft part is laid on closing where nothing is waited for in between. */
    private List<Plan.Gate> closing(Part under, Part part, List<Plan.Gate> gates) {
        if (under == null) {
            return gates;
        }
        boolean centre = a.species().bearer().filter(under::equals).isPresent();
        Optional<String> bearing = a.species().bearer().filter(c -> !centre).map(Planning::made);
        boolean fresh = gates.stream()
                .filter(gate -> bearing.filter(gate.afterTask()::equals).isEmpty())
                .allMatch(gate -> gate.waitH() == 0 && gate.stage().isEmpty());
        boolean soft = centre
                ? part.joins(a).onto() == Joining.Onto.SOFT
                : under.joins(a).as() == Joining.As.SOFT;
        Optional<Double> most = SoftWindow.mostH(a, under, part, fresh && soft);
        return gates.stream()
                .map(gate -> gate.afterTask().equals(made(under)) ? gate.closing(most) : gate)
                .toList();
    }

    /** What bears a part has to be so far: a core holds at once, a centre of paste when it no longer gives way. */
    private Plan.Gate bears(Part centre, Joining.Onto onto) {
        if (onto == Joining.Onto.SOFT || !a.dries(centre) || onto == Joining.Onto.HOLDS && centre.holdsAtOnce()) {
            return done(made(centre));
        }
        return switch (onto) {
            case FIRM -> dry(centre, a.paste().furthest(Stage.FIRM));
            case DRY -> dry(centre, a.paste().furthest(Stage.DRY));
            default -> holds(centre, made(centre));
        };
    }

    /** Until a free part holds by its own thickness. */
    private Plan.Gate holds(Part part, String after) {
        double holds = a.course(part)
                .at(Stage.PART_DRY)
                .map(r -> a.spread().likelyBy(r.medianH()))
                .orElse(Double.POSITIVE_INFINITY);
        return new Plan.Gate(after, Optional.of(Stage.PART_DRY), holds, Optional.empty());
    }

    /** The wait of what comes next: the rest that is stated, else until the glue has set. */
    private Plan.Gate rested(Part part, String last, Joining.Rest rest, double setH) {
        return switch (rest.until()) {
            case NOTHING -> new Plan.Gate(last, Optional.empty(), setH, Optional.empty());
            case MINUTES -> new Plan.Gate(last, Optional.empty(), rest.minutes() / 60, Optional.empty());
            case HOLDS -> a.dries(part) ? holds(part, last) : done(last);
            case FIRM ->
                new Plan.Gate(
                        last, Optional.of(Stage.FIRM), stageH(part, a.paste().furthest(Stage.FIRM)), Optional.empty());
            case DRY ->
                new Plan.Gate(
                        last, Optional.of(Stage.DRY), stageH(part, a.paste().furthest(Stage.DRY)), Optional.empty());
        };
    }

    /** Shaped and set ring by ring, each before it skins. */
    private String makeAndSet(Part part, List<Plan.Gate> inside) {
        List<Plan.Gate> gates = new ArrayList<>(inside);
        if (a.dries(part)) {
            gates.add(done(MIX));
        }
        place(task(
                made(part),
                "Make and set " + part.name(),
                TaskKind.MAKE_AND_SET,
                Optional.of(part.id()),
                Work.making(a, part).and(a.joining(part)),
                Work.batches(a, part),
                gates));
        return made(part);
    }

    private String set(Part part, List<Plan.Gate> inside) {
        if (a.joining(part).list().isEmpty()) {
            return made(part);
        }
        List<Plan.Gate> gates = new ArrayList<>(inside);
        gates.add(ready(part));
        coloured(part, gates);
        place(task(
                joined(part), "Join " + part.name(), TaskKind.JOIN, Optional.of(part.id()), a.joining(part), 1, gates));
        return joined(part);
    }

    /** A part is joined when it has reached its stage; what does not dry, when it is made. */
    private Plan.Gate ready(Part part) {
        return a.dries(part)
                ? dry(part, a.paste().furthest(part.joins(a).as().stage().orElse(Stage.FIRM)))
                : done(made(part));
    }

    /** Hours until what was glued stays: only before a next part that would press on it. */
    private double setH(Part part, int at, List<Part> outwards) {
        boolean bendsOn = at + 1 < outwards.size() && a.joinedWhileItBends(outwards.get(at + 1));
        return part.glued() && !bendsOn ? a.techniques(part).glue().setMin() / 60 : 0;
    }

    private void coloured(Part part, List<Plan.Gate> gates) {
        List<Pass> passes = Work.passes(a, part, Pass.GoesOn.PIECE);
        if (passes.stream().anyMatch(p -> !p.wet())) {
            gates.add(done(dusted(part)));
        }
        if (passes.stream().anyMatch(Pass::wet)) {
            gates.add(after(painted(part), passes));
        }
    }

    /** What comes after passes of colour waits until they are dry to the touch. */
    private static Plan.Gate after(String task, List<Pass> passes) {
        return new Plan.Gate(task, Optional.empty(), Work.dryToTouchH(passes), Optional.empty());
    }

    private void colourWhole() {
        Steps steps = Steps.NONE;
        List<Pass> last = new ArrayList<>();
        List<Plan.Gate> gates = new ArrayList<>();
        for (Part part : a.species().parts()) {
            List<Pass> passes = Work.passes(a, part, Pass.GoesOn.FLOWER);
            last.addAll(passes);
            steps = steps.and(Work.colouring(a, part, passes).under(part.name()));
            if (!passes.isEmpty() && a.dries(part)) {
                gates.add(colourable(part, passes));
            }
        }
        if (!steps.list().isEmpty()) {
            gates.add(done(tasks.get(tasks.size() - 1).id()));
            wet.add(after(WHOLE_COLOUR, last));
            place(with(
                    last, task(WHOLE_COLOUR, "Colour the flower", TaskKind.COLOUR, Optional.empty(), steps, 1, gates)));
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

    private static String ringed(Part part) {
        return "colour-" + part.id();
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
                .at(a.paste().furthest(stage))
                .map(DryingCourse.Reached::safeByH)
                .orElse(Double.POSITIVE_INFINITY);
    }

    private Plan.Task task(
            String id,
            String name,
            TaskKind doing,
            Optional<String> part,
            Steps steps,
            int batches,
            List<Plan.Gate> gates) {
        double minutes = doing == TaskKind.MIX
                ? Work.mixMin(a, 1)
                : a.conditions().pace().minutes(steps);
        return new Plan.Task(id, name, doing, part, steps, minutes, batches, List.of(), gates, 0, 0);
    }

    /** The same, done with such passes. */
    private static Plan.Task with(List<Pass> passes, Plan.Task task) {
        return PlanTaskBuilder.builder(task).disturbs(Work.disturbs(passes)).build();
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

    /** It goes into its box as soon as it can leave. */
    private void box() {
        List<Plan.Gate> canLeave = HandOver.of(
                a, wet, tasks.get(tasks.size() - 1).id(), Planning::made, part -> handsFreeH - ends.get(made(part)));
        Set<String> followed = tasks.stream()
                .flatMap(task -> task.gates().stream())
                .map(Plan.Gate::afterTask)
                .collect(Collectors.toSet());
        List<Plan.Gate> gates = Stream.concat(
                        canLeave.stream(),
                        tasks.stream()
                                .map(Plan.Task::id)
                                .filter(id -> !followed.contains(id))
                                .map(Planning::done))
                .toList();
        place(task(BOX, "Box the flower", TaskKind.FINISH, Optional.empty(), FinishSteps.boxing(), 1, gates));
    }
}
