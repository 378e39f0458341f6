package org.crispwhorl.benchmarks.drill;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Random;
import org.crispwhorl.benchmarks.RandomOrders;
import org.crispwhorl.core.calendar.Calendar;
import org.crispwhorl.core.calendar.Calendars;
import org.crispwhorl.core.calendar.StudioTime;
import org.crispwhorl.core.progress.Progress;
import org.crispwhorl.core.studio.Conditions;

/** Plans of random orders, followed: what is wrong with them, what they bear, and whether what is said to help does. */
final class PlansOfDays {
    private static final double A_FIFTH_SLOWER = 1.2;
    private static final int SHOWN = 5;

    /** Orders for which the calendar has room: three weeks and more. */
    private static final int ROOM_DAYS = 24;

    /** Orders for which it has none: two days. */
    private static final int TIGHT_DAYS = 3;

    /** They are other orders than those for which there is room. */
    private static final int OTHERS = 1000;

    private PlansOfDays() {}

    private record Made(Calendars.Asked asked, StudioTime time, Calendar plan) {
        FollowedPlan followed() {
            return new FollowedPlan(asked, time, plan);
        }
    }

    private static Made made(int seed, int days, boolean searched) {
        Random random = new Random(seed);
        int species = 1 + random.nextInt(4);
        Conditions conditions = random.nextBoolean() ? RandomOrders.demoTools() : Conditions.USUAL;
        int flowers = species * (1 + random.nextInt(9));
        StudioTime time = StudioTime.USUAL.withMakers(random.nextInt(4) == 0 ? 2 : 1);
        Calendars.Asked asked = RandomOrders.asked(random, flowers, species, days + random.nextInt(7), conditions);
        Calendars.Studio studio = RandomOrders.studio(time);
        return new Made(
                asked,
                time,
                searched
                        ? Calendars.of(asked, studio, Progress.UNWATCHED)
                        : Calendars.quick(asked, studio, Progress.UNWATCHED));
    }

    /**
     * @param quick orders of which the plain plan is read
     * @param searched orders of which the best plan is read, and gone through with what goes wrong
     * @param tight orders with too little time
     */
    static List<String> run(int quick, int searched, int tight) {
        List<String> told = new ArrayList<>();
        told.add(read(quick, false));
        List<Made> plans = new ArrayList<>();
        told.add(read(searched, true, plans));
        told.add(bears(plans, "hands a fifth slower", (plan, n) -> plan.bears(A_FIFTH_SLOWER, Optional.empty(), -1)));
        told.add(bears(
                plans,
                "the first day lost",
                (plan, n) -> plan.bears(1, plan.days().stream().findFirst(), -1)));
        told.add(bears(
                plans,
                "the last day lost",
                (plan, n) -> plan.bears(1, plan.days().stream().reduce((a, b) -> b), -1)));
        told.add(bears(
                plans,
                "a sitting to be done again",
                (plan, n) -> plan.bears(1, Optional.empty(), new Random(n).nextInt(plan.sittings()))));
        told.add(helps(tight));
        return told;
    }

    private static String read(int orders, boolean searched) {
        return read(orders, searched, new ArrayList<>());
    }

    private static String read(int orders, boolean searched, List<Made> plans) {
        List<String> wrong = new ArrayList<>();
        int padded = 0;
        for (int seed = 0; seed < orders; seed++) {
            Made made = made(seed, searched ? ROOM_DAYS : ROOM_DAYS / 2, searched);
            if (made.plan().limit().isEmpty()) {
                plans.add(made);
                int own = seed;
                padded += made.followed().padded().isEmpty() ? 0 : 1;
                made.followed().wrong().stream().limit(1).forEach(w -> wrong.add("seed " + own + ": " + w));
            }
        }
        return String.format(
                Locale.ROOT,
                "%s: %d of %d orders planned, %d plans with a half-day told too long, %d with something wrong%s",
                searched ? "searched" : "at once",
                plans.size(),
                orders,
                padded,
                wrong.size(),
                shown(wrong));
    }

    private static String shown(List<String> all) {
        return all.isEmpty() ? "" : ": " + String.join("; ", all.subList(0, Math.min(SHOWN, all.size())));
    }

    private interface Goes {
        boolean inTime(FollowedPlan plan, int number);
    }

    private static String bears(List<Made> plans, String drill, Goes goes) {
        List<String> late = new ArrayList<>();
        for (int n = 0; n < plans.size(); n++) {
            if (!goes.inTime(plans.get(n).followed(), n)) {
                late.add("order " + n);
            }
        }
        return String.format(Locale.ROOT, "%s: %d of %d late%s", drill, late.size(), plans.size(), shown(late));
    }

    private static String helps(int orders) {
        int without = 0;
        int failed = 0;
        double worstS = 0;
        int seen = 0;
        for (int seed = 0; seen < orders && seed < 4 * orders; seed++) {
            long begun = System.nanoTime();
            Made made = made(OTHERS + seed, TIGHT_DAYS, true);
            if (made.plan().limit().isEmpty()) {
                continue;
            }
            seen++;
            worstS = Math.max(worstS, (System.nanoTime() - begun) / 1e9);
            Optional<Calendar.Help> first =
                    made.plan().helps().stream().filter(PlansOfDays::taken).findFirst();
            without += made.plan().helps().isEmpty() ? 1 : 0;
            failed += first.filter(help -> !helped(made, help)).isPresent() ? 1 : 0;
        }
        return String.format(
                Locale.ROOT,
                "too little time: %d orders, %d without any help named, %d that the first help does not help; the longest %.1f s",
                seen,
                without,
                failed,
                worstS);
    }

    private static boolean taken(Calendar.Help help) {
        return help.time().isPresent()
                || help.handOver().isPresent()
                || help.spareTimeH().isPresent();
    }

    private static boolean helped(Made made, Calendar.Help help) {
        Calendars.Asked asked = made.asked();
        Calendars.Asked changed = new Calendars.Asked(
                asked.sheet(),
                asked.pastes(),
                asked.reckoned(),
                help.handOver().orElse(asked.handOver()),
                help.spareTimeH().orElse(asked.spareTimeH()),
                asked.standing());
        StudioTime time = help.time().orElse(made.time());
        return Calendars.of(changed, RandomOrders.studio(time), Progress.UNWATCHED)
                .limit()
                .isEmpty();
    }
}
