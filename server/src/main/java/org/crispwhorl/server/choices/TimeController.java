package org.crispwhorl.server.choices;

import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.responses.ApiResponse;
import java.time.ZoneId;
import java.util.Optional;
import org.crispwhorl.core.calendar.StudioTime;
import org.crispwhorl.files.CalendarIcs;
import org.crispwhorl.server.problem.Problem;
import org.crispwhorl.server.problem.Versioned;
import org.springframework.http.HttpHeaders;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api/time")
public class TimeController {
    private final StudioChoices choices;

    TimeController(StudioChoices choices) {
        this.choices = choices;
    }

    @GetMapping
    @Operation(operationId = "getTime", summary = "When the studio works; its version is the ETag")
    ResponseEntity<StudioTime> get() {
        return choices.keptTime().answer();
    }

    @PutMapping
    @Operation(
            operationId = "setTime",
            summary =
                    "Choose when the studio works; If-Match is the version it was made from, if two windows may change it")
    @ApiResponse(responseCode = "200")
    @ApiResponse(responseCode = "409", content = @Content(schema = @Schema(implementation = Problem.class)))
    ResponseEntity<StudioTime> set(
            @RequestHeader(name = HttpHeaders.IF_MATCH, required = false) Optional<String> version,
            @RequestBody StudioTime chosen) {
        return choices.choose(chosen, version.map(Versioned::of)).answer();
    }

    @PutMapping(path = "/busy", consumes = "text/calendar")
    @Operation(
            operationId = "takeInBusy",
            summary = "Take what keeps the hands busy out of a calendar, in place of what was taken before")
    @ApiResponse(responseCode = "200")
    ResponseEntity<StudioTime> busy(@RequestBody String calendar) {
        StudioTime now = choices.time();
        return choices.choose(now.withBusy(CalendarIcs.busy(calendar, ZoneId.systemDefault())), Optional.empty())
                .answer();
    }
}
