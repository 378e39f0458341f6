package org.crispwhorl.server.stages;

import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.responses.ApiResponse;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.crispwhorl.core.assessment.Assessment;
import org.crispwhorl.core.assessment.Planning;
import org.crispwhorl.core.drawing.Draughting;
import org.crispwhorl.core.drawing.Drawing;
import org.crispwhorl.core.measure.Text;
import org.crispwhorl.core.species.OpeningStage;
import org.crispwhorl.core.species.Species;
import org.crispwhorl.core.studio.Conditions;
import org.crispwhorl.files.document.CraftJson;
import org.crispwhorl.files.document.SpeciesDocument;
import org.crispwhorl.server.conditions.StudioConditions;
import org.crispwhorl.server.problem.NotThere;
import org.crispwhorl.server.shelf.Shelf;
import org.crispwhorl.server.shelf.SpeciesCard;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** A species' stages of opening: by rule, or as the studio changed them. */
@RestController
@RequestMapping("/api/species/{id}/stages")
public class StagesController {
    private final Shelf shelf;
    private final StudioConditions conditions;

    StagesController(Shelf shelf, StudioConditions conditions) {
        this.shelf = shelf;
        this.conditions = conditions;
    }

    /**
     * One stage as it stands on the shelf.
     *
     * @param label the maker's word for it
     * @param ownId the species that the studio made of it; empty where the rule holds
     * @param pieces pieces in one flower
     * @param labourMin minutes of working time for one flower, in the studio's ways
     */
    public record StageCard(
            OpeningStage stage,
            String label,
            Optional<UUID> ownId,
            String name,
            int pieces,
            double labourMin,
            double faceMm,
            List<SpeciesCard.Tint> tints,
            List<SpeciesCard.Tint> shades,
            Drawing.Face face) {}

    @GetMapping
    @Operation(operationId = "listStages", summary = "Bud, half open and full, each with its small face")
    List<StageCard> list(@PathVariable UUID id) {
        Conditions now = conditions.now();
        return shelf.stages(id).stream().map(s -> card(s, now)).toList();
    }

    @GetMapping(path = "/{stage}/document", produces = MediaType.APPLICATION_JSON_VALUE)
    @Operation(operationId = "stageDocument", summary = "The species document of a stage")
    @ApiResponse(
            responseCode = "200",
            content = @Content(schema = @Schema(ref = "#/components/schemas/SpeciesDocument")))
    String document(@PathVariable UUID id, @PathVariable String stage) {
        OpeningStage wanted = named(stage);
        return shelf.stages(id).stream()
                .filter(s -> s.stage() == wanted)
                .map(s -> SpeciesDocument.writeText(s.species()))
                .findFirst()
                .orElseThrow();
    }

    @PostMapping("/{stage}")
    @Operation(
            operationId = "ownStage",
            summary = "Make a stage a species of its own, to be changed; once made, it is that one")
    @ApiResponse(responseCode = "200")
    SpeciesCard own(@PathVariable UUID id, @PathVariable String stage) {
        return shelf.ownStage(id, named(stage));
    }

    @DeleteMapping("/{stage}")
    @Operation(operationId = "stageByRule", summary = "Let the rule hold again; what was made of the stage is archived")
    @ApiResponse(responseCode = "204")
    ResponseEntity<Void> byRule(@PathVariable UUID id, @PathVariable String stage) {
        shelf.stageByRule(id, named(stage));
        return ResponseEntity.noContent().build();
    }

    private static OpeningStage named(String stage) {
        return Arrays.stream(OpeningStage.values())
                .filter(s -> CraftJson.name(s.name()).equals(stage))
                .findFirst()
                .orElseThrow(() -> new NotThere("stage", stage));
    }

    private static StageCard card(Shelf.Opened opened, Conditions now) {
        Species species = opened.species();
        Assessment made = new Assessment(species, now);
        return new StageCard(
                opened.stage(),
                Text.Labels.of(opened.stage()),
                opened.ownId(),
                species.name(),
                SpeciesCard.pieces(species),
                Planning.of(made).labourMin(),
                made.form().faceMm(),
                SpeciesCard.tints(made.form()),
                SpeciesCard.shades(species),
                Draughting.faceOf(made.form()));
    }
}
