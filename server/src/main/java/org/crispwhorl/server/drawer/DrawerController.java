package org.crispwhorl.server.drawer;

import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.responses.ApiResponse;
import java.net.URI;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.UUID;
import org.crispwhorl.core.drawer.DrawerItem;
import org.crispwhorl.core.measure.Limits;
import org.crispwhorl.core.measure.Text;
import org.crispwhorl.files.csv.DrawerCsv;
import org.crispwhorl.files.picture.ThingShape;
import org.crispwhorl.server.jobs.JobView;
import org.crispwhorl.server.jobs.Jobs;
import org.crispwhorl.server.problem.NotThere;
import org.crispwhorl.server.problem.Problem;
import org.crispwhorl.server.problem.Versioned;
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
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** The drawer, in and out. */
@RestController
@RequestMapping("/api/drawer")
public class DrawerController {
    private final StudioDrawer drawer;
    private final Jobs jobs;

    DrawerController(StudioDrawer drawer, Jobs jobs) {
        this.jobs = jobs;
        this.drawer = drawer;
    }

    /**
     * What came of a table.
     *
     * @param takenIn things that are in the drawer now
     * @param faults what is wrong, row by row
     * @param faulty the rows that are not, to be mended
     */
    public record TakenIn(int takenIn, int good, List<DrawerCsv.RowFault> faults, String faulty) {}

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
    @Operation(operationId = "keepInDrawer", summary = "Keep a changed thing; If-Match is the version it was made from")
    @ApiResponse(responseCode = "200")
    @ApiResponse(responseCode = "409", content = @Content(schema = @Schema(implementation = Problem.class)))
    ResponseEntity<StudioDrawer.KeptItem> change(
            @PathVariable UUID id,
            @RequestHeader(HttpHeaders.IF_MATCH) String version,
            @RequestBody DrawerItem changed) {
        StudioDrawer.KeptItem kept = drawer.change(id, Versioned.of(version), changed);
        return new Versioned<>(kept, kept.version()).answer();
    }

    @DeleteMapping("/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    @Operation(operationId = "removeFromDrawer", summary = "Take a thing out of the drawer for good")
    void remove(@PathVariable UUID id) {
        drawer.remove(id);
    }

    /** Sizes of a set. */
    public record Sizes(
            @Text(label = "sizes", shortest = 1, longest = 40)
            List<Double> sizesMm) {
        public Sizes {
            Limits.check(Sizes.class, sizesMm);
        }
    }

    @PostMapping("/{id}/sizes")
    @ResponseStatus(HttpStatus.CREATED)
    @Operation(operationId = "addSizes", summary = "Put a cutter into the drawer in further sizes, as sets are sold")
    @ApiResponse(responseCode = "201")
    List<StudioDrawer.KeptItem> sizes(@PathVariable UUID id, @RequestBody Sizes sizes) {
        return drawer.addSizes(id, sizes.sizesMm());
    }

    @GetMapping(path = "/{id}/shape.svg", produces = "image/svg+xml")
    @Operation(
            operationId = "thingShape",
            summary = "What a cutter cuts or how a former is hollowed, as a small drawing")
    ResponseEntity<String> shape(@PathVariable UUID id) {
        String svg = ThingShape.svg(drawer.get(id).item()).orElseThrow(() -> new NotThere("shape of thing", id));
        return ResponseEntity.ok()
                .contentType(MediaType.parseMediaType("image/svg+xml"))
                .body(svg);
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
     * Takes a table in, all at once: a table with faults changes nothing unless its good rows are asked for; the faulty ones come
     * back either way. Stopped before its end it has changed nothing.
     */
    @PostMapping(path = "/csv", consumes = "text/csv")
    @ResponseStatus(HttpStatus.ACCEPTED)
    @ApiResponse(responseCode = "202")
    @Operation(operationId = "takeInCsv", summary = "Begin to take a table of things in")
    JobView takeIn(
            @RequestBody String csv,
            @RequestParam(defaultValue = "false") boolean inPlaceOfAll,
            @RequestParam(defaultValue = "false") boolean goodRows) {
        return jobs.start("The table", progress -> {
            DrawerCsv.Reading reading = DrawerCsv.read(csv, progress.part(0, READ));
            boolean take = reading.faults().isEmpty() || goodRows;
            if (take) {
                drawer.takeIn(reading.good(), inPlaceOfAll, progress.part(READ, 1));
            }
            return new TakenIn(
                    take ? reading.good().size() : 0, reading.good().size(), reading.faults(), reading.faulty());
        });
    }

    /** Share of the work that reading a table is; keeping it is the rest. */
    private static final double READ = 0.4;
}
