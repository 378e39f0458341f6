package org.crispwhorl.server.quick;

import io.swagger.v3.oas.annotations.Operation;
import org.crispwhorl.core.quick.QuickAnswer;
import org.crispwhorl.core.quick.QuickQuestion;
import org.crispwhorl.server.drawer.StudioDrawer;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** Answers the questions of the bench. */
@RestController
class QuickController {
    private final StudioDrawer drawer;

    QuickController(StudioDrawer drawer) {
        this.drawer = drawer;
    }

    @PostMapping("/api/quick")
    @Operation(operationId = "askQuick", summary = "A quick reckoning without a species; nothing is kept")
    QuickAnswer ask(@RequestBody QuickQuestion question) {
        return question.answer(drawer.now());
    }
}
