package org.crispwhorl.core.assessment;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.crispwhorl.core.species.Techniques;

/**
 * Gates that say nothing of their own: what waits for something that itself comes after another, and at least as long for the same
 * stage in the same air, has waited for that too. Without them a wait is told once, where it binds.
 */
final class Implied {
    private final Assessment a;
    private final Map<String, Plan.Task> tasks = new HashMap<>();

    /** Of each task all that is over when it begins. */
    private final Map<String, Set<String>> before = new HashMap<>();

    private Implied(Assessment a, List<Plan.Task> tasks) {
        this.a = a;
        for (Plan.Task task : tasks) {
            this.tasks.put(task.id(), task);
            Set<String> over = new HashSet<>();
            task.gates().forEach(gate -> {
                over.add(gate.afterTask());
                over.addAll(before.get(gate.afterTask()));
            });
            before.put(task.id(), over);
        }
    }

    /** The same tasks without such gates. */
    static List<Plan.Task> left(Assessment a, List<Plan.Task> tasks) {
        Implied implied = new Implied(a, tasks);
        return tasks.stream().map(implied::without).toList();
    }

    private Plan.Task without(Plan.Task task) {
        List<Plan.Gate> left = new ArrayList<>(task.gates());
        for (Plan.Gate gate : task.gates()) {
            if (left.stream().anyMatch(other -> implies(other, gate))) {
                left.remove(gate);
            }
        }
        return task.gated(left);
    }

    private boolean implies(Plan.Gate other, Plan.Gate gate) {
        boolean waited = tasks.get(other.afterTask()).gates().stream()
                .anyMatch(earlier -> earlier.afterTask().equals(gate.afterTask()) && atLeast(earlier, gate));
        boolean later = before.get(other.afterTask()).contains(gate.afterTask());
        boolean nothing = gate.waitH() == 0 && gate.atMostH().isEmpty();
        return waited || later && (nothing || atLeast(other, gate));
    }

    /** Whether one waits at least as long as another, for the same stage in the same air. */
    private boolean atLeast(Plan.Gate one, Plan.Gate another) {
        return another.atMostH().isEmpty()
                && one.stage().equals(another.stage())
                && one.waitH() >= another.waitH()
                && driesIn(one).equals(driesIn(another));
    }

    private Techniques.DriesIn driesIn(Plan.Gate gate) {
        return tasks.get(gate.afterTask())
                .partId()
                .flatMap(a.species()::part)
                .map(a::techniques)
                .orElse(a.techniques())
                .driesIn();
    }
}
