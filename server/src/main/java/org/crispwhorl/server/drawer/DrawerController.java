package org.crispwhorl.server.drawer;

import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.responses.ApiResponse;
import java.net.URI;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.crispwhorl.core.drawer.DrawerItem;
import org.crispwhorl.core.drawer.OwnPaste;
import org.crispwhorl.core.drawer.PartTools;
import org.crispwhorl.core.drawer.PasteCheck;
import org.crispwhorl.core.drawer.Purchases;
import org.crispwhorl.core.measure.Figure;
import org.crispwhorl.core.measure.Limits;
import org.crispwhorl.core.measure.Words;
import org.crispwhorl.core.outline.Cut;
import org.crispwhorl.core.paste.Medium;
import org.crispwhorl.core.paste.Nesting;
import org.crispwhorl.core.reckoning.Assessment;
import org.crispwhorl.core.reckoning.Conditions;
import org.crispwhorl.core.species.Petaled;
import org.crispwhorl.core.species.Species;
import org.crispwhorl.files.DrawerCsv;
import org.crispwhorl.files.SpeciesDocument;
import org.crispwhorl.server.problem.Problem;
import org.crispwhorl.server.room.StudioRoom;
import org.crispwhorl.server.shelf.Shelf;
import org.crispwhorl.server.ways.StudioWays;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import tools.jackson.databind.JsonNode;

/** The drawer, what of it fits, and what to buy. */
@RestController
@RequestMapping("/api/drawer")
public class DrawerController {
    private final StudioDrawer drawer;
    private final Shelf shelf;
    private final StudioRoom room;
    private final StudioWays ways;

    DrawerController(StudioDrawer drawer, Shelf shelf, StudioRoom room, StudioWays ways) {
        this.drawer = drawer;
        this.shelf = shelf;
        this.room = room;
        this.ways = ways;
    }

    /** Species whose pieces have to be cut. */
    public record Covering(
            @Words(label = "species", shortest = 1, longest = 200)
            List<UUID> speciesIds,

            Optional<Purchases.Least> least) {
        public Covering {
            Limits.check(Covering.class, speciesIds, least);
        }
    }

    /**
     * What came of a table.
     *
     * @param takenIn things that are in the drawer now
     * @param faults what is wrong, row by row
     * @param faulty the rows that are not, to be mended
     */
    public record TakenIn(int takenIn, int good, List<DrawerCsv.RowFault> faults, String faulty) {}

    /** A species document whose parts want tools. */
    public record ToolsRequest(@Words(label = "species") JsonNode species) {
        public ToolsRequest {
            Limits.check(ToolsRequest.class, species);
        }
    }

    @GetMapping
    @Operation(operationId = "listDrawer", summary = "Everything in the drawer")
    List<StudioDrawer.KeptItem> list() {
        return drawer.all();
    }

    @PostMapping
    @Operation(operationId = "addToDrawer", summary = "Put a thing into the drawer")
    @ApiResponse(responseCode = "201")
    ResponseEntity<StudioDrawer.KeptItem> add(@RequestBody DrawerItem item) {
        StudioDrawer.KeptItem kept = drawer.add(item);
        return ResponseEntity.created(URI.create("/api/drawer/" + kept.id())).body(kept);
    }

    @PutMapping("/{id}")
    @Operation(operationId = "keepInDrawer", summary = "Keep a changed thing with the version it was made from")
    @ApiResponse(responseCode = "200")
    @ApiResponse(responseCode = "409", content = @Content(schema = @Schema(implementation = Problem.class)))
    StudioDrawer.KeptItem change(@PathVariable UUID id, @RequestBody StudioDrawer.KeptItem changed) {
        return drawer.change(id, changed.version(), changed.item());
    }

    @DeleteMapping("/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    @Operation(operationId = "removeFromDrawer", summary = "Take a thing out of the drawer for good")
    void remove(@PathVariable UUID id) {
        drawer.remove(id);
    }

    @GetMapping("/drawer.csv")
    @Operation(operationId = "drawerAsCsv", summary = "The drawer as CSV")
    @ApiResponse(responseCode = "200", content = @Content(mediaType = "text/csv"))
    ResponseEntity<byte[]> asCsv() {
        return ResponseEntity.ok()
                .contentType(new MediaType("text", "csv", StandardCharsets.UTF_8))
                .header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"drawer.csv\"")
                .body(DrawerCsv.write(drawer.now().items()).getBytes(StandardCharsets.UTF_8));
    }

    /**
     * Takes a table in. A table with faults changes nothing unless its good rows are asked for; the faulty ones come back
     * either way.
     */
    @PostMapping(path = "/csv", consumes = "text/csv")
    @Operation(operationId = "takeInCsv", summary = "Take a table of things in")
    TakenIn takeIn(
            @RequestBody String csv,
            @RequestParam(defaultValue = "false") boolean inPlaceOfAll,
            @RequestParam(defaultValue = "false") boolean goodRows) {
        DrawerCsv.Reading reading = DrawerCsv.read(csv);
        boolean take = reading.faults().isEmpty() || goodRows;
        if (take && inPlaceOfAll) {
            drawer.replaceAll(reading.good());
        } else if (take) {
            drawer.addAll(reading.good());
        }
        return new TakenIn(take ? reading.good().size() : 0, reading.good().size(), reading.faults(), reading.faulty());
    }

    @PostMapping("/tools")
    @Operation(operationId = "findTools", summary = "The drawer's tools for every part of a species, the closest first")
    List<PartTools> tools(@RequestBody ToolsRequest request) {
        return PartTools.of(assessed(SpeciesDocument.read(request.species())), drawer.now());
    }

    @PostMapping("/paste-check")
    @Operation(
            operationId = "checkPaste",
            summary = "How long a paste stays open and takes to dry in the room as it is now")
    List<Figure> check(@RequestBody OwnPaste paste) {
        return PasteCheck.of(paste.paste(), room.now());
    }

    @PostMapping("/purchases")
    @Operation(operationId = "findPurchases", summary = "The fewest or cheapest cutters to buy for some species")
    Purchases purchases(@RequestBody Covering covering) {
        List<Purchases.Need> needs = new ArrayList<>();
        for (UUID id : covering.speciesIds()) {
            Assessment a = assessed(shelf.get(id).species());
            for (Petaled part : a.species().petaled()) {
                part.pieces()
                        .cut()
                        .ifPresent(cut -> needs.add(new Purchases.Need(
                                a.species().name(),
                                part.name(),
                                new org.crispwhorl.core.drawer.CutterFit.Wanted(
                                        cut, part.pieces().finishedMm(a.paste())))));
            }
        }
        return Purchases.of(needs, drawer.now(), covering.least().orElse(Purchases.Least.FEWEST));
    }

    @PostMapping("/nesting")
    @Operation(operationId = "nest", summary = "How a cutter nests on a strip as wide as the roller")
    NestingView nesting(@RequestBody Cut cut) {
        return new NestingView(
                Nesting.of(cut, drawer.kit().stripMm()),
                cut.shape().ring(),
                drawer.kit().paste(Medium.GUM_PASTE).rekneadShare());
    }

    /**
     * A nesting with the shape that lies in it.
     *
     * @param ring corners of the shape, rows of x and y in mm
     */
    public record NestingView(Nesting nesting, double[][] ring, double rekneadShare) {}

    private Assessment assessed(Species species) {
        return new Assessment(species, new Conditions(room.now(), drawer.kit(), ways.now()));
    }
}
