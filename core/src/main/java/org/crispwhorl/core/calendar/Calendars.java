package org.crispwhorl.core.calendar;

import java.time.LocalDateTime;
import java.time.ZoneId;
import java.time.temporal.ChronoUnit;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.IntFunction;
import java.util.stream.IntStream;
import org.crispwhorl.core.drying.Room;
import org.crispwhorl.core.drying.RoomCourse;
import org.crispwhorl.core.order.OrderSheet;
import org.crispwhorl.core.paste.Paste;
import org.crispwhorl.core.progress.Progress;
import org.crispwhorl.core.solver.Schedule;
import org.crispwhorl.core.species.Techniques;

/**
 * Places the work of one order, or of several at once, between now and their hand-overs, in the studio's time: no sooner than safe, no
 * later than a window closes, like work in one go; ready some half-days early, with the fewest evenings, in few half-days with few
 * kinds of work in each.
 */
public final class Calendars {
    /** How long a search may take that only asks whether a change helps, ms as it counts them. */
    private static final long TRY_MS = 1_000;

    /** How long it is looked for what would help, ms. */
    private static final long HELPS_MS = 20_000;

    /** Within so many hours what lies soft is gone on with where it could not be at once; the last: whenever there is room. */
    private static final int LATEST_H = 90 * 24;

    private static final int[] GONE_ON_WITH_H = {2, 8, 24, 72, LATEST_H};

    private static final long NS_PER_MS = 1_000_000;

    /** So many pieces of work are placed: an order of 120 flowers of six species has some 400. */
    private static final int MOST_PIECES = 4000;

    private static final String NOT_AT_ONCE =
            "At once no plan comes out of it: have its days planned, a search finds more, or what would help.";

    private final List<Asked> orders;
    private final Studio studio;
    private final Frames frames;
    private final Placer placer;
    private final Sittings.Before before;

    /**
     * An order to be placed.
     *
     * @param sheet what it adds up to
     * @param pastes of each line, by its id
     * @param reckoned the room in which its waits were reckoned
     * @param handOver when the flowers leave
     * @param spareTimeH hours kept free before it
     * @param standing what stands already
     */
    public record Asked(
            OrderSheet sheet,
            Map<String, Paste> pastes,
            Room reckoned,
            LocalDateTime handOver,
            double spareTimeH,
            Standing standing) {
        public Asked {
            pastes = Map.copyOf(pastes);
        }

        /** The same with what a help changes of it. */
        Asked with(Calendar.Help help) {
            return new Asked(
                    sheet,
                    pastes,
                    reckoned,
                    help.handOver().orElse(handOver),
                    help.spareTimeH().orElse(spareTimeH),
                    standing);
        }

        /** The same with another sheet. */
        Asked of(OrderSheet other) {
            return new Asked(other, pastes, reckoned, handOver, spareTimeH, standing);
        }

        double labourMin() {
            return sheet.tasks().stream()
                    .mapToDouble(OrderSheet.OrderTask::labourMin)
                    .sum();
        }

        /** The slot at which it has to be ready. */
        int last(Axis axis) {
            return axis.floor(handOver) - Axis.ofHours(spareTimeH);
        }
    }

    /**
     * The studio in which orders are placed.
     *
     * @param course the air of its room
     * @param time when it works
     * @param elsewhere work on other orders
     * @param now no work is placed before it
     */
    public record Studio(
            RoomCourse course, StudioTime time, List<Elsewhere> elsewhere, LocalDateTime now, ZoneId zone) {
        public Studio {
            elsewhere = List.copyOf(elsewhere);
        }

        Studio at(StudioTime other) {
            return new Studio(course, other, elsewhere, now, zone);
        }

        /** The air of a place: at night perhaps without its fan. */
        RoomCourse air(Techniques.DriesIn place) {
            RoomCourse there = place == Techniques.DriesIn.OPEN ? course.open() : course;
            return time.runsOn() ? there : there.running(time::attended);
        }
    }

    /**
     * Work on something else that takes one pair of hands.
     *
     * @param maker whose, from 1
     * @param takes what there is only so much of and it takes from its beginning on
     */
    public record Elsewhere(LocalDateTime from, LocalDateTime to, int maker, List<Calendar.Takes> takes) {
        public Elsewhere {
            takes = List.copyOf(takes);
        }
    }

