package org.crispwhorl.core.order;

import java.time.Duration;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.crispwhorl.core.reckoning.Plan;

/**
 * A plain plan of days: every task as late as its followers allow, placed backwards from the hand-over into one maker's
 * working hours; drying goes on by day and night.
 *
 * @param possible whether every task has a place: not where a part never dries
 * @param sittings what is done when, in order of time; a task that does not fit into a day is split
 * @param starts when work has to begin
 */
public record BackwardPlan(boolean possible, List<Sitting> sittings, java.util.Optional<LocalDateTime> starts) {
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
     * @param marginH hours kept free before it
     */
    public static BackwardPlan of(OrderSheet sheet, LocalDateTime handOver, double marginH, WorkingDays days) {
        boolean possible =
                sheet.tasks().stream().flatMap(t -> t.task().gates().stream()).allMatch(g -> g.waitH() < NEVER_H);
        if (!possible) {
            return new BackwardPlan(false, List.of(), java.util.Optional.empty());
        }
        LocalDateTime latest = handOver.minusMinutes(Math.round(60 * marginH));
        Placing placing = new Placing(days);
        Map<String, LocalDateTime> dueById = new HashMap<>();
        for (OrderSheet.HandOverGate last : sheet.handOver()) {
            due(dueById, last.line(), last.gate(), latest);
        }
        List<OrderSheet.OrderTask> open = new ArrayList<>(sheet.tasks());
        while (!open.isEmpty()) {
            OrderSheet.OrderTask next = open.stream()
                    .filter(t -> open.stream().noneMatch(o -> waitsFor(o, t)))
                    .max(Comparator.comparing(t -> dueById.getOrDefault(key(t), latest)))
                    .orElseThrow();
            open.remove(next);
            LocalDateTime start = placing.place(next, dueById.getOrDefault(key(next), latest));
            for (Plan.Gate gate : next.task().gates()) {
                due(dueById, next.line(), gate, start);
            }
        }
        List<Sitting> sittings = placing.inOrder();
        return new BackwardPlan(true, sittings, sittings.stream().findFirst().map(Sitting::from));
    }

    /** The task behind a gate has to be done its wait before a moment. */
    private static void due(Map<String, LocalDateTime> dueById, int line, Plan.Gate gate, LocalDateTime before) {
        LocalDateTime due = before.minusMinutes((long) Math.ceil(60 * gate.waitH()));
        dueById.merge(line + "/" + gate.afterTask(), due, (x, y) -> x.isBefore(y) ? x : y);
    }

    private static boolean waitsFor(OrderSheet.OrderTask later, OrderSheet.OrderTask earlier) {
        return later.line() == earlier.line()
                && later.task().gates().stream()
                        .anyMatch(g -> g.afterTask().equals(earlier.task().id()));
    }

    private static String key(OrderSheet.OrderTask task) {
        return task.line() + "/" + task.task().id();
    }

    /** One maker's hands, filled from the end. */
    private static final class Placing {
        private final WorkingDays days;
        private final List<Sitting> sittings = new ArrayList<>();
        private LocalDateTime free = LocalDateTime.MAX;

        Placing(WorkingDays days) {
            this.days = days;
        }

        LocalDateTime place(OrderSheet.OrderTask task, LocalDateTime due) {
            long left = Math.max(1, Math.round(task.handsMin()));
            LocalDateTime end = due.isBefore(free) ? due : free;
            while (left > 0) {
                end = intoHours(end);
                LocalDateTime dayStart = end.toLocalDate().atTime(days.from());
                long fits = Math.min(left, Duration.between(dayStart, end).toMinutes());
                LocalDateTime start = end.minusMinutes(fits);
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
