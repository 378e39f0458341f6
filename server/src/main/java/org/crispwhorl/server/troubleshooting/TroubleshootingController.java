package org.crispwhorl.server.troubleshooting;

import io.swagger.v3.oas.annotations.Operation;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.UUID;
import org.crispwhorl.core.assessment.Assessment;
import org.crispwhorl.core.measure.Text;
import org.crispwhorl.core.species.Part;
import org.crispwhorl.core.troubleshooting.Seen;
import org.crispwhorl.core.troubleshooting.Troubleshooting;
import org.crispwhorl.files.document.CraftJson;
import org.crispwhorl.server.conditions.StudioConditions;
import org.crispwhorl.server.problem.NotThere;
import org.crispwhorl.server.shelf.Shelf;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** The short guide from what is seen to what to do. */
@RestController
public class TroubleshootingController {
    private final Shelf shelf;
    private final StudioConditions studio;

    TroubleshootingController(Shelf shelf, StudioConditions studio) {
        this.shelf = shelf;
        this.studio = studio;
    }

    /**
     * Something that may be seen.
     *
     * @param label in the maker's words
     * @param question what is asked about it
     * @param answers what may be answered
     */
    public record Symptom(Seen seen, String label, String question, List<String> answers) {}

    /**
     * What may have happened to a flower.
     *
     * @param parts of which it may be seen
     * @param causes the likeliest first; none until something is seen
     */
    public record TroubleshootingGuide(String species, List<PartName> parts, List<Troubleshooting.Cause> causes) {}

    /** A part that can be chosen. */
    public record PartName(String id, String name) {}

    @GetMapping("/api/troubleshooting")
    @Operation(operationId = "listSymptoms", summary = "What may be seen to be wrong, and what is asked about it")
    List<Symptom> symptoms() {
        return Arrays.stream(Seen.values())
                .map(seen -> new Symptom(seen, Text.Labels.of(seen), seen.question(), seen.answers()))
                .toList();
    }

    @GetMapping("/api/species/{id}/troubleshooting")
    @Operation(
            operationId = "troubleshoot",
            summary = "The likely causes of what is seen, by this species, the studio's room and its book")
    TroubleshootingGuide guide(
            @PathVariable UUID id,
            @RequestParam Optional<String> seen,
            @RequestParam Optional<String> part,
            @RequestParam Optional<Integer> answer) {
        Assessment a =
                studio.assessed(shelf.readable(id).orElseThrow(() -> new NotThere("species that can be read", id)));
        Optional<Part> of = part.map(one -> a.species().part(one).orElseThrow(() -> new NotThere("part", one)));
        OptionalInt answered = answer.map(OptionalInt::of).orElse(OptionalInt.empty());
        return new TroubleshootingGuide(
                a.species().name(),
                a.species().parts().stream()
                        .map(p -> new PartName(p.id(), p.name()))
                        .toList(),
                seen.map(one -> Troubleshooting.of(a, of, seen(one), answered)).orElse(List.of()));
    }

    private static Seen seen(String name) {
        return Arrays.stream(Seen.values())
                .filter(s -> CraftJson.name(s.name()).equals(name))
                .findFirst()
                .orElseThrow(() -> new NotThere("thing seen called", name));
    }
}
