package org.crispwhorl.core.calendar;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collection;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.PriorityQueue;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.BiPredicate;
import java.util.function.Predicate;
import java.util.stream.IntStream;
import org.crispwhorl.core.assessment.TaskKind;

/**
 * Like with like: which batches are done in one go. All mixing of an order, all colouring of a line, the assembly of a line, and small
 * makes go together as far as they stay short, wait for nothing longer than a pause inside, and leave every wait outside as it is.
 */
final class Sittings {
    /** Longest pause inside of a sitting, min. */
    static final int PAUSE_MIN = 10;

    /** The same where something part-dry is waited for. */
    static final int WINDOW_PAUSE_MIN = 30;

    /** Longest that rings are laid one on the other in one go, over the longest for one thing. */
    private static final double RINGS = 2;

    /** What is made in less than this is small, min. */
    static final int SMALL_MIN = 25;

    /** Longest that small makes take together, over the longest for one thing. */
    static final double SMALL_TOGETHER = 0.5;

    /**
     * A kind of gathering.
     *
     * @param what is gathered
     * @param with what goes together with what
     * @param longest that such a sitting takes, over the studio's longest for one thing
     */
    private record Rule(Predicate<Batch> what, BiPredicate<Batch, Batch> with, double longest) {}

    /**
     * What is known of batches from a plan before.
     *
     * @param fixed keys of those that stay by themselves
     * @param sittings by the keys of the others, in which sitting they were
     */
    record Before(Set<String> fixed, Map<String, Integer> sittings) {
        static final Before NOTHING = new Before(Set.of(), Map.of());

        /** Whether they may be done in one go: not if they were not before. */
        private boolean alike(Batch one, Batch other) {
            Integer in = sittings.get(one.key());
            return in == null || in.equals(sittings.getOrDefault(other.key(), in));
        }
    }

    private static final BiPredicate<Batch, Batch> SAME_ORDER = (a, b) -> a.order() == b.order();
    private static final BiPredicate<Batch, Batch> SAME_LINE =
            SAME_ORDER.and((a, b) -> a.line().equals(b.line()));

    private static final List<Rule> RULES = List.of(
            new Rule(b -> b.task().doing().mixes(), SAME_ORDER, 2.0 / 3),
            new Rule(b -> b.task().doing().coloursPieces(), SAME_LINE, 1),
            new Rule(b -> b.task().doing().assembles(), SAME_LINE, 5.0 / 3),
            new Rule(Sittings::smallMake, SAME_LINE, SMALL_TOGETHER),
            new Rule(Sittings::smallMake, SAME_ORDER, SMALL_TOGETHER));

    private final List<Batch> batches;

    /** Of each batch the sitting that it is in, by the first batch of that. */
    private final int[] group;

    /** Whether a window closes on it, or on what waits for it: it is placed by that. */
    private final boolean[] windowed;

    private final double longestMin;
    private final int stretchMin;

    private Sittings(List<Batch> batches, double longestMin, int stretchMin) {
        this.batches = batches;
        this.longestMin = longestMin;
        this.stretchMin = stretchMin;
        group = IntStream.range(0, batches.size()).toArray();
        windowed = windowed(batches);
        for (int i = 0; i < windowed.length; i++) {
            windowed[i] |= batches.get(i).endBy().isPresent();
        }
    }

    /** Of each batch whether a window closes on it, or on what waits for it. */
    static boolean[] windowed(List<Batch> batches) {
        boolean[] windowed = new boolean[batches.size()];
        for (int i = 0; i < windowed.length; i++) {
            for (Batch.Wait wait : batches.get(i).waits()) {
                windowed[i] |= wait.most().isPresent();
                windowed[wait.after()] |= wait.most().isPresent();
            }
        }
        return windowed;
    }

    /** Whether it is a make that is soon done. */
    static boolean small(Batch batch) {
        TaskKind kind = batch.task().doing();
        return kind.makes() && !kind.assembles() && batch.minutes() < SMALL_MIN;
    }

    private static boolean smallMake(Batch batch) {
        return batch.of() == 1 && small(batch);
    }

    /** The same sittings with some of them as one each, by their places; none where some would wait for each other. */
    static Optional<List<Sitting>> joined(List<Batch> batches, List<Sitting> sittings, List<List<Integer>> runs) {
        Sittings joined = new Sittings(batches, 0, 0);
        sittings.forEach(s -> joined.inOne(List.of(s)));
        runs.forEach(run -> joined.inOne(run.stream().map(sittings::get).toList()));
        return joined.ordered();
    }

    private void inOne(List<Sitting> some) {
        List<Integer> places = some.stream()
                .flatMap(s -> s.items().stream())
                .map(Sitting.Item::place)
                .sorted()
                .toList();
        places.forEach(i -> group[i] = places.get(0));
    }

    /** Every batch by itself. */
    static List<Sitting> each(List<Batch> batches) {
        return new Sittings(batches, 0, 0).ordered().orElseThrow();
    }

    /**
     * Like with like.
     *
     * @param before what is known of it from a plan before
     * @param longestMin longest that one thing is done in one go; assembly and rings laid on each other may take longer
     * @param stretchMin longest stretch of a day
     */
    static List<Sitting> together(List<Batch> batches, Before before, double longestMin, int stretchMin) {
        Sittings sittings = new Sittings(batches, longestMin, stretchMin);
        sittings.rings(before);
        for (Rule rule : RULES) {
            sittings.gather(rule, before);
        }
        return sittings.ordered().orElseThrow();
    }

