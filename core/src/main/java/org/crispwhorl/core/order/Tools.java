package org.crispwhorl.core.order;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.crispwhorl.core.assessment.Assessment;
import org.crispwhorl.core.assessment.Plan;
import org.crispwhorl.core.drying.DryingCourse;
import org.crispwhorl.core.drying.Room;
import org.crispwhorl.core.paste.Stage;
import org.crispwhorl.core.species.Joining;
import org.crispwhorl.core.species.Part;
import org.crispwhorl.core.studio.Kit;
import org.crispwhorl.core.work.Use;

/** What there is only so much of and a task takes, as far as the kit says how much there is. */
final class Tools {
    private final Assessment a;
    private final Plan plan;
    private final Plan.Task task;
    private final int flowers;
    private final List<OrderSheet.Held> held = new ArrayList<>();

    private Tools(Assessment a, Plan plan, Plan.Task task, int flowers) {
        this.a = a;
        this.plan = plan;
        this.task = task;
        this.flowers = flowers;
    }

    static List<OrderSheet.Held> of(Assessment a, Plan plan, Plan.Task task, int flowers) {
        Tools tools = new Tools(a, plan, task, flowers);
        Optional<Part> part = task.partId().flatMap(a.species()::part);
        if (task.doing().sets()) {
            part.ifPresent(tools::joined);
        } else if (task.doing().makes()) {
            part.ifPresent(tools::made);
        }
        return tools.held;
    }

    private Kit.Places places() {
        return a.conditions().kit().places();
    }

    /** A piece keeps its place until it is firm, or is joined before. */
    private void made(Part part) {
        double joinedH = plan.tasks().stream()
                .flatMap(t -> t.gates().stream())
                .filter(g -> g.afterTask().equals(task.id()) && g.atMostH().isPresent())
                .mapToDouble(Plan.Gate::waitH)
                .min()
                .orElse(Double.POSITIVE_INFINITY);
        double hours = Math.min(joinedH, firmH(part));
        int pieces = part.units() * flowers;
        task.steps().uses().forEach(use -> add(use, hours));
        if (a.dries(part) && a.room(part).air() instanceof Room.Air.Cabinet) {
            add("cabinet", places().cabinet(), pieces, hours);
        }
    }

    private double firmH(Part part) {
        return a.drying(part)
                .flatMap(course -> course.at(Stage.FIRM))
                .map(DryingCourse.Reached::safeByH)
                .orElse(0.0);
    }

    /** A flower hangs as long as it rests, and stands in the cabinet until it is worked on again, at last until it leaves. */
    private void joined(Part part) {
        task.steps().uses().filter(Use::kept).forEach(use -> add(use, firmH(part)));
        Joining.Rest rest = part.joins(a).rest();
        boolean rests = rest.until() != Joining.Rest.Until.NOTHING;
        if (rests && rest.position() == Joining.Rest.Position.HANGING) {
            add(
                    "hooks",
                    places().hooks(),
                    flowers,
                    rest.until() == Joining.Rest.Until.MINUTES ? rest.minutes() / 60 : nextH());
        } else if (nextH() > 0 && a.roomOfFlower().air() instanceof Room.Air.Cabinet) {
            add("cabinet", places().cabinet(), flowers, nextH());
        }
    }

    /** Hours until it may be worked on again. */
    private double nextH() {
        return plan.tasks().stream()
                .flatMap(t -> t.gates().stream())
                .filter(g -> g.afterTask().equals(task.id()))
                .mapToDouble(Plan.Gate::waitH)
                .findFirst()
                .orElse(0);
    }

    /** What lies in a place keeps it for so long; what is in the hand only is free with the hand. */
    private void add(Use use, double hours) {
        int wanted = use.atOnce() * flowers;
        switch (use.sort()) {
            case FORMER ->
                add(
                        use.name(),
                        a.conditions().kit().formersNamed(use.name()).stream()
                                .boxed()
                                .findFirst(),
                        use.kept() ? wanted : 1,
                        use.kept() ? hours : 0);
            case RACK -> add(use.name(), places().racks(), wanted, hours);
            case BOARD -> add(use.name(), places().boards(), 1, 0);
            case VEINER, GLUE, GLAZE, LACQUER, SPIRIT -> {}
        }
    }

    private void add(String tool, Optional<Integer> owned, int wanted, double hours) {
        if (owned.isPresent() && owned.get() > 0 && wanted > 0 && !Double.isInfinite(hours)) {
            Optional<OrderSheet.Held> already =
                    held.stream().filter(h -> h.tool().equals(tool)).findFirst();
            already.ifPresent(held::remove);
            held.add(new OrderSheet.Held(
                    tool,
                    owned.get(),
                    Math.max(wanted, already.map(OrderSheet.Held::wanted).orElse(0)),
                    Math.max(hours, already.map(OrderSheet.Held::hours).orElse(0.0))));
        }
    }
}
