package org.crispwhorl.core.calendar;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import org.crispwhorl.core.solver.Schedule;

/** A placing told as work: whose hands, why then, and what it does until it is needed. */
final class PlacedTasks {
    private final Frame frame;
    private final List<Batch> all;
    private final int[] begins;
    private final int[] ends;
    private final List<List<int[]>> followers = new ArrayList<>();

    private final int[] makers;

    private PlacedTasks(Frame frame, Schedule.Found found) {
        this.frame = frame;
        int[] starts = found.starts();
        all = frame.left().all();
        begins = new int[all.size()];
        ends = new int[all.size()];
        for (int i = 0; i < all.size(); i++) {
            followers.add(new ArrayList<>());
            Done over = frame.left().done().get(all.get(i).key());
            begins[i] = over == null
                    ? starts[frame.left().places()[i]]
                    : frame.axis().floor(over.from());
            ends[i] =
                    over == null ? begins[i] + all.get(i).slots() : frame.axis().ceil(over.to());
            for (int w = 0; w < all.get(i).waits().size(); w++) {
                followers.get(all.get(i).waits().get(w).after()).add(new int[] {i, w});
            }
        }
        makers = frame.hours().other().isPresent() ? asPlaced(found) : firstFree();
    }

    /** Whose hands do what, where it makes a difference. */
    private int[] asPlaced(Schedule.Found found) {
        int[] placed = new int[all.size()];
        for (int i = 0; i < placed.length; i++) {
            int place = frame.left().places()[i];
            placed[i] = place >= 0 && found.byOther()[place] ? Hours.SECOND : Hours.FIRST;
        }
        return placed;
    }

    /**
     * @param found what is left, as it was placed
     * @param order which of the orders
     * @return what of it is done and what is left, in order of time
     */
    static List<Calendar.PlacedTask> of(Frame frame, Schedule.Found found, int order) {
        return new PlacedTasks(frame, found).told(order);
    }

    private List<Calendar.PlacedTask> told(int order) {
        List<Calendar.PlacedTask> tasks = new ArrayList<>();
        for (int i = 0; i < all.size(); i++) {
            Batch batch = all.get(i);
            if (batch.order() != order) {
                continue;
            }
            Done over = frame.left().done().get(batch.key());
            tasks.add(new Calendar.PlacedTask(
                    batch.uid(),
                    batch.line(),
                    batch.species(),
                    batch.task().name(),
                    batch.task().doing(),
                    batch.number() + 1,
                    batch.of(),
                    over == null ? frame.axis().at(begins[i]) : over.from(),
                    over == null ? frame.axis().at(ends[i]) : over.to(),
                    makers[i],
                    over == null && makers[i] == Hours.FIRST && frame.hours().inEvening(begins[i]),
                    over == null ? because(i) : "it is done",
                    meanwhile(i),
                    takes(i),
                    over != null));
        }
        tasks.sort(Comparator.comparing(Calendar.PlacedTask::from).thenComparing(Calendar.PlacedTask::maker));
        return tasks;
    }

    /** What there is only so much of and it takes, and until when. */
    private List<Calendar.Takes> takes(int i) {
        return all.get(i).lying().stream()
                .map(l -> new Calendar.Takes(
                        l.tool(), l.wanted(), frame.axis().at(l.until().over(ends[i]))))
                .toList();
    }

    /** Whose hands do what: those that did the same just now, else the first that are free. */
    private int[] firstFree() {
        Integer[] byStart = new Integer[begins.length];
        Arrays.setAll(byStart, i -> i);
        Arrays.sort(byStart, Comparator.comparingInt(i -> begins[i]));
        int[] freeAt = new int[frame.hours().makers()];
        int[] last = new int[freeAt.length];
        Arrays.fill(freeAt, Integer.MIN_VALUE);
        Arrays.fill(last, -1);
        int[] free = new int[begins.length];
        for (int i : byStart) {
            int maker = 0;
            while (maker + 1 < freeAt.length && freeAt[maker] > begins[i]) {
                maker++;
            }
            for (int m = 0; m < freeAt.length; m++) {
                boolean goesOn = freeAt[m] == begins[i] && all.get(last[m]).sameTask(all.get(i));
                maker = goesOn ? m : maker;
            }
            freeAt[maker] = ends[i];
            last[maker] = i;
            free[i] = maker + Hours.FIRST;
        }
        return free;
    }

    /** What holds it from being later: the follower, or the hand-over, that leaves it the least room. */
    private String because(int i) {
        Batch batch = all.get(i);
        int end = ends[i];
        int room = batch.last() - batch.tail().over(end);
        String because = batch.tailWhy().isEmpty()
                ? "before the hand-over"
                : "must have " + batch.tailWhy() + " before the hand-over";
        boolean waits = !batch.tailWhy().isEmpty();
        for (int[] follower : followers.get(i)) {
            Batch next = all.get(follower[0]);
            Batch.Wait wait = next.waits().get(follower[1]);
            int left = begins[follower[0]] - wait.opens(end);
            if (left < room || left == room && !waits) {
                room = left;
                waits = !wait.why().isEmpty();
                because = waits
                        ? "must have " + wait.why() + " before: " + next.task().name() + ", "
                                + frame.said(begins[follower[0]])
                        : "before: " + next.task().name() + ", " + frame.said(begins[follower[0]]);
            }
        }
        return room > 0 ? because + "; hands are busy or closed until then" : because;
    }
    /** The wait after it, where it is worth showing: until the first that needs it. */
    private Optional<Calendar.Meanwhile> meanwhile(int i) {
        Batch batch = all.get(i);
        int end = ends[i];
        int enough = batch.tail().over(end);
        int until = followers.get(i).isEmpty() ? batch.last() : Integer.MAX_VALUE;
        OptionalInt closes = OptionalInt.empty();
        boolean any = batch.tail().slots() > 0 && followers.get(i).isEmpty();
        for (int[] follower : followers.get(i)) {
            Batch.Wait wait = all.get(follower[0]).waits().get(follower[1]);
            if (wait.least().slots() > 0 && begins[follower[0]] < until) {
                any = true;
                until = begins[follower[0]];
                enough = wait.opens(end);
                closes = wait.most().isPresent()
                        ? OptionalInt.of(wait.most().get().overSoonest(end))
                        : closes;
            }
        }
        return any
                ? Optional.of(new Calendar.Meanwhile(
                        frame.axis().at(enough),
                        frame.axis().at(until),
                        closes.isPresent() ? Optional.of(frame.axis().at(closes.getAsInt())) : Optional.empty()))
                : Optional.empty();
    }
}
