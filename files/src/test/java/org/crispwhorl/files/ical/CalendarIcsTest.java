package org.crispwhorl.files.ical;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;
import static org.testng.Assert.expectThrows;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.crispwhorl.core.calendar.Calendar;
import org.crispwhorl.core.calendar.CalendarPlacedTaskBuilder;
import org.crispwhorl.core.calendar.Calendars;
import org.crispwhorl.core.calendar.InOneGo;
import org.crispwhorl.core.calendar.Odds;
import org.crispwhorl.core.calendar.Planned;
import org.crispwhorl.core.calendar.Published;
import org.crispwhorl.core.calendar.StudioTime;
import org.crispwhorl.core.drying.Room;
import org.crispwhorl.core.drying.RoomAhead;
import org.crispwhorl.core.drying.RoomCourse;
import org.crispwhorl.core.order.Order;
import org.crispwhorl.core.order.OrderSheet;
import org.crispwhorl.core.paste.Medium;
import org.crispwhorl.core.paste.Paste;
import org.crispwhorl.core.progress.Progress;
import org.crispwhorl.core.studio.Conditions;
import org.crispwhorl.demo.DemoDocuments;
import org.crispwhorl.files.csv.DaysCsv;
import org.crispwhorl.files.document.DocumentFault;
import org.crispwhorl.files.document.KeptText;
import org.crispwhorl.files.document.SpeciesDocument;
import org.crispwhorl.files.page.Paper;
import org.crispwhorl.files.pdf.DaysPdf;
import org.testng.annotations.Test;

public class CalendarIcsTest {
    private static final ZoneId PLACE = ZoneId.of("Europe/Berlin");
    private static final LocalDateTime MONDAY = LocalDateTime.of(2030, 6, 10, 8, 0);
    private static final LocalDateTime SATURDAY = LocalDateTime.of(2030, 6, 15, 10, 0);

    private static Planned planned(LocalDateTime now) {
        OrderSheet sheet = OrderSheet.of(
                List.of(new OrderSheet.Line(
                        "0", SpeciesDocument.readText(DemoDocuments.texts().get(10)), 3)),
                Conditions.USUAL);
        Calendars.Asked asked = new Calendars.Asked(
                sheet,
                Map.of("0", Paste.usual(Medium.GUM_PASTE)),
                Room.REFERENCE,
                SATURDAY,
                12,
                Calendars.Standing.NOTHING);
        Calendars.Studio studio =
                new Calendars.Studio(RoomCourse.steady(Room.REFERENCE), StudioTime.USUAL, List.of(), now, PLACE);
        Calendar calendar = Calendars.of(asked, studio, Progress.UNWATCHED);
        Order order = new Order("Wedding", "", SATURDAY, 12, 100, List.of());
        return new Planned(
                now.atZone(PLACE).toInstant(),
                order,
                StudioTime.USUAL,
                Optional.of(Room.REFERENCE),
                RoomAhead.STEADY,
                Optional.empty(),
                List.of(),
                List.of(),
                calendar,
                Published.FIRST,
                calendar.odds().map(Odds::inHundred));
    }

    private static List<String> lines(String text, String start) {
        return Arrays.stream(text.replace("\r\n ", "").split("\r\n"))
                .filter(l -> l.startsWith(start))
                .sorted()
                .toList();
    }

    private static final LocalDateTime FROM = LocalDateTime.of(2030, 6, 1, 0, 0);

    private static BusyIcs.Read busy(String text) {
        return BusyIcs.read(text, FROM, FROM.plusDays(400), PLACE);
    }

    @Test
    public void whatGoesOutComesBackInAsBusyTime() {
        Planned planned = planned(MONDAY);
        String out = CalendarIcs.write(planned, "order-1", PLACE);
        List<StudioTime.Busy> back = busy(out).busy();
        List<InOneGo> sittings = InOneGo.of(planned.calendar());
        assertTrue(sittings.size() > 3
                && sittings.size() < planned.calendar().tasks().size());
        assertEquals(back.size(), sittings.size());
        for (int i = 0; i < back.size(); i++) {
            assertEquals(back.get(i).from(), sittings.get(i).from());
            assertEquals(back.get(i).to(), sittings.get(i).to());
            assertEquals(back.get(i).what(), sittings.get(i).name());
        }
    }

    @Test
    public void whatIsPlannedAnewTakesItsOwnPlace() {
        String first = CalendarIcs.write(planned(MONDAY), "order-1", PLACE);
        String again = CalendarIcs.write(planned(MONDAY.plusDays(1)), "order-1", PLACE);
        assertEquals(lines(first, "UID:"), lines(again, "UID:"));
        assertEquals(
                lines(first, "UID:").stream().distinct().count(),
                lines(first, "UID:").size());
    }

