package org.crispwhorl.server.jobs;

import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.responses.ApiResponse;
import java.util.UUID;
import org.crispwhorl.server.problem.NotThere;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api/jobs/{id}")
class JobsController {
    private final Jobs jobs;

    JobsController(Jobs jobs) {
        this.jobs = jobs;
    }

    @GetMapping
    @Operation(operationId = "seeJob", summary = "How far a piece of long work has come")
    JobView see(@PathVariable UUID id) {
        return jobs.get(id).view();
    }

    @DeleteMapping
    @Operation(operationId = "stopJob", summary = "Stop a piece of long work; the best that it has is kept")
    JobView stop(@PathVariable UUID id) {
        Job job = jobs.get(id);
        job.stop();
        return job.view();
    }

    @GetMapping("/result")
    @Operation(operationId = "jobResult", summary = "What came of a piece of long work")
    @ApiResponse(responseCode = "200", content = @Content)
    ResponseEntity<Object> result(@PathVariable UUID id) {
        Object result = jobs.get(id).result().orElseThrow(() -> new NotThere("result of work", id));
        if (result instanceof JobFile file) {
            return ResponseEntity.ok()
                    .contentType(file.type())
                    .header(
                            HttpHeaders.CONTENT_DISPOSITION,
                            ContentDisposition.inline()
                                    .filename(file.name())
                                    .build()
                                    .toString())
                    .body(file.body());
        }
        return ResponseEntity.ok(result);
    }
}
