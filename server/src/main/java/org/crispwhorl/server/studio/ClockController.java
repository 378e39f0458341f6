package org.crispwhorl.server.studio;

import io.swagger.v3.oas.annotations.Operation;
import java.time.Clock;
import java.time.Instant;
import org.springframework.http.CacheControl;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;

/** What time it is at the studio. */
@RestController
public class ClockController {
    private final Clock clock;

    ClockController(Clock clock) {
        this.clock = clock;
    }

    /**
     * What time it is.
     *
     * @param zone by whose clock the studio works
     */
    public record ClockView(Instant now, String zone) {}

    @GetMapping("/api/clock")
    @Operation(operationId = "getClock", summary = "What time it is at the studio, and in which zone it works")
    ResponseEntity<ClockView> now() {
        return ResponseEntity.ok()
                .cacheControl(CacheControl.noStore())
                .body(new ClockView(clock.instant(), clock.getZone().getId()));
    }
}
