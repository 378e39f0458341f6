package org.crispwhorl.server.api;

import io.swagger.v3.oas.annotations.Operation;
import java.util.List;
import org.crispwhorl.core.drawer.DrawerItem;
import org.crispwhorl.core.drying.Room;
import org.crispwhorl.core.order.Order;
import org.crispwhorl.core.outline.PrintedCutter;
import org.crispwhorl.core.slate.SlateQuestion;
import org.crispwhorl.core.species.Beginning;
import org.crispwhorl.core.species.Part;
import org.crispwhorl.core.studio.Pace;
import org.crispwhorl.core.study.Study;
import org.crispwhorl.files.CraftJson;
import org.crispwhorl.files.CraftSchema;
import org.crispwhorl.files.SpeciesDocument;
import org.springframework.web.bind.annotation.GetMapping;
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

    @GetMapping(path = "/api/formats/drawer.schema.json", produces = "application/schema+json")
    @Operation(operationId = "drawerSchema", summary = "The JSON Schema of a thing in the drawer")
    ObjectNode drawerSchema() {
        return CraftSchema.published(DrawerItem.class);
    }

    @GetMapping(path = "/api/formats/slate.schema.json", produces = "application/schema+json")
    @Operation(operationId = "slateSchema", summary = "The JSON Schema of a question to the slate")
    ObjectNode slateSchema() {
        return CraftSchema.published(SlateQuestion.class);
    }

    @GetMapping(path = "/api/formats/pace.schema.json", produces = "application/schema+json")
    @Operation(operationId = "paceSchema", summary = "The JSON Schema of a studio's pace")
    ObjectNode paceSchema() {
        return CraftSchema.published(Pace.class);
    }

    @GetMapping(path = "/api/formats/printed-cutter.schema.json", produces = "application/schema+json")
    @Operation(operationId = "printedCutterSchema", summary = "The JSON Schema of the walls of a cutter to print")
    ObjectNode printedCutterSchema() {
        return CraftSchema.published(PrintedCutter.class);
    }

    @GetMapping(path = "/api/formats/room.schema.json", produces = "application/schema+json")
    @Operation(operationId = "roomSchema", summary = "The JSON Schema of the air of a room")
    ObjectNode roomSchema() {
        return CraftSchema.published(Room.class);
    }

    @GetMapping(path = "/api/formats/order.schema.json", produces = "application/schema+json")
    @Operation(operationId = "orderSchema", summary = "The JSON Schema of an order")
    ObjectNode orderSchema() {
        return CraftSchema.published(Order.class);
    }

    @GetMapping(path = "/api/formats/study.schema.json", produces = "application/schema+json")
    @Operation(operationId = "studySchema", summary = "The JSON Schema of a flower measured in pieces")
    ObjectNode studySchema() {
        return CraftSchema.published(Study.class);
    }

    @GetMapping(path = "/api/formats/beginnings.json", produces = "application/json")
    @Operation(
            operationId = "beginnings",
            summary = "A part of every kind, each sound as it is, in the order in which they are offered")
    ObjectNode beginnings() {
        return CraftJson.mapper().valueToTree(new Beginnings(Beginning.parts("petal")));
    }

    private record Beginnings(List<Part> parts) {}
}
