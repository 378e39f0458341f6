package org.crispwhorl.core.calendar;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.crispwhorl.core.drying.Spread;
import org.crispwhorl.core.solver.Schedule;

/**
 * How likely a plan is ready in time: it is gone through many times, hands slower or quicker than they were reckoned, drying too, and
 * now and then half a day lost; what is late is put off within the hours there are, everything in its order.
 *
 * @param inHundred times in a hundred that everything is ready when it has to be
 * @param tightest what is behind most often where it is not; none where that never happens
 * @param lost what becomes of that where a whole day of work is lost, day by day
 */
public record Odds(int inHundred, Optional<String> tightest, List<LostDay> lost) {
    private static final int RUNS = 2000;

    /** Where it only has to be seen whether it is likely enough. */
    private static final int FEW_RUNS = 400;

    /** Runs for each day that may be lost. */
    private static final int RUNS_A_DAY = 200;

    private static final long SEED = 59;

    /** Spread of how quick hands are on the day, of all work and of a kind of work, as the deviation of the logarithm. */
    private static final double HANDS = 0.15;

    private static final double KIND = 0.2;

    /** How fast everything dries. */
    private static final Spread DRYING = Spread.UNRECORDED;

    /** In so many of the runs a half-day on which there is work is lost. */
    private static final double LOST = 0.15;

    /** So much longer than its hours somebody stays to finish what is begun, slots. */
    private static final int OVERTIME = Axis.ofMinutes(15);

    /** Of so many sittings that are next the one that can be begun first is. */
    private static final int LOOKED_AT = 4;

    private static final int NOT_YET = -1;

    private static final int[] NONE = {-1, -1};

    /** Whoever loses half a day is back after so many slots. */
    private static final int HALF_DAY = Axis.ofHours(12);

    /** Nothing is put off further than this, slots. */
    private static final int FAR = Axis.ofHours(60 * 24);

    public Odds {
        lost = List.copyOf(lost);
    }

    /**
     * A day on which no work is done although there should be.
     *
     * @param inHundred times in a hundred that everything is ready nevertheless
     */
    public record LostDay(LocalDate day, int inHundred) {}

    /**
     * @param hours when hands may work, beyond the end of the plan too
     * @param ready of each order the slot at which it has to be ready
     * @return of each order
     */
    static List<Odds> of(Frame frame, int[] starts, Windows hours, List<Integer> ready) {
        Runs runs = Runs.of(frame, starts, hours, ready, RUNS);
        Random random = new Random(SEED);
        Map<LocalDate, Runs> lost = new TreeMap<>();
        for (LocalDate day : runs.days()) {
            Runs without = new Runs(frame, starts, hours, ready);
            int[] all = {
                frame.axis().floor(day.atStartOfDay()),
                frame.axis().floor(day.plusDays(1).atStartOfDay())
            };
            for (int i = 0; i < RUNS_A_DAY; i++) {
                without.run(random, all);
            }
            lost.put(day, without);
        }
        return IntStream.range(0, ready.size())
                .mapToObj(k -> new Odds(
                        runs.inHundred(k),
                        runs.tightest(k),
                        lost.entrySet().stream()
                                .map(e -> new LostDay(e.getKey(), e.getValue().inHundred(k)))
                                .toList()))
                .toList();
    }

    /** How likely the least likely of the orders is in time, about. */
    static int least(Frame frame, int[] starts, Windows hours, List<Integer> ready) {
        Runs runs = Runs.of(frame, starts, hours, ready, FEW_RUNS);
        return IntStream.range(0, ready.size()).map(runs::inHundred).min().orElse(100);
    }

    /** The same plan gone through again and again. */
    private static final class Runs {
        private final Frame frame;
        private final List<Sitting> sittings;
        private final int[] starts;
        private final List<Integer> ready;
        private final List<Integer> order;
        private final int[] half;
        private final Windows hours;
        private final int[] inTime;
        private int gone;
        private final List<Map<Integer, Integer>> behind = new ArrayList<>();

        Runs(Frame frame, int[] starts, Windows hours, List<Integer> ready) {
            this.frame = frame;
            this.sittings = frame.sittings();
            this.starts = starts;
            this.hours = hours;
            this.ready = ready;
            order = IntStream.range(0, starts.length)
                    .boxed()
                    .sorted(Comparator.comparingInt(i -> starts[i]))
                    .toList();
            half = frame.halves().all().stream()
                    .mapToInt(Schedule.HalfDay::from)
                    .toArray();
            inTime = new int[ready.size()];
            ready.forEach(r -> behind.add(new HashMap<>()));
        }

        /** So many times, now and then with half a day lost. */
        static Runs of(Frame frame, int[] starts, Windows hours, List<Integer> ready, int times) {
            Runs runs = new Runs(frame, starts, hours, ready);
            Random random = new Random(SEED);
            for (int i = 0; i < times; i++) {
                runs.run(random, runs.perhapsLost(random));
            }
            return runs;
        }

        /** The days with work on them. */
        Collection<LocalDate> days() {
            return order.stream()
                    .map(i -> frame.axis().at(starts[i]).toLocalDate())
                    .collect(Collectors.toCollection(TreeSet::new));
        }

        /** Now and then the half-day of some sitting. */
        int[] perhapsLost(Random random) {
            return random.nextDouble() < LOST && !order.isEmpty()
                    ? halfOf(starts[order.get(random.nextInt(order.size()))])
                    : NONE;
        }

        void run(Random random, int[] lost) {
            gone++;
            OneRun run = new OneRun(random, lost);
            run.through();
            for (int k = 0; k < ready.size(); k++) {
                if (run.over[k] <= ready.get(k)) {
                    inTime[k]++;
                } else if (run.first[k] >= 0) {
                    behind.get(k).merge(run.first[k], 1, Integer::sum);
                }
            }
        }

