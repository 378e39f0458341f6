package org.crispwhorl.server.choices;

import io.swagger.v3.oas.annotations.Operation;
import java.util.Arrays;
import java.util.List;
import org.crispwhorl.core.measure.Text;
import org.crispwhorl.core.studio.Pace;
import org.springframework.web.bind.annotation.GetMapping;
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
            org.crispwhorl.core.work.Operation operation,
            String label,
            double handMin,
            double eachMin,
            double petalMin) {}

    @GetMapping("/operations")
    @Operation(
            operationId = "getOperations",
            summary = "Every operation with the minutes it takes at the studio's pace")
    List<OperationPace> operations() {
        Pace pace = choices.now(Choice.PACE);
        Pace hand = new Pace(pace.hand(), List.of());
        return Arrays.stream(org.crispwhorl.core.work.Operation.values())
                .map(o -> new OperationPace(o, Text.Labels.of(o), hand.eachMin(o), pace.eachMin(o), pace.petalMin(o)))
                .toList();
    }
}