    /**
     * What stands already when a calendar is made.
     *
     * @param pinned work that stays where it was set down; what is no longer there is passed over
     * @param done work that was done; what is no longer there is passed over
     * @param before the plan that this one takes the place of: as little as can be is moved
     */
    public record Standing(List<Planned.Pin> pinned, List<Done> done, Optional<Calendar> before) {
        public static final Standing NOTHING = new Standing(List.of(), List.of(), Optional.empty());
    }

    private Calendars(List<Asked> orders, Studio studio, boolean searches) {
        this.orders = orders;
        this.studio = studio;
        frames = new Frames(orders, studio);
        Map<String, LocalDateTime> pins = new HashMap<>();
        Map<String, LocalDateTime> stood = new HashMap<>();
        Map<String, Integer> sittings = new HashMap<>();
        for (int i = 0; i < orders.size(); i++) {
            int order = i;
            Standing standing = orders.get(i).standing();
            standing.pinned().forEach(pin -> pins.put(Batch.key(order, pin.uid()), pin.from()));
            standing.before().ifPresent(plan -> {
                plan.tasks().forEach(s -> stood.put(Batch.key(order, s.uid()), s.from()));
                if (plan.inSittings()) {
                    plan.tasks().forEach(s -> sittings.put(Batch.key(order, s.uid()), s.sitting()));
                }
            });
        }
        placer = new Placer(pins, stood, studio.elsewhere(), searches);
        before = new Sittings.Before(pins.keySet(), sittings);
    }

    /** The calendar of an order. */
    public static Calendar of(Asked order, Studio studio, Progress progress) {
        return together(List.of(order), studio, progress).get(0);
    }

    /** The calendars of several orders that share hands and tools, placed at once: one each, in their order, or of none a plan. */
    public static List<Calendar> together(List<Asked> orders, Studio studio, Progress progress) {
        return new Calendars(List.copyOf(orders), studio, true).planned(progress);
    }

    /** The plain plan of an order, by the same rules and at once: not the best there is, and not proof where there is none. */
    public static Calendar quick(Asked order, Studio studio, Progress progress) {
        return new Calendars(List.of(order), studio, false).planned(progress).get(0);
    }

    private List<Calendar> planned(Progress progress) {
        if (!orders.stream().map(Asked::sheet).allMatch(Batches::possible)) {
            return none("Something in it never dries in this room: see its plate.", order -> List.of());
        }
        int pieces = orders.stream()
                .mapToInt(o -> Batches.count(o.sheet(), studio.time().longestMin()))
                .sum();
        if (pieces > MOST_PIECES) {
            return none(Shortage.tooLarge(pieces, labourMin()), order -> List.of());
        }
        Frame frame = frames.of(studio.time(), progress, 0, 0);
        if (frame.batches().isEmpty() && frame.lateAlready().isEmpty()) {
            return made(frame, new Schedule.Found(new int[0], new boolean[0], 0), 0);
        }
        Optional<List<Calendar>> early = early(progress, 0);
        if (early.isPresent()) {
            return early.get();
        }
        Frame gathered = frame.together(before, studio.time().longestMin());
        Optional<Schedule.Found> inSittings = placer.search(gathered, progress).found();
        if (inSittings.isPresent()) {
            return made(gathered, inSittings.get(), 0);
        }
        Schedule.Answer answer = placer.search(frame, progress);
        if (answer.found().isPresent()) {
            return made(frame, answer.found().get(), 0);
        }
        for (int hours : GONE_ON_WITH_H) {
            // What lies soft since before can no longer be gone on with at once: it is as soon as hands are free.
            Frame eased = frames.of(studio.time(), progress, Axis.ofHours(hours), 0);
            if (progress.stopped() || eased.left().batches().equals(frame.left().batches())) {
                break;
            }
            for (Frame late : List.of(eased.together(before, studio.time().longestMin()), eased)) {
                Optional<Schedule.Found> found =
                        placer.place(late, TRY_MS, progress).found();
                if (found.isPresent()) {
                    return early(progress, Axis.ofHours(hours)).orElseGet(() -> made(late, found.get(), 0));
                }
            }
        }
        if (!answer.cannot() && progress.stopped()) {
            return none("Stopped before a plan was found.", order -> List.of());
        }
        if (!placer.searches()) {
            return none(answer.cannot() ? Shortage.time(frame) : NOT_AT_ONCE, order -> List.of());
        }
        boolean pinned = !placer.pins().isEmpty()
                && placer.unpinned().place(frame, TRY_MS, progress).found().isPresent();
        if (pinned) {
            return none(
                    "What is pinned leaves no room for the rest: take a pin out, or set it elsewhere.",
                    order -> List.of());
        }
        long until = System.nanoTime() + HELPS_MS * NS_PER_MS;
        Helping helping = new Helping(
                orders,
                studio.time(),
                (changed, help) -> System.nanoTime() < until
                        && !progress.stopped()
                        && new Calendars(changed, studio.at(help.time().orElse(studio.time())), true)
                                .possible(progress.as("trying to " + help.label())));
        return none(Shortage.of(frame, placer, TRY_MS, progress), helping::of);
    }

