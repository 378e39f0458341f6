package org.crispwhorl.server.shelf;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.crispwhorl.core.assessment.Assessment;
import org.crispwhorl.core.drawing.Draughting;
import org.crispwhorl.core.drawing.Drawing;
import org.crispwhorl.core.form.FlowerForm;
import org.crispwhorl.core.paste.MixingLaw;
import org.crispwhorl.core.species.Part;
import org.crispwhorl.core.species.Species;
import org.crispwhorl.files.document.DocumentFault;

/**
 * A species as it stands on the shelf.
 *
 * @param drawn what is shown of it; empty where its document cannot be read
 * @param faults what is wrong with a document that cannot be read
 * @param stageOf the full flower that it is a stage of
 */
public record SpeciesCard(
        UUID id,
        String name,
        long version,
        boolean archived,
        Instant updatedAt,
        Optional<Drawn> drawn,
        List<DocumentFault.Fault> faults,
        Optional<Shelf.StageOf> stageOf) {
    /** The colour of a part or of a shade, by its id. */
    public record Tint(String id, String colour) {}

    /**
     * What is shown of a species.
     *
     * @param pieces pieces in one flower
     * @param tints colour of each part's shade
     * @param shades colour of each shade
     */
    public record Drawn(
            String note, int pieces, double faceMm, List<Tint> tints, List<Tint> shades, Drawing.Face face) {
        static Drawn of(Assessment made) {
            Species species = made.designed();
            FlowerForm form = made.form();
            return new Drawn(
                    species.note(),
                    SpeciesCard.pieces(species),
                    form.faceMm(),
                    SpeciesCard.tints(form),
                    SpeciesCard.shades(species),
                    Draughting.faceOf(form));
        }
    }

    /** Pieces in one flower. */
    public static int pieces(Species species) {
        return species.petaled().stream().mapToInt(Part::pieceCount).sum();
    }

    /** The colour of each part of paste: flat pieces bring those of their passes with their drawing, as bodies do that are coloured by zones. */
    public static List<Tint> tints(FlowerForm form) {
        return form.species().parts().stream()
                .flatMap(part -> part.shadeId().stream().map(shade -> {
                    double[] paste = MixingLaw.linear(form.species().shade(shade));
                    return new Tint(
                            part.id(),
                            MixingLaw.hex(form.body(part)
                                    .map(body -> body.at(paste, body.topMm()))
                                    .orElse(paste)));
                }))
                .toList();
    }

    /** The colour of each shade. */
    public static List<Tint> shades(Species species) {
        return species.shades().stream()
                .map(s -> new Tint(s.id(), MixingLaw.colour(s)))
                .toList();
    }
}
