package org.crispwhorl.server.room;

import io.swagger.v3.oas.annotations.Operation;
import org.crispwhorl.core.drying.Room;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api/room")
class RoomController {
    private final StudioRoom room;

    RoomController(StudioRoom room) {
        this.room = room;
    }

    @GetMapping
    @Operation(operationId = "getRoom", summary = "The air of the room as it was last set")
    Room get() {
        return room.now();
    }

    @PutMapping
    @Operation(operationId = "setRoom", summary = "Set the air of the room")
    Room set(@RequestBody Room changed) {
        return room.set(changed);
    }
}
