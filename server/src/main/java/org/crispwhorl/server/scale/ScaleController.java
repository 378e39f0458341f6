package org.crispwhorl.server.scale;

import io.swagger.v3.oas.annotations.Operation;
import java.util.Optional;
import org.crispwhorl.core.measure.InvalidValue;
import org.crispwhorl.core.paste.Density;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** The scale as the screens see it. */
@RestController
@RequestMapping("/api/scale")
public class ScaleController {
    private final ScaleLink link;

    ScaleController(ScaleLink link) {
        this.link = link;
    }

    /** A ball, measured across and weighed. */
    public record WeighedBall(Optional<Double> ballMm, Optional<Double> ballG) {}

    /** What its paste weighs. */
    public record DensityFound(double densityGPerCm3) {}

    @GetMapping
    @Operation(operationId = "readScale", summary = "What the scale says now")
    ScaleLink.Reading now() {
        return link.now();
    }

    @PostMapping("/tare")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    @Operation(operationId = "tareScale", summary = "Take what lies on the scale as nothing")
    void tare() {
        link.tare();
    }

    @PostMapping("/density")
    @Operation(
            operationId = "findDensity",
            summary = "The density of a paste from one ball, measured across and weighed")
    DensityFound density(@RequestBody WeighedBall ball) {
        return new DensityFound(Density.ofBall(
                ball.ballMm().orElseThrow(() -> new InvalidValue("ballMm", "nothing", "the ball's diameter in mm")),
                ball.ballG().orElseThrow(() -> new InvalidValue("ballG", "nothing", "the ball's weight in g"))));
    }
}
