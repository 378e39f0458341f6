package org.crispwhorl.server.plate;

import io.swagger.v3.oas.annotations.Operation;
import java.util.Optional;
import org.crispwhorl.core.bench.Kit;
import org.crispwhorl.core.drying.Room;
import org.crispwhorl.core.measure.Words;
import org.crispwhorl.core.reckoning.Conditions;
import org.crispwhorl.core.reckoning.Reckoner;
import org.crispwhorl.core.species.Species;
import org.crispwhorl.core.species.Ways;
import org.crispwhorl.files.DocumentFault;
import org.crispwhorl.files.SpeciesDocument;
import org.crispwhorl.server.conditions.StudioConditions;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import tools.jackson.databind.JsonNode;

/** Reckons a species document without keeping anything. */
@RestController
public class ReckoningController {
    /**
     * @param species a species document
     * @param room the air in which it dries; the studio's room where it is left out
     * @param kit what is at hand; the studio's drawer where it is left out
     * @param ways how the studio works; the studio's ways where they are left out
     */
    public record ReckoningRequest(
            @Words(label = "species") JsonNode species, Optional<Room> room, Optional<Kit> kit, Optional<Ways> ways) {}

    private final StudioConditions studio;

    ReckoningController(StudioConditions studio) {
        this.studio = studio;
    }

    @PostMapping("/api/reckoning")
    @Operation(operationId = "reckon", summary = "The whole reckoning of a species document; nothing is kept")
    ReckoningView reckon(@RequestBody ReckoningRequest request) {
        if (request.species() == null) {
            throw DocumentFault.at("/species", "nothing", "a species document");
        }
        Species species = SpeciesDocument.read(request.species());
        Conditions now = studio.now();
        Conditions conditions = new Conditions(
                request.room().orElse(now.room()),
                request.kit().orElse(now.kit()),
                request.ways().orElse(now.ways()));
        return ReckoningView.of(species, conditions.room(), Reckoner.reckon(species, conditions));
    }
}
