package org.crispwhorl.benchmarks.drill;

import java.time.DayOfWeek;
import java.time.Duration;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Collectors;
import org.crispwhorl.core.assessment.Plan;
import org.crispwhorl.core.calendar.Calendar;
import org.crispwhorl.core.calendar.Calendars;
import org.crispwhorl.core.calendar.StudioTime;
import org.crispwhorl.core.order.OrderSheet;

/** A plan as whoever follows it reads it: from what is told of it, the order and the studio's hours, and nothing of how it was made. */
final class FollowedPlan {
    /** Plans go by five minutes; a wait may be told so much shorter than it is. */
    private static final double ROUNDED_MIN = 5;

    private static final double PADDED_SHARE = 1.05;
    private static final double PADDED_MIN = 10;
    private static final int FAR_DAYS = 40;

    /** Plans go to the nearest five minutes, as long as no tenth of the work is left out. */
    private static final double TOLD_SHARE = 0.9;

    /** So much longer than its hours somebody stays to finish what is begun. */
    private static final long STAYS_MIN = 15;

    private final OrderSheet sheet;
    private final LocalDateTime ready;
    private final StudioTime time;
    private final List<Calendar.PlacedTask> work;
    private final Map<String, List<Calendar.PlacedTask>> byTask;
    private final Map<String, OrderSheet.OrderTask> tasks = new HashMap<>();
    private final List<String> wrong = new ArrayList<>();

    FollowedPlan(Calendars.Asked asked, StudioTime time, Calendar plan) {
        sheet = asked.sheet();
        ready = asked.handOver().minusMinutes(Math.round(60 * asked.spareTimeH()));
        this.time = time;
        work = plan.tasks();
        byTask = work.stream().collect(Collectors.groupingBy(FollowedPlan::task));
        sheet.tasks().forEach(t -> tasks.put(t.line() + "/" + t.task().id(), t));
    }

    private static String task(Calendar.PlacedTask s) {
        return s.uid().substring(0, s.uid().lastIndexOf('/'));
    }

    private static double minutes(LocalDateTime from, LocalDateTime to) {
        return Duration.between(from, to).toSeconds() / 60.0;
    }

    /** What is wrong with it, in words; nothing where it can be followed. */
    List<String> wrong() {
        hands();
        allOfIt();
        tasks.forEach((key, task) -> task.task().gates().forEach(gate -> waits(key, gate)));
        tools();
        sheet.handOver().forEach(last -> byTask.getOrDefault(
                        last.line() + "/" + last.gate().afterTask(), List.of())
                .forEach(s -> check(
                        minutes(s.to(), ready) >= 60 * last.gate().waitH() - ROUNDED_MIN,
                        s.task() + " is not dry when it leaves")));
        return List.copyOf(wrong);
    }

    private void check(boolean right, String told) {
        if (!right) {
            wrong.add(told);
        }
    }

    private void hands() {
        for (Calendar.PlacedTask s : work) {
            check(open(s.from(), s.to()), s.task() + " at " + s.from() + " is outside of working hours");
            for (Calendar.PlacedTask o : work) {
                boolean both = s != o
                        && o.maker() == s.maker()
                        && o.from().isBefore(s.to())
                        && s.from().isBefore(o.to());
                check(!both, s.task() + " and " + o.task() + " want the same hands at " + s.from());
            }
        }
    }

    private boolean open(LocalDateTime from, LocalDateTime to) {
        return stretches(from.toLocalDate()).stream().anyMatch(w -> !from.isBefore(w[0]) && !to.isAfter(w[1]));
    }

    /** When hands may work on a day: its hours and its evening without the break. */
    private List<LocalDateTime[]> stretches(LocalDate day) {
        StudioTime.DayHours hours = time.week().get(day.getDayOfWeek().getValue() - DayOfWeek.MONDAY.getValue());
        if (!hours.works()) {
            return List.of();
        }
        LocalDateTime end = day.atTime(hours.to()).plusMinutes(Math.round(60 * time.eveningH()));
        Optional<StudioTime.Noon> noon = time.noon();
        List<LocalDateTime[]> all = new ArrayList<>();
        LocalTime from = noon.map(StudioTime.Noon::from).orElse(hours.to());
        all.add(new LocalDateTime[] {day.atTime(hours.from()), noon.isPresent() ? day.atTime(from) : end});
        noon.ifPresent(n -> all.add(new LocalDateTime[] {day.atTime(n.to()), end}));
        return all;
    }

