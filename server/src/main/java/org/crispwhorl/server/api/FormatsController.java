package org.crispwhorl.server.api;

import io.swagger.v3.oas.annotations.Hidden;
import io.swagger.v3.oas.annotations.Operation;
import java.util.List;
import java.util.Map;
import org.crispwhorl.core.calendar.StudioTime;
import org.crispwhorl.core.drawer.DrawerItem;
import org.crispwhorl.core.drying.Room;
import org.crispwhorl.core.drying.RoomAhead;
import org.crispwhorl.core.order.Order;
import org.crispwhorl.core.order.Venue;
import org.crispwhorl.core.outline.PrintedCutter;
import org.crispwhorl.core.price.Tariff;
import org.crispwhorl.core.quick.QuickQuestion;
import org.crispwhorl.core.species.Beginning;
import org.crispwhorl.core.species.Part;
import org.crispwhorl.core.studio.Pace;
import org.crispwhorl.core.study.Study;
import org.crispwhorl.files.document.CraftJson;
import org.crispwhorl.files.document.CraftSchema;
import org.crispwhorl.files.document.SpeciesDocument;
import org.crispwhorl.server.problem.NotThere;
import org.springframework.core.io.ClassPathResource;
import org.springframework.core.io.Resource;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RestController;
import tools.jackson.databind.node.ObjectNode;

/** The published formats. */
@RestController
class FormatsController {
    @GetMapping(path = "/api/formats/species.schema.json", produces = "application/schema+json")
    @Operation(operationId = "speciesSchema", summary = "The JSON Schema of the species document")
    ObjectNode speciesSchema() {
        return SpeciesDocument.schema();
    }

    /** What the page makes its fields from, besides the species. */
    private static final Map<String, Class<?>> PUBLISHED = Map.ofEntries(
            Map.entry("drawer", DrawerItem.class),
            Map.entry("quick", QuickQuestion.class),
            Map.entry("pace", Pace.class),
            Map.entry("venue", Venue.class),
            Map.entry("tariff", Tariff.class),
            Map.entry("time", StudioTime.class),
            Map.entry("printed-cutter", PrintedCutter.class),
            Map.entry("room", Room.class),
            Map.entry("ahead", RoomAhead.class),
            Map.entry("order", Order.class),
            Map.entry("study", Study.class));

    @GetMapping(path = "/api/formats/{of}.schema.json", produces = "application/schema+json")
    @Operation(
            operationId = "schema",
            summary =
                    "The JSON Schema of a thing in the drawer, a quick question, a pace, the studio's time or tariff, a venue, a room and the room ahead, an order, a study, or of"
                            + " the walls of a cutter to print")
    ObjectNode schema(@PathVariable String of) {
        Class<?> type = PUBLISHED.get(of);
        if (type == null) {
            throw new NotThere("schema", of);
        }
        return CraftSchema.published(type);
    }

    @GetMapping(path = "/api/formats/beginnings.json", produces = "application/json")
    @Operation(
            operationId = "beginnings",
            summary = "A part of every kind, each sound as it is, in the order in which they are offered")
    ObjectNode beginnings() {
        return CraftJson.mapper().valueToTree(new Beginnings(Beginning.parts("petal")));
    }

    /** The description is made from the controllers when it is published; what is served is the file. */
    @Hidden
    @GetMapping(path = "/api/openapi", produces = "application/json")
    Resource description() {
        return new ClassPathResource("openapi.json");
    }

    private record Beginnings(List<Part> parts) {}
}
