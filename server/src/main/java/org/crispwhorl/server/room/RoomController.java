package org.crispwhorl.server.room;

import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.responses.ApiResponse;
import java.util.Optional;
import org.crispwhorl.core.drying.Room;
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
@RequestMapping("/api/room")
class RoomController {
    private final StudioRoom room;

    RoomController(StudioRoom room) {
        this.room = room;
    }

    @GetMapping
    @Operation(operationId = "getRoom", summary = "The air of the room as it was last set; its version is the ETag")
    ResponseEntity<Room> get() {
        return room.kept().answer();
    }

    @PutMapping
    @Operation(
            operationId = "setRoom",
            summary = "Set the air of the room; If-Match is the version it was made from, if two windows may change it")
    @ApiResponse(responseCode = "200")
    @ApiResponse(responseCode = "409", content = @Content(schema = @Schema(implementation = Problem.class)))
    ResponseEntity<Room> set(
            @RequestHeader(name = HttpHeaders.IF_MATCH, required = false) Optional<String> version,
            @RequestBody Room chosen) {
        return room.set(chosen, version.map(Versioned::of)).answer();
    }
}
