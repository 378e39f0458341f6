package org.crispwhorl.core.calendar;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.function.BooleanSupplier;
import org.crispwhorl.core.solver.Schedule;

/**
 * A plain plan, from the end backwards: what is due last is placed last, as late as its hours, hands and tools allow; what a window
 * closes on is placed together with what opens it. Hands that cannot do everything are left out. It is quick, keeps everything that is asked, and proves nothing. Some dozens of
 * tries, in which what is due at about the same time changes places, find fewer half-days.
 */
final class Backwards {
    /** So many tries beside the plain one; the same each time. */
    private static final int TRIES = 60;

    private static final long SEED = 20;

    /** What is due within so many slots may change places. */
    private static final int ABOUT = 96;

    /** So many places are tried for work that something soft waits for. */
    private static final int PLACES = 600;

    private final Frame frame;
    private final List<Sitting> sittings;
    private final int[] sooner;
    private final int[] hands;
    private final Map<String, int[]> tools = new HashMap<>();
    private final int[] starts;
    private final int[] due;
    private final int[] notBefore;
    private final int[] followers;
    private final BooleanSupplier stopped;

    private Backwards(Frame frame, List<int[]> elsewhere, int[] sooner, BooleanSupplier stopped) {
        this.stopped = stopped;
        this.frame = frame;
        this.sooner = sooner;
        sittings = frame.sittings();
        int n = sittings.size();
        starts = new int[n];
        Arrays.fill(starts, -1);
        followers = new int[n];
        sittings.forEach(b -> b.waits().forEach(w -> followers[w.after()]++));
        due = new int[n];
        Arrays.setAll(due, i -> sittings.get(i).due());
        notBefore = sittings.stream().mapToInt(Sitting::notBefore).toArray();
        hands = new int[frame.last()];
        Arrays.fill(hands, frame.hours().makers());
        elsewhere.forEach(t -> taken(hands, t[0], t[1], 1));
        sittings.forEach(b -> b.lying()
                .forEach(l -> tools.computeIfAbsent(
                        l.what().tool(), f -> free(l.what().owned()))));
        frame.busy().stream()
                .filter(b -> tools.containsKey(b.tool()))
                .forEach(b -> taken(tools.get(b.tool()), b.from(), b.until(), b.count()));
    }

    /**
     * A slot for each sitting; none where some finds no place.
     *
     * @param elsewhere stretches in which a hand does something else
     */
    static Optional<int[]> place(Frame frame, List<int[]> elsewhere) {
        return place(frame, elsewhere, () -> false);
    }

    /**
     * The same, given up where it is no longer wanted: then the best so far.
     *
     * @param stopped asked at every sitting
     */
    static Optional<int[]> place(Frame frame, List<int[]> elsewhere, BooleanSupplier stopped) {
        int n = frame.sittings().size();
        Optional<int[]> best = new Backwards(frame, elsewhere, new int[n], stopped).placed();
        Random random = new Random(SEED);
        for (int k = 0; k < TRIES && !stopped.getAsBoolean(); k++) {
            int[] sooner = random.ints(n, 0, ABOUT).toArray();
            Optional<int[]> other = new Backwards(frame, elsewhere, sooner, stopped).placed();
            if (other.isPresent() && best.map(b -> cost(frame, b)).orElse(Long.MAX_VALUE) > cost(frame, other.get())) {
                best = other;
            }
        }
        return best;
    }

    /** Fewer evenings first, then fewer half-days and kinds of work in each. */
    private static long cost(Frame frame, int[] placed) {
        long evening = 0;
        for (int i = 0; i < placed.length; i++) {
            evening +=
                    frame.hours().inEvening(placed[i]) ? frame.sittings().get(i).slots() : 0;
        }
        return evening * frame.last() + Schedule.cost(frame.halves().all(), frame.kinds(), placed);
    }

    private Optional<int[]> placed() {
        for (int k = 0; k < starts.length; ) {
            int next = -1;
            for (int i = 0; i < starts.length; i++) {
                boolean ready = starts[i] < 0 && followers[i] == 0 && !(goesOn(i) && starts[i + 1] < 0);
                if (ready && (next < 0 || due[i] - sooner[i] > due[next] - sooner[next])) {
                    next = i;
                }
            }
            List<Integer> set = new ArrayList<>();
            if (!place(next, set)) {
                return Optional.empty();
            }
            k += set.size();
        }
        return Optional.of(starts);
    }