        private int[] halfOf(int slot) {
            int h = half.length - 1;
            while (h > 0 && half[h] > slot) {
                h--;
            }
            int over = half[h] + HALF_DAY;
            return new int[] {half[h], h + 1 < half.length ? Math.min(half[h + 1], over) : over};
        }

        int inHundred(int k) {
            return (int) Math.floor(100.0 * inTime[k] / gone);
        }

        Optional<String> tightest(int k) {
            return behind.get(k).entrySet().stream()
                    .max(Map.Entry.<Integer, Integer>comparingByValue().thenComparing(Map.Entry.comparingByKey()))
                    .map(e -> named(e.getKey()));
        }

        /** A sitting by what it begins with. */
        private String named(int i) {
            Batch first = sittings.get(i).items().get(0).batch();
            return first.task().name() + ", " + first.species() + ", " + frame.said(starts[i]);
        }

        /** Once through the plan: of the next few sittings the one that can be begun first, hands never idle for one that still dries. */
        private final class OneRun {
            private final double hands;
            private final double drying;
            private final Random random;
            private final int[] lost;
            private final Map<String, Double> kinds = new HashMap<>();
            private final int[] ends = new int[starts.length];
            private final Map<String, List<int[]>> taken = new HashMap<>();
            private final int[] over = new int[ready.size()];

            /** Of each order the first sitting that was begun later than the plan bears. */
            private final int[] first = new int[ready.size()];

            OneRun(Random random, int[] lost) {
                this.random = random;
                this.lost = lost;
                hands = Math.exp(HANDS * random.nextGaussian());
                drying = DRYING.overSafe(random.nextGaussian());
                Arrays.fill(ends, NOT_YET);
                Arrays.fill(first, -1);
            }

            void through() {
                List<Integer> left = new ArrayList<>(order);
                int[] free = new int[frame.hours().makers()];
                while (!left.isEmpty()) {
                    int next = -1;
                    int begin = Integer.MAX_VALUE;
                    int maker = IntStream.range(0, free.length)
                            .boxed()
                            .min(Comparator.comparingInt(m -> free[m]))
                            .orElseThrow();
                    for (int i : left.subList(0, Math.min(LOOKED_AT, left.size()))) {
                        int at = begin(i, free[maker]);
                        if (at < begin) {
                            begin = at;
                            next = i;
                        }
                    }
                    left.remove(Integer.valueOf(next));
                    ends[next] = begin + slots(next);
                    free[maker] = ends[next];
                    done(next, begin);
                }
            }

            private int slots(int i) {
                String kind =
                        sittings.get(i).items().get(0).batch().task().doing().priced();
                double pace = hands * kinds.computeIfAbsent(kind, k -> Math.exp(KIND * random.nextGaussian()));
                return (int) Math.max(1, Math.round(sittings.get(i).slots() * pace));
            }

            /** When a sitting can be begun: no sooner than in its half-day, when hands and tools are free and what it waits for is over. */
            private int begin(int i, int free) {
                Sitting sitting = sittings.get(i);
                int soonest = Math.max(free, Math.min(starts[i], halfOf(starts[i])[0]));
                for (Sitting.Wait wait : sitting.waits()) {
                    if (ends[wait.after()] == NOT_YET) {
                        return Integer.MAX_VALUE;
                    }
                    soonest = Math.max(soonest, wait.turnsOut(ends[wait.after()], drying));
                }
                for (Sitting.Lying lying : sitting.lying()) {
                    soonest = Math.max(soonest, free(lying.what()) - lying.from());
                }
                return within(soonest, slots(i));
            }

            /** When there is enough of a tool. */
            private int free(Batch.Lying wanted) {
                List<int[]> uses = new ArrayList<>(taken.getOrDefault(wanted.tool(), List.of()));
                uses.sort(Comparator.comparingInt(use -> use[0]));
                int there =
                        wanted.owned() - uses.stream().mapToInt(use -> use[1]).sum();
                int at = 0;
                for (int k = 0; k < uses.size() && there < wanted.wanted(); k++) {
                    at = uses.get(k)[0];
                    there += uses.get(k)[1];
                }
                return at;
            }

            private void done(int i, int begin) {
                Sitting sitting = sittings.get(i);
                sitting.lying()
                        .forEach(lying -> taken.computeIfAbsent(lying.what().tool(), t -> new ArrayList<>())
                                .add(new int[] {
                                    lying.what().until().turnsOut(ends[i] - lying.back(), drying),
                                    lying.what().wanted()
                                }));
                int of = sitting.items().get(0).batch().order();
                for (Sitting.Item item : sitting.items()) {
                    int ended = ends[i] - (sitting.slots() - item.to());
                    over[of] = Math.max(over[of], item.batch().tail().turnsOut(ended, drying));
                }
                if (first[of] < 0 && begin > frame.spans().latest()[i]) {
                    first[of] = i;
                }
            }

            /** The first slot from which on it goes into the hours, begun in none that are lost; what is begun is finished, a little late too. */
            private int within(int soonest, int slots) {
                for (Windows.Stretch open : hours.all()) {
                    int from = Math.max(soonest, open.from());
                    if (from >= lost[0] && from < lost[1]) {
                        from = Math.min(lost[1], open.to());
                    }
                    boolean spills = from + slots > open.to() + OVERTIME && slots <= open.to() - open.from();
                    if (from < open.to() && !spills) {
                        return from;
                    }
                }
                return soonest + FAR;
            }
        }
    }
}
