package org.crispwhorl.server.study;

import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.responses.ApiResponse;
import java.net.URI;
import java.util.List;
import java.util.UUID;
import org.crispwhorl.core.measure.Limits;
import org.crispwhorl.core.measure.Text;
import org.crispwhorl.core.study.MeasuredPetals;
import org.crispwhorl.core.study.Study;
import org.crispwhorl.files.csv.StudyCsv;
import org.crispwhorl.server.shelf.Shelf;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Reads measured petals, sorts them into rings, and drafts a species from them. */
@RestController
@RequestMapping("/api/study")
public class StudyController {
    private final Shelf shelf;

    StudyController(Shelf shelf) {
        this.shelf = shelf;
    }

    /** The rings that measured petals come to. */
    public record SortedPetals(
            @Text(label = "rings", longest = 200) List<MeasuredPetals> rings) {
        public SortedPetals {
            Limits.check(SortedPetals.class, rings);
        }
    }

    /** Measured petals as a table. */
    public record PetalTable(
            @Text(label = "table", longest = 1_000_000, lines = true)
            String csv) {
        public PetalTable {
            Limits.check(PetalTable.class, csv);
        }
    }

    /** The species that was drafted. */
    public record Drafted(UUID id) {}

    @PostMapping("/rings")
    @Operation(operationId = "sortPetals", summary = "Sort measured petals into rings; nothing is kept")
    SortedPetals rings(@RequestBody Study study) {
        return new SortedPetals(study.rings());
    }

    @PostMapping("/draft")
    @Operation(operationId = "draftSpecies", summary = "Put the first draft of a species on the shelf")
    @ApiResponse(responseCode = "201")
    ResponseEntity<Drafted> draft(@RequestBody Study study) {
        UUID id = shelf.add(study.draft()).id();
        return ResponseEntity.created(URI.create("/api/species/" + id)).body(new Drafted(id));
    }

    @PostMapping("/read")
    @Operation(operationId = "readPetals", summary = "Read measured petals from CSV; nothing is kept")
    SortedPetals read(@RequestBody PetalTable table) {
        return new SortedPetals(StudyCsv.read(table.csv()));
    }

    @PostMapping("/write")
    @Operation(operationId = "writePetals", summary = "Write measured petals as CSV; nothing is kept")
    PetalTable write(@RequestBody SortedPetals petals) {
        return new PetalTable(StudyCsv.write(petals.rings()));
    }
}
