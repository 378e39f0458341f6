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
import org.crispwhorl.core.progress.Progress;
import org.crispwhorl.core.solver.Budget;
import org.crispwhorl.core.solver.ExactSolver;
import org.crispwhorl.core.solver.Schedule;

/**
 * Has batches placed by the exact solver, from a plain plan on; by the plain plan alone where there is no solver.
 *
 * @param pins where batches stay, by their uid
 * @param stood where they stood in the plan that this one takes the place of
 * @param elsewhere work on other orders
 */
record Placer(Map<String, LocalDateTime> pins, Map<String, LocalDateTime> stood, List<Calendars.Elsewhere> elsewhere) {
    /** The same with nothing pinned. */
    Placer unpinned() {
        return new Placer(Map.of(), stood, elsewhere);
    }

    /**
     * Places it.
     *
     * @param ms it may think so long
     */
    Schedule.Answer place(Frame frame, long ms, Progress progress) {
        if (frame.spans().tooShort() > 0
                || frame.last() <= 0
                || frame.lateAlready().isPresent()) {
            return new Schedule.Answer(Optional.empty(), true);
        }
        List<Batch> batches = frame.batches();
        Schedule.Begins begins = begins(frame);
        Optional<int[]> plain = Backwards.place(frame, taken(frame), begins.latest());
        if (!ExactSolver.there()) {
            return new Schedule.Answer(plain.map(p -> unproved(frame, p)), false);
        }
        Schedule.Problem problem = problem(frame);
        long begun = System.nanoTime();
        String[] told = {"looking for a first plan"};
        Budget budget =
                new Budget(ms, () -> !progress.goesOn(Math.min(1, (System.nanoTime() - begun) / 1e6 / ms), told[0]));
        Optional<int[]> first = plain.map(starts -> inOrder(batches, starts));
        Schedule.Answer answer = Schedule.place(
                problem, first, budget, slot -> told[0] = "best so far begins " + frame.said((int) slot));
        // The plain plan keeps everything by itself; its lots need not follow each other by their numbers.
        return answer.found().isPresent() || answer.cannot()
                ? answer
                : new Schedule.Answer(
                        first.filter(starts -> Schedule.keeps(problem, starts))
                                .or(() -> pins.isEmpty() ? plain : Optional.empty())
                                .map(starts -> unproved(frame, starts)),
                        false);
    }

