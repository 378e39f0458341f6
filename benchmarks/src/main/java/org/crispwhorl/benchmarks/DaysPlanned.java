package org.crispwhorl.benchmarks;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Random;
import java.util.stream.Collectors;
import org.crispwhorl.core.assessment.TaskKind;
import org.crispwhorl.core.calendar.Calendar;
import org.crispwhorl.core.calendar.Calendars;
import org.crispwhorl.core.calendar.InOneGo;
import org.crispwhorl.core.calendar.Odds;
import org.crispwhorl.core.calendar.StudioTime;
import org.crispwhorl.core.progress.Progress;
import org.crispwhorl.core.studio.Conditions;

/** Random orders planned, and what their plans look like. */
final class DaysPlanned {
    private static final int SEEDS = 6;
    private static final int SHORT_MIN = 10;

    private static final Calendars.Studio STUDIO = RandomOrders.studio(StudioTime.USUAL);

    private DaysPlanned() {}

    /** Several orders at once, of so many flowers each, handed over a day after each other. */
    static String together(int orders, int flowers, int species, int days) {
        int planned = 0;
        double worstS = 0;
        double sumS = 0;
        Counted sum = new Counted();
        for (int seed = 1; seed <= SEEDS; seed++) {
            List<Calendars.Asked> all = new ArrayList<>();
            for (int i = 0; i < orders; i++) {
                all.add(RandomOrders.asked(new Random(100L * seed + i), flowers, species, days + i, Conditions.USUAL));
            }
            long begun = System.nanoTime();
            List<Calendar> calendars = Calendars.together(all, STUDIO, Progress.UNWATCHED);
            double seconds = (System.nanoTime() - begun) / 1e9;
            sumS += seconds;
            worstS = Math.max(worstS, seconds);
            if (calendars.stream().allMatch(c -> c.limit().isEmpty())) {
                planned++;
                sum.add(calendars);
            }
        }
        return sum.told(planned, sumS, worstS);
    }

    /** So many flowers of so many species, for several seeds. */
    static String measure(int flowers, int species, int days) {
        int planned = 0;
        double worstS = 0;
        double sumS = 0;
        Counted sum = new Counted();
        for (int seed = 1; seed <= SEEDS; seed++) {
            Calendars.Asked asked = RandomOrders.asked(new Random(seed), flowers, species, days, Conditions.USUAL);
            long begun = System.nanoTime();
            Calendar calendar = Calendars.of(asked, STUDIO, Progress.UNWATCHED);
            double seconds = (System.nanoTime() - begun) / 1e9;
            sumS += seconds;
            worstS = Math.max(worstS, seconds);
            if (calendar.limit().isEmpty()) {
                planned++;
                sum.add(List.of(calendar));
            }
        }
        return sum.told(planned, sumS, worstS);
    }

    /** What plans look like to whoever follows them. */
    private static final class Counted {
        private int sittings;
        private int short_;
        private int changes;
        private int days;
        private int span;
        private int free;
        private int inHundred;
        private int least = 100;

        void add(List<Calendar> calendars) {
            List<InOneGo> all = calendars.stream()
                    .flatMap(c -> InOneGo.of(c).stream())
                    .sorted(Comparator.comparing(InOneGo::from))
                    .toList();
            sittings += all.size();
            short_ += (int) all.stream()
                    .filter(s -> ChronoUnit.MINUTES.between(s.from(), s.to()) < SHORT_MIN)
                    .count();
            List<LocalDate> worked =
                    all.stream().map(s -> s.from().toLocalDate()).distinct().toList();
            days += worked.size();
            span += (int) ChronoUnit.DAYS.between(worked.get(0), worked.get(worked.size() - 1)) + 1;
            free += calendars.stream().mapToInt(Calendar::freeHalfDays).min().orElse(0);
            int odds = calendars.stream()
                    .flatMap(c -> c.odds().stream())
                    .mapToInt(Odds::inHundred)
                    .min()
                    .orElse(0);
            inHundred += odds;
            least = Math.min(least, odds);
            Map<String, TaskKind> kinds = calendars.stream()
                    .flatMap(c -> c.tasks().stream())
                    .collect(Collectors.toMap(Calendar.PlacedTask::uid, Calendar.PlacedTask::doing, (a, b) -> a));
            for (int i = 1; i < all.size(); i++) {
                InOneGo before = all.get(i - 1);
                InOneGo now = all.get(i);
                boolean same = before.species().equals(now.species())
                        && kinds.get(before.uid())
                                .priced()
                                .equals(kinds.get(now.uid()).priced());
                changes += same ? 0 : 1;
            }
        }

        String told(int planned, double sumS, double worstS) {
            double n = Math.max(1, planned);
            return String.format(
                    Locale.ROOT,
                    "%d of %d planned; a plan: %.1f sittings, %.1f of them under %d min, %.1f changes of flower or kind, %.1f days of work within %.1f, %.1f half-days free, ready in time %.0f in 100, the least %d; %.1f s, worst %.1f s",
                    planned,
                    SEEDS,
                    sittings / n,
                    short_ / n,
                    SHORT_MIN,
                    changes / n,
                    days / n,
                    span / n,
                    free / n,
                    inHundred / n,
                    least,
                    sumS / SEEDS,
                    worstS);
        }
    }
}
