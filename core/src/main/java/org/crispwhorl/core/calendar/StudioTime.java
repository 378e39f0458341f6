package org.crispwhorl.core.calendar;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.time.DayOfWeek;
import java.time.Duration;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.crispwhorl.core.assessment.TaskKind;
import org.crispwhorl.core.measure.InvalidValue;
import org.crispwhorl.core.measure.Limits;
import org.crispwhorl.core.measure.Quantity;
import org.crispwhorl.core.measure.Text;
import org.crispwhorl.core.measure.Unit;

/** When the studio works: its hours by weekday, its days off, what else keeps it busy, its hands, its evenings, and what it may do when. */
@RecordBuilder
@Text(label = "studio's time", means = "When the studio works.")
public record StudioTime(
        @Text(label = "week", shortest = 7, longest = 7, means = "Monday first.")
        List<DayHours> week,

        @Text(label = "days off", longest = 200) List<DayOff> daysOff,
        @Text(label = "busy", longest = 500) List<Busy> busy,

        @Quantity(label = "makers", unit = Unit.COUNT, min = 1, max = 2, usual = 1, means = "Hands that work at once.")
        int makers,

        @Quantity(
                label = "evening",
                unit = Unit.H,
                min = 0,
                max = 6,
                step = 0.5,
                usual = 0,
                means = "Hours after the day's last that may be worked where nothing else helps.")
        double eveningH,

        @Quantity(
                label = "longest sitting",
                unit = Unit.MIN,
                min = 15,
                max = 480,
                step = 5,
                usual = 90,
                means =
                        "So long making or colouring one thing may take in one go. Putting together may take longer, up to twice as long for rings laid on each other.")
        double sittingMin,

        @Text(
                label = "second pair of hands",
                means = "Where it is otherwise than the first: its own hours, and what it can do.")
        Optional<SecondMaker> second,

        @Text(label = "break at noon", means = "When nobody works in the middle of the day.")
        Optional<Noon> noon,

        @Text(label = "quiet hours", longest = 12, means = "When nothing is done that is heard or smelt.")
        List<QuietHours> quiet,

        @Text(
                label = "fan and cabinet run on at night",
                means =
                        "Whether they may run while nobody works; where not, what dries in them dries in the still room until the morning.")
        boolean runsOn)
        implements StudioTimeBuilder.With {
    /** Weekdays from nine to five with three quarters of an hour at noon, one pair of hands, no evenings. */
    public static final StudioTime USUAL = usual();

    private static StudioTime usual() {
        List<DayHours> week = new ArrayList<>();
        for (DayOfWeek day : DayOfWeek.values()) {
            week.add(new DayHours(
                    day.getValue() <= DayOfWeek.FRIDAY.getValue(), LocalTime.of(9, 0), LocalTime.of(17, 0)));
        }
        Noon noon = new Noon(LocalTime.of(12, 15), LocalTime.of(13, 0));
        return new StudioTime(
                week, List.of(), List.of(), 1, 0, 90, Optional.empty(), Optional.of(noon), List.of(), true);
    }

    /** The hours of a weekday. */
    @Text(label = "hours", means = "The hours of a weekday.")
    public record DayHours(
            @Text(label = "works") boolean works,
            @Text(label = "from") LocalTime from,
            @Text(label = "to") LocalTime to) {
        public DayHours {
            Limits.check(DayHours.class, works, from, to);
            if (!to.isAfter(from)) {
                throw new InvalidValue("to", to, "later than " + from);
            }
        }
    }

    /** A second maker who is there at other hours, or who cannot do everything. */
    @Text(label = "second pair of hands", means = "Whose hours and skills are otherwise than the first's.")
    public record SecondMaker(
            @Text(label = "week", shortest = 7, longest = 7, means = "Monday first.")
            List<DayHours> week,

            @Text(label = "can", shortest = 1, longest = 9, means = "What they can do.")
            List<TaskKind> can) {
        public SecondMaker {
            week = List.copyOf(week);
            can = List.copyOf(can);
            Limits.check(SecondMaker.class, week, can);
        }
    }

    /** A break in the middle of every day. */
    @Text(label = "break at noon", means = "When nobody works in the middle of the day.")
    public record Noon(
            @Text(label = "from") LocalTime from,
            @Text(label = "to") LocalTime to) {
        public Noon {
            Limits.check(Noon.class, from, to);
            if (!to.isAfter(from)) {
                throw new InvalidValue("to", to, "later than " + from);
            }
        }
    }

    /** Hours of every day in which nothing is done that is heard or smelt. */
    @Text(label = "quiet hours", means = "Hours of every day in which nothing is done that is heard or smelt.")
    public record QuietHours(
            @Text(label = "from") LocalTime from,
            @Text(label = "to") LocalTime to) {
        public QuietHours {
            Limits.check(QuietHours.class, from, to);
            if (!to.isAfter(from)) {
                throw new InvalidValue("to", to, "later than " + from);
            }
        }
    }

    /** A day on which nothing is made, whatever its weekday. */
    @Text(label = "day off", means = "A day on which nothing is made.")
    public record DayOff(
            @Text(
                    label = "date",
                    pattern = "\\d{4}-\\d{2}-\\d{2}",
                    shortest = 10,
                    longest = 10,
                    means = "Year, month and day.")
            String date) {
        public DayOff {
            Limits.check(DayOff.class, date);
        }
    }

    /** Something else that keeps the hands busy. */
    @Text(label = "busy", means = "Something else that keeps the hands busy.")
    public record Busy(
            @Text(label = "what", shortest = 1, longest = 120)
            String what,

            @Text(label = "from") LocalDateTime from,
            @Text(label = "to") LocalDateTime to) {
        public Busy {
            Limits.check(Busy.class, what, from, to);
            if (!to.isAfter(from)) {
                throw new InvalidValue("to", to, "later than " + from);
            }
        }
    }

    public StudioTime {
        week = List.copyOf(week);
        daysOff = List.copyOf(daysOff);
        busy = List.copyOf(busy);
        quiet = List.copyOf(quiet);
        Limits.check(StudioTime.class, week, daysOff, busy, makers, eveningH, sittingMin, second, noon, quiet, runsOn);
    }

    /** The longest that anything can take in one go: no longer than a sitting, and than the longest stretch of a day without a break, min. */
    public double longestMin() {
        double stretch = week.stream()
                .filter(DayHours::works)
                .flatMap(hours -> {
                    LocalDate any = LocalDate.EPOCH;
                    return withoutNoon(
                            List.of(new Window(any.atTime(hours.from()), any.atTime(hours.to()), false)), any)
                            .stream();
                })
                .mapToDouble(w -> Duration.between(w.from(), w.to()).toMinutes())
                .max()
                .orElse(sittingMin);
        return Math.min(sittingMin, stretch);
    }

    /** The second maker, where two work and the second is otherwise than the first. */
    public Optional<SecondMaker> other() {
        return makers > 1 ? second : Optional.empty();
    }

    /** A stretch of time in which hands may work. */
    public record Window(LocalDateTime from, LocalDateTime to, boolean evening) {}

    /** The windows of a day in order, the break and what is busy taken out. */
    public List<Window> windows(LocalDate day) {
        return withoutNoon(there(day), day);
    }

    private List<Window> withoutNoon(List<Window> windows, LocalDate day) {
        return noon.map(n -> without(windows, day.atTime(n.from()), day.atTime(n.to())))
                .orElse(windows);
    }

    /** The same with the break, in which somebody is there. */
    private List<Window> there(LocalDate day) {
        if (!worked(week, day)) {
            return List.of();
        }
        DayHours hours = week.get(day.getDayOfWeek().getValue() - 1);
        List<Window> windows = new ArrayList<>();
        windows.add(new Window(day.atTime(hours.from()), day.atTime(hours.to()), false));
        if (eveningH > 0) {
            LocalDateTime until = day.atTime(hours.to()).plusMinutes(Math.round(60 * eveningH));
            LocalDateTime midnight = day.plusDays(1).atStartOfDay();
            windows.add(new Window(day.atTime(hours.to()), until.isBefore(midnight) ? until : midnight, true));
        }
        for (Busy other : busy) {
            windows = without(windows, other.from(), other.to());
        }
        return windows;
    }

    /** The windows of a day of a second maker who is otherwise than the first; what keeps the first busy does not keep them. */
    public List<Window> windowsOfOther(LocalDate day) {
        return withoutNoon(thereOfOther(day), day);
    }

    private List<Window> thereOfOther(LocalDate day) {
        List<DayHours> own = other().map(SecondMaker::week).orElse(week);
        DayHours hours = own.get(day.getDayOfWeek().getValue() - 1);
        return worked(own, day)
                ? List.of(new Window(day.atTime(hours.from()), day.atTime(hours.to()), false))
                : List.of();
    }

    /** Whether anybody works by the hours of the day, evenings left out. */
    public boolean attended(LocalDateTime when) {
        LocalDate day = when.toLocalDate();
        return Stream.concat(there(day).stream(), thereOfOther(day).stream())
                .anyMatch(w -> !w.evening() && !when.isBefore(w.from()) && when.isBefore(w.to()));
    }

    private boolean worked(List<DayHours> hours, LocalDate day) {
        return hours.get(day.getDayOfWeek().getValue() - 1).works()
                && daysOff.stream().noneMatch(off -> off.date().equals(day.toString()));
    }

    /** What of some windows lies outside of the quiet hours. */
    public List<Window> heard(List<Window> windows) {
        List<Window> left = windows;
        for (QuietHours hours : quiet) {
            for (Window w : windows) {
                LocalDate day = w.from().toLocalDate();
                left = without(left, day.atTime(hours.from()), day.atTime(hours.to()));
            }
        }
        return left;
    }

    private static List<Window> without(List<Window> windows, LocalDateTime from, LocalDateTime to) {
        List<Window> left = new ArrayList<>();
        for (Window w : windows) {
            if (!from.isBefore(w.to()) || !to.isAfter(w.from())) {
                left.add(w);
                continue;
            }
            if (from.isAfter(w.from())) {
                left.add(new Window(w.from(), from, w.evening()));
            }
            if (to.isBefore(w.to())) {
                left.add(new Window(to, w.to(), w.evening()));
            }
        }
        return left;
    }

    /** The same with every day of the week worked, as long as the longest. */
    public StudioTime withEveryDay() {
        DayHours usual = week.stream().filter(DayHours::works).findFirst().orElse(USUAL.week.get(0));
        List<DayHours> all = week.stream()
                .map(d -> d.works() ? d : new DayHours(true, usual.from(), usual.to()))
                .toList();
        return withWeek(all);
    }
}
