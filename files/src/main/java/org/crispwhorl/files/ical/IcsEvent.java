package org.crispwhorl.files.ical;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.StringReader;
import java.time.Duration;
import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** An event of a calendar (RFC 5545) as its lines, before the library makes one of it: what is over by its date alone need not be made. */
record IcsEvent(List<String> lines) {
    IcsEvent {
        lines = List.copyOf(lines);
    }

    private static final String BEGIN = "BEGIN:VEVENT";
    private static final String END = "END:VEVENT";

    /** What is asked of an event; everything else, alarms and invitations, is passed over unread. */
    private static final Set<String> WANTED = Set.of(
            "DTSTART",
            "DTEND",
            "DURATION",
            "RRULE",
            "RDATE",
            "EXDATE",
            "RECURRENCE-ID",
            "SUMMARY",
            "STATUS",
            "TRANSP",
            "UID");

    static final DateTimeFormatter DAY = DateTimeFormatter.BASIC_ISO_DATE;

    /** How long it lasts: weeks, days, hours, minutes, seconds. */
    private static final Pattern LASTS = Pattern.compile(
            "\\+?P(?:(\\d{1,4})W)?(?:(\\d{1,4})D)?(?:T(?:(\\d{1,5})H)?(?:(\\d{1,6})M)?(?:(\\d{1,8})S)?)?");

    /** The events of a calendar, unfolded, with what is asked of them alone. */
    static List<IcsEvent> all(String text) throws IOException {
        List<IcsEvent> all = new ArrayList<>();
        List<String> event = null;
        int within = 0;
        for (String line : unfolded(text)) {
            String upper = line.length() < 20 ? line.toUpperCase(Locale.ROOT).strip() : "";
            if (upper.equals(BEGIN)) {
                event = new ArrayList<>(List.of(BEGIN));
                within = 0;
            } else if (event != null && upper.equals(END)) {
                event.add(END);
                all.add(new IcsEvent(event));
                event = null;
            } else if (event != null && line.regionMatches(true, 0, "BEGIN:", 0, 6)) {
                within++;
            } else if (event != null && line.regionMatches(true, 0, "END:", 0, 4)) {
                within--;
            } else if (event != null && within == 0 && WANTED.contains(name(line))) {
                event.add(line);
            }
        }
        return all;
    }

    private static List<String> unfolded(String text) throws IOException {
        List<String> lines = new ArrayList<>();
        StringBuilder line = new StringBuilder();
        BufferedReader in = new BufferedReader(new StringReader(text));
        for (String next = in.readLine(); next != null; next = in.readLine()) {
            if (next.startsWith(" ") || next.startsWith("\t")) {
                line.append(next, 1, next.length());
            } else {
                lines.add(line.toString());
                line.setLength(0);
                line.append(next);
            }
        }
        lines.add(line.toString());
        return lines;
    }

    private static String name(String line) {
        for (int i = 0; i < line.length(); i++) {
            if (line.charAt(i) == ':' || line.charAt(i) == ';') {
                return line.substring(0, i).toUpperCase(Locale.ROOT);
            }
        }
        return "";
    }

    /** Whether it does not repeat and ended more than a day before a date, so that no zone brings it back: told from its date alone. */
    boolean isOverBefore(LocalDate from) {
        String end = "";
        long days = 0;
        for (String line : lines) {
            String name = name(line);
            if (name.equals("RRULE") || name.equals("RDATE")) {
                return false;
            }
            if (name.equals("DURATION")) {
                Matcher lasts =
                        LASTS.matcher(line.substring(line.lastIndexOf(':') + 1).strip());
                if (!lasts.matches()) {
                    return false;
                }
                days = Duration.ofDays(7 * number(lasts, 1) + number(lasts, 2))
                                .plusHours(number(lasts, 3))
                                .plusMinutes(number(lasts, 4))
                                .plusSeconds(number(lasts, 5))
                                .toDays()
                        + 1;
            }
            if (name.equals("DTEND") || name.equals("DTSTART") && end.isEmpty()) {
                end = line.substring(line.lastIndexOf(':') + 1).strip();
            }
        }
        return end.length() >= 8
                && end.substring(0, 8).compareTo(from.minusDays(2 + days).format(DAY)) < 0;
    }

    private static long number(Matcher in, int group) {
        return in.group(group) == null ? 0 : Long.parseLong(in.group(group));
    }
}
