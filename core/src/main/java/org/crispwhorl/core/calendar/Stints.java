package org.crispwhorl.core.calendar;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;

/** A placing told as work: whose hands, why then, and what it does until it is needed. */
final class Stints {
    private final Frame frame;
    private final List<Batch> all;
    private final int[] begins;
    private final int[] ends;
    private final List<List<int[]>> followers = new ArrayList<>();

    private Stints(Frame frame, int[] starts) {
        this.frame = frame;
        all = frame.left().all();
        begins = new int[all.size()];
        ends = new int[all.size()];
        for (int i = 0; i < all.size(); i++) {
            followers.add(new ArrayList<>());
            Done over = frame.left().done().get(all.get(i).uid());
            begins[i] = over == null
                    ? starts[frame.left().places()[i]]
                    : frame.axis().floor(over.from());
            ends[i] =
                    over == null ? begins[i] + all.get(i).slots() : frame.axis().ceil(over.to());
            for (int w = 0; w < all.get(i).waits().size(); w++) {
                followers.get(all.get(i).waits().get(w).after()).add(new int[] {i, w});
            }
        }
    }

    /**
     * @param starts slots of what is left, as it was placed
     * @return what is done and what is left, in order of time
     */
    static List<Calendar.Stint> of(Frame frame, int[] starts) {
        return new Stints(frame, starts).told();
    }

    private List<Calendar.Stint> told() {
        Map<Integer, Integer> makers = hands();
        List<Calendar.Stint> stints = new ArrayList<>();
        for (int i = 0; i < all.size(); i++) {
            Batch batch = all.get(i);
            Done over = frame.left().done().get(batch.uid());
            stints.add(new Calendar.Stint(
                    batch.uid(),
                    batch.line(),
                    batch.species(),
                    batch.task().name(),
                    batch.task().doing(),
                    batch.number() + 1,
                    batch.of(),
                    over == null ? frame.axis().at(begins[i]) : over.from(),
                    over == null ? frame.axis().at(ends[i]) : over.to(),
                    makers.get(i),
                    over == null && frame.inEvening(begins[i]),
                    over == null ? because(i) : "it is done",
                    meanwhile(i),
                    over != null));
        }
        stints.sort(Comparator.comparing(Calendar.Stint::from).thenComparing(Calendar.Stint::maker));
        return stints;
    }

    /** Whose hands do what: the first that are free. */
    private Map<Integer, Integer> hands() {
        Integer[] byStart = new Integer[begins.length];
        Arrays.setAll(byStart, i -> i);
        Arrays.sort(byStart, Comparator.comparingInt(i -> begins[i]));
        int[] freeAt = new int[frame.makers()];
        Arrays.fill(freeAt, Integer.MIN_VALUE);
        Map<Integer, Integer> makers = new HashMap<>();
        for (int i : byStart) {
            int maker = 0;
            while (maker + 1 < freeAt.length && freeAt[maker] > begins[i]) {
                maker++;
            }
            freeAt[maker] = ends[i];
            makers.put(i, maker + 1);
        }
        return makers;
    }
    /** What holds it from being later: the follower, or the hand-over, that leaves it the least room. */
    private String because(int i) {
        Batch batch = all.get(i);
        int end = ends[i];
        int room = frame.last() - batch.tail().over(end);
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
        int until = followers.get(i).isEmpty() ? frame.last() : Integer.MAX_VALUE;
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