    /** Whoever took the first plan in is told what stands in the next no more, and a later state of what does. */
    @Test
    public void whatIsThereNoMoreIsWithdrawn() {
        Planned first = planned(MONDAY);
        Calendar left = new Calendar(
                first.calendar().tasks().stream().filter(s -> s.sitting() > 1).toList(),
                Optional.empty(),
                2,
                Optional.empty(),
                0,
                0,
                Optional.empty(),
                List.of());
        Planned second = new Planned(
                        first.at(),
                        first.order(),
                        first.time(),
                        first.room(),
                        first.ahead(),
                        first.tools(),
                        List.of(),
                        List.of(),
                        left,
                        Published.FIRST,
                        Optional.empty())
                .after(first, MONDAY);
        String out = CalendarIcs.write(second, "order-1", PLACE);
        assertEquals(lines(out, "METHOD:"), List.of("METHOD:PUBLISH"));
        assertEquals(lines(out, "STATUS:"), List.of("STATUS:CANCELLED"));
        assertEquals(lines(CalendarIcs.write(first, "order-1", PLACE), "UID:"), lines(out, "UID:"));
        assertEquals(
                lines(out, "SEQUENCE:1").size(), InOneGo.of(first.calendar()).size());
        assertEquals(busy(out).busy().size(), InOneGo.of(left).size());
        assertEquals(second.after(second, MONDAY.plusDays(100)).published().withdrawn(), List.of());
        Planned third = first.after(second, MONDAY);
        assertEquals(third.published(), new Published(2, List.of()), "it stands again");
    }

    @Test
    public void anotherProgramsCalendarIsRead() {
        String other = String.join(
                "\r\n",
                "BEGIN:VCALENDAR",
                "VERSION:2.0",
                "PRODID:-//somebody//EN",
                "BEGIN:VEVENT",
                "UID:1",
                "DTSTAMP:20300601T000000Z",
                "SUMMARY:Market\\, early",
                "DTSTART;TZID=Europe/Berlin:20300612T070000",
                "DTEND;TZID=Europe/Berlin:20300612T140000",
                "END:VEVENT",
                "BEGIN:VEVENT",
                "UID:2",
                "DTSTAMP:20300601T000000Z",
                "DTSTART:20300613T080000Z",
                "DTEND:20300613T090000Z",
                "END:VEVENT",
                "BEGIN:VEVENT",
                "UID:3",
                "DTSTAMP:20300601T000000Z",
                "SUMMARY:Away",
                "DTSTART;VALUE=DATE:20300614",
                "DTEND;VALUE=DATE:20300615",
                "END:VEVENT",
                "END:VCALENDAR",
                "");
        List<StudioTime.Busy> busy = busy(other).busy();
        assertEquals(
                busy.get(0),
                new StudioTime.Busy(
                        "Market, early", LocalDateTime.of(2030, 6, 12, 7, 0), LocalDateTime.of(2030, 6, 12, 14, 0)));
        assertEquals(busy.get(1).from(), LocalDateTime.of(2030, 6, 13, 10, 0), "two hours before Greenwich in June");
        assertEquals(busy.get(1).what(), "busy");
        assertEquals(busy.get(2).from(), LocalDateTime.of(2030, 6, 14, 0, 0));
        assertEquals(busy.get(2).to(), LocalDateTime.of(2030, 6, 15, 0, 0));
    }

    @Test
    public void whatIsNoCalendarIsRefused() {
        expectThrows(DocumentFault.class, () -> busy("{\"format\":\"crisp-whorl/species\"}"));
        expectThrows(DocumentFault.class, () -> busy(""));
    }

    @Test
    public void theCalendarAsATableHasALineForEachTask() {
        Planned planned = planned(MONDAY);
        String csv = DaysCsv.write(planned.calendar());
        assertEquals(csv.lines().count(), 1 + planned.calendar().tasks().size());
        assertTrue(csv.startsWith("from,to,species,task"));
        String kept = KeptText.PLANNED.write(planned);
        assertEquals(KeptText.PLANNED.read(kept), planned);
    }

