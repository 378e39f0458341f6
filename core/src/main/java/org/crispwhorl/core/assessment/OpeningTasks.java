package org.crispwhorl.core.assessment;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.crispwhorl.core.paste.Stage;
import org.crispwhorl.core.species.Opening;
import org.crispwhorl.core.species.Part;
import org.crispwhorl.core.work.Steps;

/**
 * The work on the further heads of one stage of opening: they go on together as far as they may, and rest together where something
 * has to dry, so that they are taken up as seldom as their waits allow.
 */
final class OpeningTasks {
    private static final double MIN_PER_H = 60;

    /**
     * The work on one head.
     *
     * @param tasks in their order
     * @param rested what goes on with it waits for
     */
    record Head(List<Plan.Task> tasks, List<Plan.Gate> rested) {}

    /** What is done to all of them in one go. */
    static final class Together {
        private final List<Plan.Task> tasks = new ArrayList<>();

        /** By what is waited for. */
        private final Map<Together, Plan.Gate> gates = new LinkedHashMap<>();

        private boolean has(TaskKind doing) {
            return tasks.stream().anyMatch(task -> task.doing() == doing);
        }

        private double waitH(Together after) {
            return gates.containsKey(after) ? gates.get(after).waitH() : 0;
        }

        private boolean closes() {
            return gates.values().stream().anyMatch(gate -> gate.atMostH().isPresent());
        }

        /** The tasks on one head, in their order. */
        List<Plan.Task> tasks() {
            return tasks;
        }

        /** What is waited for, by what it is done in, no one else's work among it. */
        Map<Together, Plan.Gate> gates() {
            return gates;
        }

        boolean makes() {
            return tasks.stream().anyMatch(task -> task.doing().makes());
        }

        /** What it comes to in one word. */
        TaskKind doing() {
            boolean sets = tasks.stream().anyMatch(task -> task.doing().sets());
            if (makes()) {
                return sets ? TaskKind.MAKE_AND_SET : TaskKind.MAKE;
            }
            if (sets) {
                return TaskKind.JOIN;
            }
            return has(TaskKind.SEE_TO) ? TaskKind.SEE_TO : TaskKind.COLOUR;
        }
    }

    /** A wait for what is done together. */
    record Wait(Together after, Plan.Gate gate) {}

    private final int place;
    private final Opening opening;
    private final Assessment one;
    private final Head head;
    private final List<Together> all = new ArrayList<>();
    private final Map<String, Together> of = new HashMap<>();

    /** @param place of the stage in the list */
    OpeningTasks(Assessment.OpenedHeads opened, int place) {
        this.place = place;
        opening = opened.opening();
        one = opened.head();
        head = Planning.ofHead(one);
        head.tasks().forEach(this::add);
    }

    private void add(Plan.Task task) {
        Together last = all.isEmpty() ? null : all.get(all.size() - 1);
        if (last == null || !goesOn(last, task)) {
            last = new Together();
            all.add(last);
        }
        for (Plan.Gate gate : task.gates()) {
            Together before = of.get(gate.afterTask());
            if (before != null && before != last) {
                last.gates.merge(before, gate, Gates::both);
            }
        }
        last.tasks.add(task);
        of.put(task.id(), last);
    }

    /** Whether a task is done in one go with what is done last. */
    private boolean goesOn(Together last, Plan.Task task) {
        for (Plan.Gate gate : task.gates()) {
            Together before = of.get(gate.afterTask());
            if (before == last && gate.waitH() > turnH(last, gate.afterTask())) {
                return false;
            }
            boolean longer = before != last && gate.waitH() > last.waitH(before);
            boolean kept = last.has(TaskKind.SEE_TO) || task.doing() == TaskKind.SEE_TO;
            if (longer && (kept || last.closes() || gate.atMostH().isPresent())) {
                return false;
            }
        }
        return true;
    }

