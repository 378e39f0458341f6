package org.crispwhorl.core.calendar;

import java.time.LocalDateTime;
import java.time.ZoneId;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.crispwhorl.core.drying.Room;
import org.crispwhorl.core.drying.RoomCourse;
import org.crispwhorl.core.measure.Unit;
import org.crispwhorl.core.order.OrderSheet;
import org.crispwhorl.core.paste.Paste;
import org.crispwhorl.core.progress.Progress;
import org.crispwhorl.core.solver.Schedule;

/**
 * Places the work of an order between now and its hand-over, in the studio's time: no sooner than safe, no later than a window
 * closes, lots never broken; with the fewest evenings, then beginning as late as can be.
 */
public final class Calendars {
    /** How long a search may take, ms; and one that only asks whether a change would help. */
    private static final long SEARCH_MS = 15_000;

    private static final long TRY_MS = 3_000;

    private final OrderSheet sheet;
    private final List<Integer> flowers;
    private final LocalDateTime now;
    private final ZoneId zone;
    private final List<Done> done;
    private final Placer placer;
    private final Ahead ahead;

    /**
     * The air in which the work of an order dries.
     *
     * @param course of the room
     * @param reckoned the room in which its waits were reckoned
     * @param pastes of each line of the sheet
     */
    public record Ahead(RoomCourse course, Room reckoned, List<Paste> pastes) {
        /** The room stays as it was when the waits were reckoned, whatever it is. */
        public static final Ahead AS_RECKONED = new Ahead(RoomCourse.steady(Room.REFERENCE), Room.REFERENCE, List.of());

        public Ahead {
            pastes = List.copyOf(pastes);
        }

        AirAhead air(int line, Axis axis, int last) {
            return course.steady()
                    ? AirAhead.STEADY
                    : AirAhead.of(pastes.get(line), reckoned, course, axis, -BEHIND, last + BEYOND);
        }
    }

    /** Work on something else that takes one pair of hands. */
    public record Elsewhere(LocalDateTime from, LocalDateTime to) {}

    /**
     * What stands already when a calendar is made.
     *
     * @param pinned work that stays where it was set down; what is no longer there is passed over
     * @param done work that was done; what is no longer there is passed over
     * @param elsewhere work on other orders, for which hands are needed too
     * @param before the plan that this one takes the place of: as little as can be is moved
     */
    public record Standing(
            List<Planned.Pin> pinned, List<Done> done, List<Elsewhere> elsewhere, Optional<Calendar> before) {
        public static final Standing NOTHING = new Standing(List.of(), List.of(), List.of(), Optional.empty());
    }

    private Calendars(
            OrderSheet sheet,
            List<Integer> flowers,
            Ahead ahead,
            LocalDateTime now,
            ZoneId zone,
            List<Done> done,
            Placer placer) {
        this.ahead = ahead;
        this.done = done;
        this.sheet = sheet;
        this.flowers = flowers;
        this.now = now;
        this.zone = zone;
        this.placer = placer;
    }

    /**
     * The calendar of an order.
     *
     * @param flowers of each line of the sheet
     * @param ahead in what air it dries
     * @param now no work is placed before it
     * @param handOver when the flowers leave
     * @param marginH hours kept free before it
     * @param standing what stands already
     */
    public static Calendar of(
            OrderSheet sheet,
            List<Integer> flowers,
            Ahead ahead,
            LocalDateTime now,
            LocalDateTime handOver,
            double marginH,
            StudioTime time,
            Standing standing,
            ZoneId zone,
            Progress progress) {
        Map<String, LocalDateTime> pins = new HashMap<>();
        standing.pinned().forEach(pin -> pins.put(pin.uid(), pin.from()));
        Map<String, LocalDateTime> stood = new HashMap<>();
        standing.before().ifPresent(plan -> plan.stints().forEach(s -> stood.put(s.uid(), s.from())));
        return new Calendars(
                        sheet,
                        flowers,
                        ahead,
                        now,
                        zone,
                        standing.done(),
                        new Placer(pins, stood, standing.elsewhere()))
                .planned(handOver, marginH, time, progress);
    }

