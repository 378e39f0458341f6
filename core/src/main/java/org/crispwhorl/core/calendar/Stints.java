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
    private Stints() {}

    static List<Calendar.Stint> of(Frame frame, int[] starts) {
        List<Batch> batches = frame.batches();
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
                    frame.axis().at(starts[i]),
                    frame.axis().at(end),
                    makers.get(i),
                    frame.inEvening(starts[i]),
                    because(frame, starts, i, followers.get(i)),
                    meanwhile(frame, starts, i, followers.get(i))));
        }
        stints.sort(Comparator.comparing(Calendar.Stint::from).thenComparing(Calendar.Stint::maker));
        return stints;
    }

    /** Whose hands do what: the first that are free. */
    private static Map<Integer, Integer> hands(Frame frame, int[] starts) {
        Integer[] byStart = new Integer[starts.length];
        Arrays.setAll(byStart, i -> i);
        Arrays.sort(byStart, Comparator.comparingInt(i -> starts[i]));
        int[] freeAt = new int[frame.makers()];
        Map<Integer, Integer> makers = new HashMap<>();
        for (int i : byStart) {
            int maker = 0;
            while (maker + 1 < freeAt.length && freeAt[maker] > starts[i]) {
                maker++;
            }
            freeAt[maker] = starts[i] + frame.batches().get(i).slots();
            makers.put(i, maker + 1);
        }
        return makers;
    }
    /** What holds it from being later: the follower, or the hand-over, that leaves it the least room. */
    private static String because(Frame frame, int[] starts, int i, List<int[]> followers) {
        Batch batch = frame.batches().get(i);
        int end = starts[i] + batch.slots();
        int room = frame.last() - batch.tailSlots() - end;
        String because =
                batch.tail().isEmpty() ? "before the hand-over" : "must have " + batch.tail() + " before the hand-over";
        boolean waits = !batch.tail().isEmpty();
        for (int[] follower : followers) {
            Batch next = frame.batches().get(follower[0]);
            Batch.Wait wait = next.waits().get(follower[1]);
            int left = starts[follower[0]] - end - wait.least();
            if (left < room || left == room && !waits) {
                room = left;
                waits = !wait.why().isEmpty();
                because = waits
                        ? "must have " + wait.why() + " before: " + next.task().name() + ", "
                                + frame.said(starts[follower[0]])
                        : "before: " + next.task().name() + ", " + frame.said(starts[follower[0]]);
            }
        }
        return room > 0 ? because + "; hands are busy or closed until then" : because;
    }
    /** The wait after it, where it is worth showing: until the first that needs it. */
    private static Optional<Calendar.Meanwhile> meanwhile(Frame frame, int[] starts, int i, List<int[]> followers) {
        Batch batch = frame.batches().get(i);
        int end = starts[i] + batch.slots();
        int enough = end + batch.tailSlots();
        int until = followers.isEmpty() ? frame.last() : Integer.MAX_VALUE;
        OptionalInt closes = OptionalInt.empty();
        boolean any = batch.tailSlots() > 0 && followers.isEmpty();
        for (int[] follower : followers) {
            Batch.Wait wait = frame.batches().get(follower[0]).waits().get(follower[1]);
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
                        frame.axis().at(enough),
                        frame.axis().at(until),
                        closes.isPresent() ? Optional.of(frame.axis().at(closes.getAsInt())) : Optional.empty()))
                : Optional.empty();
    }
}
