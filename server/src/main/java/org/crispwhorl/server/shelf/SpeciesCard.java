package org.crispwhorl.server.shelf;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.crispwhorl.core.flower.Draughting;
import org.crispwhorl.core.flower.Drawing;
import org.crispwhorl.core.flower.FlowerForm;
import org.crispwhorl.core.paste.MixingLaw;
import org.crispwhorl.core.species.Part;
import org.crispwhorl.core.species.ShadedPart;
import org.crispwhorl.core.species.Species;

/**
 * A species as it stands on the shelf.
 *
 * @param pieces pieces in one flower
 * @param tints colour of each part's shade
 * @param shades colour of each shade
 * @param stageOf the full flower that it is a stage of
 */
public record SpeciesCard(
        UUID id,
        String name,
        String note,
        long version,
        boolean aside,
        Instant updatedAt,
        int pieces,
        double faceMm,
        List<Tint> tints,
        List<Tint> shades,
        Drawing.Face face,
        Optional<Shelf.StageOf> stageOf) {
    /** The colour of a part or of a shade, by its id. */
    public record Tint(String id, String colour) {}

    public static SpeciesCard of(Shelf.Kept kept) {
        Species species = kept.species();
        FlowerForm form = FlowerForm.of(species);
        return new SpeciesCard(
                kept.id(),
                species.name(),
                species.note(),
                kept.version(),
                kept.aside(),
                kept.updatedAt(),
                pieces(species),
                form.faceMm(),
                tints(species),
                shades(species),
                Draughting.faceOf(form),
                kept.stageOf());
    }

    /** Pieces in one flower. */
    public static int pieces(Species species) {
        return species.petaled().stream().mapToInt(Part::pieceCount).sum();
    }

    /** The colour of each part of paste. */
    public static List<Tint> tints(Species species) {
        return species.parts().stream()
                .filter(ShadedPart.class::isInstance)
                .map(p -> new Tint(p.id(), MixingLaw.colour(species.shade(((ShadedPart) p).shade()))))
                .toList();
    }

    /** The colour of each shade. */
    public static List<Tint> shades(Species species) {
        return species.shades().stream()
                .map(s -> new Tint(s.id(), MixingLaw.colour(s)))
                .toList();
    }
}