    private Calendar planned(LocalDateTime handOver, double marginH, StudioTime time, Progress progress) {
        double hands = sheet.tasks().stream()
                .mapToDouble(OrderSheet.OrderTask::handsMin)
                .sum();
        if (!Batches.possible(sheet)) {
            return none(hands, "Something in it never dries in this room: see its plate.", List.of());
        }
        Frame frame = frame(handOver, marginH, time);
        if (frame.batches().isEmpty() && frame.lateAlready().isEmpty()) {
            return new Calendar(
                    Stints.of(frame, new int[0]),
                    true,
                    Optional.empty(),
                    Optional.empty(),
                    0,
                    hands,
                    Optional.empty(),
                    List.of());
        }
        Schedule.Answer answer = placer.place(frame, SEARCH_MS, progress);
        if (answer.found().isPresent()) {
            return made(frame, answer.found().get(), hands);
        }
        if (!answer.cannot() && progress.stopped()) {
            return none(hands, "Stopped before a plan was found.", List.of());
        }
        boolean pinned = !placer.pins().isEmpty()
                && placer.unpinned().place(frame, TRY_MS, progress).found().isPresent();
        if (pinned) {
            return none(
                    hands,
                    "What is pinned leaves no room for the rest: take a pin out, or set it elsewhere.",
                    List.of());
        }
        return none(hands, Shortage.of(frame, placer, TRY_MS, progress), helps(handOver, marginH, time, progress));
    }

    private static Calendar none(double handsMin, String limit, List<Calendar.Help> helps) {
        return new Calendar(
                List.of(), false, Optional.empty(), Optional.empty(), 0, handsMin, Optional.of(limit), helps);
    }

    private static Calendar made(Frame frame, Schedule.Found found, double hands) {
        return new Calendar(
                Stints.of(frame, found.starts()),
                found.proved(),
                Optional.of(frame.axis().at((int) found.first())),
                Optional.of(frame.axis().at((int) Math.min(found.latestFirst(), frame.last()))),
                (double) found.dearSlots() * Axis.SLOT_MIN,
                hands,
                Optional.empty(),
                List.of());
    }

    private Frame frame(LocalDateTime handOver, double marginH, StudioTime time) {
        Axis axis = Axis.from(now, zone);
        int last = axis.floor(handOver) - Axis.ofHours(marginH);
        List<AirAhead> airs = IntStream.range(0, flowers.size())
                .mapToObj(line -> ahead.air(line, axis, last))
                .toList();
        Remaining left = Remaining.of(Batches.of(sheet, flowers, time.sittingMin(), airs), done, axis);
        return Frame.of(left, axis, last, time);
    }

    /** So far back what is done may dry still, and so far beyond the hand-over it is looked, slots. */
    private static final int BEHIND = Axis.ofHours(7 * 24);

    private static final int BEYOND = Axis.ofHours(7 * 24);

    private static final double[] EVENINGS_H = {2, 4};
    private static final int[] LATER_DAYS = {1, 2, 3, 5, 7, 14};
    private static final double SMALL_MARGIN_H = 1;

    /** Changes that make a plan possible, one at a time, the smallest first; of hours and days the least that does. */
    private List<Calendar.Help> helps(LocalDateTime handOver, double marginH, StudioTime time, Progress progress) {
        StudioTime everyDay = time.withEveryDay();
        Stream<Stream<Calendar.Help>> kinds = Stream.of(
                Stream.of(withMargin(marginH)).filter(help -> marginH > SMALL_MARGIN_H),
                Arrays.stream(EVENINGS_H)
                        .filter(h -> h > time.eveningH())
                        .mapToObj(h -> with("work up to " + Math.round(h) + " h in the evening", time.withEvenings(h))),
                Stream.of(with("work every day of the week", everyDay)).filter(help -> !everyDay.equals(time)),
                Stream.of(with("work with a second pair of hands", time.withMakers(2)))
                        .filter(help -> time.makers() == 1),
                Arrays.stream(LATER_DAYS).mapToObj(days -> later(handOver, days)));
        return kinds.flatMap(kind ->
                        kind.filter(help -> works(help, handOver, marginH, time, progress)).findFirst().stream())
                .toList();
    }

    private static Calendar.Help withMargin(double insteadOfH) {
        return new Calendar.Help(
                "keep 1 h free before the hand-over instead of " + Unit.H.write(insteadOfH),
                Optional.empty(),
                Optional.empty(),
                Optional.of(SMALL_MARGIN_H));
    }

    private static Calendar.Help later(LocalDateTime handOver, int days) {
        return new Calendar.Help(
                days == 1 ? "hand it over a day later" : "hand it over " + days + " days later",
                Optional.empty(),
                Optional.of(handOver.plusDays(days)),
                Optional.empty());
    }

    private static Calendar.Help with(String label, StudioTime time) {
        return new Calendar.Help(label, Optional.of(time), Optional.empty(), Optional.empty());
    }

    private boolean works(
            Calendar.Help help, LocalDateTime handOver, double marginH, StudioTime time, Progress progress) {
        Frame frame = frame(
                help.handOver().orElse(handOver),
                help.marginH().orElse(marginH),
                help.time().orElse(time));
        return !progress.stopped()
                && placer.place(frame, TRY_MS, progress.as("trying to " + help.label()))
                        .found()
                        .isPresent();
    }
}
