package org.crispwhorl.server.choices;

import io.swagger.v3.oas.annotations.Operation;
import org.crispwhorl.core.species.Ways;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api/ways")
class WaysController {
    private final StudioChoices choices;

    WaysController(StudioChoices choices) {
        this.choices = choices;
    }

    @GetMapping
    @Operation(operationId = "getWays", summary = "How the studio works where makers disagree")
    Ways get() {
        return choices.ways();
    }

    @PutMapping
    @Operation(operationId = "setWays", summary = "Choose how the studio works")
    Ways set(@RequestBody Ways chosen) {
        return choices.choose(chosen);
    }
}
