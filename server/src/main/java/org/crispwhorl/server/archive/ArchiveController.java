package org.crispwhorl.server.archive;

import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.responses.ApiResponse;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.util.List;
import org.crispwhorl.server.problem.Problem;
import org.crispwhorl.server.studio.Archive;
import org.springframework.core.io.FileSystemResource;
import org.springframework.core.io.Resource;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** The copies of the studio, from its own pages. */
@RestController
public class ArchiveController {
    private static final String ALL = "/api/studio/copies";
    private static final String ONE = ALL + "/{name}";
    private static final MediaType ZIP = new MediaType("application", "zip");

    private final Archive archive;

    ArchiveController(Archive archive) {
        this.archive = archive;
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

    @PostMapping(path = "/api/studio/brought-in", consumes = "application/zip")
    @ResponseStatus(HttpStatus.CREATED)
    @ApiResponse(responseCode = "201")
    @ApiResponse(responseCode = "422", content = @Content(schema = @Schema(implementation = Problem.class)))
    @Operation(
            operationId = "bringInCopy",
            summary = "Take in a copy from elsewhere, among the others; one that is damaged or newer is refused")
    Archive.Copy bringIn(@RequestBody(required = false) byte[] zip) throws IOException {
        return archive.bringIn(zip == null ? InputStream.nullInputStream() : new ByteArrayInputStream(zip));
    }

    @GetMapping(path = ONE, produces = "application/zip")
    @Operation(operationId = "downloadCopy", summary = "The file of a copy, to be kept elsewhere")
    @ApiResponse(responseCode = "200", content = @Content(mediaType = "application/zip"))
    ResponseEntity<Resource> file(@PathVariable String name) throws IOException {
        return ResponseEntity.ok()
                .contentType(ZIP)
                .header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"crisp-whorl-" + name + "\"")
                .body(new FileSystemResource(archive.file(name)));
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
}
