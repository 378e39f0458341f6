package org.crispwhorl.server.shelf;

import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.responses.ApiResponse;
import java.net.URI;
import java.nio.charset.StandardCharsets;
import java.text.Normalizer;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.UUID;
import org.crispwhorl.core.assessment.Assessment;
import org.crispwhorl.core.measure.Limits;
import org.crispwhorl.core.measure.Text;
import org.crispwhorl.core.species.Beginning;
import org.crispwhorl.core.species.Species;
import org.crispwhorl.core.studio.Conditions;
import org.crispwhorl.files.document.CommonBuilds;
import org.crispwhorl.files.document.SpeciesDocument;
import org.crispwhorl.server.problem.NotThere;
import org.crispwhorl.server.problem.Problem;
import org.crispwhorl.server.problem.Versioned;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import tools.jackson.databind.JsonNode;

/** The shelf's species, their documents in and out. */
@RestController
@RequestMapping("/api/species")
public class ShelfController {
    private static final String DOCUMENT = "#/components/schemas/SpeciesDocument";

    private final Shelf shelf;

    ShelfController(Shelf shelf) {
        this.shelf = shelf;
    }

    /**
     * A species that is begun: a centre and one ring, unless it begins as something else.
     *
     * @param build id of a common build that it begins as
     * @param like a species on the shelf that it begins as
     */
    public record NewSpecies(
            @Text(label = "name", shortest = 1) String name,
            @Text(label = "build") Optional<String> build,
            @Text(label = "like") Optional<UUID> like) {
        public NewSpecies {
            Limits.check(NewSpecies.class, name, build, like);
        }
    }

    /** A common build to begin from. */
    public record BuildCard(String id, String name, SpeciesCard.Drawn drawn) {}

    /** Whether a species is archived. */
    public record Archived(boolean archived) {}

    @GetMapping
    @Operation(operationId = "listSpecies", summary = "All species, each with its small face")
    List<SpeciesCard> list() {
        return shelf.cards();
    }

    @GetMapping("/{id}")
    @Operation(operationId = "getSpecies", summary = "One species as it stands on the shelf")
    SpeciesCard get(@PathVariable UUID id) {
        return shelf.card(id);
    }

    @GetMapping(path = "/{id}/document", produces = MediaType.APPLICATION_JSON_VALUE)
    @Operation(operationId = "exportSpecies", summary = "The species document; its version is the ETag")
    @ApiResponse(responseCode = "200", content = @Content(schema = @Schema(ref = DOCUMENT)))
    ResponseEntity<String> document(@PathVariable UUID id) {
        Shelf.Kept kept = shelf.get(id);
        return ResponseEntity.ok()
                .eTag(Long.toString(kept.version()))
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        "inline; filename=\"" + fileName(kept.species().name()) + ".species.json\"")
                .body(kept.document());
    }

    @GetMapping(path = "/{id}/as-kept", produces = MediaType.TEXT_PLAIN_VALUE)
    @Operation(
            operationId = "speciesAsKept",
            summary = "The document just as it is kept, whether it can be read or not")
    ResponseEntity<String> asKept(@PathVariable UUID id) {
        return ResponseEntity.ok()
                .contentType(new MediaType("text", "plain", StandardCharsets.UTF_8))
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        "attachment; filename=\"" + fileName(shelf.name(id)) + ".species.json\"")
                .body(shelf.asKept(id));
    }

    @PostMapping
    @Operation(operationId = "importSpecies", summary = "Keep a species document as a new species")
    @io.swagger.v3.oas.annotations.parameters.RequestBody(content = @Content(schema = @Schema(ref = DOCUMENT)))
    @ApiResponse(responseCode = "201")
    @ApiResponse(responseCode = "422", content = @Content(schema = @Schema(implementation = Problem.class)))
    ResponseEntity<SpeciesCard> add(@RequestBody JsonNode document) {
        return created(shelf.add(SpeciesDocument.read(document)));
    }

    @PostMapping("/begun")
    @Operation(
            operationId = "beginSpecies",
            summary = "Begin a species from a name: a centre and one ring, a common build, or as another species is")
    @ApiResponse(responseCode = "201")
    ResponseEntity<SpeciesCard> begin(@RequestBody NewSpecies wanted) {
        String name = wanted.name().strip();
        Species begun = wanted.like()
                .map(id -> shelf.get(id).species())
                .or(() -> wanted.build().map(id -> CommonBuilds.named(id).orElseThrow(() -> new NotThere("build", id))))
                .map(s -> s.withName(name))
                .orElseGet(() -> Beginning.named(name));
        return created(shelf.add(begun));
    }

    @GetMapping("/builds")
    @Operation(operationId = "listBuilds", summary = "Common builds to begin from, each with its small face")
    List<BuildCard> builds() {
        return CommonBuilds.all().entrySet().stream()
                .map(e -> new BuildCard(
                        e.getKey(),
                        e.getValue().name(),
                        SpeciesCard.Drawn.of(new Assessment(e.getValue(), Conditions.USUAL))))
                .toList();
    }

    @PutMapping("/{id}/document")
    @Operation(
            operationId = "keepSpecies",
            summary = "Keep a changed document; If-Match is the version it was made from")
    @io.swagger.v3.oas.annotations.parameters.RequestBody(content = @Content(schema = @Schema(ref = DOCUMENT)))
    @ApiResponse(responseCode = "200")
    @ApiResponse(responseCode = "409", content = @Content(schema = @Schema(implementation = Problem.class)))
    ResponseEntity<SpeciesCard> change(
            @PathVariable UUID id,
            @RequestHeader(HttpHeaders.IF_MATCH) String version,
            @RequestBody JsonNode document) {
        SpeciesCard kept = shelf.change(id, Versioned.of(version), SpeciesDocument.read(document));
        return new Versioned<>(kept, kept.version()).answer();
    }

    @PutMapping("/{id}/archived")
    @Operation(operationId = "archive", summary = "Put a species archived, or back on the shelf")
    SpeciesCard archive(@PathVariable UUID id, @RequestBody Archived wanted) {
        return shelf.archive(id, wanted.archived());
    }

    private static ResponseEntity<SpeciesCard> created(SpeciesCard kept) {
        return ResponseEntity.created(URI.create("/api/species/" + kept.id())).body(kept);
    }

    private static String fileName(String name) {
        String ascii = Normalizer.normalize(name, Normalizer.Form.NFD).replaceAll("\\p{M}", "");
        String plain =
                ascii.toLowerCase(Locale.ROOT).replaceAll("[^a-z0-9]+", "-").replaceAll("^-+|-+$", "");
        return plain.isEmpty() ? "species" : plain;
    }
}
