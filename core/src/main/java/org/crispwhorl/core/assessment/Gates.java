package org.crispwhorl.core.assessment;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.crispwhorl.core.colour.Pass;
import org.crispwhorl.core.drying.DryingCourse;
import org.crispwhorl.core.paste.Stage;
import org.crispwhorl.core.species.Joining;
import org.crispwhorl.core.species.Part;

/** What a task on a part of a flower waits for: one home of the ids of its tasks and of the waits between them. */
final class Gates {
    private final Assessment a;

    Gates(Assessment a) {
        this.a = a;
    }

    static String made(Part part) {
        return "make-" + part.id();
    }

    static String dusted(Part part) {
        return "dust-" + part.id();
    }

    static String painted(Part part) {
        return "paint-" + part.id();
    }

    static String ringed(Part part) {
        return "colour-" + part.id();
    }

    static String joined(Part part) {
        return "join-" + part.id();
    }

    static Plan.Gate done(String task) {
        return new Plan.Gate(task, Optional.empty(), 0, Optional.empty());
    }

    /** The longer of two waits for the same, closing when the first of them does. */
    static Plan.Gate both(Plan.Gate one, Plan.Gate another) {
        Plan.Gate longer = one.waitH() >= another.waitH() ? one : another;
        return longer.closing(
                Stream.of(one, another).flatMap(gate -> gate.atMostH().stream()).min(Comparator.naturalOrder()));
    }

    /** What comes after passes of colour waits until they are dry to the touch. */
    static Plan.Gate after(String task, List<Pass> passes) {
        return new Plan.Gate(task, Optional.empty(), Work.dryToTouchH(passes), Optional.empty());
    }

    Plan.Gate dry(Part part, Stage stage) {
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

    double stageH(Part part, Stage stage) {
        if (!a.dries(part)) {
            return 0;
        }
        return a.course(part)
                .at(a.paste().furthest(stage))
                .map(DryingCourse.Reached::safeByH)
                .orElse(Double.POSITIVE_INFINITY);
    }

    /** Until a free part holds by its own thickness. */
    Plan.Gate holds(Part part, String after) {
        double holds = a.course(part)
                .at(Stage.PART_DRY)
                .map(r -> a.spread().likelyBy(r.medianH()))
                .orElse(Double.POSITIVE_INFINITY);
        return new Plan.Gate(after, Optional.of(Stage.PART_DRY), holds, Optional.empty());
    }

    /** What bears a part has to be so far: a core holds at once, a centre of paste when it no longer gives way. */
    Plan.Gate bears(Part centre, Joining.Onto onto) {
        if (onto == Joining.Onto.SOFT || !a.dries(centre) || onto == Joining.Onto.HOLDS && centre.holdsAtOnce()) {
            return done(made(centre));
        }
        return switch (onto) {
            case FIRM -> dry(centre, a.paste().furthest(Stage.FIRM));
            case DRY -> dry(centre, a.paste().furthest(Stage.DRY));
            default -> holds(centre, made(centre));
        };
    }

    /** The wait of what comes next: the rest that is stated, else until the glue has set. */
    Plan.Gate rested(Part part, String last, Joining.Rest rest, double setH) {
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

    /** A part is joined when it has reached its stage; what does not dry, when it is made. */
    Plan.Gate ready(Part part) {
        return a.dries(part)
                ? dry(part, a.paste().furthest(part.joins(a).as().stage().orElse(Stage.FIRM)))
                : done(made(part));
    }

    /** Hours until what was glued stays: only before a next part that would press on it. */
    double setH(Part part, int at, List<Part> outwards) {
        boolean bendsOn = at + 1 < outwards.size() && a.joinedWhileItBends(outwards.get(at + 1));
        return part.glued() && !bendsOn ? a.techniques(part).glue().setMin() / 60 : 0;
    }

    /** A part is coloured at the latest of the stages that its passes ask for. */
    Plan.Gate colourable(Part part, List<Pass> passes) {
        Stage at = passes.stream().map(Pass::at).max(Comparator.naturalOrder()).orElse(Stage.FIRM);
        return a.dries(part) ? dry(part, a.paste().furthest(at)) : done(made(part));
    }

    /** The same gates, that of what a soft part is laid on closing where nothing is waited for in between. */
    List<Plan.Gate> closing(Part under, Part part, List<Plan.Gate> gates) {
        if (under == null) {
            return gates;
        }
        boolean centre = a.species().bearer().filter(under::equals).isPresent();
        Optional<String> bearing = a.species().bearer().filter(c -> !centre).map(Gates::made);
        // What is coloured on the flower in between has a skin by then.
        boolean coloured = gates.stream().anyMatch(gate -> gate.afterTask().equals(ringed(under)));
        boolean fresh = !coloured
                && gates.stream()
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
}
