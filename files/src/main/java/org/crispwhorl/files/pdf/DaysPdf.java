package org.crispwhorl.files.pdf;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.time.DayOfWeek;
import java.time.Duration;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.format.DateTimeFormatter;
import java.time.temporal.TemporalAdjusters;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.TreeMap;
import org.crispwhorl.core.calendar.InOneGo;
import org.crispwhorl.core.calendar.Planned;
import org.crispwhorl.core.measure.LengthText;
import org.crispwhorl.files.page.OutlinePages;
import org.crispwhorl.files.page.Paper;

/** The days of an order on paper, each week begun on a page of its own: hands on a strip of hours, what dries below, the work in words with a box to tick. */
public final class DaysPdf {
    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("EEEE d MMMM", Locale.ENGLISH);
    private static final DateTimeFormatter CLOCK = DateTimeFormatter.ofPattern("HH:mm", Locale.ENGLISH);
    private static final double STRIP_MM = 4;
    private static final double BOX_MM = 3;
    private static final double WHY_MM = 56;
    private static final double TASK_MM = 46;
    private static final double HOURS = 24;
    private static final String HANDS = "#4b473f";
    private static final String NIGHT = "#e6e2da";
    private static final String EMPTY = "#ffffff";

    private final PdfCanvas canvas;
    private final SheetFlow flow;

    private DaysPdf(PdfCanvas canvas) {
        this.canvas = canvas;
        this.flow = new SheetFlow(canvas);
    }

    /** Every week in which there is work, each begun on a page of its own. */
    public static byte[] write(Planned planned, Paper paper) {
        String title = planned.order().name();
        try (PdfCanvas canvas = new PdfCanvas(paper, title, LengthText.Lengths.MM)) {
            DaysPdf pdf = new DaysPdf(canvas);
            Map<LocalDate, List<InOneGo>> byDay = new TreeMap<>();
            InOneGo.of(planned.calendar())
                    .forEach(s -> byDay.computeIfAbsent(s.from().toLocalDate(), d -> new ArrayList<>())
                            .add(s));
            LocalDate week = null;
            for (Map.Entry<LocalDate, List<InOneGo>> day : byDay.entrySet()) {
                LocalDate monday = day.getKey().with(TemporalAdjusters.previousOrSame(DayOfWeek.MONDAY));
                if (!monday.equals(week)) {
                    week = monday;
                    pdf.flow.begin(title + ", hand-over "
                            + DAY.format(planned.order().handOver()) + ", "
                            + CLOCK.format(planned.order().handOver()));
                    pdf.flow.heading("Week of " + DAY.format(monday));
                }
                pdf.day(day.getKey(), day.getValue());
            }
            return canvas.finished();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private void day(LocalDate date, List<InOneGo> sittings) throws IOException {
        flow.room(16 + SheetFlow.LINE_MM * sittings.size());
        double minutes = sittings.stream()
                .mapToLong(s -> Duration.between(s.from(), s.to()).toMinutes())
                .sum();
        canvas.text(
                canvas.strong,
                SheetFlow.SMALL_PT + 2,
                OutlinePages.MARGIN_MM,
                flow.y,
                DAY.format(date) + String.format(Locale.ROOT, ", %.1f h", minutes / 60));
        flow.y += 2;
        strip(date, sittings);
        flow.y += STRIP_MM + 5;
        for (InOneGo s : sittings) {
            List<String> because =
                    canvas.broken(canvas.regular, SheetFlow.SMALL_PT - 1, WHY_MM, s.done() ? "done" : s.because());
            List<String> task = canvas.broken(canvas.strong, SheetFlow.SMALL_PT, TASK_MM, s.name());
            List<String> species = canvas.broken(
                    canvas.regular,
                    SheetFlow.SMALL_PT - 1,
                    flow.right() - WHY_MM - OutlinePages.MARGIN_MM - 88,
                    s.species());
            int lines = Math.max(because.size(), Math.max(task.size(), species.size()));
            flow.room(SheetFlow.LINE_MM * lines);
            canvas.box(OutlinePages.MARGIN_MM, flow.y - BOX_MM + 0.5, BOX_MM, BOX_MM, s.done() ? HANDS : EMPTY);
            double at = OutlinePages.MARGIN_MM + 6;
            canvas.text(
                    canvas.regular,
                    SheetFlow.SMALL_PT,
                    at,
                    flow.y,
                    CLOCK.format(s.from()) + "–" + CLOCK.format(s.to()) + (s.evening() ? " (evening)" : ""));
            for (int i = 0; i < lines; i++) {
                if (i < task.size()) {
                    canvas.text(canvas.strong, SheetFlow.SMALL_PT, at + 32, flow.y, task.get(i));
                }
                if (i < species.size()) {
                    canvas.text(canvas.regular, SheetFlow.SMALL_PT - 1, at + 80, flow.y, species.get(i));
                }
                if (i < because.size()) {
                    canvas.text(canvas.regular, SheetFlow.SMALL_PT - 1, flow.right() - WHY_MM, flow.y, because.get(i));
                }
                flow.y += SheetFlow.LINE_MM - 0.6;
            }
            flow.y += 0.8;
        }
        flow.y += 3;
    }

    /** The hours of a day from left to right, hands dark on them. */
    private void strip(LocalDate date, List<InOneGo> sittings) throws IOException {
        double wide = flow.right() - OutlinePages.MARGIN_MM;
        canvas.box(OutlinePages.MARGIN_MM, flow.y, wide, STRIP_MM, NIGHT);
        for (InOneGo s : sittings) {
            double from = hours(date, s.from());
            double to = Math.min(HOURS, hours(date, s.to()));
            canvas.box(
                    OutlinePages.MARGIN_MM + wide * from / HOURS, flow.y, wide * (to - from) / HOURS, STRIP_MM, HANDS);
        }
    }

    private static double hours(LocalDate date, LocalDateTime moment) {
        return Duration.between(date.atStartOfDay(), moment).toMinutes() / 60.0;
    }
}
