package org.crispwhorl.files.ical;

import java.io.IOException;
import java.io.StringReader;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.OffsetDateTime;
import java.time.ZoneId;
import java.time.ZonedDateTime;
import java.time.format.DateTimeFormatter;
import java.time.temporal.Temporal;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import net.fortuna.ical4j.data.CalendarBuilder;
import net.fortuna.ical4j.data.ParserException;
import net.fortuna.ical4j.model.Component;
import net.fortuna.ical4j.model.Period;
import net.fortuna.ical4j.model.Property;
import net.fortuna.ical4j.model.component.VEvent;
import net.fortuna.ical4j.model.property.DateProperty;
import org.crispwhorl.core.calendar.StudioTime;
import org.crispwhorl.files.document.DocumentFault;

/**
 * Busy times out of a calendar made elsewhere (RFC 5545): what repeats, as often as it does in the time that is planned for, whole days
 * from morning to the next, lengths told as a duration; what leaves its owner free, was called off or is over is left out, and told.
 */
public final class BusyIcs {
    /** So many the studio's time holds. */
    private static final int MOST = 500;

    private static final int LONGEST = 120;
    /** A calendar that takes longer than this to read is read no further, and that is told, ms. */
    private static final long PATIENCE_MS = 8_000;

    private static final String TOO_LARGE = "not read: the calendar is too large to be read in time";
    private static final int AT_A_TIME = 400;

    private final LocalDateTime from;
    private final LocalDateTime to;
    private final ZoneId zone;
    private final long until = System.nanoTime() + PATIENCE_MS * 1_000_000;
    private final Map<String, Integer> leftOut = new LinkedHashMap<>();
    private final List<StudioTime.Busy> busy = new ArrayList<>();

    private BusyIcs(LocalDateTime from, LocalDateTime to, ZoneId zone) {
        this.from = from;
        this.to = to;
        this.zone = zone;
    }

    /**
     * What a calendar came to.
     *
     * @param busy in order of time
     * @param events that it holds, each that repeats once
     * @param leftOut why some are not among the busy times, and how many, in the maker's words
     */
    public record Read(List<StudioTime.Busy> busy, int events, List<String> leftOut) {
        public Read {
            busy = List.copyOf(busy);
            leftOut = List.copyOf(leftOut);
        }
    }

    /**
     * Reads a calendar.
     *
     * @param from what is over before is left out
     * @param to what begins after is left out
     * @param zone by whose clock its times are told
     * @throws DocumentFault where it is no calendar
     */
    public static Read read(String text, LocalDateTime from, LocalDateTime to, ZoneId zone) {
        if (!text.stripLeading().startsWith("BEGIN:VCALENDAR")) {
            throw noCalendar();
        }
        return new BusyIcs(from, to, zone).read(text);
    }

    private static DocumentFault noCalendar() {
        return DocumentFault.at("", "something else", "a calendar, as other programs give it out (.ics)");
    }

    private Read read(String text) {
        int events = 0;
        List<IcsEvent> kept = new ArrayList<>();
        try {
            for (IcsEvent event : IcsEvent.all(text)) {
                events++;
                if (event.isOverBefore(from.toLocalDate())) {
                    left("over already");
                } else {
                    kept.add(event);
                }
            }
            placed(built(kept));
        } catch (IOException | ParserException | RuntimeException e) {
            if (e instanceof DocumentFault told) {
                throw told;
            }
            throw noCalendar();
        }
        busy.sort(Comparator.comparing(StudioTime.Busy::from));
        List<StudioTime.Busy> first = busy;
        if (busy.size() > MOST) {
            leftOut.put("later than the first " + MOST, busy.size() - MOST);
            first = busy.subList(0, MOST);
        }
        return new Read(
                first,
                events,
                leftOut.entrySet().stream()
                        .map(e -> e.getValue() + " " + e.getKey())
                        .toList());
    }

    private void left(String why) {
        leftOut.merge(why, 1, Integer::sum);
    }

    /** Events by the library, some hundreds at a time, for as long as patience lasts. */
    private List<VEvent> built(List<IcsEvent> events) throws IOException, ParserException {
        List<VEvent> built = new ArrayList<>();
        for (int i = 0; i < events.size(); i += AT_A_TIME) {
            List<IcsEvent> some = events.subList(i, Math.min(events.size(), i + AT_A_TIME));
            if (System.nanoTime() > until) {
                leftOut.merge(TOO_LARGE, some.size(), Integer::sum);
                continue;
            }
            StringBuilder calendar =
                    new StringBuilder("BEGIN:VCALENDAR\r\nPRODID:-//Crisp Whorl//Busy//EN\r\nVERSION:2.0\r\n");
            some.forEach(
                    event -> event.lines().forEach(line -> calendar.append(line).append("\r\n")));
            calendar.append("END:VCALENDAR\r\n");
            built.addAll(new CalendarBuilder()
                    .build(new StringReader(calendar.toString()))
                    .<VEvent>getComponents(Component.VEVENT));
        }
        return built;
    }

    private void placed(List<VEvent> events) {
        Map<String, Set<String>> otherwise = new HashMap<>();
        for (VEvent event : events) {
            value(event, Property.RECURRENCE_ID).ifPresent(when -> otherwise
                    .computeIfAbsent(value(event, Property.UID).orElse(""), uid -> new HashSet<>())
                    .add(when));
        }
        for (VEvent event : events) {
            if (System.nanoTime() > until) {
                left(TOO_LARGE);
                continue;
            }
            if (value(event, Property.STATUS)
                    .filter("CANCELLED"::equalsIgnoreCase)
                    .isPresent()) {
                left("called off");
            } else if (value(event, Property.TRANSP)
                    .filter("TRANSPARENT"::equalsIgnoreCase)
                    .isPresent()) {
                left("that leave you free");
            } else {
                try {
                    place(
                            event,
                            otherwise.getOrDefault(value(event, Property.UID).orElse(""), Set.of()));
                } catch (RuntimeException e) {
                    left("that cannot be read");
                }
            }
        }
    }

