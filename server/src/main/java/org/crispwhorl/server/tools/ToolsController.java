package org.crispwhorl.server.tools;

import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.responses.ApiResponse;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.crispwhorl.core.assessment.Assessment;
import org.crispwhorl.core.drawer.CutterFit;
import org.crispwhorl.core.drawer.Drawer;
import org.crispwhorl.core.drawer.OwnPaste;
import org.crispwhorl.core.drawer.PartTools;
import org.crispwhorl.core.drawer.PasteCheck;
import org.crispwhorl.core.drawer.Purchases;
import org.crispwhorl.core.measure.Figure;
import org.crispwhorl.core.measure.Limits;
import org.crispwhorl.core.measure.Text;
import org.crispwhorl.core.outline.Cut;
import org.crispwhorl.core.paste.Medium;
import org.crispwhorl.core.paste.Nesting;
import org.crispwhorl.core.species.Petaled;
import org.crispwhorl.files.document.SpeciesDocument;
import org.crispwhorl.server.conditions.StudioConditions;
import org.crispwhorl.server.drawer.StudioDrawer;
import org.crispwhorl.server.jobs.JobView;
import org.crispwhorl.server.jobs.Jobs;
import org.crispwhorl.server.shelf.Shelf;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import tools.jackson.databind.JsonNode;

/** What of the drawer fits, how it nests, and what to buy. */
@RestController
@RequestMapping("/api/drawer")
public class ToolsController {
    private final StudioDrawer drawer;
    private final Shelf shelf;
    private final StudioConditions conditions;
    private final Jobs jobs;

    ToolsController(StudioDrawer drawer, Shelf shelf, StudioConditions conditions, Jobs jobs) {
        this.jobs = jobs;
        this.drawer = drawer;
        this.shelf = shelf;
        this.conditions = conditions;
    }

    /** Species whose pieces have to be cut. */
    public record Covering(
            @Text(label = "species", shortest = 1, longest = 200)
            List<UUID> speciesIds,

            Optional<Purchases.Least> least) {
        public Covering {
            Limits.check(Covering.class, speciesIds, least);
        }
    }

    /** A species document whose parts want tools. */
    public record ToolsRequest(@Text(label = "species") JsonNode species) {
        public ToolsRequest {
            Limits.check(ToolsRequest.class, species);
        }
    }

    @PostMapping("/tools")
    @Operation(operationId = "findTools", summary = "The drawer's tools for every part of a species, the closest first")
    List<PartTools> tools(@RequestBody ToolsRequest request) {
        return PartTools.of(conditions.assessed(SpeciesDocument.read(request.species())), drawer.now());
    }

    @PostMapping("/paste-check")
    @Operation(
            operationId = "checkPaste",
            summary = "How long a paste stays open and takes to dry in the room as it is now")
    List<Figure> check(@RequestBody OwnPaste paste) {
        return PasteCheck.of(paste.paste(), conditions.now().room());
    }

    @PostMapping("/purchases")
    @ResponseStatus(HttpStatus.ACCEPTED)
    @ApiResponse(responseCode = "202")
    @Operation(
            operationId = "findPurchases",
            summary = "Begin to find the fewest or cheapest cutters to buy for some species")
    JobView purchases(@RequestBody Covering covering) {
        List<Purchases.Need> needs = new ArrayList<>();
        for (UUID id : covering.speciesIds()) {
            Assessment a = conditions.assessed(shelf.get(id).species());
            for (Petaled part : a.species().petaled()) {
                part.pieces()
                        .cut()
                        .ifPresent(cut -> needs.add(new Purchases.Need(
                                a.species().name(),
                                part.name(),
                                new CutterFit.Wanted(cut, part.pieces().finishedMm(a.paste())))));
                part.alsoCut()
                        .forEach(also -> needs.add(new Purchases.Need(
                                a.species().name(),
                                part.name() + ", " + also.name(),
                                new CutterFit.Wanted(
                                        also.from().cut().orElseThrow(),
                                        also.from().finishedMm()))));
            }
        }
        Drawer now = drawer.now();
        Purchases.Least least = covering.least().orElse(Purchases.Least.FEWEST);
        return jobs.start("What to buy", progress -> Purchases.of(needs, now, least, progress));
    }

    @PostMapping("/nesting")
    @Operation(operationId = "nest", summary = "How a cutter nests on a strip as wide as the roller")
    NestingView nesting(@RequestBody Cut cut) {
        return new NestingView(
                Nesting.of(cut, drawer.kit().stripMm()),
                cut.shape().ring(),
                drawer.kit().paste(Medium.USUAL).rekneadShare());
    }

    /**
     * A nesting with the shape that lies in it.
     *
     * @param ring corners of the shape, rows of x and y in mm
     */
    public record NestingView(Nesting nesting, double[][] ring, double rekneadShare) {}
}
