package org.crispwhorl.server.choices;

import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.responses.ApiResponse;
import java.time.Clock;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.List;
import java.util.Optional;
import org.crispwhorl.files.ical.BusyIcs;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api/time")
public class TimeController {
    /** So far ahead orders are planned. */
    private static final int AHEAD_DAYS = 400;

    private final StudioChoices choices;
    private final Clock clock;

    /**
     * What came of a calendar.
     *
     * @param events that it holds, each that repeats once
     * @param busy times that are busy by it
     * @param leftOut what is not among them and why, in the maker's words
     */
    public record BusyTaken(int events, int busy, List<String> leftOut) {}

    TimeController(StudioChoices choices, Clock clock) {
        this.clock = clock;
        this.choices = choices;
    }

    @PutMapping(path = "/busy", consumes = "text/calendar")
    @Operation(
            operationId = "takeInBusy",
            summary = "Take what keeps the hands busy out of a calendar, in place of what was taken before")
    @ApiResponse(responseCode = "200")
    BusyTaken busy(@RequestBody String calendar) {
        LocalDateTime today = LocalDate.now(clock).atStartOfDay();
        BusyIcs.Read read = BusyIcs.read(calendar, today, today.plusDays(AHEAD_DAYS), clock.getZone());
        choices.choose(Choice.TIME, choices.now(Choice.TIME).withBusy(read.busy()), Optional.empty());
        return new BusyTaken(read.events(), read.busy().size(), read.leftOut());
    }
}
