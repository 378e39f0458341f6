package org.crispwhorl.server.problem;

import io.swagger.v3.oas.annotations.Operation;
import java.util.List;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;

/** What of the studio cannot be read. */
@RestController
class UnreadablesController {
    private final List<Unreadables> rooms;

    UnreadablesController(List<Unreadables> rooms) {
        this.rooms = rooms;
    }

    @GetMapping("/api/unreadable")
    @Operation(operationId = "listUnreadable", summary = "What of the studio cannot be read, as it is kept")
    List<Unreadables.Unreadable> list() {
        return rooms.stream().flatMap(r -> r.unreadable().stream()).toList();
    }
}
