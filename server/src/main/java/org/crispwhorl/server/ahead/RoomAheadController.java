package org.crispwhorl.server.ahead;

import io.swagger.v3.oas.annotations.Operation;
import java.time.Clock;
import java.time.LocalDateTime;
import java.time.temporal.ChronoUnit;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import org.crispwhorl.core.drying.DryingLaw;
import org.crispwhorl.core.drying.Room;
import org.crispwhorl.core.drying.RoomCourse;
import org.crispwhorl.core.paste.Medium;
import org.crispwhorl.files.document.CraftJson;
import org.crispwhorl.server.choices.StudioChoices;
import org.crispwhorl.server.conditions.StudioConditions;
import org.crispwhorl.server.problem.NotThere;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** The air of the coming days. */
@RestController
@RequestMapping("/api/room")
public class RoomAheadController {
    /** So far back and so far ahead it is told, h. */
    private static final int BACK_H = 72;

    private static final int AHEAD_H = 14 * 24;

    private final StudioChoices choices;
    private final StudioAir studio;
    private final StudioConditions conditions;

    private final Clock clock;

    RoomAheadController(StudioChoices choices, StudioAir studio, StudioConditions conditions, Clock clock) {
        this.clock = clock;
        this.choices = choices;
        this.studio = studio;
        this.conditions = conditions;
    }

    /**
     * The room hour by hour.
     *
     * @param now the hour that it is
     */
    public record RoomHours(LocalDateTime now, List<RoomHour> hours) {}

    /**
     * The room at an hour.
     *
     * @param measured whether it is known by measuring
     * @param dries how fast the medium dries then, over how fast it dries in the room as it is set; 0 where it does not, 1 for what
     *     does not dry by the air
     */
    public record RoomHour(LocalDateTime at, double temperatureC, double humidityPct, boolean measured, double dries) {}

    private static Medium medium(String name) {
        return Arrays.stream(Medium.values())
                .filter(m -> CraftJson.name(m.name()).equals(name))
                .findFirst()
                .orElseThrow(() -> new NotThere("medium", name));
    }

    @GetMapping("/hours")
    @Operation(
            operationId = "roomHours",
            summary = "The room hour by hour: the last three days as they were, and the coming fourteen")
    RoomHours hours(@RequestParam Optional<String> medium) {
        LocalDateTime now = LocalDateTime.now(clock).truncatedTo(ChronoUnit.HOURS);
        RoomCourse course = studio.course();
        DryingLaw drying = DryingLaw.of(
                conditions.kit().paste(medium.map(RoomAheadController::medium).orElse(Medium.USUAL)));
        double asSet = drying.drive(conditions.room());
        return new RoomHours(
                now,
                IntStream.rangeClosed(-BACK_H, AHEAD_H)
                        .mapToObj(now::plusHours)
                        .map(at -> {
                            Room air = course.at(at);
                            return new RoomHour(
                                    at,
                                    air.temperatureC(),
                                    air.humidityPct(),
                                    course.measured(at),
                                    asSet <= 0 ? 1 : Math.max(0, drying.drive(air)) / asSet);
                        })
                        .toList());
    }
}
