package org.crispwhorl.files;

import java.io.IOException;
import java.io.StringReader;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.time.ZoneOffset;
import java.time.ZonedDateTime;
import java.time.temporal.Temporal;
import java.util.ArrayList;
import java.util.List;
import net.fortuna.ical4j.data.CalendarBuilder;
import net.fortuna.ical4j.data.ParserException;
import net.fortuna.ical4j.model.Component;
import net.fortuna.ical4j.model.Property;
import net.fortuna.ical4j.model.component.VAlarm;
import net.fortuna.ical4j.model.component.VEvent;
import net.fortuna.ical4j.model.property.DateProperty;
import net.fortuna.ical4j.model.property.Description;
import net.fortuna.ical4j.model.property.ProdId;
import net.fortuna.ical4j.model.property.Summary;
import net.fortuna.ical4j.model.property.Uid;
import net.fortuna.ical4j.model.property.immutable.ImmutableAction;
import net.fortuna.ical4j.model.property.immutable.ImmutableVersion;
import org.crispwhorl.core.calendar.Calendar;
import org.crispwhorl.core.calendar.Planned;
import org.crispwhorl.core.calendar.StudioTime;

/** Calendars as iCalendar (RFC 5545), and busy times out of one. */
public final class CalendarIcs {
    private static final int LONGEST = 120;
    private static final int MOST = 500;

    private CalendarIcs() {}

    /**
     * A calendar to be taken in elsewhere. Each sitting keeps its name for good, so that one that is taken in again takes its own
     * place; where a window closes it rings before it does.
     *
     * @param order its id, which makes the names unique
     */
    public static String write(Planned planned, String order, ZoneId zone) {
        net.fortuna.ical4j.model.Calendar out = new net.fortuna.ical4j.model.Calendar();
        out.add(new ProdId("-//Crisp Whorl//Days//EN"));
        out.add(ImmutableVersion.VERSION_2_0);
        for (Calendar.Stint s : planned.calendar().stints()) {
            VEvent event = new VEvent(
                    instant(s.from(), zone),
                    instant(s.to(), zone),
                    s.task() + (s.of() > 1 ? ", " + s.batch() + " of " + s.of() : ""));
            event.add(new Uid(order + "/" + s.uid().replace(' ', '-') + "@crisp-whorl"));
            event.add(new Description(s.species() + ". " + s.because()));
            s.meanwhile().flatMap(Calendar.Meanwhile::closes).ifPresent(closes -> event.add(bell(closes, s, zone)));
            out.add(event);
        }
        return out.toString();
    }

    /** So long before it closes a window rings. */
    private static final Duration BEFORE = Duration.ofMinutes(15);

    private static VAlarm bell(LocalDateTime closes, Calendar.Stint s, ZoneId zone) {
        VAlarm alarm = new VAlarm(instant(closes, zone).minus(BEFORE));
        alarm.add(ImmutableAction.DISPLAY);
        alarm.add(new Description(s.species() + ", " + s.task() + ": soon it no longer bends"));
        return alarm;
    }

    private static Instant instant(LocalDateTime moment, ZoneId zone) {
        return moment.atZone(zone).toInstant();
    }

    /**
     * What keeps the hands busy, out of a calendar made elsewhere: every event with a beginning and an end. Whole days and what
     * repeats count once, as they stand.
     *
     * @throws DocumentFault where it is no calendar
     */
    public static List<StudioTime.Busy> busy(String text, ZoneId zone) {
        List<StudioTime.Busy> busy = new ArrayList<>();
        try {
            net.fortuna.ical4j.model.Calendar in = new CalendarBuilder().build(new StringReader(text));
            for (VEvent event : in.<VEvent>getComponents(Component.VEVENT)) {
                LocalDateTime from = moment(event, Property.DTSTART, zone);
                LocalDateTime to = moment(event, Property.DTEND, zone);
                if (from != null && to != null && to.isAfter(from) && busy.size() < MOST) {
                    String what = event.<Summary>getProperty(Property.SUMMARY)
                            .map(Property::getValue)
                            .filter(v -> !v.isBlank())
                            .orElse("busy");
                    busy.add(new StudioTime.Busy(what.substring(0, Math.min(LONGEST, what.length())), from, to));
                }
            }
        } catch (IOException | ParserException | RuntimeException e) {
            throw DocumentFault.at("", "something else", "a calendar, as other programs give it out (.ics)");
        }
        return busy;
    }

    private static LocalDateTime moment(VEvent event, String property, ZoneId zone) {
        return event.<DateProperty<Temporal>>getProperty(property)
                .map(DateProperty::getDate)
                .map(date -> local(date, zone))
                .orElse(null);
    }

    private static LocalDateTime local(Temporal date, ZoneId zone) {
        if (date instanceof Instant instant) {
            return LocalDateTime.ofInstant(instant, zone);
        }
        if (date instanceof ZonedDateTime zoned) {
            return zoned.withZoneSameInstant(zone).toLocalDateTime();
        }
        if (date instanceof java.time.OffsetDateTime offset) {
            return offset.withOffsetSameInstant(ZoneOffset.UTC)
                    .atZoneSameInstant(zone)
                    .toLocalDateTime();
        }
        if (date instanceof java.time.LocalDate day) {
            return day.atStartOfDay();
        }
        return date instanceof LocalDateTime local ? local : null;
    }
}
