package org.crispwhorl.core.calendar;

import java.time.LocalDateTime;
import java.time.ZoneId;
import java.time.format.TextStyle;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.stream.Collectors;
import org.crispwhorl.core.measure.Unit;
import org.crispwhorl.core.order.OrderSheet;
import org.crispwhorl.core.progress.Progress;
import org.crispwhorl.core.solver.Budget;
import org.crispwhorl.core.solver.ExactSolver;
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

    private final Map<String, LocalDateTime> pins;
    private final Map<String, LocalDateTime> stood;
    private final List<Elsewhere> elsewhere;

    /** Work on something else that takes one pair of hands. */
    public record Elsewhere(LocalDateTime from, LocalDateTime to) {}

    private Calendars(
            OrderSheet sheet,
            List<Integer> flowers,
            LocalDateTime now,
            ZoneId zone,
            Map<String, LocalDateTime> pins,
            Map<String, LocalDateTime> stood,
            List<Elsewhere> elsewhere) {
        this.sheet = sheet;
        this.elsewhere = elsewhere;
        this.flowers = flowers;
        this.now = now;
        this.zone = zone;
        this.pins = pins;
        this.stood = stood;
    }

    /**
     * The calendar of an order.
     *
     * @param flowers of each line of the sheet
     * @param now no work is placed before it
     * @param handOver when the flowers leave
     * @param marginH hours kept free before it
     * @param pinned work that stays where it was set down; what is no longer there is passed over
     * @param elsewhere work on other orders, for which hands are needed too
     * @param before the plan that this one takes the place of: as little as can be is moved
     */
    public static Calendar of(
            OrderSheet sheet,
            List<Integer> flowers,
            LocalDateTime now,
            LocalDateTime handOver,
            double marginH,
            StudioTime time,
            List<Planned.Pin> pinned,
            List<Elsewhere> elsewhere,
            Optional<Calendar> before,
            ZoneId zone,
            Progress progress) {
        Map<String, LocalDateTime> pins = new HashMap<>();
        pinned.forEach(pin -> pins.put(pin.uid(), pin.from()));
        Map<String, LocalDateTime> stood = new HashMap<>();
        before.ifPresent(plan -> plan.stints().forEach(s -> stood.put(s.uid(), s.from())));
        return new Calendars(sheet, flowers, now, zone, pins, stood, elsewhere)
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
        Schedule.Answer answer = place(frame, SEARCH_MS, progress);
        if (answer.found().isPresent()) {
            return made(frame, answer.found().get(), hands);
        }
        if (!answer.cannot() && progress.stopped()) {
            return none(hands, "Stopped before a plan was found.", List.of());
        }
        if (!pins.isEmpty() && unpinned().works(handOver, marginH, time, progress)) {
            return none(
                    hands,
                    "What is pinned leaves no room for the rest: take a pin out, or set it elsewhere.",
                    List.of());
        }
        Optional<String> formers = formersLimit(frame, progress);
        return none(hands, formers.orElseGet(() -> limit(frame)), helps(handOver, marginH, time, progress));
    }

    private Calendars unpinned() {
        return new Calendars(sheet, flowers, now, zone, Map.of(), stood, elsewhere);
    }

    private static Calendar none(double handsMin, String limit, List<Calendar.Help> helps) {
        return new Calendar(
                List.of(), false, Optional.empty(), Optional.empty(), 0, handsMin, Optional.of(limit), helps);
    }

    /** What is to be placed, and between when. */
    private record Frame(List<Batch> batches, Axis axis, int last, Windows windows, Spans spans, int makers) {}

    private Frame frame(LocalDateTime handOver, double marginH, StudioTime time) {
        Axis axis = Axis.from(now, zone);
        int last = axis.floor(handOver) - Axis.ofHours(marginH);
        List<Batch> batches = Batches.of(sheet, flowers, time.sittingMin());
        return new Frame(
                batches,
                axis,
                last,
                last > 0 ? Windows.of(time, axis, last) : new Windows(List.of()),
                Spans.of(batches, last),
                time.makers());
    }

    private Schedule.Answer place(Frame frame, long ms, Progress progress) {
        if (frame.spans.tooShort() > 0 || frame.last <= 0) {
            return new Schedule.Answer(Optional.empty(), true);
        }
        List<Batch> batches = frame.batches;
        Optional<int[]> plain = Backwards.place(batches, frame.windows, frame.makers, taken(frame), frame.last);
        if (!ExactSolver.there()) {
            return new Schedule.Answer(plain.map(p -> unproved(frame, p)), false);
        }
        List<Schedule.Work> works = new ArrayList<>();
        List<Schedule.Lag> lags = new ArrayList<>();
        List<int[]> inOrder = new ArrayList<>();
        for (int i = 0; i < batches.size(); i++) {
            Batch batch = batches.get(i);
            int from = frame.spans.earliest()[i];
            int to = frame.spans.latest()[i];
            LocalDateTime pin = pins.get(batch.uid());
            works.add(
                    pin == null
                            ? new Schedule.Work(
                                    batch.slots(),
                                    frame.windows.starts(batch.slots(), false, from, to),
                                    frame.windows.starts(batch.slots(), true, from, to))
                            : pinned(batch, frame.axis.floor(pin), from, to));
            for (Batch.Wait wait : batch.waits()) {
                lags.add(new Schedule.Lag(wait.after(), i, wait.least(), wait.most()));
            }
            boolean free = pin == null
                    && batch.number() > 0
                    && !pins.containsKey(batches.get(i - 1).uid());
            if (free) {
                inOrder.add(new int[] {i - 1, i});
            }
        }
        long begun = System.nanoTime();
        String[] told = {"looking for a first plan"};
        Budget budget =
                new Budget(ms, () -> !progress.goesOn(Math.min(1, (System.nanoTime() - begun) / 1e6 / ms), told[0]));
        return Schedule.place(
                new Schedule.Problem(works, lags, inOrder, frame.makers, taken(frame), formers(frame), stood(frame)),
                plain.map(starts -> inOrder(batches, starts)),
                budget,
                slot -> told[0] = "best so far begins " + said(frame.axis.at((int) slot)));
    }

    /** The same plan with the lots of each task one after the other: alike as they are they change places, and every wait stays. */
    private static int[] inOrder(List<Batch> batches, int[] starts) {
        int[] sorted = starts.clone();
        for (int i = 0; i < sorted.length; i += batches.get(i).of()) {
            Arrays.sort(sorted, i, i + batches.get(i).of());
        }
        return sorted;
    }

    private List<int[]> taken(Frame frame) {
        return elsewhere.stream()
                .map(e -> new int[] {
                    Math.max(0, frame.axis.floor(e.from())), Math.min(frame.last, frame.axis.ceil(e.to()))
                })
                .filter(t -> t[1] > t[0])
                .toList();
    }

    /** The formers of a name, and which batches lie in them how long. */
    private static List<Schedule.Shared> formers(Frame frame) {
        Map<String, List<Schedule.Use>> uses = new LinkedHashMap<>();
        Map<String, Integer> owned = new HashMap<>();
        for (int i = 0; i < frame.batches.size(); i++) {
            int work = i;
            frame.batches.get(i).lying().ifPresent(lying -> {
                owned.put(lying.former(), lying.owned());
                uses.computeIfAbsent(lying.former(), f -> new ArrayList<>())
                        .add(new Schedule.Use(work, lying.wanted(), lying.slots()));
            });
        }
        return uses.entrySet().stream()
                .map(e -> new Schedule.Shared(owned.get(e.getKey()), e.getValue()))
                .toList();
    }

    /** Slots in which batches stood before; none where nothing was planned. */
    private List<Integer> stood(Frame frame) {
        return stood.isEmpty()
                ? List.of()
                : frame.batches.stream()
                        .map(b -> Optional.ofNullable(stood.get(b.uid())))
                        .map(was -> was.map(frame.axis::floor).orElse(-1))
                        .toList();
    }

    /** What is pinned stands where it was set, in working hours or not, if what it waits for lets it. */
    private static Schedule.Work pinned(Batch batch, int slot, int from, int to) {
        long[][] there = slot >= from && slot <= to ? new long[][] {{slot, slot}} : new long[0][];
        return new Schedule.Work(batch.slots(), there, new long[0][]);
    }

    private static Schedule.Found unproved(Frame frame, int[] placed) {
        long evening = 0;
        for (int i = 0; i < placed.length; i++) {
            evening += inEvening(frame, placed[i]) ? frame.batches.get(i).slots() : 0;
        }
        long first = Arrays.stream(placed).min().orElse(0);
        return new Schedule.Found(placed, evening, first, frame.last, false);
    }

    private static boolean inEvening(Frame frame, int slot) {
        return frame.windows.all().stream().anyMatch(s -> s.evening() && s.from() <= slot && slot < s.to());
    }

    private static String said(LocalDateTime moment) {
        return moment.getDayOfWeek().getDisplayName(TextStyle.SHORT, Locale.ENGLISH)
                + String.format(Locale.ROOT, " %02d:%02d", moment.getHour(), moment.getMinute());
    }

    private Calendar made(Frame frame, Schedule.Found found, double hands) {
        List<Batch> batches = frame.batches;
        int[] starts = found.starts();
        List<List<int[]>> followers = new ArrayList<>();
        batches.forEach(b -> followers.add(new ArrayList<>()));
        for (int i = 0; i < batches.size(); i++) {
            for (int w = 0; w < batches.get(i).waits().size(); w++) {
                followers.get(batches.get(i).waits().get(w).after()).add(new int[] {i, w});
            }
        }
        Map<Integer, Integer> makers = hands(frame, starts);
        List<Calendar.Stint> stints = new ArrayList<>();
        for (int i = 0; i < batches.size(); i++) {
            Batch batch = batches.get(i);
            int end = starts[i] + batch.slots();
            stints.add(new Calendar.Stint(
                    batch.uid(),
                    batch.line(),
                    batch.species(),
                    batch.task().name(),
                    batch.task().doing(),
                    batch.number() + 1,
                    batch.of(),
                    frame.axis.at(starts[i]),
                    frame.axis.at(end),
                    makers.get(i),
                    inEvening(frame, starts[i]),
                    because(frame, starts, i, followers.get(i)),
                    meanwhile(frame, starts, i, followers.get(i))));
        }
        stints.sort(Comparator.comparing(Calendar.Stint::from).thenComparing(Calendar.Stint::maker));
        return new Calendar(
                stints,
                found.proved(),
                Optional.of(frame.axis.at((int) found.first())),
                Optional.of(frame.axis.at((int) Math.min(found.latestFirst(), frame.last))),
                (double) found.dearSlots() * Axis.SLOT_MIN,
                hands,
                Optional.empty(),
                List.of());
    }

    /** Whose hands do what: the first that are free. */
    private static Map<Integer, Integer> hands(Frame frame, int[] starts) {
        Integer[] byStart = new Integer[starts.length];
        Arrays.setAll(byStart, i -> i);
        Arrays.sort(byStart, Comparator.comparingInt(i -> starts[i]));
        int[] freeAt = new int[frame.makers];
        Map<Integer, Integer> makers = new HashMap<>();
        for (int i : byStart) {
            int maker = 0;
            while (maker + 1 < freeAt.length && freeAt[maker] > starts[i]) {
                maker++;
            }
            freeAt[maker] = starts[i] + frame.batches.get(i).slots();
            makers.put(i, maker + 1);
        }
        return makers;
    }

    /** What holds it from being later: the follower, or the hand-over, that leaves it the least room. */
    private static String because(Frame frame, int[] starts, int i, List<int[]> followers) {
        Batch batch = frame.batches.get(i);
        int end = starts[i] + batch.slots();
        int room = frame.last - batch.tailSlots() - end;
        String because =
                batch.tail().isEmpty() ? "before the hand-over" : "must have " + batch.tail() + " before the hand-over";
        boolean waits = !batch.tail().isEmpty();
        for (int[] follower : followers) {
            Batch next = frame.batches.get(follower[0]);
            Batch.Wait wait = next.waits().get(follower[1]);
            int left = starts[follower[0]] - end - wait.least();
            if (left < room || left == room && !waits) {
                room = left;
                waits = !wait.why().isEmpty();
                because = waits
                        ? "must have " + wait.why() + " before: " + next.task().name() + ", "
                                + said(frame.axis.at(starts[follower[0]]))
                        : "before: " + next.task().name() + ", " + said(frame.axis.at(starts[follower[0]]));
            }
        }
        return room > 0 ? because + "; hands are busy or closed until then" : because;
    }

    /** The wait after it, where it is worth showing: until the first that needs it. */
    private static Optional<Calendar.Meanwhile> meanwhile(Frame frame, int[] starts, int i, List<int[]> followers) {
        Batch batch = frame.batches.get(i);
        int end = starts[i] + batch.slots();
        int enough = end + batch.tailSlots();
        int until = followers.isEmpty() ? frame.last : Integer.MAX_VALUE;
        OptionalInt closes = OptionalInt.empty();
        boolean any = batch.tailSlots() > 0 && followers.isEmpty();
        for (int[] follower : followers) {
            Batch.Wait wait = frame.batches.get(follower[0]).waits().get(follower[1]);
            if (wait.least() > 0 && starts[follower[0]] < until) {
                any = true;
                until = starts[follower[0]];
                enough = end + wait.least();
                closes = wait.most().isPresent()
                        ? OptionalInt.of(end + wait.most().getAsInt())
                        : closes;
            }
        }
        return any
                ? Optional.of(new Calendar.Meanwhile(
                        frame.axis.at(enough),
                        frame.axis.at(until),
                        closes.isPresent() ? Optional.of(frame.axis.at(closes.getAsInt())) : Optional.empty()))
                : Optional.empty();
    }

    /** The formers that there are too few of, where it would do with more of them. */
    private Optional<String> formersLimit(Frame frame, Progress progress) {
        List<Schedule.Shared> shared = formers(frame);
        if (shared.isEmpty() || progress.stopped()) {
            return Optional.empty();
        }
        Frame freed = new Frame(
                frame.batches.stream().map(Batch::withoutFormers).toList(),
                frame.axis,
                frame.last,
                frame.windows,
                frame.spans,
                frame.makers);
        String names = frame.batches.stream()
                .flatMap(b -> b.lying().stream())
                .map(l -> l.former() + " (" + l.owned() + ")")
                .distinct()
                .collect(Collectors.joining(", "));
        return place(freed, TRY_MS, progress).found().isPresent()
                ? Optional.of("There are too few formers for so many pieces drying at once: " + names + ".")
                : Optional.empty();
    }

    /** What there is too little of. */
    private static String limit(Frame frame) {
        if (frame.last <= 0) {
            return "The hand-over less its margin lies before now.";
        }
        int tooShort = frame.spans.tooShort();
        if (tooShort > 0) {
            return "Drying and work one after the other take " + told(tooShort)
                    + " more than there is until the hand-over, however many hands there are.";
        }
        long work = frame.batches.stream().mapToLong(Batch::slots).sum();
        long there = frame.windows.slots() * frame.makers;
        return work > there
                ? "There are " + told(work) + " of work and " + told(there) + " of working time until the hand-over."
                : "The working hours do not fall where the drying leaves them: what opens at night closes before the morning.";
    }

    private static String told(long slots) {
        double hours = slots * Axis.SLOT_MIN / 60.0;
        return hours < 48
                ? String.format(Locale.ROOT, "%.1f h", hours)
                : String.format(Locale.ROOT, "%.1f days", hours / 24);
    }

    private static final double[] EVENINGS_H = {2, 4};
    private static final int[] LATER_DAYS = {1, 2, 3, 5, 7, 14};
    private static final double SMALL_MARGIN_H = 1;

    /** Changes that make a plan possible, one at a time, the smallest first; of hours and days the least that does. */
    private List<Calendar.Help> helps(LocalDateTime handOver, double marginH, StudioTime time, Progress progress) {
        List<Calendar.Help> found = new ArrayList<>();
        if (marginH > SMALL_MARGIN_H && works(handOver, SMALL_MARGIN_H, time, progress)) {
            found.add(new Calendar.Help(
                    "keep 1 h free before the hand-over instead of " + Unit.H.write(marginH),
                    Optional.empty(),
                    Optional.empty(),
                    Optional.of(SMALL_MARGIN_H)));
        }
        for (double evening : EVENINGS_H) {
            StudioTime longer = time.withEvenings(evening);
            if (evening > time.eveningH() && works(handOver, marginH, longer, progress)) {
                found.add(with("work up to " + Math.round(evening) + " h in the evening", longer));
                break;
            }
        }
        StudioTime everyDay = time.withEveryDay();
        if (!everyDay.equals(time) && works(handOver, marginH, everyDay, progress)) {
            found.add(with("work every day of the week", everyDay));
        }
        if (time.makers() == 1 && works(handOver, marginH, time.withMakers(2), progress)) {
            found.add(with("work with a second pair of hands", time.withMakers(2)));
        }
        for (int days : LATER_DAYS) {
            LocalDateTime later = handOver.plusDays(days);
            if (works(later, marginH, time, progress)) {
                found.add(new Calendar.Help(
                        days == 1 ? "hand it over a day later" : "hand it over " + days + " days later",
                        Optional.empty(),
                        Optional.of(later),
                        Optional.empty()));
                break;
            }
        }
        return found;
    }

    private static Calendar.Help with(String label, StudioTime time) {
        return new Calendar.Help(label, Optional.of(time), Optional.empty(), Optional.empty());
    }

    private boolean works(LocalDateTime handOver, double marginH, StudioTime time, Progress progress) {
        return !progress.stopped()
                && place(frame(handOver, marginH, time), TRY_MS, progress)
                        .found()
                        .isPresent();
    }
}
