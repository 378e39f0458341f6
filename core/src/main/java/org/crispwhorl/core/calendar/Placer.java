package org.crispwhorl.core.calendar;

import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.function.IntFunction;
import java.util.function.IntUnaryOperator;
import java.util.stream.IntStream;
import org.crispwhorl.core.progress.Progress;
import org.crispwhorl.core.solver.Budget;
import org.crispwhorl.core.solver.ExactSolver;
import org.crispwhorl.core.solver.Schedule;

/**
 * Has sittings placed by the exact solver, from a plain plan on; by the plain plan alone where there is no solver.
 *
 * @param pins where batches stay, by their key
 * @param stood where they stood in the plan that this one takes the place of
 * @param elsewhere work on other orders
 * @param searches whether it is searched for the best; else the plain plan is enough
 */
record Placer(
        Map<String, LocalDateTime> pins,
        Map<String, LocalDateTime> stood,
        List<Calendars.Elsewhere> elsewhere,
        boolean searches) {
    /** How long a search may take, ms as it counts them, and how much longer for each sitting. */
    private static final long SEARCH_MS = 600;

    private static final long SITTING_MS = 30;

    /** What a change of work costs. */
    private static final int SAME_LINE_AND_KIND = 1;

    private static final int SAME_KIND = 4;
    private static final int SAME_LINE = 7;
    private static final int BOTH = 10;

    /** And what it costs to change to something short. */
    private static final int LONE = 20;

    private static final int SHORT_SLOTS = 2;

    /** With nothing pinned, and nothing that was there before. */
    static final Placer FREE = new Placer(Map.of(), Map.of(), List.of(), true);

    /** The same with nothing pinned. */
    Placer unpinned() {
        return new Placer(Map.of(), stood, elsewhere, searches);
    }

    /** The same without any search. */
    Placer plainly() {
        return new Placer(pins, stood, elsewhere, false);
    }

    /** A plain plan; none where it finds none. */
    Optional<int[]> plain(Frame frame, Patience patience) {
        return frame.spans().tooShort() > 0 || frame.tooLate()
                ? Optional.empty()
                : Backwards.place(frame, taken(frame, false), patience);
    }

    /** Searches for the best placing from the plain plan on. */
    Schedule.Answer search(Frame frame, Progress progress) {
        return search(frame, plain(frame, new Patience(progress)), progress);
    }

    /**
     * Searches for the best placing.
     *
     * @param plain the plain plan of it; none where there is none
     */
    Schedule.Answer search(Frame frame, Optional<int[]> plain, Progress progress) {
        return place(frame, plain, SEARCH_MS + SITTING_MS * frame.sittings().size(), progress);
    }

    /**
     * Places it.
     *
     * @param ms it may think so long, as a search counts it
     */
    Schedule.Answer place(Frame frame, long ms, Progress progress) {
        return place(frame, plain(frame, new Patience(progress)), ms, progress);
    }

    /**
     * Places it.
     *
     * @param plain the plain plan of it; none where there is none
     */
    private Schedule.Answer place(Frame frame, Optional<int[]> plain, long ms, Progress progress) {
        if (frame.spans().tooShort() > 0
                || frame.tooLate()
                || frame.lateAlready().isPresent()) {
            return new Schedule.Answer(Optional.empty(), true);
        }
        List<Sitting> sittings = frame.sittings();
        Patience patience = new Patience(progress);
        if (!ExactSolver.there() || patience.getAsBoolean()) {
            return new Schedule.Answer(plain.map(p -> unproved(frame, p)), false);
        }
        Schedule.Problem problem = problem(frame, patience);
        long begun = System.nanoTime();
        String[] told = {"looking for a first plan"};
        Budget budget = new Budget(
                ms,
                () -> !progress.goesOn(Math.min(1, (System.nanoTime() - begun) / 1e6 / ms / Schedule.PASSES), told[0]));
        Optional<int[]> first = plain.map(starts -> inOrder(sittings, starts));
        if (!searches) {
            return new Schedule.Answer(kept(problem, first, plain).map(p -> unproved(frame, p)), false);
        }
        Schedule.Answer answer =
                Schedule.place(problem, first, budget, used -> told[0] = "best so far: " + used + " half-days of work");
        // The plain plan keeps everything by itself; its batches need not follow each other by their numbers.
        return answer.found().isPresent() || answer.cannot()
                ? answer
                : new Schedule.Answer(kept(problem, first, plain).map(starts -> unproved(frame, starts)), false);
    }

    /** A plain plan, sorted where it keeps everything then too; as it is only where nothing is pinned, which it does not know of. */
    private Optional<int[]> kept(Schedule.Problem problem, Optional<int[]> sorted, Optional<int[]> plain) {
        return sorted.filter(starts -> Schedule.keeps(problem, starts))
                .map(starts -> Schedule.forward(problem, starts))
                .or(() -> pins.isEmpty() ? plain : Optional.empty());
    }

    /** The same with what came to stand side by side as one; as it is where several work at once, or not everything is kept. */
    SideBySide.Placed sideBySide(Frame frame, Schedule.Found found, double longestMin) {
        boolean alone = frame.hours().makers() == 1 && frame.hours().other().isEmpty();
        return alone
                ? SideBySide.of(
                        frame,
                        found.starts(),
                        sitting -> pinned(sitting).isPresent(),
                        Sittings.SMALL_TOGETHER * longestMin,
                        this::problem)
                : new SideBySide.Placed(frame, found.starts());
    }

    /** What the solver is asked. */
    Schedule.Problem problem(Frame frame) {
        return problem(frame, new Patience(Progress.UNWATCHED));
    }

    private Schedule.Problem problem(Frame frame, Patience patience) {
        List<Sitting> sittings = frame.sittings();
        List<Schedule.Work> works = new ArrayList<>();
        List<Schedule.Lag> lags = new ArrayList<>();
        List<int[]> inOrder = new ArrayList<>();
        for (int i = 0; i < sittings.size(); i++) {
            patience.check();
            Sitting sitting = sittings.get(i);
            int from = frame.spans().earliest()[i];
            int to = frame.spans().latest()[i];
            Optional<LocalDateTime> pin = pinned(sitting);
            works.add(
                    pin.isEmpty()
                            ? new Schedule.Work(
                                    sitting.slots(),
                                    frame.hours().starts(sitting, false, from, to),
                                    frame.hours().starts(sitting, true, from, to),
                                    frame.hours().otherStarts(sitting, from, to))
                            : pinned(frame, sitting, frame.axis().floor(pin.get()), from, to));
            for (Sitting.Wait wait : sitting.waits()) {
                Sitting before = sittings.get(wait.after());
                lags.add(new Schedule.Lag(
                        wait.after(),
                        i,
                        steps(
                                end -> wait.opens(end) - end,
                                end -> most(wait, end, sitting.slots()),
                                frame.spans().earliest()[wait.after()] + before.slots(),
                                frame.spans().latest()[wait.after()] + before.slots())));
            }
            boolean again = i > 0 && sittings.get(i - 1).goesOnIn(sitting);
            if (again && pin.isEmpty() && pinned(sittings.get(i - 1)).isEmpty()) {
                inOrder.add(new int[] {i - 1, i});
            }
        }
        return new Schedule.Problem(
                works,
                lags,
                inOrder,
                frame.halves().all(),
                frame.kinds(),
                (before, after) -> change(sittings.get(before), sittings.get(after)),
                frame.hours().makers(),
                taken(frame, false),
                taken(frame, true),
                tools(frame),
                stood(frame));
    }

    /** How long something lasts that begins between two slots, in stretches in which it lasts equally long. */
    private static List<Schedule.Step> steps(
            IntUnaryOperator least, IntFunction<OptionalInt> most, int first, int last) {
        List<Schedule.Step> steps = new ArrayList<>();
        int from = first;
        for (int end = first; end <= Math.max(first, last); end++) {
            boolean ends = end >= last
                    || least.applyAsInt(end) != least.applyAsInt(end + 1)
                    || !most.apply(end).equals(most.apply(end + 1));
            if (ends) {
                steps.add(new Schedule.Step(from, end, least.applyAsInt(end), most.apply(end)));
                from = end + 1;
            }
        }
        return steps;
    }

    private static OptionalInt most(Sitting.Wait wait, int end, int slots) {
        return wait.closes() ? OptionalInt.of(wait.closes(end, slots) - end) : OptionalInt.empty();
    }

    private Optional<LocalDateTime> pinned(Sitting sitting) {
        return sitting.alone().map(Batch::key).map(pins::get);
    }

    /** The same plan with the batches of each task one after the other: alike as they are they change places, and every wait stays. */
    private static int[] inOrder(List<Sitting> sittings, int[] starts) {
        int[] sorted = starts.clone();
        int from = 0;
        for (int i = 1; i <= sorted.length; i++) {
            boolean another = i == sorted.length || !sittings.get(i - 1).goesOnIn(sittings.get(i));
            if (another) {
                Arrays.sort(sorted, from, i);
                from = i;
            }
        }
        return sorted;
    }

    /** What it costs to go on from one sitting to another. */
    private static int change(Sitting before, Sitting after) {
        Batch last = before.items().get(before.items().size() - 1).batch();
        Batch first = after.items().get(0).batch();
        boolean kind = last.task().doing().priced().equals(first.task().doing().priced());
        boolean line = last.order() == first.order() && last.line().equals(first.line());
        int change = last.sameTask(first)
                ? 0
                : line && kind ? SAME_LINE_AND_KIND : kind ? SAME_KIND : line ? SAME_LINE : BOTH;
        return change + (after.slots() < SHORT_SLOTS && change > SAME_LINE_AND_KIND ? LONE : 0);
    }

    /** When hands do something else: those of the other, or all others. */
    private List<int[]> taken(Frame frame, boolean ofOther) {
        boolean another = frame.hours().other().isPresent();
        List<int[]> all = elsewhere.stream()
                .filter(e -> (another && e.maker() == Hours.SECOND) == ofOther)
                .map(e -> new int[] {
                    Math.max(0, frame.axis().floor(e.from())),
                    Math.min(frame.last(), frame.axis().ceil(e.to()))
                })
                .filter(t -> t[1] > t[0])
                .toList();
        return atMost(all, ofOther ? 1 : frame.hours().makers());
    }

    /**
     * The same stretches with no more of them at once than there are hands: plans that were made apart may want the same hands, and what
     * is planned beside them must not fail for that.
     */
    static List<int[]> atMost(List<int[]> taken, int hands) {
        int[] moments = taken.stream()
                .flatMapToInt(t -> IntStream.of(t[0], t[1]))
                .distinct()
                .sorted()
                .toArray();
        List<int[]> least = new ArrayList<>();
        int[] open = new int[hands];
        Arrays.fill(open, -1);
        for (int k = 0; k < moments.length; k++) {
            int at = moments[k];
            long wanted = taken.stream()
                    .filter(t -> t[0] <= at && at < t[1])
                    .limit(hands)
                    .count();
            for (int h = 0; h < hands; h++) {
                if (h < wanted && open[h] < 0) {
                    open[h] = at;
                } else if (h >= wanted && open[h] >= 0) {
                    least.add(new int[] {open[h], at});
                    open[h] = -1;
                }
            }
        }
        return least;
    }

    /** The tools of a name, and which batches take them how long. */
    private static List<Schedule.Shared> tools(Frame frame) {
        Map<String, List<Schedule.Use>> uses = new LinkedHashMap<>();
        Map<String, Integer> owned = new HashMap<>();
        for (int i = 0; i < frame.sittings().size(); i++) {
            int work = i;
            frame.sittings().get(i).lying().forEach(lying -> {
                Batch.Lying what = lying.what();
                owned.merge(what.tool(), what.owned(), Math::max);
                uses.computeIfAbsent(what.tool(), f -> new ArrayList<>())
                        .add(new Schedule.Use(work, lying.from(), what.wanted(), keeps(frame, work, lying)));
            });
        }
        return uses.entrySet().stream()
                .map(e -> new Schedule.Shared(
                        owned.get(e.getKey()), e.getValue(), inUse(frame, e.getKey(), owned.get(e.getKey()))))
                .toList();
    }

    /** What of a tool something else takes, from moment to moment: never more than there is of it. */
    private static List<Schedule.InUse> inUse(Frame frame, String tool, int owned) {
        List<Remaining.Busy> taken =
                frame.busy().stream().filter(b -> b.tool().equals(tool)).toList();
        int[] moments = taken.stream()
                .flatMapToInt(b -> IntStream.of(Math.max(0, b.from()), b.until()))
                .filter(slot -> slot >= 0)
                .distinct()
                .sorted()
                .toArray();
        List<Schedule.InUse> inUse = new ArrayList<>();
        for (int k = 0; k + 1 < moments.length; k++) {
            int from = moments[k];
            int count = taken.stream()
                    .filter(b -> b.from() <= from && from < b.until())
                    .mapToInt(Remaining.Busy::count)
                    .sum();
            if (count > 0) {
                inUse.add(new Schedule.InUse(Math.min(count, owned), from, moments[k + 1]));
            }
        }
        return inUse;
    }

    /** As long as it keeps its tools, by when it is over. */
    private static List<Schedule.Step> keeps(Frame frame, int work, Sitting.Lying lying) {
        int slots = frame.sittings().get(work).slots();
        return steps(
                end -> lying.free(end) - end,
                end -> OptionalInt.empty(),
                frame.spans().earliest()[work] + slots,
                frame.spans().latest()[work] + slots);
    }

    /** Slots in which sittings stood before, what is late by now in the first; none where nothing was planned. */
    private List<Integer> stood(Frame frame) {
        return stood.isEmpty()
                ? List.of()
                : frame.sittings().stream()
                        .map(s -> Optional.ofNullable(
                                stood.get(s.items().get(0).batch().key())))
                        .map(was -> was.map(at -> Math.max(0, frame.axis().floor(at)))
                                .orElse(-1))
                        .toList();
    }
    /** What is pinned stands where it was set, in working hours or not, if what it waits for lets it. */
    private static Schedule.Work pinned(Frame frame, Sitting sitting, int slot, int from, int to) {
        long[][] there = slot >= from && slot <= to ? new long[][] {{slot, slot}} : new long[0][];
        boolean either = frame.hours().other().filter(o -> o.does(sitting)).isPresent();
        return new Schedule.Work(sitting.slots(), there, new long[0][], either ? there : new long[0][]);
    }

    private Schedule.Found unproved(Frame frame, int[] placed) {
        long evening = 0;
        for (int i = 0; i < placed.length; i++) {
            evening +=
                    frame.hours().inEvening(placed[i]) ? frame.sittings().get(i).slots() : 0;
        }
        return new Schedule.Found(placed, new boolean[placed.length], evening);
    }
}
