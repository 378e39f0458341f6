package org.crispwhorl.server.api;

import io.swagger.v3.oas.annotations.Operation;
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
}
