package org.crispwhorl.core.bench;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.crispwhorl.core.assessment.Plan;
import org.crispwhorl.core.bench.BenchCard.BenchWait;
import org.crispwhorl.core.paste.Stage;

/** What the pieces of a task wait for once it is done. */
public final class Waits {
    private static final double MIN_PER_H = 60;

    private Waits() {}

    /** A wait for a stage; whatever waits for the same waits together. */
    private record Until(Optional<Stage> stage, double enoughMin, Optional<Double> closesMin) {
        static Until of(Plan.Gate gate) {
            return new Until(
                    gate.stage(), MIN_PER_H * gate.waitH(), gate.atMostH().map(h -> MIN_PER_H * h));
        }
    }

    /**
     * @param task its id
     * @param tasks all of the same flower
     * @param handOver what must have happened before it leaves; who waits for the last work on it waits for that
     * @return the soonest first: found ready one after the other
     */
    public static List<BenchWait> after(String task, List<Plan.Task> tasks, List<Plan.Gate> handOver) {
        Map<Until, List<String>> waits = new LinkedHashMap<>();
        for (Plan.Task next : tasks) {
            boolean leaves = handOver.stream().anyMatch(g -> g.afterTask().equals(next.id()));
            next.gates().stream()
                    .filter(g -> g.afterTask().equals(task) && g.waitH() > 0)
                    .forEach(g -> waits.computeIfAbsent(Until.of(g), u -> new ArrayList<>())
                            .add(leaves ? BenchWait.HAND_OVER : next.name()));
        }
        handOver.stream()
                .filter(g -> g.afterTask().equals(task) && g.waitH() > 0)
                .forEach(g -> waits.computeIfAbsent(Until.of(g), u -> new ArrayList<>())
                        .add(BenchWait.HAND_OVER));
        return waits.entrySet().stream()
                .map(e -> new BenchWait(
                        e.getValue(),
                        e.getKey().stage(),
                        e.getKey().enoughMin(),
                        e.getKey().closesMin()))
                .sorted(Comparator.comparingDouble(BenchWait::enoughMin))
                .toList();
    }
}
