package org.crispwhorl.server.choices;

import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.responses.ApiResponse;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import org.crispwhorl.core.measure.Text;
import org.crispwhorl.core.studio.Pace;
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
@RequestMapping("/api/pace")
public class PaceController {
    private final StudioChoices choices;

    PaceController(StudioChoices choices) {
        this.choices = choices;
    }

    /**
     * One operation as this studio's hands do it.
     *
     * @param handMin minutes that the hand alone would take for each thing
     * @param eachMin minutes that it takes
     * @param petalMin minutes more for each petal on it
     */
    public record OperationPace(
            org.crispwhorl.core.labour.Operation operation,
            String label,
            double handMin,
            double eachMin,
            double petalMin) {}

    @GetMapping
    @Operation(operationId = "getPace", summary = "How fast the studio's hands are; its version is the ETag")
    ResponseEntity<Pace> get() {
        return choices.keptPace().answer();
    }

    @PutMapping
    @Operation(
            operationId = "setPace",
            summary =
                    "Choose how fast the studio's hands are; If-Match is the version it was made from, if two windows may change it")
    @ApiResponse(responseCode = "200")
    @ApiResponse(responseCode = "409", content = @Content(schema = @Schema(implementation = Problem.class)))
    ResponseEntity<Pace> set(
            @RequestHeader(name = HttpHeaders.IF_MATCH, required = false) Optional<String> version,
            @RequestBody Pace chosen) {
        return choices.choose(chosen, version.map(Versioned::of)).answer();
    }

    @GetMapping("/operations")
    @Operation(
            operationId = "getOperations",
            summary = "Every operation with the minutes it takes at the studio's pace")
    List<OperationPace> operations() {
        Pace pace = choices.pace();
        Pace hand = new Pace(pace.hand(), List.of());
        return Arrays.stream(org.crispwhorl.core.labour.Operation.values())
                .map(o -> new OperationPace(o, Text.Labels.of(o), hand.eachMin(o), pace.eachMin(o), pace.petalMin(o)))
                .toList();
    }
}