    /** An older version placed piece by piece and said what was proved; before that moments were those of this studio's clock. */
    @Test
    public void plansOfOlderVersionsAreRead() {
        Planned planned = planned(MONDAY);
        Calendar now = planned.calendar();
        Planned alone = new Planned(
                planned.at(),
                planned.order(),
                planned.time(),
                planned.room(),
                planned.ahead(),
                planned.tools(),
                List.of(),
                List.of(),
                new Calendar(
                        now.tasks().stream()
                                .map(s -> CalendarPlacedTaskBuilder.builder(s)
                                        .sitting(0)
                                        .flowers(0)
                                        .firstFlower(0)
                                        .lastFlower(0)
                                        .pieces(0)
                                        .build())
                                .toList(),
                        now.begins(),
                        0,
                        Optional.empty(),
                        now.eveningMin(),
                        now.labourMin(),
                        Optional.empty(),
                        List.of()),
                Published.FIRST,
                Optional.empty());
        String promised = ",\"promised\":" + planned.promised().orElseThrow();
        String version10 = KeptText.PLANNED.write(planned);
        String version9 =
                version10.replace(promised, "").replace("/planned\",\"version\":10", "/planned\",\"version\":9");
        Planned read9 = KeptText.PLANNED.read(version9);
        assertEquals(read9.promised(), planned.promised(), "what was told last stands for what was promised");
        assertEquals(
                read9.calendar().tasks(),
                now.tasks().stream()
                        .map(s -> CalendarPlacedTaskBuilder.builder(s)
                                .firstFlower(0)
                                .lastFlower(0)
                                .build())
                        .toList());
        String version7 = version9.replaceAll("\"(sitting|flowers|pieces)\":\\d+,", "")
                .replaceAll("\"odds\":\\{.*?\\]\\},", "")
                .replace("\"freeHalfDays\":2,", "\"proved\":true,\"atLatest\":\"2030-06-12T09:00:00\",")
                .replace("/planned\",\"version\":9", "/planned\",\"version\":7");
        assertTrue(version7.contains("proved") && !version7.contains("sitting\""));
        assertEquals(KeptText.PLANNED.read(version7), alone);
        assertEquals(InOneGo.of(alone.calendar()).size(), now.tasks().size(), "each piece of work by itself");
        String version8 = version9.replaceAll("\"(flowers|pieces)\":\\d+,", "")
                .replaceAll(",\"lost\":\\[.*?\\]", "")
                .replace("/planned\",\"version\":9", "/planned\",\"version\":8");
        Calendar uncounted = KeptText.PLANNED.read(version8).calendar();
        assertEquals(
                uncounted.tasks().stream().map(Calendar.PlacedTask::sitting).toList(),
                now.tasks().stream().map(Calendar.PlacedTask::sitting).toList());
        assertEquals(
                uncounted.odds().orElseThrow().inHundred(),
                now.odds().orElseThrow().inHundred());
        assertTrue(uncounted.odds().orElseThrow().lost().isEmpty());
        assertFalse(InOneGo.of(uncounted).get(0).name().contains(", for"), "what is not known is not told");
        LocalDateTime here = LocalDateTime.ofInstant(planned.at(), ZoneId.systemDefault());
        assertEquals(
                KeptText.PLANNED.read(version7.replace("\"at\":\"" + planned.at() + "\"", "\"at\":\"" + here + "\"")
                        .replace("\"tasks\":", "\"stints\":")
                        .replace("\"spareTimeH\":", "\"marginH\":")
                        .replace("\"labourMin\":", "\"handsMin\":")
                        .replace("/planned\",\"version\":7", "/planned\",\"version\":4")),
                alone,
                "what was kept without a zone was read off this studio's clock");
    }

    /** Each sitting is on the page of its week, with its time and why it stands there. */
    @Test
    public void aWeekIsAPageOfPaper() throws IOException {
        Planned planned = planned(MONDAY);
        byte[] pdf = DaysPdf.write(planned, Paper.A4);
        try (PDDocument document = Loader.loadPDF(pdf)) {
            assertEquals(document.getNumberOfPages(), 1);
            String told = new PDFTextStripper().getText(document);
            assertTrue(told.contains("Week of Monday 10 June"), told);
            for (InOneGo s : InOneGo.of(planned.calendar())) {
                assertTrue(told.replaceAll("\\s+", " ").contains(s.name().split(" ")[0]), s.name());
                assertTrue(
                        told.contains(s.from().toLocalTime().toString()),
                        s.from().toString());
            }
        }
    }

    @Test
    public void whatGoesOutIsFolded() {
        String out = CalendarIcs.write(planned(MONDAY), "order-1", PLACE);
        assertTrue(
                Arrays.stream(out.split("\r\n")).allMatch(line -> line.getBytes(StandardCharsets.UTF_8).length <= 75));
    }

    private static String event(String... lines) {
        return "BEGIN:VEVENT\r\nDTSTAMP:20300601T000000Z\r\n" + String.join("\r\n", lines) + "\r\nEND:VEVENT\r\n";
    }

    private static String calendar(String... events) {
        return "BEGIN:VCALENDAR\r\nVERSION:2.0\r\nPRODID:-//somebody//EN\r\n" + String.join("", events)
                + "END:VCALENDAR\r\n";
    }

