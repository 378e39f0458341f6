package org.crispwhorl.core.assessment;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.crispwhorl.core.species.Part;
import org.crispwhorl.core.work.Steps;

/** Tasks as they are put one after the other, for one maker who works straight through. */
final class PlanDraft {
    private final Assessment a;
    private final List<Plan.Task> tasks = new ArrayList<>();
    private final Map<String, Double> ends = new HashMap<>();
    private double handsFreeH;

    PlanDraft(Assessment a) {
        this.a = a;
    }

    /** A task on a part, or on all of the flower: done in one batch, its pieces those of the part. */
    PlanTaskBuilder task(String id, String name, TaskKind doing, Optional<Part> part, Steps steps) {
        double minutes =
                doing.mixes() ? Work.mixMin(a, 1) : a.conditions().pace().minutes(steps);
        return PlanTaskBuilder.builder()
                .id(id)
                .name(name)
                .doing(doing)
                .partId(part.map(Part::id))
                .pieces(part.map(doing::counted).orElse(0))
                .steps(steps)
                .making(doing.makes() ? steps.list().size() : 0)
                .onHeads(List.of())
                .labourMin(minutes)
                .batches(1)
                .disturbs(List.of())
                .gates(List.of());
    }

    /** Places a task straight after the hands are free and its gates are open. */
    void place(Plan.Task task) {
        double start = handsFreeH;
        for (Plan.Gate gate : task.gates()) {
            start = Math.max(start, endH(gate.afterTask()) + gate.waitH());
        }
        Plan.Task placed = task.at(start);
        tasks.add(placed);
        ends.put(placed.id(), placed.endH());
        handsFreeH = placed.endH();
    }

    /** All that are placed, in their order. */
    List<Plan.Task> tasks() {
        return tasks;
    }

    /** The id of what is placed last. */
    String last() {
        return tasks.get(tasks.size() - 1).id();
    }

    /** When a task that is placed is over, hours from the first touch. */
    double endH(String task) {
        return ends.get(task);
    }

    /** When all that is placed is over, hours from the first touch. */
    double handsFreeH() {
        return handsFreeH;
    }

    /** The ids of what nothing waits for. */
    List<String> waitedForByNothing() {
        Set<String> followed = tasks.stream()
                .flatMap(task -> task.gates().stream())
                .map(Plan.Gate::afterTask)
                .collect(Collectors.toSet());
        return tasks.stream()
                .map(Plan.Task::id)
                .filter(id -> !followed.contains(id))
                .toList();
    }
}
