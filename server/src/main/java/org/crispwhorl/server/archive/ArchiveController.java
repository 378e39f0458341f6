package org.crispwhorl.server.archive;

import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.Parameter;
import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.parameters.RequestBody;
import io.swagger.v3.oas.annotations.responses.ApiResponse;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.io.InputStream;
import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import org.crispwhorl.server.problem.Problem;
import org.crispwhorl.server.studio.Archive;
import org.crispwhorl.server.studio.ArchiveFile;
import org.crispwhorl.server.studio.OpenArchive;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** The copies of the studio, from its own pages. */
@RestController
public class ArchiveController {
    private static final String ALL = "/api/studio/copies";
    private static final String ONE = ALL + "/{name}";
    private static final String OPEN = "/api/studio/archive.zip";
    private static final MediaType ZIP = new MediaType("application", "zip");

    private final Archive archive;
    private final OpenArchive open;

    private final ArchiveFile files;
    private final Clock clock;

    ArchiveController(Archive archive, OpenArchive open, ArchiveFile files, Clock clock) {
        this.clock = clock;
        this.files = files;
        this.archive = archive;
        this.open = open;
    }

    @GetMapping(ALL)
    @Operation(operationId = "listCopies", summary = "The copies of the studio, the newest first")
    List<Archive.Copy> all() throws IOException {
        return archive.all();
    }

    @PostMapping(ALL)
    @ResponseStatus(HttpStatus.CREATED)
    @ApiResponse(responseCode = "201")
    @Operation(operationId = "makeCopy", summary = "Copy the studio now")
    Archive.Copy make() throws IOException {
        return archive.make();
    }

    @PostMapping(ONE + "/restored")
    @ApiResponse(responseCode = "200")
    @ApiResponse(responseCode = "422", content = @Content(schema = @Schema(implementation = Problem.class)))
    @Operation(
            operationId = "restoreCopy",
            summary =
                    "Put a copy back, all of it or nothing; what was there is copied before, and that copy is answered")
    Archive.Copy restore(@PathVariable String name) throws IOException {
        return archive.restore(name);
    }

    /**
     * What came in.
     *
     * @param species how many
     * @param orders how many
     * @param things how many, of the drawer
     */
    public record StudioTakenIn(int species, int orders, int things) {}

    @GetMapping(path = OPEN, produces = "application/zip")
    @Operation(operationId = "downloadArchive", summary = "Everything that the studio keeps, in open formats")
    @ApiResponse(responseCode = "200", content = @Content(mediaType = "application/zip"))
    void written(HttpServletResponse response) throws IOException {
        response.setContentType(ZIP.toString());
        response.setHeader(
                HttpHeaders.CONTENT_DISPOSITION,
                "attachment; filename=\"" + ArchiveFile.nameOf(LocalDate.now(clock)) + "\"");
        open.write(response.getOutputStream());
    }

    @PostMapping(path = OPEN, consumes = "application/zip")
    @ApiResponse(responseCode = "200")
    @ApiResponse(responseCode = "422", content = @Content(schema = @Schema(implementation = Problem.class)))
    @Operation(
            operationId = "takeInArchive",
            summary = "Take such an archive into an empty studio, all of it or nothing",
            requestBody =
                    @RequestBody(
                            content =
                                    @Content(
                                            mediaType = "application/zip",
                                            schema = @Schema(type = "string", format = "binary"))))
    StudioTakenIn takeIn(@Parameter(hidden = true) InputStream zip) throws IOException {
        Map<String, Integer> rows = files.received(zip, open::takeIn);
        return new StudioTakenIn(
                rows.getOrDefault("species", 0),
                rows.getOrDefault("flower_order", 0),
                rows.getOrDefault("drawer_item", 0));
    }
}
