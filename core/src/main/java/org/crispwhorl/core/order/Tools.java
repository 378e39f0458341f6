package org.crispwhorl.core.order;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.crispwhorl.core.assessment.Assessment;
import org.crispwhorl.core.assessment.Plan;
import org.crispwhorl.core.assessment.Work;
import org.crispwhorl.core.drying.DryingCourse;
import org.crispwhorl.core.drying.Room;
import org.crispwhorl.core.paste.Stage;
import org.crispwhorl.core.species.Former;
import org.crispwhorl.core.species.Joining;
import org.crispwhorl.core.species.Part;
import org.crispwhorl.core.species.Petaled;
import org.crispwhorl.core.studio.Kit;

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
        double firmH = a.drying(part)
                .flatMap(course -> course.at(Stage.FIRM))
                .map(DryingCourse.Reached::safeByH)
                .orElse(0.0);
        double hours = Math.min(joinedH, firmH);
        int pieces = part.units() * flowers;
        Optional<Petaled> petaled = part.flat();
        Optional<String> former = petaled.flatMap(p -> p.pieces().former()).map(Former::name);
        former.ifPresent(name -> add(
                name, a.conditions().kit().formersNamed(name).stream().boxed().findFirst(), pieces, hours));
        if (former.isEmpty() && petaled.flatMap(p -> p.pieces().wired()).isPresent()) {
            add("racks", places().racks(), pieces, hours);
        }
        if (petaled.filter(p -> Work.grooved(a, p)).isPresent()) {
            add("ridged board", places().boards(), 1, 0);
        }
        if (a.dries(part) && a.room(part).air() instanceof Room.Air.Cabinet) {
            add("cabinet", places().cabinet(), pieces, hours);
        }
    }

    /** A flower hangs as long as it rests, and stands in the cabinet until it is worked on again, at last until it leaves. */
    private void joined(Part part) {
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

    /** Hours until it may be worked on again; of the last work until it may leave. */
    private double nextH() {
        boolean last = plan.tasks().get(plan.tasks().size() - 1).id().equals(task.id());
        return Stream.concat(
                        plan.tasks().stream().flatMap(t -> t.gates().stream()),
                        last ? plan.handOver().stream() : Stream.empty())
                .filter(g -> g.afterTask().equals(task.id()))
                .mapToDouble(Plan.Gate::waitH)
                .max()
                .orElse(0);
    }

    private void add(String tool, Optional<Integer> owned, int wanted, double hours) {
        if (owned.isPresent() && owned.get() > 0 && wanted > 0 && !Double.isInfinite(hours)) {
            held.add(new OrderSheet.Held(tool, owned.get(), wanted, hours));
        }
    }
}
