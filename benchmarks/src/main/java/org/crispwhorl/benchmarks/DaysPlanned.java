package org.crispwhorl.benchmarks;

import java.time.LocalDateTime;
import java.time.ZoneId;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Random;
import java.util.stream.Collectors;
import org.crispwhorl.core.calendar.Calendar;
import org.crispwhorl.core.calendar.Calendars;
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

/** Random orders planned by the exact solver, beside the bound; lost is counted in hours at which the studio works. */
final class DaysPlanned {
    private static final ZoneId PLACE = ZoneId.of("Europe/Berlin");
    private static final LocalDateTime NOW = LocalDateTime.of(2030, 6, 3, 8, 0);
    private static final double MARGIN_H = 12;
    private static final int SEEDS = 6;

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
        double sumPct = 0;
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
            Optional<LocalDateTime> begins =
                    calendars.stream().flatMap(c -> c.begins().stream()).min(Comparator.naturalOrder());
            if (begins.isPresent() && calendars.stream().allMatch(c -> c.limit().isEmpty())) {
                planned++;
                LocalDateTime latest = calendars.get(0).atLatest().orElseThrow();
                double whole = worked(latest, all.get(orders - 1).handOver());
                sumPct += 100 * worked(begins.get(), latest) / whole;
            }
        }
        return String.format(
                Locale.ROOT,
                "%d of %d planned; %.1f s, worst %.1f s; %.1f %% of the bound's hours before it",
                planned,
                SEEDS,
                sumS / SEEDS,
                worstS,
                sumPct / Math.max(1, planned));
    }

    /** So many flowers of so many species, for several seeds. */
    static String measure(int flowers, int species, int days) {
        int proved = 0;
        int planned = 0;
        double worstS = 0;
        double sumS = 0;
        double lostH = 0;
        for (int seed = 1; seed <= SEEDS; seed++) {
            List<OrderSheet.Line> lines = order(new Random(seed), flowers, species);
            OrderSheet sheet = OrderSheet.of(lines, Conditions.USUAL);
            LocalDateTime handOver = NOW.plusDays(days).withHour(10);
            long begun = System.nanoTime();
            Calendar calendar = Calendars.of(asked(lines, sheet, handOver), STUDIO, Progress.UNWATCHED);
            double seconds = (System.nanoTime() - begun) / 1e9;
            sumS += seconds;
            worstS = Math.max(worstS, seconds);
            if (calendar.begins().isPresent()) {
                planned++;
                proved += calendar.proved() ? 1 : 0;
                LocalDateTime latest = calendar.atLatest().orElseThrow();
                lostH += worked(calendar.begins().get(), latest);
            }
        }
        return String.format(
                Locale.ROOT,
                "%d of %d planned, %d proved; %.1f s, worst %.1f s; %.1f bench hours before the bound",
                planned,
                SEEDS,
                proved,
                sumS / SEEDS,
                worstS,
                lostH / Math.max(1, planned));
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

    /** Hours of the studio's time between two moments; 0 where the second is no later. */
    private static double worked(LocalDateTime from, LocalDateTime to) {
        double minutes = 0;
        for (LocalDateTime day = from.truncatedTo(ChronoUnit.DAYS); day.isBefore(to); day = day.plusDays(1)) {
            for (StudioTime.Window w : StudioTime.USUAL.windows(day.toLocalDate())) {
                LocalDateTime a = w.from().isBefore(from) ? from : w.from();
                LocalDateTime b = w.to().isAfter(to) ? to : w.to();
                minutes += Math.max(0, ChronoUnit.MINUTES.between(a, b));
            }
        }
        return minutes / 60;
    }
}