    /** A class each Tuesday, of which one was moved and one is left out; an hour told as a duration; nothing is lost without a word. */
    @Test
    public void whatRepeatsIsBusyAsOftenAsItRepeats() {
        BusyIcs.Read read = busy(calendar(
                event(
                        "UID:class",
                        "SUMMARY:Evening class",
                        "DTSTART;TZID=Europe/Berlin:20300604T180000",
                        "DURATION:PT2H",
                        "RRULE:FREQ=WEEKLY;COUNT=6",
                        "EXDATE;TZID=Europe/Berlin:20300618T180000"),
                event(
                        "UID:class",
                        "RECURRENCE-ID;TZID=Europe/Berlin:20300611T180000",
                        "SUMMARY:Evening class, moved",
                        "DTSTART;TZID=Europe/Berlin:20300612T190000",
                        "DTEND;TZID=Europe/Berlin:20300612T210000"),
                event("UID:a", "DTSTART;VALUE=DATE:20300620", "SUMMARY:Fair"),
                event("UID:b", "DTSTART:20290620T080000Z", "DTEND:20290620T090000Z"),
                event("UID:c", "DTSTART:20300621T080000Z", "DTEND:20300621T090000Z", "STATUS:CANCELLED"),
                event("UID:d", "DTSTART:20300622T080000Z", "DTEND:20300622T090000Z", "TRANSP:TRANSPARENT"),
                event("UID:e", "DTSTART:20300623T080000Z", "DURATION:PT1S", "RRULE:FREQ=SECONDLY")));
        assertEquals(read.events(), 7);
        assertEquals(
                read.busy().stream()
                        .map(b -> b.from() + " " + b.to() + " " + b.what())
                        .toList(),
                List.of(
                        "2030-06-04T18:00 2030-06-04T20:00 Evening class",
                        "2030-06-12T19:00 2030-06-12T21:00 Evening class, moved",
                        "2030-06-20T00:00 2030-06-21T00:00 Fair",
                        "2030-06-25T18:00 2030-06-25T20:00 Evening class",
                        "2030-07-02T18:00 2030-07-02T20:00 Evening class",
                        "2030-07-09T18:00 2030-07-09T20:00 Evening class"));
        assertEquals(
                read.leftOut(),
                List.of(
                        "1 over already",
                        "1 called off",
                        "1 that leave you free",
                        "1 that repeat more often than daily"));
    }

    @Test
    public void ofMoreThanTheStudioHoldsTheFirstAreTakenAndTheRestIsTold() {
        BusyIcs.Read read = busy(calendar(
                event("UID:a", "DTSTART:20300602T080000Z", "DURATION:PT1H", "RRULE:FREQ=DAILY"),
                event("UID:b", "DTSTART:20300602T120000Z", "DURATION:PT1H", "RRULE:FREQ=DAILY")));
        assertEquals(read.busy().size(), 500);
        assertEquals(
                read.busy().get(499).from().toLocalDate(), FROM.toLocalDate().plusDays(250));
        assertTrue(
                read.leftOut().get(0).endsWith("later than the first 500"),
                read.leftOut().toString());
    }

    /** What lasts for weeks and began long ago is over when it ends, however its length is told. */
    @Test
    public void whatIsToldByItsLengthIsOverWhenItEnds() {
        BusyIcs.Read read = busy(calendar(
                event("UID:a", "DTSTART:20300501T080000Z", "DURATION:PT900H", "SUMMARY:Away"),
                event("UID:b", "DTSTART:20300501T080000Z", "DURATION:P5W", "SUMMARY:Builders"),
                event("UID:c", "DTSTART:20300501T080000Z", "DURATION:P2W3DT4H"),
                event("UID:d", "DTSTART:20300501T080000Z", "DURATION:PT90M")));
        assertEquals(read.busy().stream().map(StudioTime.Busy::what).sorted().toList(), List.of("Away", "Builders"));
        assertEquals(read.leftOut(), List.of("2 over already"));
    }

    /** More than are read at a time. */
    @Test
    public void aLargeCalendarIsReadInPieces() {
        String[] many = IntStream.range(0, 900)
                .mapToObj(i -> event(
                        "UID:" + i, "DTSTART:2030" + (i % 2 == 0 ? "0702" : "0703") + "T080000Z", "DURATION:PT1H"))
                .toArray(String[]::new);
        BusyIcs.Read read = busy(calendar(many));
        assertEquals(read.events(), 900);
        assertEquals(read.busy().size(), 500);
        assertEquals(read.leftOut(), List.of("400 later than the first 500"));
    }
}
