package org.crispwhorl.server.sheets;

import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.responses.ApiResponse;
import java.util.UUID;
import org.crispwhorl.core.assessment.Assessment;
import org.crispwhorl.core.measure.LengthText;
import org.crispwhorl.core.sheets.PrintedMethod;
import org.crispwhorl.files.page.Paper;
import org.crispwhorl.files.picture.MethodPdf;
import org.crispwhorl.server.conditions.StudioConditions;
import org.crispwhorl.server.drawer.StudioDrawer;
import org.crispwhorl.server.shelf.Shelf;
import org.crispwhorl.server.work.BigWork;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** A species as a method, to read, to print or to hand out. */
@RestController
class MethodController {
    private final Shelf shelf;
    private final StudioConditions conditions;
    private final StudioDrawer drawer;
    private final BigWork work;

    MethodController(Shelf shelf, StudioConditions conditions, StudioDrawer drawer, BigWork work) {
        this.shelf = shelf;
        this.conditions = conditions;
        this.drawer = drawer;
        this.work = work;
    }

    @GetMapping("/api/species/{id}/method")
    @Operation(operationId = "method", summary = "How a species is made, act by act")
    PrintedMethod method(@PathVariable UUID id) {
        return PrintedMethod.of(shelf.get(id).species(), conditions.now(), drawer.now());
    }

    @GetMapping("/api/species/{id}/method.pdf")
    @Operation(operationId = "methodAsPdf", summary = "How a species is made, act by act, as PDF")
    @ApiResponse(responseCode = "200", content = @Content(mediaType = "application/pdf"))
    ResponseEntity<byte[]> pdf(
            @PathVariable UUID id,
            @RequestParam(defaultValue = "A4") Paper paper,
            @RequestParam(defaultValue = "MM") LengthText.Lengths lengths) {
        PrintedMethod method = method(id);
        Assessment a = new Assessment(shelf.get(id).species(), conditions.now());
        return work.inTurn(() -> ResponseEntity.ok()
                .contentType(MediaType.APPLICATION_PDF)
                .header("Content-Disposition", "inline; filename=\"method.pdf\"")
                .body(MethodPdf.write(method, a, paper, lengths)));
    }
}
