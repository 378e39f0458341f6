package org.crispwhorl.server.plate;

import io.swagger.v3.oas.annotations.Operation;
import java.util.Arrays;
import java.util.List;
import org.crispwhorl.core.measure.Words;
import org.crispwhorl.core.species.OpeningStage;
import org.crispwhorl.core.species.Species;
import org.crispwhorl.files.DocumentFault;
import org.crispwhorl.files.SpeciesDocument;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Derives a species' stages of opening. */
@RestController
public class StagesController {
    private final JsonMapper json;

    StagesController(JsonMapper json) {
        this.json = json;
    }

    /** The full flower whose stages are asked for. */
    public record StagesRequest(JsonNode species) {}

    /**
     * One stage.
     *
     * @param label the maker's word for it
     * @param species a species document of its own
     */
    public record StageView(OpeningStage stage, String label, JsonNode species) {}

    @PostMapping("/api/stages")
    @Operation(
            operationId = "openStages",
            summary = "Bud, half open and full, each as a species document; nothing is kept")
    List<StageView> stages(@RequestBody StagesRequest request) {
        if (request.species() == null) {
            throw DocumentFault.at("/species", "nothing", "a species document");
        }
        Species full = SpeciesDocument.read(request.species());
        return Arrays.stream(OpeningStage.values())
                .map(s -> new StageView(s, Words.Labels.of(s), json.readTree(SpeciesDocument.writeText(s.of(full)))))
                .toList();
    }
}
