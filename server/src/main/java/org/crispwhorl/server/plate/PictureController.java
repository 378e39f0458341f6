package org.crispwhorl.server.plate;

import io.swagger.v3.oas.annotations.Operation;
import java.time.Duration;
import org.crispwhorl.files.picture.ChoicePictures;
import org.crispwhorl.server.problem.NotThere;
import org.springframework.http.CacheControl;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RestController;

/** Small pictures of the choices that have a shape. */
@RestController
public class PictureController {
    private static final MediaType SVG = MediaType.parseMediaType("image/svg+xml");
    private static final Duration KEPT = Duration.ofHours(1);

    @GetMapping(path = "/api/pictures/{type}/{value}.svg", produces = "image/svg+xml")
    @Operation(
            operationId = "pictureChoice",
            summary = "The picture of a choice that has a shape, as the program draws it")
    ResponseEntity<String> picture(@PathVariable String type, @PathVariable String value) {
        String svg = ChoicePictures.svg(type, value).orElseThrow(() -> new NotThere("picture of", type + " " + value));
        return ResponseEntity.ok()
                .contentType(SVG)
                .cacheControl(CacheControl.maxAge(KEPT))
                .body(svg);
    }
}