    /** What the solver is asked. */
    Schedule.Problem problem(Frame frame) {
        List<Batch> batches = frame.batches();
        List<Schedule.Work> works = new ArrayList<>();
        List<Schedule.Lag> lags = new ArrayList<>();
        List<int[]> inOrder = new ArrayList<>();
        for (int i = 0; i < batches.size(); i++) {
            Batch batch = batches.get(i);
            int from = frame.spans().earliest()[i];
            int to = frame.spans().latest()[i];
            LocalDateTime pin = pins.get(batch.uid());
            works.add(
                    pin == null
                            ? new Schedule.Work(
                                    batch.slots(),
                                    frame.windows().starts(batch.slots(), false, from, to),
                                    frame.windows().starts(batch.slots(), true, from, to))
                            : pinned(batch, frame.axis().floor(pin), from, to));
            for (Batch.Wait wait : batch.waits()) {
                Batch before = batches.get(wait.after());
                lags.add(new Schedule.Lag(
                        wait.after(),
                        i,
                        steps(
                                end -> wait.opens(end) - end,
                                end -> most(wait, end),
                                frame.spans().earliest()[wait.after()] + before.slots(),
                                frame.spans().latest()[wait.after()] + before.slots())));
            }
            boolean free = pin == null
                    && i > 0
                    && batch.number() > 0
                    && batches.get(i - 1).task().equals(batch.task())
                    && batches.get(i - 1).line() == batch.line()
                    && !pins.containsKey(batches.get(i - 1).uid());
            if (free) {
                inOrder.add(new int[] {i - 1, i});
            }
        }
        return new Schedule.Problem(
                works, lags, inOrder, frame.makers(), taken(frame), formers(frame), stood(frame), begins(frame));
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

    private static OptionalInt most(Batch.Wait wait, int end) {
        return wait.most().isPresent() ? OptionalInt.of(wait.most().get().overSoonest(end) - end) : OptionalInt.empty();
    }

    /** The same plan with the lots of each task one after the other: alike as they are they change places, and every wait stays. */
    private static int[] inOrder(List<Batch> batches, int[] starts) {
        int[] sorted = starts.clone();
        int from = 0;
        for (int i = 1; i <= sorted.length; i++) {
            boolean another = i == sorted.length
                    || batches.get(i).line() != batches.get(from).line()
                    || !batches.get(i).task().equals(batches.get(from).task());
            if (another) {
                Arrays.sort(sorted, from, i);
                from = i;
            }
        }
        return sorted;
    }

    private Schedule.Begins begins(Frame frame) {
        int[] pinned = frame.batches().stream()
                .mapToInt(b -> Optional.ofNullable(pins.get(b.uid()))
                        .map(frame.axis()::floor)
                        .orElse(-1))
                .toArray();
        return new Schedule.Begins(
                LatestBegin.of(frame, true, taken(frame), pinned), LatestBegin.of(frame, false, taken(frame), pinned));
    }

    private List<int[]> taken(Frame frame) {
        return elsewhere.stream()
                .map(e -> new int[] {
                    Math.max(0, frame.axis().floor(e.from())),
                    Math.min(frame.last(), frame.axis().ceil(e.to()))
                })
                .filter(t -> t[1] > t[0])
                .toList();
    }
    /** The formers of a name, and which batches lie in them how long. */
    static List<Schedule.Shared> formers(Frame frame) {
        Map<String, List<Schedule.Use>> uses = new LinkedHashMap<>();
        Map<String, Integer> owned = new HashMap<>();
        for (int i = 0; i < frame.batches().size(); i++) {
            int work = i;
            frame.batches().get(i).lying().ifPresent(lying -> {
                owned.put(lying.former(), lying.owned());
                uses.computeIfAbsent(lying.former(), f -> new ArrayList<>())
                        .add(new Schedule.Use(work, lying.wanted(), keeps(frame, work, lying)));
            });
        }
        return uses.entrySet().stream()
                .map(e -> new Schedule.Shared(
                        owned.get(e.getKey()),
                        e.getValue(),
                        frame.busy().stream()
                                .filter(b -> b.former().equals(e.getKey()))
                                .map(b -> new Schedule.InUse(Math.min(b.count(), owned.get(e.getKey())), b.until()))
                                .toList()))
                .toList();
    }
    /** As long as it keeps its formers, by when it is over. */
    private static List<Schedule.Step> keeps(Frame frame, int work, Batch.Lying lying) {
        int slots = frame.batches().get(work).slots();
        return steps(
                end -> lying.until().over(end) - end,
                end -> OptionalInt.empty(),
                frame.spans().earliest()[work] + slots,
                frame.spans().latest()[work] + slots);
    }

    /** Slots in which batches stood before; none where nothing was planned. */
    private List<Integer> stood(Frame frame) {
        return stood.isEmpty()
                ? List.of()
                : frame.batches().stream()
                        .map(b -> Optional.ofNullable(stood.get(b.uid())))
                        .map(was -> was.map(frame.axis()::floor).orElse(-1))
                        .toList();
    }
    /** What is pinned stands where it was set, in working hours or not, if what it waits for lets it. */
    private static Schedule.Work pinned(Batch batch, int slot, int from, int to) {
        long[][] there = slot >= from && slot <= to ? new long[][] {{slot, slot}} : new long[0][];
        return new Schedule.Work(batch.slots(), there, new long[0][]);
    }

    private Schedule.Found unproved(Frame frame, int[] placed) {
        long evening = 0;
        for (int i = 0; i < placed.length; i++) {
            evening += frame.inEvening(placed[i]) ? frame.batches().get(i).slots() : 0;
        }
        long first = Arrays.stream(placed).min().orElse(0);
        return new Schedule.Found(placed, evening, first, begins(frame).latest(), false);
    }
}
