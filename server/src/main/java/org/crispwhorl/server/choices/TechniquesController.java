package org.crispwhorl.server.choices;

import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.responses.ApiResponse;
import java.util.Optional;
import org.crispwhorl.core.species.Techniques;
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
@RequestMapping("/api/techniques")
class TechniquesController {
    private final StudioChoices choices;

    TechniquesController(StudioChoices choices) {
        this.choices = choices;
    }

    @GetMapping
    @Operation(
            operationId = "getTechniques",
            summary = "How the studio works where makers disagree; its version is the ETag")
    ResponseEntity<Techniques> get() {
        return choices.keptTechniques().answer();
    }

    @PutMapping
    @Operation(
            operationId = "setTechniques",
            summary =
                    "Choose how the studio works; If-Match is the version it was made from, if two windows may change it")
    @ApiResponse(responseCode = "200")
    @ApiResponse(responseCode = "409", content = @Content(schema = @Schema(implementation = Problem.class)))
    ResponseEntity<Techniques> set(
            @RequestHeader(name = HttpHeaders.IF_MATCH, required = false) Optional<String> version,
            @RequestBody Techniques chosen) {
        return choices.choose(chosen, version.map(Versioned::of)).answer();
    }
}