    /** Hours until the first head is taken up again where the same is done to all of them in turn. */
    private double turnH(Together last, String task) {
        double all = last.tasks.stream()
                .filter(done -> done.id().equals(task))
                .mapToDouble(Plan.Task::labourMin)
                .sum();
        return (opening.count() - 1) * all / MIN_PER_H;
    }

    int place() {
        return place;
    }

    Opening opening() {
        return opening;
    }

    /** A stage is known by its name: wherever it stands in the list, its work stays its own. */
    String key() {
        return opening.name().toLowerCase(Locale.ROOT).replaceAll("[^\\p{L}\\p{N}]+", "-");
    }

    /** All that is done to them, in its order; nothing where nothing of a head is left at this stage. */
    List<Together> all() {
        return all;
    }

    /** What is made of them first where that is no more than what bears the rest; else none. */
    Optional<Together> centres() {
        return all.stream()
                .findFirst()
                .filter(first -> first.doing() == TaskKind.MAKE
                        && first.tasks.stream()
                                .allMatch(task -> task.partId().isPresent()
                                        && task.partId()
                                                .equals(one.species().bearer().map(Part::id))));
    }

    /** What is done to them last where they are no more than coloured in it. */
    Optional<Together> lastColour() {
        return all.stream().skip(1).reduce((before, last) -> last).filter(last -> last.doing() == TaskKind.COLOUR);
    }

    /**
     * What is waited for before they go onto the stem: all is done, rested, and so far dry.
     *
     * @param stage that everything of them has to be at
     */
    List<Wait> ready(Stage stage) {
        Map<Together, Plan.Gate> waits = new LinkedHashMap<>();
        Together last = all.get(all.size() - 1);
        waits.put(last, Gates.done(""));
        for (Plan.Gate gate : head.rested()) {
            waits.merge(of.get(gate.afterTask()), gate, Gates::both);
        }
        Gates gates = new Gates(one);
        for (Plan.Task task : head.tasks()) {
            double waitH = task.doing().makes() ? gates.stageH(part(task), stage) : 0;
            if (waitH > 0 && !waitedFor(of.get(task.id()), stage, waitH)) {
                waits.merge(
                        of.get(task.id()), new Plan.Gate("", Optional.of(stage), waitH, Optional.empty()), Gates::both);
            }
        }
        return waits.entrySet().stream()
                .map(wait -> new Wait(wait.getKey(), wait.getValue()))
                .toList();
    }

    /** Whether they are gone on with only after they dried so long, to such a stage. */
    private boolean waitedFor(Together made, Stage stage, double waitH) {
        return all.stream()
                .flatMap(later -> Optional.ofNullable(later.gates.get(made)).stream())
                .anyMatch(gate ->
                        gate.stage().filter(s -> s.compareTo(stage) >= 0).isPresent());
    }

    /** The names of the parts that are made in it. */
    List<String> made(Together work) {
        return work.tasks.stream()
                .filter(task -> task.doing().makes())
                .map(task -> part(task).name())
                .toList();
    }

    private Part part(Plan.Task task) {
        return task.partId().flatMap(one.species()::part).orElseThrow();
    }

    /** The tasks of one head, said for all of them. */
    Plan.OnHeads told(Together together) {
        return new Plan.OnHeads(place, together.tasks.stream().map(this::told).toList());
    }

    private Plan.Task told(Plan.Task task) {
        String each = opening.name() + ", each of " + opening.count();
        Optional<String> part = task.partId().flatMap(one.species()::part).map(Part::name);
        return PlanTaskBuilder.builder(task)
                .steps(task.steps().times(opening.count()).under(under -> Stream.of(each, part.orElse(""), under)
                        .filter(what -> !what.isEmpty())
                        .collect(Collectors.joining(" · "))))
                .build();
    }

    /** All that hands do to them, their paste kneaded already. */
    Steps steps() {
        Steps steps = Steps.NONE;
        for (Together together : all) {
            for (Plan.Task task : told(together).tasks()) {
                steps = steps.and(task.steps());
            }
        }
        return steps;
    }
}
