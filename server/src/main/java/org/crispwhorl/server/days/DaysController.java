package org.crispwhorl.server.days;

import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.responses.ApiResponse;
import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
import org.crispwhorl.core.calendar.InOneGo;
import org.crispwhorl.core.calendar.Planned;
import org.crispwhorl.core.measure.Limits;
import org.crispwhorl.core.measure.Text;
import org.crispwhorl.files.csv.DaysCsv;
import org.crispwhorl.files.ical.CalendarIcs;
import org.crispwhorl.files.page.Paper;
import org.crispwhorl.files.pdf.DaysPdf;
import org.crispwhorl.server.choices.Choice;
import org.crispwhorl.server.choices.StudioChoices;
import org.crispwhorl.server.jobs.JobView;
import org.crispwhorl.server.jobs.Jobs;
import org.crispwhorl.server.order.Orders;
import org.crispwhorl.server.problem.NotThere;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** What is done when, for an order. */
@RestController
@RequestMapping("/api/orders/{id}/days")
public class DaysController {
    private final Days days;
    private final Orders orders;
    private final StudioChoices choices;
    private final Jobs jobs;

    private final Clock clock;

    DaysController(Days days, Orders orders, StudioChoices choices, Jobs jobs, Clock clock) {
        this.clock = clock;
        this.days = days;
        this.orders = orders;
        this.choices = choices;
        this.jobs = jobs;
    }

    /**
     * The calendar of an order as it was last made.
     *
     * @param planned none before it was ever made
     * @param sittings what is done in one go, in order of time
     * @param changed what is otherwise by now than what it was made for
     * @param elsewhere work that is planned for other orders
     * @param overlaps plans that want the same hands at once, each with what to do, in the maker's words
     */
    public record DaysView(
            Optional<Planned> planned,
            List<InOneGo> sittings,
            List<String> changed,
            List<Days.Elsewhere> elsewhere,
            List<String> overlaps) {}

    /**
     * What is asked of a calendar.
     *
     * @param pins what stays where it was set down
     * @param together other orders that are planned at once with it
     */
    public record DaysAsked(
            @Text(label = "pins", longest = 200) List<Planned.Pin> pins,

            @Text(label = "together with", longest = 8) List<UUID> together) {
        public DaysAsked {
            pins = List.copyOf(pins);
            together = List.copyOf(together);
            Limits.check(DaysAsked.class, pins, together);
        }
    }

    @PostMapping
    @ResponseStatus(HttpStatus.ACCEPTED)
    @ApiResponse(responseCode = "202")
    @Operation(
            operationId = "planDays",
            summary =
                    "Begin to make the calendar of an order; it is kept once it is made, unless it is only to be looked at")
    JobView plan(
            @PathVariable UUID id, @RequestBody DaysAsked wanted, @RequestParam(defaultValue = "true") boolean keep) {
        List<UUID> ids = Stream.concat(Stream.of(id), wanted.together().stream())
                .distinct()
                .toList();
        ids.forEach(orders::there);
        return jobs.start("The days of " + orders.get(id).order().name(), progress -> {
            // Orders are read when their turn has come: another that was planned meanwhile is planned round.
            List<Days.Asked> asked = ids.stream()
                    .map(one -> one.equals(id) ? days.asked(id).pinned(wanted.pins()) : days.asked(one))
                    .toList();
            List<Planned> planned = days.made(asked, choices.now(Choice.TIME), days.elsewhere(ids), progress);
            if (keep) {
                days.keep(asked, planned);
            }
            return view(id, Optional.of(planned.get(0)), List.of());
        });
    }

    @PostMapping("/quick")
    @ResponseStatus(HttpStatus.ACCEPTED)
    @ApiResponse(responseCode = "202")
    @Operation(
            operationId = "planDaysAtOnce",
            summary =
                    "Begin to make a plain calendar of an order as it is now, by the same rules and at once; it is never kept")
    JobView quick(@PathVariable UUID id) {
        String name = orders.get(id).order().name();
        return jobs.start(
                "The days of " + name + ", at once",
                progress -> view(
                        id,
                        Optional.of(days.quick(
                                days.asked(id), choices.now(Choice.TIME), days.elsewhere(List.of(id)), progress)),
                        List.of()));
    }

    @PostMapping("/better")
    @ResponseStatus(HttpStatus.ACCEPTED)
    @ApiResponse(responseCode = "202")
    @Operation(
            operationId = "betterDays",
            summary = "Begin to try what would make it likelier that an order is ready in time; nothing of it is kept")
    JobView better(@PathVariable UUID id) {
        String name = orders.get(id).order().name();
        return jobs.start(
                "What would better the days of " + name,
                progress ->
                        days.better(days.asked(id), choices.now(Choice.TIME), days.elsewhere(List.of(id)), progress));
    }

    private DaysView view(UUID id, Optional<Planned> planned, List<String> changed) {
        List<Days.Elsewhere> elsewhere = days.elsewhere(List.of(id));
        return new DaysView(
                planned,
                planned.map(p -> InOneGo.of(p.calendar())).orElse(List.of()),
                changed,
                elsewhere,
                days.overlaps(id, planned, elsewhere));
    }

    @GetMapping
    @Operation(operationId = "getDays", summary = "The calendar of an order as it was last made")
    DaysView get(@PathVariable UUID id) {
        orders.get(id);
        Optional<Planned> last = days.last(id);
        return view(id, last, last.map(p -> days.changed(p, id)).orElse(List.of()));
    }

    @GetMapping("/days.ics")
    @Operation(operationId = "daysAsCalendar", summary = "The calendar of an order as iCalendar")
    @ApiResponse(responseCode = "200", content = @Content(mediaType = "text/calendar"))
    ResponseEntity<byte[]> ics(@PathVariable UUID id) {
        return file("days.ics", "calendar", CalendarIcs.write(last(id), id.toString(), clock.getZone()));
    }

    @GetMapping("/days.csv")
    @Operation(operationId = "daysAsCsv", summary = "The calendar of an order as CSV")
    @ApiResponse(responseCode = "200", content = @Content(mediaType = "text/csv"))
    ResponseEntity<byte[]> csv(@PathVariable UUID id) {
        return file("days.csv", "csv", DaysCsv.write(last(id).calendar()));
    }

    @GetMapping("/days.pdf")
    @Operation(
            operationId = "daysAsPdf",
            summary = "The calendar of an order as PDF, each week begun on a page of its own")
    @ApiResponse(responseCode = "200", content = @Content(mediaType = "application/pdf"))
    ResponseEntity<byte[]> pdf(@PathVariable UUID id, @RequestParam(defaultValue = "A4") Paper paper) {
        return ResponseEntity.ok()
                .contentType(MediaType.APPLICATION_PDF)
                .header(HttpHeaders.CONTENT_DISPOSITION, "inline; filename=\"days.pdf\"")
                .body(DaysPdf.write(last(id), paper));
    }

    private Planned last(UUID id) {
        return days.last(id).orElseThrow(() -> new NotThere("calendar of order", id));
    }

    private static ResponseEntity<byte[]> file(String name, String type, String text) {
        return ResponseEntity.ok()
                .contentType(new MediaType("text", type, StandardCharsets.UTF_8))
                .header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"" + name + "\"")
                .body(text.getBytes(StandardCharsets.UTF_8));
    }
}
