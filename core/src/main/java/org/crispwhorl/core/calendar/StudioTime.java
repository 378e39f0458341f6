package org.crispwhorl.core.calendar;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.List;
import org.crispwhorl.core.measure.InvalidValue;
import org.crispwhorl.core.measure.Limits;
import org.crispwhorl.core.measure.Quantity;
import org.crispwhorl.core.measure.Unit;
import org.crispwhorl.core.measure.Words;

/** When the studio works: its hours by weekday, its days off, what else keeps it busy, its hands and its evenings. */
@Words(label = "studio's time", means = "When the studio works.")
public record StudioTime(
        @Words(label = "week", shortest = 7, longest = 7, means = "Monday first.")
        List<DayHours> week,

        @Words(label = "days off", longest = 200) List<DayOff> daysOff,
        @Words(label = "busy", longest = 500) List<Busy> busy,

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
                means = "So long one lot of work may take without a break; what takes longer is done in several.")
        double sittingMin) {
    /** Weekdays from nine to five, one pair of hands, no evenings. */
    public static final StudioTime USUAL = usual();

    private static StudioTime usual() {
        List<DayHours> week = new ArrayList<>();
        for (DayOfWeek day : DayOfWeek.values()) {
            week.add(new DayHours(
                    day.getValue() <= DayOfWeek.FRIDAY.getValue(), LocalTime.of(9, 0), LocalTime.of(17, 0)));
        }
        return new StudioTime(week, List.of(), List.of(), 1, 0, 90);
    }

    /** The hours of a weekday. */
    @Words(label = "hours", means = "The hours of a weekday.")
    public record DayHours(
            @Words(label = "works") boolean works,
            @Words(label = "from") LocalTime from,
            @Words(label = "to") LocalTime to) {
        public DayHours {
            Limits.check(DayHours.class, works, from, to);
            if (!to.isAfter(from)) {
                throw new InvalidValue("to", to, "later than " + from);
            }
        }
    }

    /** A day on which nothing is made, whatever its weekday. */
    @Words(label = "day off", means = "A day on which nothing is made.")
    public record DayOff(
            @Words(
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
    @Words(label = "busy", means = "Something else that keeps the hands busy.")
    public record Busy(
            @Words(label = "what", shortest = 1, longest = 120)
            String what,

            @Words(label = "from") LocalDateTime from,
            @Words(label = "to") LocalDateTime to) {
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
        Limits.check(StudioTime.class, week, daysOff, busy, makers, eveningH, sittingMin);
    }

    /** A stretch of time in which hands may work. */
    public record Window(LocalDateTime from, LocalDateTime to, boolean evening) {}

    /** The windows of a day in order, what is busy taken out. */
    public List<Window> windows(LocalDate day) {
        DayHours hours = week.get(day.getDayOfWeek().getValue() - 1);
        if (!hours.works() || daysOff.stream().anyMatch(off -> off.date().equals(day.toString()))) {
            return List.of();
        }
        List<Window> windows = new ArrayList<>();
        windows.add(new Window(day.atTime(hours.from()), day.atTime(hours.to()), false));
        if (eveningH > 0) {
            LocalDateTime until = day.atTime(hours.to()).plusMinutes(Math.round(60 * eveningH));
            LocalDateTime midnight = day.plusDays(1).atStartOfDay();
            windows.add(new Window(day.atTime(hours.to()), until.isBefore(midnight) ? until : midnight, true));
        }
        for (Busy other : busy) {
            windows = without(windows, other);
        }
        return windows;
    }

    private static List<Window> without(List<Window> windows, Busy busy) {
        List<Window> left = new ArrayList<>();
        for (Window w : windows) {
            if (!busy.from().isBefore(w.to()) || !busy.to().isAfter(w.from())) {
                left.add(w);
                continue;
            }
            if (busy.from().isAfter(w.from())) {
                left.add(new Window(w.from(), busy.from(), w.evening()));
            }
            if (busy.to().isBefore(w.to())) {
                left.add(new Window(busy.to(), w.to(), w.evening()));
            }
        }
        return left;
    }

    /** The same with so many hours of evening. */
    public StudioTime withEvenings(double hours) {
        return new StudioTime(week, daysOff, busy, makers, hours, sittingMin);
    }

    /** The same with every day of the week worked, as long as the longest. */
    public StudioTime withEveryDay() {
        DayHours usual = week.stream().filter(DayHours::works).findFirst().orElse(USUAL.week.get(0));
        List<DayHours> all = week.stream()
                .map(d -> d.works() ? d : new DayHours(true, usual.from(), usual.to()))
                .toList();
        return new StudioTime(all, daysOff, busy, makers, eveningH, sittingMin);
    }

    /** The same with so many makers. */
    public StudioTime withMakers(int hands) {
        return new StudioTime(week, daysOff, busy, hands, eveningH, sittingMin);
    }

    /** The same with other things that keep the hands busy. */
    public StudioTime withBusy(List<Busy> others) {
        return new StudioTime(week, daysOff, others, makers, eveningH, sittingMin);
    }
}
