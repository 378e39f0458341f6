package org.crispwhorl.benchmarks;

import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.ZoneId;
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
import org.crispwhorl.core.calendar.StudioTime;
import org.crispwhorl.core.drying.Room;
import org.crispwhorl.core.drying.RoomCourse;
import org.crispwhorl.core.order.OrderSheet;
import org.crispwhorl.core.paste.Paste;
import org.crispwhorl.core.progress.Progress;
import org.crispwhorl.core.species.Species;
import org.crispwhorl.core.studio.Conditions;
import org.crispwhorl.demo.DemoDocuments;
import org.crispwhorl.files.document.SpeciesDocument;

/** Random orders planned, and what their plans look like. */
final class DaysPlanned {
    private static final ZoneId PLACE = ZoneId.of("Europe/Berlin");
    private static final LocalDateTime NOW = LocalDateTime.of(2030, 6, 3, 8, 0);
    private static final double MARGIN_H = 12;
    private static final int SEEDS = 6;
    private static final int SHORT_MIN = 10;

    private static final Calendars.Studio STUDIO =
            new Calendars.Studio(RoomCourse.steady(Room.REFERENCE), StudioTime.USUAL, List.of(), NOW, PLACE);

    private DaysPlanned() {}

    private static Calendars.Asked asked(List<OrderSheet.Line> lines, OrderSheet sheet, LocalDateTime handOver) {
        return new Calendars.Asked(
                sheet,
                lines.stream()
                        .collect(Collectors.toMap(
                                OrderSheet.Line::id,
                                line -> Paste.usual(line.species().medium()))),
                Room.REFERENCE,
                handOver,
                MARGIN_H,
                Calendars.Standing.NOTHING);
    }

    /** Several orders at once, of so many flowers each, handed over a day after each other. */
    static String together(int orders, int flowers, int species, int days) {
        int planned = 0;
        double worstS = 0;
        double sumS = 0;
        Counted sum = new Counted();
        for (int seed = 1; seed <= SEEDS; seed++) {
            List<Calendars.Asked> all = new ArrayList<>();
            for (int i = 0; i < orders; i++) {
                List<OrderSheet.Line> lines = order(new Random(100L * seed + i), flowers, species);
                all.add(asked(
                        lines,
                        OrderSheet.of(lines, Conditions.USUAL),
                        NOW.plusDays(days + i).withHour(10)));
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
            List<OrderSheet.Line> lines = order(new Random(seed), flowers, species);
            OrderSheet sheet = OrderSheet.of(lines, Conditions.USUAL);
            LocalDateTime handOver = NOW.plusDays(days).withHour(10);
            long begun = System.nanoTime();
            Calendar calendar = Calendars.of(asked(lines, sheet, handOver), STUDIO, Progress.UNWATCHED);
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
                    "%d of %d planned; a plan: %.1f sittings, %.1f of them under %d min, %.1f changes of flower or kind, %.1f days of work within %.1f, %.1f half-days free; %.1f s, worst %.1f s",
                    planned,
                    SEEDS,
                    sittings / n,
                    short_ / n,
                    SHORT_MIN,
                    changes / n,
                    days / n,
                    span / n,
                    free / n,
                    sumS / SEEDS,
                    worstS);
        }
    }

    private static List<OrderSheet.Line> order(Random random, int flowers, int species) {
        List<Species> all = new ArrayList<>(
                DemoDocuments.texts().stream().map(SpeciesDocument::readText).toList());
        List<OrderSheet.Line> lines = new ArrayList<>();
        for (int i = 0; i < species; i++) {
            Species one = all.remove(random.nextInt(all.size()));
            lines.add(OrderSheet.Line.of(one, flowers / species));
        }
        return lines;
    }
}