    /** Places a sitting as late as can be, and what opens a window for it within that; days before evenings. */
    private boolean place(int i, List<Integer> set) {
        if (stopped.getAsBoolean()) {
            return false;
        }
        int slots = sittings.get(i).slots();
        int tries = 0;
        for (boolean evening : new boolean[] {false, true}) {
            long[][] free = frame.hours().starts(sittings.get(i), evening, notBefore[i], due[i] - slots);
            for (int w = free.length - 1; w >= 0; w--) {
                for (int at = (int) free[w][1]; at >= free[w][0]; at--) {
                    if (fits(i, at) && tries++ < PLACES && opened(i, at, set)) {
                        return true;
                    }
                }
            }
        }
        return false;
    }

    /** Sets a sitting down, and what has to be there while it bends; leaves everything as it was where that finds no place. */
    private boolean opened(int i, int at, List<Integer> set) {
        List<Integer> own = new ArrayList<>();
        int[] dueBefore = due.clone();
        int[] notBeforeBefore = notBefore.clone();
        take(i, at);
        own.add(i);
        int slots = sittings.get(i).slots();
        if (i > 0 && goesOn(i - 1)) {
            due[i - 1] = Math.min(due[i - 1], at + sittings.get(i - 1).slots());
        }
        for (Sitting.Wait wait : sittings.get(i).waits()) {
            due[wait.after()] = Math.min(due[wait.after()], wait.lastEnd(at));
            if (wait.closes()) {
                notBefore[wait.after()] = Math.max(
                        notBefore[wait.after()],
                        wait.firstEnd(at + slots, slots)
                                - sittings.get(wait.after()).slots());
            }
        }
        for (Sitting.Wait wait : sittings.get(i).waits()) {
            boolean now = wait.closes() && followers[wait.after()] == 0 && starts[wait.after()] < 0;
            if (now && !place(wait.after(), own)) {
                for (int k = own.size() - 1; k >= 0; k--) {
                    giveBack(own.get(k));
                }
                System.arraycopy(dueBefore, 0, due, 0, due.length);
                System.arraycopy(notBeforeBefore, 0, notBefore, 0, due.length);
                return false;
            }
        }
        set.addAll(own);
        return true;
    }

    /** Whether the next in the list is the same task on the flowers that come after: it begins no sooner. */
    private boolean goesOn(int i) {
        return i + 1 < sittings.size() && sittings.get(i).goesOnIn(sittings.get(i + 1));
    }

    private boolean fits(int i, int at) {
        Sitting sitting = sittings.get(i);
        int end = at + sitting.slots();
        return free(hands, at, end, 1)
                && sitting.lying().stream()
                        .allMatch(l -> free(
                                tools.get(l.what().tool()),
                                at + l.from(),
                                l.free(end),
                                l.what().wanted()));
    }

    private void take(int i, int at) {
        starts[i] = at;
        use(i, 1);
        sittings.get(i).waits().forEach(w -> followers[w.after()]--);
    }

    private void giveBack(int i) {
        use(i, -1);
        starts[i] = -1;
        sittings.get(i).waits().forEach(w -> followers[w.after()]++);
    }

    private void use(int i, int sign) {
        Sitting sitting = sittings.get(i);
        int end = starts[i] + sitting.slots();
        taken(hands, starts[i], end, sign);
        sitting.lying()
                .forEach(l -> taken(
                        tools.get(l.what().tool()),
                        starts[i] + l.from(),
                        l.free(end),
                        sign * l.what().wanted()));
    }

    private int[] free(int count) {
        int[] all = new int[frame.last()];
        Arrays.fill(all, count);
        return all;
    }

    private static boolean free(int[] left, int from, int to, int wanted) {
        for (int slot = from; slot < Math.min(to, left.length); slot++) {
            if (left[slot] < wanted) {
                return false;
            }
        }
        return true;
    }

    private static void taken(int[] left, int from, int to, int count) {
        for (int slot = from; slot < Math.min(to, left.length); slot++) {
            left[slot] -= count;
        }
    }
}