    /** Whether there is a plan at all, as far as that is soon seen. */
    private boolean possible(Progress progress) {
        progress.reached(0, "");
        Frame frame = frames.of(studio.time(), progress, Axis.ofHours(LATEST_H), 0);
        Frame gathered = frame.together(before, studio.time().longestMin());
        return placer.plain(gathered, new Patience(progress)).isPresent()
                || placer.place(frame, TRY_MS, progress).found().isPresent();
    }

    /**
     * Plans that are ready some half-days early, without evenings; none where there is no time for it.
     *
     * @param softUntil slot until which what lies soft may be gone on with
     */
    private Optional<List<Calendar>> early(Progress progress, int softUntil) {
        StudioTime days = studio.time().withEveningH(0);
        FreeStretch stretch = new FreeStretch(
                free -> frames.of(days, progress, softUntil, free)
                        .together(before, studio.time().longestMin()),
                placer,
                (frame, starts) -> Odds.least(frame, starts, hours(frame), ready(frame)),
                progress);
        for (int free : FreeStretch.tried(labourMin())) {
            Optional<FreeStretch.Early> early = stretch.of(free);
            Optional<Schedule.Found> found = early.flatMap(stretch::placed);
            if (found.isPresent()) {
                return Optional.of(
                        made(early.get().frame(), found.get(), early.get().halfDays()));
            }
            if (progress.stopped()) {
                break;
            }
        }
        return Optional.empty();
    }

    /** Of each order the slot at which it has to be ready. */
    private List<Integer> ready(Frame frame) {
        return orders.stream().map(o -> o.last(frame.axis())).toList();
    }

    /** When hands work until the last of them has to be ready. */
    private Windows hours(Frame frame) {
        int end = ready(frame).stream().mapToInt(Integer::intValue).max().orElse(0);
        return Hours.of(studio.time(), frame.axis(), end).loud();
    }

    private double labourMin() {
        return orders.stream().mapToDouble(Asked::labourMin).sum();
    }

    private List<Calendar> none(String limit, IntFunction<List<Calendar.Help>> helps) {
        return IntStream.range(0, orders.size())
                .mapToObj(order -> new Calendar(
                        List.of(),
                        Optional.empty(),
                        0,
                        Optional.empty(),
                        0,
                        orders.get(order).labourMin(),
                        Optional.of(limit),
                        helps.apply(order)))
                .toList();
    }

    private List<Calendar> made(Frame placed, Schedule.Found first, int free) {
        SideBySide.Placed told = placer.sideBySide(placed, first, studio.time().longestMin());
        Frame frame = told.frame();
        Schedule.Found found = frame == placed
                ? first
                : new Schedule.Found(told.starts(), new boolean[told.starts().length], first.dearSlots());
        List<Odds> odds = Odds.of(frame, found.starts(), hours(frame), ready(frame));
        return IntStream.range(0, orders.size())
                .mapToObj(order -> {
                    List<Calendar.PlacedTask> tasks = PlacedTasks.of(frame, found, order);
                    return new Calendar(
                            tasks,
                            tasks.stream()
                                    .filter(s -> !s.done())
                                    .map(Calendar.PlacedTask::from)
                                    .min(Comparator.naturalOrder()),
                            free,
                            frame.batches().isEmpty() ? Optional.empty() : Optional.of(odds.get(order)),
                            tasks.stream()
                                    .filter(Calendar.PlacedTask::evening)
                                    .mapToDouble(s -> ChronoUnit.SECONDS.between(s.from(), s.to()) / 60.0)
                                    .sum(),
                            orders.get(order).labourMin(),
                            Optional.empty(),
                            List.of());
                })
                .toList();
    }
}