    private static Optional<String> value(VEvent event, String property) {
        return event.<Property>getProperty(property).map(Property::getValue).filter(v -> !v.isBlank());
    }

    private void place(VEvent event, Set<String> otherwise) {
        LocalDateTime begins = moment(event, Property.DTSTART);
        if (begins == null) {
            left("without a beginning");
            return;
        }
        Optional<String> rule = value(event, Property.RRULE).map(r -> r.toUpperCase(Locale.ROOT));
        if (rule.filter(BusyIcs::tooOften).isPresent()) {
            left("that repeat more often than daily");
            return;
        }
        Duration lasts = lasts(event, begins);
        if (lasts.isZero() || lasts.isNegative()) {
            left("that take no time");
            return;
        }
        String what = value(event, Property.SUMMARY).orElse("busy");
        String label = what.substring(0, Math.min(LONGEST, what.length()));
        int before = busy.size();
        boolean repeats =
                rule.isPresent() || event.<Property>getProperty(Property.RDATE).isPresent();
        if (!repeats) {
            add(label, begins, lasts);
        } else {
            for (Period<? extends Temporal> one : event.calculateRecurrenceSet(horizon(event))) {
                LocalDateTime at = local(one.getStart());
                if (at != null && !isOtherwise(one.getStart(), at, otherwise)) {
                    add(label, at, lasts);
                }
            }
        }
        if (busy.size() == before) {
            left(begins.plus(lasts).isAfter(from) ? "after the time that is planned for" : "over already");
        }
    }

    /** Rules that come to thousands of times a day are no appointments. */
    private static boolean tooOften(String rule) {
        return rule.contains("FREQ=SECONDLY")
                || rule.contains("FREQ=MINUTELY")
                || rule.contains("FREQ=HOURLY")
                || rule.matches(".*BY(HOUR|MINUTE|SECOND)=[^;]*,.*");
    }

    private void add(String label, LocalDateTime at, Duration lasts) {
        LocalDateTime end = at.plus(lasts);
        if (end.isAfter(from) && at.isBefore(to)) {
            busy.add(new StudioTime.Busy(label, at, end));
        }
    }

    /** The time that is planned for, told as the event tells its own. */
    private Period<? extends Temporal> horizon(VEvent event) {
        Temporal start = event.<DateProperty<Temporal>>getProperty(Property.DTSTART)
                .map(DateProperty::getDate)
                .orElseThrow();
        if (start instanceof LocalDate) {
            return new Period<>(from.toLocalDate().minusDays(1), to.toLocalDate());
        }
        if (start instanceof LocalDateTime) {
            return new Period<>(from.minusDays(1), to);
        }
        return new Period<>(from.minusDays(1).atZone(zone), to.atZone(zone));
    }

    /** Whether this time of what repeats was moved by an event of its own. */
    private static boolean isOtherwise(Temporal start, LocalDateTime at, Set<String> otherwise) {
        if (otherwise.isEmpty()) {
            return false;
        }
        String local = start instanceof LocalDate day
                ? day.format(IcsEvent.DAY)
                : start instanceof ZonedDateTime zoned ? zoned.toLocalDateTime().format(MOMENT) : at.format(MOMENT);
        String universal = start instanceof ZonedDateTime zoned
                ? zoned.toInstant().atZone(java.time.ZoneOffset.UTC).format(MOMENT) + "Z"
                : start instanceof Instant instant
                        ? instant.atZone(java.time.ZoneOffset.UTC).format(MOMENT) + "Z"
                        : "";
        return otherwise.contains(local) || otherwise.contains(universal);
    }

    private static final DateTimeFormatter MOMENT = DateTimeFormatter.ofPattern("uuuuMMdd'T'HHmmss");

    /** From its beginning to its end, or as long as it says that it lasts; a day without either lasts that day. */
    private Duration lasts(VEvent event, LocalDateTime begins) {
        LocalDateTime ends = moment(event, Property.DTEND);
        if (ends != null) {
            return Duration.between(begins, ends);
        }
        Optional<String> told = value(event, Property.DURATION);
        if (told.isPresent()) {
            String text = told.get();
            return text.endsWith("W")
                    ? Duration.ofDays(7L * Long.parseLong(text.replaceAll("\\D", "")))
                    : Duration.parse(text);
        }
        return event.<DateProperty<Temporal>>getProperty(Property.DTSTART)
                        .filter(p -> p.getDate() instanceof LocalDate)
                        .isPresent()
                ? Duration.ofDays(1)
                : Duration.ZERO;
    }

    private LocalDateTime moment(VEvent event, String property) {
        return event.<DateProperty<Temporal>>getProperty(property)
                .map(DateProperty::getDate)
                .map(this::local)
                .orElse(null);
    }

    private LocalDateTime local(Temporal date) {
        if (date instanceof Instant instant) {
            return LocalDateTime.ofInstant(instant, zone);
        }
        if (date instanceof ZonedDateTime zoned) {
            return zoned.withZoneSameInstant(zone).toLocalDateTime();
        }
        if (date instanceof OffsetDateTime offset) {
            return offset.atZoneSameInstant(zone).toLocalDateTime();
        }
        if (date instanceof LocalDate day) {
            return day.atStartOfDay();
        }
        return date instanceof LocalDateTime local ? local : null;
    }
}
