package org.crispwhorl.server.plate;

import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.responses.ApiResponse;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.UUID;
import org.crispwhorl.core.assessment.Assessment;
import org.crispwhorl.core.drawing.FlowerSurfaces;
import org.crispwhorl.core.drawing.VeinLines;
import org.crispwhorl.core.form.Crossings;
import org.crispwhorl.core.form.FlowerForm;
import org.crispwhorl.core.measure.Limits;
import org.crispwhorl.core.measure.Quantity;
import org.crispwhorl.core.measure.Text;
import org.crispwhorl.core.measure.Unit;
import org.crispwhorl.core.species.OpenedHead;
import org.crispwhorl.core.species.Species;
import org.crispwhorl.files.document.SpeciesDocument;
import org.crispwhorl.files.solid.Gltf;
import org.crispwhorl.server.conditions.StudioConditions;
import org.crispwhorl.server.shelf.Shelf;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import tools.jackson.databind.JsonNode;

/** A flower in the round, as binary glTF. */
@RestController
public class RoundController {
    private static final MediaType GLB = new MediaType("model", "gltf-binary");

    private final Shelf shelf;
    private final StudioConditions conditions;

    RoundController(Shelf shelf, StudioConditions conditions) {
        this.shelf = shelf;
        this.conditions = conditions;
    }

    /**
     * A species document to be seen in the round.
     *
     * @param species a species document
     * @param open how far its rings are opened; as designed where it is left out
     */
    public record RoundRequest(
            JsonNode species,

            @Quantity(
                    label = "opened",
                    unit = Unit.NONE,
                    min = 0,
                    max = 1,
                    step = 0.05,
                    usual = 1,
                    means = "Share of the designed opening angle: 0 is a bud, 1 the full flower.")
            Optional<Double> open) {
        public RoundRequest {
            open.ifPresent(o -> Limits.check(RoundRequest.class, Optional.ofNullable(species), o));
        }
    }

    @PostMapping("/api/round")
    @Operation(operationId = "seeRound", summary = "A species document in the round, as binary glTF; nothing is kept")
    @ApiResponse(responseCode = "200", content = @Content(mediaType = "model/gltf-binary"))
    ResponseEntity<byte[]> round(@RequestBody RoundRequest request) {
        return glb(SpeciesDocument.read(request.species()), request.open().orElse(1.0), FlowerSurfaces.Detail.SCREEN);
    }

    @GetMapping("/api/species/{id}/round.glb")
    @Operation(operationId = "roundAsGltf", summary = "A species in the round, as binary glTF")
    @ApiResponse(responseCode = "200", content = @Content(mediaType = "model/gltf-binary"))
    ResponseEntity<byte[]> kept(@PathVariable UUID id) {
        return glb(shelf.get(id).species(), 1, FlowerSurfaces.Detail.FINE);
    }

    @PostMapping("/api/round/crossings")
    @Operation(operationId = "crossings", summary = "Which petals of a species document would pass through each other")
    List<Crossings.Crossing> crossings(@RequestBody RoundRequest request) {
        return Crossings.of(
                form(SpeciesDocument.read(request.species()), request.open().orElse(1.0)));
    }

    /**
     * Two parts that pass through each other.
     *
     * @param species a species document
     */
    public record ClearingRequest(
            @Text(label = "species") JsonNode species,
            @Text(label = "inner part") String innerId,
            @Text(label = "outer part") String outerId) {
        public ClearingRequest {
            Limits.check(ClearingRequest.class, species, innerId, outerId);
        }
    }

    /** The lean at which the outer part clears the inner one; empty where leaning alone does not help. */
    public record Clearing(Optional<Double> opensDeg) {}

    @PostMapping("/api/round/clearing")
    @Operation(
            operationId = "clearing",
            summary = "The least change of the opening angle by which a part clears the one inside it")
    Clearing clearing(@RequestBody ClearingRequest request) {
        FlowerForm form = form(SpeciesDocument.read(request.species()), 1);
        OptionalDouble lean = Crossings.clearing(form, request.innerId(), request.outerId());
        return new Clearing(lean.isPresent() ? Optional.of(lean.getAsDouble()) : Optional.empty());
    }

    private FlowerForm form(Species designed, double open) {
        Assessment made = conditions.assessed(designed);
        return FlowerForm.of(OpenedHead.leaning(made.species(), open), made.paste(), made.wireTable());
    }

    private ResponseEntity<byte[]> glb(Species designed, double open, FlowerSurfaces.Detail detail) {
        FlowerForm form = form(designed, open);
        return ResponseEntity.ok()
                .contentType(GLB)
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.inline()
                                .filename("flower.glb")
                                .build()
                                .toString())
                .body(Gltf.write(form.species().name(), FlowerSurfaces.of(form, detail), VeinLines.of(form, detail)));
    }
}