    private void gather(Rule rule, Before before) {
        List<Integer> left = new ArrayList<>();
        for (int i = 0; i < batches.size(); i++) {
            boolean one = rule.what().test(batches.get(i))
                    && !windowed[i]
                    && !before.fixed().contains(batches.get(i).key());
            if (one && members(group[i]).equals(List.of(i))) {
                left.add(i);
            }
        }
        while (!left.isEmpty()) {
            int first = left.remove(0);
            List<Integer> later = new ArrayList<>();
            for (int next : left) {
                boolean goes = rule.with().test(batches.get(first), batches.get(next))
                        && before.alike(batches.get(first), batches.get(next));
                if (!goes || !joined(first, List.of(next), rule.longest() * longestMin)) {
                    later.add(next);
                }
            }
            left = later;
        }
    }

    /** What a window closes on goes together with what opens it, and as many such rings of a line as are laid in one go. */
    private void rings(Before before) {
        List<Integer> last = List.of();
        for (List<Integer> ring : byRing()) {
            boolean free = ring.stream()
                    .map(batches::get)
                    .noneMatch(b -> b.endBy().isPresent() || before.fixed().contains(b.key()));
            boolean goesOn = !last.isEmpty()
                    && SAME_LINE.test(batches.get(last.get(0)), batches.get(ring.get(0)))
                    && before.alike(batches.get(last.get(0)), batches.get(ring.get(0)));
            if (free && goesOn && joined(last.get(0), ring, RINGS * longestMin)) {
                continue;
            }
            last = free && joined(ring.get(0), ring, RINGS * longestMin) ? ring : List.of();
        }
    }

    /** The batches on which windows close or which open them, ring by ring. */
    private Collection<List<Integer>> byRing() {
        Map<List<Object>, List<Object>> opens = new HashMap<>();
        Map<List<Object>, List<Integer>> rings = new LinkedHashMap<>();
        for (int i = 0; i < batches.size(); i++) {
            List<Object> own = task(i);
            List<Object> ring = batches.get(i).waits().stream()
                    .filter(w -> w.most().isPresent())
                    .map(w -> task(w.after()))
                    .map(before -> opens.getOrDefault(before, before))
                    .findFirst()
                    .orElse(own);
            opens.put(own, ring);
        }
        for (int i = 0; i < batches.size(); i++) {
            if (windowed[i]) {
                rings.computeIfAbsent(opens.get(task(i)), r -> new ArrayList<>())
                        .add(i);
            }
        }
        return rings.values();
    }

    private List<Object> task(int i) {
        Batch batch = batches.get(i);
        return List.of(batch.order(), batch.line(), batch.task().id());
    }

    private List<Integer> members(int first) {
        return IntStream.range(0, group.length)
                .filter(i -> group[i] == first)
                .boxed()
                .toList();
    }

    /** Puts batches into the sitting of another, if that stays short enough and everything can still be done in time. */
    private boolean joined(int first, List<Integer> more, double atMostMin) {
        int[] before = group.clone();
        more.forEach(i -> group[i] = group[first]);
        Optional<List<Sitting.Item>> items = items(members(group[first]));
        boolean goes = items.isPresent()
                && items.get().get(items.get().size() - 1).toMin() <= Math.min(atMostMin, stretchMin)
                && ordered().filter(all -> Spans.of(all).tooShort() == 0).isPresent();
        if (!goes) {
            System.arraycopy(before, 0, group, 0, before.length);
        }
        return goes;
    }

    /** A sitting of such batches; a window that closes may leave it longer pauses. */
    private Optional<List<Sitting.Item>> items(List<Integer> members) {
        return Woven.of(batches, members, members.stream().anyMatch(i -> windowed[i]) ? WINDOW_PAUSE_MIN : PAUSE_MIN);
    }

    /** The sittings, each after those that it waits for; none where some wait for each other. */
    private Optional<List<Sitting>> ordered() {
        int n = batches.size();
        int[] waited = new int[n];
        List<Set<Integer>> followers = new ArrayList<>();
        IntStream.range(0, n).forEach(i -> followers.add(new TreeSet<>()));
        for (int i = 0; i < n; i++) {
            for (Batch.Wait wait : batches.get(i).waits()) {
                boolean outside = group[wait.after()] != group[i];
                if (outside && followers.get(group[wait.after()]).add(group[i])) {
                    waited[group[i]]++;
                }
            }
        }
        PriorityQueue<Integer> ready = new PriorityQueue<>();
        IntStream.range(0, n).filter(i -> group[i] == i && waited[i] == 0).forEach(ready::add);
        List<Integer> order = new ArrayList<>();
        while (!ready.isEmpty()) {
            int next = ready.remove();
            order.add(next);
            for (int follower : followers.get(next)) {
                if (--waited[follower] == 0) {
                    ready.add(follower);
                }
            }
        }
        if (order.size() < Arrays.stream(group).distinct().count()) {
            return Optional.empty();
        }
        int[] placeOf = new int[n];
        int[] backOf = new int[n];
        List<List<Sitting.Item>> all = new ArrayList<>();
        for (int first : order) {
            Optional<List<Sitting.Item>> items = items(members(first));
            if (items.isEmpty()) {
                return Optional.empty();
            }
            int slots = Sitting.slots(items.get());
            items.get().forEach(item -> {
                placeOf[item.place()] = all.size();
                backOf[item.place()] = slots - item.to();
            });
            all.add(items.get());
        }
        return Optional.of(
                all.stream().map(items -> Sitting.of(items, placeOf, backOf)).toList());
    }
}
