package org.crispwhorl.core.calendar;

import java.time.Duration;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.crispwhorl.core.solver.Schedule;

/** A placing told as work: whose hands, why then, and what it does until it is needed. */
final class PlacedTasks {
    private final Frame frame;
    private final List<Batch> all;
    private final int[] begins;
    private final int[] ends;
    private final LocalDateTime[] from;
    private final LocalDateTime[] to;

    /** In which sitting each is done; what is done already is one by itself. */
    private final int[] sitting;

    /** In which sitting it is told: those that came to stand side by side are one. */
    private final int[] told;

    private final List<List<int[]>> followers = new ArrayList<>();

    private final int[] makers;

    private final HeldUp heldUp;

    /** What held up each sitting as it is told. */
    private final Map<Integer, Optional<String>> held = new HashMap<>();

    private PlacedTasks(Frame frame, Schedule.Found found) {
        this.frame = frame;
        all = frame.left().all();
        begins = new int[all.size()];
        ends = new int[all.size()];
        from = new LocalDateTime[all.size()];
        to = new LocalDateTime[all.size()];
        sitting = new int[all.size()];
        int[] placeInAll = new int[frame.batches().size()];
        for (int i = 0; i < all.size(); i++) {
            followers.add(new ArrayList<>());
            sitting[i] = frame.sittings().size() + i;
            Done over = frame.left().done().get(all.get(i).key());
            if (over == null) {
                placeInAll[frame.left().places()[i]] = i;
            } else {
                from[i] = over.from();
                to[i] = over.to();
                begins[i] = frame.axis().floor(from[i]);
                ends[i] = frame.axis().ceil(to[i]);
            }
            for (int w = 0; w < all.get(i).waits().size(); w++) {
                followers.get(all.get(i).waits().get(w).after()).add(new int[] {i, w});
            }
        }
        for (int k = 0; k < frame.sittings().size(); k++) {
            int start = found.starts()[k];
            for (Sitting.Item item : frame.sittings().get(k).items()) {
                int i = placeInAll[item.place()];
                sitting[i] = k;
                begins[i] = start + item.from();
                ends[i] = start + item.to();
                from[i] = frame.axis().at(start, item.fromMin());
                to[i] = frame.axis().at(start, item.toMin());
            }
        }
        makers = frame.hours().other().isPresent() ? asPlaced(found) : firstFree();
        told = sitting.clone();
        sideBySide();
        heldUp = new HeldUp(frame, all, begins, ends, told);
    }

    /** Rings of a line that are laid one after the other, its assembly, and small batches of one task are told as one sitting. */
    private void sideBySide() {
        boolean[] windowed = Sittings.windowed(all);
        Integer[] byTime = new Integer[all.size()];
        Arrays.setAll(byTime, i -> i);
        Arrays.sort(
                byTime,
                Comparator.<Integer, LocalDateTime>comparing(i -> from[i]).thenComparing(i -> to[i]));
        int[] last = new int[Hours.SECOND + 1];
        Arrays.fill(last, -1);
        for (int i : byTime) {
            int before = last[makers[i]];
            last[makers[i]] = i;
            if (before < 0 || told[before] == told[i] || done(before) || done(i) || !sameLine(before, i)) {
                continue;
            }
            long pause = Duration.between(to[before], from[i]).toMinutes();
            boolean rings = windowed[before] && windowed[i] && pause <= Sittings.WINDOW_PAUSE_MIN;
            boolean small = all.get(before).sameTask(all.get(i))
                    && all.get(i).minutes() < Sittings.SMALL_MIN
                    && pause <= Sittings.PAUSE_MIN;
            boolean assembly = all.get(before).task().doing().assembles()
                    && all.get(i).task().doing().assembles()
                    && pause <= Sittings.WINDOW_PAUSE_MIN;
            if (rings || small || assembly) {
                int joins = told[i];
                for (int k = 0; k < told.length; k++) {
                    told[k] = told[k] == joins ? told[before] : told[k];
                }
            }
        }
    }

    private boolean done(int i) {
        return frame.left().places()[i] < 0;
    }

    private boolean sameLine(int one, int other) {
        return all.get(one).order() == all.get(other).order()
                && all.get(one).line().equals(all.get(other).line());
    }

