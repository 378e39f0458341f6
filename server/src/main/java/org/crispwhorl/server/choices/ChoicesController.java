package org.crispwhorl.server.choices;

import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.responses.ApiResponse;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import org.crispwhorl.files.document.BindingFault;
import org.crispwhorl.files.document.DocumentFault;
import org.crispwhorl.server.problem.NotThere;
import org.crispwhorl.server.problem.Problem;
import org.crispwhorl.server.problem.Versioned;
import org.springframework.http.HttpHeaders;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Everything that a studio chooses once for all its work, by its name. */
@RestController
@RequestMapping("/api/choices/{name}")
class ChoicesController {
    private final Map<String, Chosen<?>> all = new TreeMap<>();
    private final JsonMapper json;

    ChoicesController(StudioChoices choices, List<Chosen<?>> elsewhere, JsonMapper json) {
        this.json = json;
        elsewhere.forEach(chosen -> all.put(chosen.name(), chosen));
        Choice.AS_A_WHOLE.forEach(choice -> all.put(choice.name(), new InItsRow<>(choices, choice)));
    }

    private record InItsRow<T>(StudioChoices choices, Choice<T> choice) implements Chosen<T> {
        @Override
        public String name() {
            return choice.name();
        }

        @Override
        public Class<T> type() {
            return choice.type();
        }

        @Override
        public Versioned<T> kept() {
            return choices.kept(choice);
        }

        @Override
        public Versioned<T> choose(T chosen, Optional<Long> version) {
            return choices.choose(choice, chosen, version);
        }
    }

    @GetMapping
    @Operation(operationId = "choice", summary = "What the studio has chosen; its version is the ETag")
    ResponseEntity<?> get(@PathVariable String name) {
        return named(name).kept().answer();
    }

    @PutMapping
    @Operation(
            operationId = "choose",
            summary = "Choose; If-Match is the version it was made from, if two windows may change it")
    @io.swagger.v3.oas.annotations.parameters.RequestBody(content = @Content(schema = @Schema(type = "object")))
    @ApiResponse(responseCode = "200")
    @ApiResponse(responseCode = "409", content = @Content(schema = @Schema(implementation = Problem.class)))
    ResponseEntity<?> choose(
            @PathVariable String name,
            @RequestHeader(name = HttpHeaders.IF_MATCH, required = false) Optional<String> version,
            @RequestBody JsonNode chosen) {
        return chosen(named(name), chosen, version.map(Versioned::of)).answer();
    }

    private Chosen<?> named(String name) {
        return Optional.ofNullable(all.get(name)).orElseThrow(() -> new NotThere("choice", name));
    }

    private <T> Versioned<T> chosen(Chosen<T> choice, JsonNode chosen, Optional<Long> version) {
        if (!chosen.isObject()) {
            throw DocumentFault.at("", chosen.toString(), "an object");
        }
        try {
            return choice.choose(json.treeToValue(chosen, choice.type()), version);
        } catch (JacksonException e) {
            throw BindingFault.of(e);
        }
    }
}