    /** Every task with all of its batches and its minutes. */
    private void allOfIt() {
        tasks.forEach((key, task) -> {
            List<Calendar.PlacedTask> own = byTask.getOrDefault(key, List.of());
            Set<Integer> batches =
                    own.stream().map(Calendar.PlacedTask::batch).collect(Collectors.toCollection(HashSet::new));
            check(!own.isEmpty() && batches.size() == own.get(0).of(), key + " is not all there");
            double planned =
                    own.stream().mapToDouble(s -> minutes(s.from(), s.to())).sum();
            check(planned >= TOLD_SHARE * task.labourMin() - own.size() / 60.0, key + " has not its minutes");
        });
        work.forEach(s -> check(tasks.containsKey(task(s)), s.task() + " is not in the order"));
    }

    /** Half-days that are told longer than their work is, by more than hands would notice. */
    List<String> padded() {
        Map<String, double[]> halfDays = new TreeMap<>();
        for (Calendar.PlacedTask s : work) {
            boolean morning = s.from().getHour() <= LocalTime.NOON.getHour();
            double[] sum =
                    halfDays.computeIfAbsent(s.from().toLocalDate() + (morning ? " a" : " p"), h -> new double[2]);
            sum[0] += minutes(s.from(), s.to());
            sum[1] += tasks.get(task(s)).labourMin() / s.of();
            boolean last = work.stream().noneMatch(o -> o.sitting() == s.sitting() && o.to().isAfter(s.to()));
            sum[0] += last ? untilWhole(s.to()) : 0;
        }
        return halfDays.entrySet().stream()
                .filter(e -> e.getValue()[0] > Math.max(PADDED_SHARE * e.getValue()[1], e.getValue()[1] + PADDED_MIN))
                .map(e -> String.format(
                        Locale.ROOT, "%s: %.0f min of %.0f", e.getKey(), e.getValue()[0], e.getValue()[1]))
                .toList();
    }

    /** Minutes until the next whole five, by which a sitting is told to be over. */
    private static double untilWhole(LocalDateTime moment) {
        double over = (moment.getMinute() + moment.getSecond() / 60.0) % ROUNDED_MIN;
        return over > 0 ? ROUNDED_MIN - over : 0;
    }

    /** Batch by batch: what a flower's piece waits for was over long enough before, and not too long. */
    private void waits(String key, Plan.Gate gate) {
        String line = key.substring(0, key.indexOf('/'));
        List<Calendar.PlacedTask> before = byTask.getOrDefault(line + "/" + gate.afterTask(), List.of());
        if (before.isEmpty()) {
            return;
        }
        for (Calendar.PlacedTask s : byTask.getOrDefault(key, List.of())) {
            double share = until(s);
            for (Calendar.PlacedTask b : before) {
                // It has to be through with those batches before that hold the first of its flowers and all earlier
                // ones.
                boolean needed = from(b) < share - 1e-9;
                double since = minutes(b.to(), s.from());
                check(!needed || since >= 60 * gate.waitH() - ROUNDED_MIN, s.task() + " does not wait for " + b.task());
                boolean own = b.batch() == s.batch() && b.of() == s.of();
                if (own && gate.atMostH().isPresent()) {
                    double most = Math.max(60 * gate.atMostH().get(), 60 * gate.waitH() + minutes(s.from(), s.to()));
                    check(minutes(b.to(), s.to()) <= most + ROUNDED_MIN, s.task() + " comes when it no longer bends");
                }
            }
        }
    }

    /** The share of all flowers with which it begins: of whole flowers where its batches are. */
    private double from(Calendar.PlacedTask s) {
        return wholeFlowers(s) ? (double) (s.firstFlower() - 1) / s.flowers() : (double) (s.batch() - 1) / s.of();
    }

    private double until(Calendar.PlacedTask s) {
        return wholeFlowers(s) ? (double) s.lastFlower() / s.flowers() : (double) s.batch() / s.of();
    }

    /** Whether no flower is worked on in two batches of its task. */
    private boolean wholeFlowers(Calendar.PlacedTask s) {
        List<Calendar.PlacedTask> all = byTask.get(task(s));
        return all.stream().mapToInt(b -> b.lastFlower() - b.firstFlower() + 1).sum() == s.flowers();
    }

