package org.crispwhorl.server.slate;

import io.swagger.v3.oas.annotations.Operation;
import org.crispwhorl.core.slate.SlateAnswer;
import org.crispwhorl.core.slate.SlateQuestion;
import org.crispwhorl.server.drawer.StudioDrawer;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** Answers the questions of the bench. */
@RestController
class SlateController {
    private final StudioDrawer drawer;

    SlateController(StudioDrawer drawer) {
        this.drawer = drawer;
    }

    @PostMapping("/api/slate")
    @Operation(operationId = "askSlate", summary = "A quick reckoning without a species; nothing is kept")
    SlateAnswer ask(@RequestBody SlateQuestion question) {
        return question.answer(drawer.now());
    }
}
