package org.crispwhorl.server.plate;

import io.swagger.v3.oas.annotations.Operation;
import java.util.List;
import java.util.Optional;
import org.crispwhorl.core.assessment.Assessment;
import org.crispwhorl.core.assessment.Coloured;
import org.crispwhorl.core.colour.Colouring;
import org.crispwhorl.core.drawing.ColouredPiece;
import org.crispwhorl.core.form.PlacedRing;
import org.crispwhorl.core.measure.Limits;
import org.crispwhorl.core.measure.Text;
import org.crispwhorl.core.species.ColourSteps;
import org.crispwhorl.core.species.Petaled;
import org.crispwhorl.core.species.Species;
import org.crispwhorl.files.document.SpeciesDocument;
import org.crispwhorl.server.conditions.StudioConditions;
import org.crispwhorl.server.problem.NotThere;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import tools.jackson.databind.JsonNode;

/** The passes of colour on the pieces of a part, and taken on to other rings. Nothing is kept. */
@RestController
public class ColourController {
    /**
     * A piece that is looked at.
     *
     * @param species a species document
     * @param pull a pass that is pulled first
     */
    public record PieceRequest(
            @Text(label = "species") JsonNode species,
            @Text(label = "part", shortest = 1) String partId,
            Optional<PassPull> pull) {
        public PieceRequest {
            Limits.check(PieceRequest.class, species, partId, pull);
        }
    }

    /**
     * @param pass its number, from 0
     * @param fade whether its fade is pulled and not its reach
     * @param to where it is to reach
     */
    public record PassPull(int pass, boolean fade, ColouredPiece.Handle to) {}

    /**
     * @param colour the passes, the pulled one among them
     * @param piece as they leave it
     */
    public record PieceColours(Colouring colour, ColouredPiece piece) {}

    /**
     * Colour taken on.
     *
     * @param from the part whose passes are taken
     * @param to the part that they are taken to
     * @param between whether the rings between the two are stepped, and neither of the two is changed
     */
    public record StepsRequest(
            @Text(label = "species") JsonNode species,
            @Text(label = "from", shortest = 1) String from,
            @Text(label = "to", shortest = 1) String to,
            boolean between) {
        public StepsRequest {
            Limits.check(StepsRequest.class, species, from, to, between);
        }
    }

    /** The passes of one part. */
    public record PartColour(String partId, Colouring colour) {}

    private final StudioConditions studio;

    ColourController(StudioConditions studio) {
        this.studio = studio;
    }

    @PostMapping("/api/colour/piece")
    @Operation(operationId = "seeColours", summary = "A piece lying flat as its passes of colour leave it")
    PieceColours piece(@RequestBody PieceRequest request) {
        Species species = SpeciesDocument.read(request.species());
        PieceColours seen = seen(species, request.partId());
        if (request.pull().isEmpty()) {
            return seen;
        }
        PassPull pull = request.pull().get();
        Petaled part = flat(species, request.partId());
        Colouring pulled = ColouredPiece.pulled(ring(species, part), pull.pass(), pull.fade(), pull.to());
        return seen(species.with(part.with(pulled)), part.id());
    }

    private PieceColours seen(Species species, String partId) {
        Petaled part = flat(species, partId);
        Assessment a = new Assessment(species, studio.now());
        return new PieceColours(
                part.colour(),
                ColouredPiece.of(
                        a.form().ring(partId).orElseThrow(),
                        a.species().shade(part.shade()),
                        Coloured.backShade(a, part)));
    }

    private PlacedRing ring(Species species, Petaled part) {
        return new Assessment(species, studio.now()).form().ring(part.id()).orElseThrow();
    }

    private static Petaled flat(Species species, String partId) {
        return species.part(partId)
                .flatMap(p -> p.flat())
                .orElseThrow(() -> new NotThere("part of flat pieces", partId));
    }

    @PostMapping("/api/colour/steps")
    @Operation(
            operationId = "stepColours",
            summary = "The passes of a part taken to another by the ladder, or stepped over the rings between two")
    List<PartColour> steps(@RequestBody StepsRequest request) {
        Species species = SpeciesDocument.read(request.species());
        Species stepped = request.between()
                ? ColourSteps.between(species, request.from(), request.to())
                : ColourSteps.copied(species, request.from(), request.to());
        return stepped.petaled().stream()
                .filter(p -> !p.colour().equals(flat(species, p.id()).colour()))
                .map(p -> new PartColour(p.id(), p.colour()))
                .toList();
    }
}
