package org.crispwhorl.server.tools;

import io.swagger.v3.oas.annotations.Operation;
import java.util.List;
import java.util.UUID;
import org.crispwhorl.core.reckoning.WayEffects;
import org.crispwhorl.files.document.CraftJson;
import org.crispwhorl.server.conditions.StudioConditions;
import org.crispwhorl.server.shelf.Shelf;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** What each way of working would change of a flower of one's choice. Nothing is kept. */
@RestController
public class WayEffectsController {
    /**
     * A choice that is not made.
     *
     * @param way as in the ways of the studio
     * @param choice as it would stand there
     * @param label the maker's word for it
     * @param changes what would come out otherwise; none where it makes no difference to this flower
     */
    public record WayTold(String way, String choice, String label, List<WayEffects.FigureChange> changes) {}

    private final Shelf shelf;
    private final StudioConditions conditions;

    WayEffectsController(Shelf shelf, StudioConditions conditions) {
        this.shelf = shelf;
        this.conditions = conditions;
    }

    @GetMapping("/api/techniques/effects")
    @Operation(operationId = "waysInFigures", summary = "What each way of working would change of a flower, in figures")
    List<WayTold> effects(@RequestParam UUID speciesId) {
        return WayEffects.of(shelf.get(speciesId).species(), conditions.now()).stream()
                .map(e -> new WayTold(e.way(), CraftJson.name(e.choice().name()), e.label(), e.changes()))
                .toList();
    }
}
