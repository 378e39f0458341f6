package org.crispwhorl.core.order;

import java.time.Duration;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.PriorityQueue;
import java.util.stream.Stream;
import org.crispwhorl.core.assessment.Plan;
import org.crispwhorl.core.work.BatchId;

/**
 * A plain plan of days: every task as late as its followers allow, placed backwards from the hand-over into one maker's
 * working hours; drying goes on by day and night.
 *
 * @param possible whether every task has a place: not where a part never dries
 * @param sittings what is done when, in order of time; a task that does not fit into a day is split
 * @param starts when work has to begin
 * @param missed joins for which the petals would no longer bend: fewer flowers at a time, or joined when firm
 */
public record BackwardPlan(
        boolean possible, List<Sitting> sittings, Optional<LocalDateTime> starts, List<Missed> missed) {
    /**
     * A join that comes too late.
     *
     * @param atMostH hours after which the petals no longer bend
     * @param waitH hours that they would wait
     */
    public record Missed(String species, String task, double atMostH, double waitH) {}

    /** Work on one task without a break. */
    public record Sitting(String species, String task, LocalDateTime from, LocalDateTime to) {
        public long minutes() {
            return Duration.between(from, to).toMinutes();
        }
    }

    /** More minutes of waiting than this mean never. */
    private static final double NEVER_H = 24 * 365;

    /**
     * Places the tasks of an order.
     *
     * @param sheet whose tasks are placed
     * @param handOver when the flowers leave
     * @param spareTimeH hours kept free before it
     */
    public static BackwardPlan of(OrderSheet sheet, LocalDateTime handOver, double spareTimeH, WorkingDays days) {
        boolean possible = Stream.concat(
                        sheet.tasks().stream().flatMap(t -> t.task().gates().stream()),
                        sheet.handOver().stream().map(OrderSheet.HandOverGate::gate))
                .allMatch(g -> g.waitH() < NEVER_H);
        if (!possible) {
            return new BackwardPlan(false, List.of(), Optional.empty(), List.of());
        }
        LocalDateTime latest = handOver.minusMinutes(Math.round(60 * spareTimeH));
        Map<String, LocalDateTime> caps = new HashMap<>();
        BackwardPlan best = null;
        for (int round = 0; round < ROUNDS; round++) {
            Placing placing = placed(sheet, latest, caps, days);
            List<Missed> missed = missed(sheet, placing, caps);
            List<Sitting> sittings = placing.inOrder();
            if (best == null || missed.size() < best.missed.size()) {
                best = new BackwardPlan(
                        true, sittings, sittings.stream().findFirst().map(Sitting::from), missed);
            }
            if (missed.isEmpty()) {
                break;
            }
        }
        return best;
    }

    /** A join that missed its window is drawn to what it waits for, this many times at most. */
    private static final int ROUNDS = 40;

    private static Placing placed(
            OrderSheet sheet, LocalDateTime latest, Map<String, LocalDateTime> caps, WorkingDays days) {
        Placing placing = new Placing(days);
        Map<String, LocalDateTime> dueById = new HashMap<>(caps);
        for (OrderSheet.HandOverGate last : sheet.handOver()) {
            due(dueById, last.line(), last.gate(), latest);
        }
        Map<String, Integer> atByKey = new HashMap<>();
        for (int i = 0; i < sheet.tasks().size(); i++) {
            atByKey.put(key(sheet.tasks().get(i)), i);
        }
        int[] followers = new int[sheet.tasks().size()];
        for (OrderSheet.OrderTask task : sheet.tasks()) {
            before(task, atByKey).forEach(at -> followers[at]++);
        }
        // A task whose followers all have a place knows when it is due; the latest due goes first.
        PriorityQueue<Integer> ready = new PriorityQueue<>(Comparator.comparing(
                        (Integer at) -> dueById.getOrDefault(key(sheet.tasks().get(at)), latest))
                .reversed()
                .thenComparing(Comparator.naturalOrder()));
        for (int at = 0; at < followers.length; at++) {
            if (followers[at] == 0) {
                ready.add(at);
            }
        }
        while (!ready.isEmpty()) {
            OrderSheet.OrderTask next = sheet.tasks().get(ready.remove());
            LocalDateTime start = placing.place(next, dueById.getOrDefault(key(next), latest));
            for (Plan.Gate gate : next.task().gates()) {
                due(dueById, next.line(), gate, start);
            }
            for (int at : before(next, atByKey)) {
                if (--followers[at] == 0) {
                    ready.add(at);
                }
            }
        }
        return placing;
    }

    /**
     * Joins whose wait, from the end of making to the end of joining, outlasts the part-dry window. Each is given a cap, so
     * that the next round places it no later than its petals bend.
     */
    private static List<Missed> missed(OrderSheet sheet, Placing placing, Map<String, LocalDateTime> caps) {
        List<Missed> missed = new ArrayList<>();
        for (OrderSheet.OrderTask task : sheet.tasks()) {
            for (Plan.Gate gate : task.task().gates()) {
                if (gate.atMostH().isPresent()) {
                    LocalDateTime made = placing.ends.get(BatchId.key(task.line(), gate.afterTask()));
                    double waitH =
                            Duration.between(made, placing.ends.get(key(task))).toMinutes() / 60.0;
                    if (waitH > gate.atMostH().get()) {
                        caps.put(key(task), made.plusMinutes((long)
                                (60 * gate.atMostH().get())));
                        missed.add(new Missed(
                                task.species(),
                                task.task().name(),
                                gate.atMostH().get(),
                                waitH));
                    }
                }
            }
        }
        return missed;
    }

    /** The task behind a gate has to be done its wait before a moment. */
    private static void due(Map<String, LocalDateTime> dueById, String line, Plan.Gate gate, LocalDateTime before) {
        LocalDateTime due = before.minusMinutes((long) Math.ceil(60 * gate.waitH()));
        dueById.merge(BatchId.key(line, gate.afterTask()), due, (x, y) -> x.isBefore(y) ? x : y);
    }

    /** The tasks that a task waits for. */
    private static List<Integer> before(OrderSheet.OrderTask task, Map<String, Integer> atByKey) {
        return task.task().gates().stream()
                .map(g -> atByKey.get(BatchId.key(task.line(), g.afterTask())))
                .filter(Objects::nonNull)
                .distinct()
                .toList();
    }

    private static String key(OrderSheet.OrderTask task) {
        return BatchId.key(task.line(), task.task().id());
    }

    /** One maker's hands, filled from the end. */
    private static final class Placing {
        private final WorkingDays days;
        private final List<Sitting> sittings = new ArrayList<>();
        private final Map<String, LocalDateTime> ends = new HashMap<>();
        private LocalDateTime free = LocalDateTime.MAX;

        Placing(WorkingDays days) {
            this.days = days;
        }

        LocalDateTime place(OrderSheet.OrderTask task, LocalDateTime due) {
            long left = Math.max(1, Math.round(task.labourMin()));
            LocalDateTime end = due.isBefore(free) ? due : free;
            while (left > 0) {
                end = intoHours(end);
                LocalDateTime dayStart = end.toLocalDate().atTime(days.from());
                long fits = Math.min(left, Duration.between(dayStart, end).toMinutes());
                LocalDateTime start = end.minusMinutes(fits);
                ends.putIfAbsent(key(task), end);
                sittings.add(new Sitting(task.species(), task.task().name(), start, end));
                left -= fits;
                end = start;
            }
            free = end;
            return end;
        }

        /** The latest working moment at or before a time that has some of its day's work before it. */
        private LocalDateTime intoHours(LocalDateTime time) {
            LocalDateTime close = time.toLocalDate().atTime(days.to());
            LocalDateTime open = time.toLocalDate().atTime(days.from());
            if (time.isAfter(close)) {
                return close;
            }
            return time.isAfter(open) ? time.truncatedTo(java.time.temporal.ChronoUnit.MINUTES) : close.minusDays(1);
        }

        List<Sitting> inOrder() {
            sittings.sort(Comparator.comparing(Sitting::from));
            return List.copyOf(sittings);
        }
    }
}
