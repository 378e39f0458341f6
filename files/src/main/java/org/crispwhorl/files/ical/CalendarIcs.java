package org.crispwhorl.files.ical;

import java.io.IOException;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.util.Map;
import java.util.stream.Collectors;
import net.fortuna.ical4j.data.CalendarOutputter;
import net.fortuna.ical4j.model.component.VAlarm;
import net.fortuna.ical4j.model.component.VEvent;
import net.fortuna.ical4j.model.property.Description;
import net.fortuna.ical4j.model.property.ProdId;
import net.fortuna.ical4j.model.property.Sequence;
import net.fortuna.ical4j.model.property.Uid;
import net.fortuna.ical4j.model.property.immutable.ImmutableAction;
import net.fortuna.ical4j.model.property.immutable.ImmutableMethod;
import net.fortuna.ical4j.model.property.immutable.ImmutableStatus;
import net.fortuna.ical4j.model.property.immutable.ImmutableVersion;
import org.crispwhorl.core.calendar.Calendar;
import org.crispwhorl.core.calendar.InOneGo;
import org.crispwhorl.core.calendar.Planned;
import org.crispwhorl.core.calendar.Published;

/** Calendars as iCalendar (RFC 5545), its lines folded. */
public final class CalendarIcs {
    private CalendarIcs() {}

    /**
     * A calendar to be taken in elsewhere. Each sitting keeps its name for good, so that one that is taken in again takes its own
     * place, and what is there no more is withdrawn; where a window closes it rings before it does.
     *
     * @param order its id, which makes the names unique
     */
    public static String write(Planned planned, String order, ZoneId zone) {
        net.fortuna.ical4j.model.Calendar out = new net.fortuna.ical4j.model.Calendar();
        out.add(new ProdId("-//Crisp Whorl//Days//EN"));
        out.add(ImmutableVersion.VERSION_2_0);
        out.add(ImmutableMethod.PUBLISH);
        Map<String, Calendar.PlacedTask> tasks =
                planned.calendar().tasks().stream().collect(Collectors.toMap(Calendar.PlacedTask::uid, s -> s));
        for (InOneGo sitting : InOneGo.of(planned.calendar())) {
            VEvent event = new VEvent(instant(sitting.from(), zone), instant(sitting.to(), zone), sitting.name());
            named(event, order, sitting.uid(), planned.published().revision());
            event.add(new Description(sitting.species() + ". " + sitting.because()));
            for (String uid : sitting.uids()) {
                Calendar.PlacedTask s = tasks.get(uid);
                s.meanwhile().flatMap(Calendar.Meanwhile::closes).ifPresent(closes -> event.add(bell(closes, s, zone)));
            }
            out.add(event);
        }
        for (Published.Withdrawn gone : planned.published().withdrawn()) {
            VEvent event = new VEvent(instant(gone.from(), zone), instant(gone.to(), zone), gone.task());
            named(event, order, gone.uid(), planned.published().revision());
            event.add(new Description(gone.species() + ". No longer in the plan."));
            event.add(ImmutableStatus.VEVENT_CANCELLED);
            out.add(event);
        }
        StringWriter folded = new StringWriter();
        try {
            new CalendarOutputter(false).output(out, folded);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return folded.toString();
    }

    private static void named(VEvent event, String order, String uid, int revision) {
        event.add(new Uid(order + "/" + uid.replace(' ', '-') + "@crisp-whorl"));
        event.add(new Sequence(revision));
    }

    /** So long before it closes a window rings. */
    private static final Duration BEFORE = Duration.ofMinutes(15);

    private static VAlarm bell(LocalDateTime closes, Calendar.PlacedTask s, ZoneId zone) {
        VAlarm alarm = new VAlarm(instant(closes, zone).minus(BEFORE));
        alarm.add(ImmutableAction.DISPLAY);
        alarm.add(new Description(s.species() + ", " + s.task() + ": soon it no longer bends"));
        return alarm;
    }

    private static Instant instant(LocalDateTime moment, ZoneId zone) {
        return moment.atZone(zone).toInstant();
    }
}