    /** Whose hands do what, where it makes a difference. */
    private int[] asPlaced(Schedule.Found found) {
        return Arrays.stream(sitting)
                .map(k -> k < found.byOther().length && found.byOther()[k] ? Hours.SECOND : Hours.FIRST)
                .toArray();
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
                    batch.flowers(),
                    batch.share().firstFlower(batch.flowers()),
                    batch.share().lastFlower(batch.flowers()),
                    batch.pieces(),
                    batch.shade(),
                    from[i],
                    to[i],
                    told[i],
                    makers[i],
                    over == null && makers[i] == Hours.FIRST && frame.hours().inEvening(begins[i]),
                    over == null ? because(i) : "it is done",
                    meanwhile(i),
                    takes(i),
                    over != null));
        }
        tasks.sort(Comparator.comparing(Calendar.PlacedTask::from)
                .thenComparing(Calendar.PlacedTask::maker)
                .thenComparing(Calendar.PlacedTask::to));
        return numbered(tasks);
    }

    /** Sittings are counted from the first on. */
    private static List<Calendar.PlacedTask> numbered(List<Calendar.PlacedTask> tasks) {
        List<Integer> met =
                tasks.stream().map(Calendar.PlacedTask::sitting).distinct().toList();
        return tasks.stream()
                .map(s -> s.inSitting(met.indexOf(s.sitting()) + 1))
                .toList();
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
        Arrays.sort(byStart, Comparator.<Integer>comparingInt(i -> begins[i]).thenComparing(i -> from[i]));
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
                boolean goesOn = last[m] >= 0
                        && (sitting[last[m]] == sitting[i]
                                || freeAt[m] == begins[i] && all.get(last[m]).sameTask(all.get(i)));
                maker = goesOn ? m : maker;
            }
            freeAt[maker] = Math.max(freeAt[maker], ends[i]);
            last[maker] = i;
            free[i] = maker + Hours.FIRST;
        }
        return free;
    }

    /** What follows it least long after, the hand-over or other work; what held it up; until when all of its sitting could wait. */
    private String because(int i) {
        int room = Integer.MAX_VALUE;
        String because = "";
        boolean byItself = true;
        for (int k = 0; k < all.size(); k++) {
            if (told[k] != told[i]) {
                continue;
            }
            byItself &= sitting[k] == sitting[i];
            Bound bound = bound(k);
            if (bound.room() < room) {
                room = bound.room();
                because = bound.why();
            }
        }
        Sitting own = frame.sittings().get(sitting[i]);
        int begin = begins[i] - own.from(batchPlace(i));
        int latest = room > 0 && byItself ? frame.hours().latestStart(own, begin + room + own.slots(), true) : begin;
        return Stream.of(
                        Optional.of(because),
                        held.computeIfAbsent(told[i], sitting -> heldUp.of(i)),
                        latest > begin
                                ? Optional.of("could begin as late as " + frame.said(latest))
                                : Optional.<String>empty())
                .flatMap(Optional::stream)
                .collect(Collectors.joining("; "));
    }

    private int batchPlace(int i) {
        return frame.left().places()[i];
    }

    /** What a batch is done for, and how many slots later it could be. */
    private record Bound(int room, String why) {}

    private Bound bound(int i) {
        Batch batch = all.get(i);
        int end = ends[i];
        int room = batch.last() - batch.tail().over(end);
        String because = batch.tailWhy().isEmpty()
                ? "before the hand-over"
                : "needs " + batch.tailWhy() + " before the hand-over";
        boolean waits = !batch.tailWhy().isEmpty();
        for (int[] follower : followers.get(i)) {
            if (told[follower[0]] == told[i]) {
                continue;
            }
            Batch next = all.get(follower[0]);
            Batch.Wait wait = next.waits().get(follower[1]);
            int left = begins[follower[0]] - wait.opens(end);
            if (left < room || left == room && !waits) {
                room = left;
                waits = wait.why().waits();
                because = waits
                        ? "needs " + wait.why().told() + " before: "
                                + next.task().name() + ", " + frame.said(begins[follower[0]])
                        : "before: " + next.task().name() + ", " + frame.said(begins[follower[0]]);
            }
        }
        return new Bound(room, because);
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
