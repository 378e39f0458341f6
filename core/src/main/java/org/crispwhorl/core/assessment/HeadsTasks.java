package org.crispwhorl.core.assessment;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.crispwhorl.core.assessment.OpeningTasks.Together;
import org.crispwhorl.core.paste.Stage;
import org.crispwhorl.core.species.Heads;
import org.crispwhorl.core.work.Steps;

/**
 * The work on all further heads of a flower, stage by stage of opening; what bears them is made for all of them in one go, and so
 * are they coloured at last.
 */
final class HeadsTasks {
    /**
     * What is one task.
     *
     * @param of of one opening; of several where their work is one
     */
    private record Joint(String id, String name, List<Of> of) {}

    private record Of(OpeningTasks opening, Together work) {}

    private final Assessment a;
    private final Heads heads;
    private final List<OpeningTasks> openings = new ArrayList<>();
    private final List<Joint> first = new ArrayList<>();
    private final List<Joint> further = new ArrayList<>();
    private final Map<Together, String> ids = new HashMap<>();

    private HeadsTasks(Assessment a, Heads heads) {
        this.a = a;
        this.heads = heads;
        for (int i = 0; i < a.opened().size(); i++) {
            OpeningTasks opening = new OpeningTasks(a.opened().get(i), i);
            if (!opening.all().isEmpty()) {
                openings.add(opening);
            }
        }
        List<Of> centres = new ArrayList<>();
        List<Of> last = new ArrayList<>();
        openings.forEach(o -> o.centres().ifPresent(work -> centres.add(new Of(o, work))));
        openings.forEach(o -> o.lastColour().ifPresent(work -> last.add(new Of(o, work))));
        several("centres", "Make the centres of " + heads.name(), centres, first);
        Set<String> keys = new HashSet<>();
        for (OpeningTasks opening : openings) {
            String key = opening.key();
            while (!keys.add(key)) {
                key += "-";
            }
            alone(opening, heads.id() + "." + key + ".", last);
        }
        several("colour", "Colour " + heads.name(), last, further);
    }

    /** None where a flower has no further heads. */
    static Optional<HeadsTasks> of(Assessment a) {
        return a.species().heads().map(heads -> new HeadsTasks(a, heads));
    }

    private void several(String what, String name, List<Of> of, List<Joint> among) {
        if (!of.isEmpty()) {
            among.add(new Joint(heads.id() + "." + what, name, of));
            of.forEach(one -> ids.put(one.work(), heads.id() + "." + what));
        }
    }

    /** What is done to the heads of one opening by themselves, known by what it begins with. */
    private void alone(OpeningTasks opening, String prefix, List<Of> last) {
        for (Together work : opening.all()) {
            boolean coloured = last.stream().anyMatch(of -> of.work() == work);
            if (!ids.containsKey(work) && !coloured) {
                String id = prefix + work.tasks().get(0).id();
                boolean begins = work == opening.all().get(0);
                ids.put(work, id);
                (begins ? first : further).add(new Joint(id, name(opening, work), List.of(new Of(opening, work))));
            }
        }
    }

    /** What is made of heads whose centres are there already is the first that is made of them alone. */
    private String name(OpeningTasks opening, Together work) {
        String which = heads.name() + ", " + opening.opening().name();
        int at = opening.all().indexOf(work) - (opening.centres().isPresent() ? 1 : 0);
        return switch (work.doing()) {
            case MAKE, MAKE_AND_SET ->
                at == 0 ? "Make " + which : "Go on with " + which + ": " + String.join(", ", opening.made(work));
            case JOIN -> "Put together " + which;
            case SEE_TO -> "See to " + which;
            default -> "Colour " + which;
        };
    }

    /** What is made of them first. */
    List<Plan.Task> first() {
        List<Plan.Task> tasks = new ArrayList<>();
        for (Joint joint : first) {
            tasks.add(task(joint, tasks.isEmpty() ? Work.kneading(a, heads) : Steps.NONE));
        }
        return tasks;
    }

    /** What goes on with them then, in its order. */
    List<Plan.Task> further() {
        return further.stream().map(joint -> task(joint, Steps.NONE)).toList();
    }

    private Plan.Task task(Joint joint, Steps kneading) {
        List<Plan.OnHeads> on =
                joint.of().stream().map(of -> of.opening().told(of.work())).toList();
        Steps steps = kneading;
        for (Plan.OnHeads heads : on) {
            for (Plan.Task task : heads.tasks()) {
                steps = steps.and(task.steps());
            }
        }
        TaskKind doing = joint.of().get(0).work().doing();
        int count = joint.of().stream()
                .mapToInt(of -> of.opening().opening().count())
                .sum();
        return new PlanDraft(a)
                .task(joint.id(), joint.name(), doing, Optional.of(heads), steps)
                .pieces(doing == TaskKind.SEE_TO ? 0 : count)
                .making(kneading.list().size())
                .onHeads(on)
                .disturbs(on.stream()
                        .flatMap(heads -> heads.tasks().stream())
                        .flatMap(task -> task.disturbs().stream())
                        .distinct()
                        .toList())
                .gates(gates(joint))
                .build();
    }

    private List<Plan.Gate> gates(Joint joint) {
        List<Plan.Gate> gates = new ArrayList<>();
        if (first.contains(joint)) {
            gates.add(Gates.done(Planning.MIX));
        }
        for (Of of : joint.of()) {
            of.work().gates().forEach((before, gate) -> gates.add(gate.after(ids.get(before))));
        }
        return onceEach(gates);
    }

    /** What is done together is waited for once. */
    private static List<Plan.Gate> onceEach(List<Plan.Gate> gates) {
        Map<String, Plan.Gate> once = new LinkedHashMap<>();
        gates.forEach(gate -> once.merge(gate.afterTask(), gate, Gates::both));
        return List.copyOf(once.values());
    }

    /** What is waited for before they go onto the stem. */
    List<Plan.Gate> ready() {
        Stage stage = a.paste().furthest(heads.joins(a).as().stage().orElse(Stage.FIRM));
        return onceEach(openings.stream()
                .flatMap(opening -> opening.ready(stage).stream())
                .map(wait -> wait.gate().after(ids.get(wait.after())))
                .toList());
    }

    /** The last task in which anything of them is made. */
    String lastMade() {
        return ids.get(openings.stream()
                .flatMap(opening -> opening.all().stream())
                .filter(Together::makes)
                .reduce((before, last) -> last)
                .orElseThrow());
    }

    /** All that hands do to them, their paste kneaded already. */
    Steps steps() {
        Steps steps = Steps.NONE;
        for (OpeningTasks opening : openings) {
            steps = steps.and(opening.steps());
        }
        return steps;
    }
}
