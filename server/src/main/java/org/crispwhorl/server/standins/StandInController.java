package org.crispwhorl.server.standins;

import io.swagger.v3.oas.annotations.Operation;
import org.crispwhorl.core.measure.Limits;
import org.crispwhorl.core.measure.Quantity;
import org.crispwhorl.core.measure.Unit;
import org.crispwhorl.server.problem.NotThere;
import org.crispwhorl.server.security.HomeNetwork;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** What lies on the stand-ins. */
@RestController
@RequestMapping("/api/standins/scale")
public class StandInController {
    private final ScaleStandIn scale;
    private final HomeNetwork home;

    StandInController(ScaleStandIn scale, HomeNetwork home) {
        this.home = home;
        this.scale = scale;
    }

    /** What lies on the simulated scale, and whether its cable is in. */
    public record ScalePan(
            @Quantity(
                    label = "on the pan",
                    unit = Unit.G,
                    min = -200,
                    max = 5000,
                    step = 1,
                    usual = 0,
                    means = "What lies on the simulated scale; less than nothing is a pan taken off.")
            double loadG,

            boolean plugged) {
        public ScalePan {
            Limits.check(ScalePan.class, loadG, plugged);
        }
    }

    @GetMapping
    @Operation(operationId = "seePan", summary = "What lies on the simulated scale")
    ScalePan pan() {
        there();
        return new ScalePan(scale.load(), scale.plugged());
    }

    @PutMapping
    @Operation(operationId = "loadPan", summary = "Lay something on the simulated scale, or pull its cable")
    ScalePan load(@RequestBody ScalePan pan) {
        there();
        scale.load(pan.loadG());
        scale.plug(pan.plugged());
        return pan();
    }

    /** On the home network there are no stand-ins. */
    private void there() {
        if (home.on()) {
            throw new NotThere("stand-in", "on the home network");
        }
    }
}
