package org.crispwhorl.server.plate;

import io.swagger.v3.oas.annotations.Operation;
import java.util.List;
import java.util.Optional;
import org.crispwhorl.core.drying.Room;
import org.crispwhorl.core.measure.Figure;
import org.crispwhorl.core.measure.Limits;
import org.crispwhorl.core.measure.Text;
import org.crispwhorl.core.measure.Why;
import org.crispwhorl.core.reckoning.Reckoner;
import org.crispwhorl.core.reckoning.Reckoning;
import org.crispwhorl.core.species.Species;
import org.crispwhorl.core.species.Techniques;
import org.crispwhorl.core.studio.Conditions;
import org.crispwhorl.core.studio.Kit;
import org.crispwhorl.core.studio.Pace;
import org.crispwhorl.files.document.SpeciesDocument;
import org.crispwhorl.server.conditions.StudioConditions;
import org.crispwhorl.server.problem.NotThere;
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
     * @param techniques how the studio works; the studio's ways where they are left out
     * @param pace how fast the studio's hands are; the studio's pace where it is left out
     * @param reasons whether every figure comes with its reason; true where it is left out. A single one can be asked for later
     */
    public record ReckoningRequest(
            @Text(label = "species") JsonNode species,
            Optional<Room> room,
            Optional<Kit> kit,
            Optional<Techniques> techniques,
            Optional<Pace> pace,
            Optional<Boolean> reasons) {
        public ReckoningRequest {
            Limits.check(ReckoningRequest.class, species, room, kit, techniques, pace, reasons);
        }
    }

    /**
     * One figure's reason.
     *
     * @param of the reckoning in which it stands
     * @param partId the part whose figure it is; of the whole flower where it is left out
     * @param key of the figure
     */
    public record ReasonRequest(
            @Text(label = "reckoning") ReckoningRequest of,
            Optional<String> partId,
            @Text(label = "figure", shortest = 1) String key) {
        public ReasonRequest {
            Limits.check(ReasonRequest.class, of, partId, key);
        }
    }

    private final StudioConditions studio;

    ReckoningController(StudioConditions studio) {
        this.studio = studio;
    }

    @PostMapping("/api/reckoning")
    @Operation(operationId = "reckon", summary = "The whole reckoning of a species document; nothing is kept")
    ReckoningView reckon(@RequestBody ReckoningRequest request) {
        Species species = SpeciesDocument.read(request.species());
        Conditions conditions = conditions(request);
        return ReckoningView.of(
                species,
                conditions.room(),
                Reckoner.reckon(species, conditions),
                request.reasons().orElse(true));
    }

    @PostMapping("/api/reckoning/reason")
    @Operation(operationId = "reason", summary = "The reason of one figure, and everything that it was reckoned from")
    Why reason(@RequestBody ReasonRequest request) {
        Species species = SpeciesDocument.read(request.of().species());
        Reckoning reckoning = Reckoner.reckon(species, conditions(request.of()));
        List<Figure> figures = request.partId()
                .map(id -> reckoning.parts().stream()
                        .filter(p -> p.id().equals(id))
                        .findFirst()
                        .orElseThrow(() -> new NotThere("part", id))
                        .figures())
                .orElse(reckoning.figures());
        return figures.stream()
                .filter(f -> f.key().equals(request.key()))
                .findFirst()
                .orElseThrow(() -> new NotThere("figure", request.key()))
                .why();
    }

    private Conditions conditions(ReckoningRequest request) {
        return new Conditions(
                request.room().orElseGet(studio::room),
                request.kit().orElseGet(studio::kit),
                request.techniques().orElseGet(studio::techniques),
                request.pace().orElseGet(studio::pace));
    }
}