    private void tools() {
        Map<String, Integer> owned = new TreeMap<>();
        sheet.tasks().forEach(t -> t.held().forEach(h -> owned.merge(h.tool(), h.owned(), Math::max)));
        for (Calendar.PlacedTask s : work) {
            owned.forEach((tool, count) -> {
                int taken = work.stream()
                        .filter(o -> !o.from().isAfter(s.from()))
                        .flatMap(o -> o.takes().stream())
                        .filter(t -> t.tool().equals(tool) && t.until().isAfter(s.from()))
                        .mapToInt(Calendar.Takes::count)
                        .sum();
                check(taken <= count, taken + " of " + count + " " + tool + " are taken at " + s.from());
            });
        }
    }

    /**
     * Whether everything is ready in time where something goes wrong; work goes on in its order, put off within the hours.
     *
     * @param slower so many times as long hands take
     * @param lost a day on which nothing is done
     * @param again a sitting that has to be done twice, from 0; below 0 for none
     */
    boolean bears(double slower, Optional<LocalDate> lost, int again) {
        Map<String, List<LocalDateTime>> ends = new HashMap<>();
        Map<Integer, List<Calendar.PlacedTask>> sittings = work.stream()
                .collect(Collectors.groupingBy(Calendar.PlacedTask::sitting, TreeMap::new, Collectors.toList()));
        LocalDateTime[] free = new LocalDateTime[time.makers() + 1];
        int at = 0;
        LocalDateTime last = LocalDateTime.MIN;
        for (List<Calendar.PlacedTask> sitting : sittings.values()) {
            LocalDateTime planned = sitting.get(0).from();
            int maker = sitting.get(0).maker();
            LocalDateTime soonest = free[maker] == null || planned.isAfter(free[maker]) ? planned : free[maker];
            for (Calendar.PlacedTask s : sitting) {
                long into = Math.round(slower * minutes(planned, s.from()));
                for (Plan.Gate gate : tasks.get(task(s)).task().gates()) {
                    for (LocalDateTime end : ends.getOrDefault(s.line() + "/" + gate.afterTask(), List.of())) {
                        LocalDateTime over = end.plusMinutes((long) Math.ceil(60 * gate.waitH()))
                                .minusMinutes(into);
                        soonest = s.of() == 1 && over.isAfter(soonest) ? over : soonest;
                    }
                }
            }
            LocalDateTime end = sitting.stream()
                    .map(Calendar.PlacedTask::to)
                    .max(LocalDateTime::compareTo)
                    .orElseThrow();
            double takes = slower * minutes(planned, end);
            for (int time = at == again ? 2 : 1; time > 0; time--) {
                LocalDateTime begins = within(soonest, takes, lost);
                soonest = begins.plusMinutes(Math.round(takes));
                if (time == 1) {
                    sitting.forEach(s -> ends.computeIfAbsent(task(s), k -> new ArrayList<>())
                            .add(begins.plusMinutes(Math.round(slower * minutes(planned, s.to())))));
                }
            }
            free[maker] = soonest;
            last = soonest.isAfter(last) ? soonest : last;
            at++;
        }
        LocalDateTime over = last;
        for (OrderSheet.HandOverGate leaves : sheet.handOver()) {
            for (LocalDateTime end :
                    ends.getOrDefault(leaves.line() + "/" + leaves.gate().afterTask(), List.of())) {
                LocalDateTime dry = end.plusMinutes((long) (60 * leaves.gate().waitH() - ROUNDED_MIN));
                over = dry.isAfter(over) ? dry : over;
            }
        }
        return !over.isAfter(ready);
    }

    private LocalDateTime within(LocalDateTime soonest, double takes, Optional<LocalDate> lost) {
        long minutes = Math.round(takes);
        for (int d = 0; d < FAR_DAYS; d++) {
            LocalDate day = soonest.toLocalDate().plusDays(d);
            for (LocalDateTime[] w :
                    lost.filter(day::equals).isPresent() ? List.<LocalDateTime[]>of() : stretches(day)) {
                LocalDateTime from = w[0].isAfter(soonest) ? w[0] : soonest;
                boolean longer = minutes > minutes(w[0], w[1]);
                if (from.isBefore(w[1])
                        && (longer || !from.plusMinutes(minutes).isAfter(w[1].plusMinutes(STAYS_MIN)))) {
                    return from;
                }
            }
        }
        return soonest.plusDays(FAR_DAYS);
    }

    /** The days with work on them. */
    List<LocalDate> days() {
        return work.stream().map(s -> s.from().toLocalDate()).distinct().toList();
    }

    int sittings() {
        return (int) work.stream().map(Calendar.PlacedTask::sitting).distinct().count();
    }
}
