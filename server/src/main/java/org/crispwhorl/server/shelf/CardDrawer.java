package org.crispwhorl.server.shelf;

import java.io.IOException;
import java.net.URISyntaxException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Optional;
import java.util.UUID;
import org.crispwhorl.core.form.FlowerForm;
import org.crispwhorl.core.species.Species;
import org.crispwhorl.core.studio.Conditions;
import org.crispwhorl.server.conditions.StudioConditions;
import org.springframework.stereotype.Component;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.json.JsonMapper;

/** Draws what the shelf shows of a species. What it drew is kept with the row and holds until another program draws. */
@Component
class CardDrawer {
    private final StudioConditions conditions;
    private final JsonMapper json;
    private final String build = ofThisBuild();

    CardDrawer(StudioConditions conditions, JsonMapper json) {
        this.conditions = conditions;
        this.json = json;
    }

    /** How wide a species comes out in this studio. */
    double faceMm(Species species) {
        return conditions.assessed(species).form().faceMm();
    }

    /** Which program draws: another build may draw otherwise. */
    private static String ofThisBuild() {
        try {
            Path core = Path.of(FlowerForm.class
                    .getProtectionDomain()
                    .getCodeSource()
                    .getLocation()
                    .toURI());
            return Files.isRegularFile(core)
                    ? Files.size(core) + "/" + Files.getLastModifiedTime(core).toMillis()
                    : "run " + System.nanoTime();
        } catch (IOException | URISyntaxException e) {
            return "run " + System.nanoTime();
        }
    }

    /**
     * Draws a species onto its row.
     *
     * @throws org.crispwhorl.core.measure.InvalidValue where it cannot be reckoned, before anything is kept
     */
    SpeciesCard.Drawn draw(SpeciesRow row, Species species) {
        SpeciesCard.Drawn drawn = drawn(species);
        row.show(text(drawn), drawnBy());
        return drawn;
    }

    /** What is shown of a species as this studio makes it. */
    SpeciesCard.Drawn drawn(Species species) {
        return SpeciesCard.Drawn.of(conditions.assessed(species));
    }

    /** Which program draws, and of which wires and pastes, in which ways: what is drawn by another is drawn anew. */
    String drawnBy() {
        Conditions now = conditions.now();
        String made = json.writeValueAsString(now.kit()) + json.writeValueAsString(now.techniques());
        return build + "/" + UUID.nameUUIDFromBytes(made.getBytes(StandardCharsets.UTF_8));
    }

    String text(SpeciesCard.Drawn drawn) {
        return json.writeValueAsString(drawn);
    }

    /** What was drawn of it before, where it still holds. */
    Optional<SpeciesCard.Drawn> kept(SpeciesRow row, String drawnBy) {
        if (!drawnBy.equals(row.cardBy()) || row.card() == null) {
            return Optional.empty();
        }
        try {
            return Optional.of(json.readValue(row.card(), SpeciesCard.Drawn.class));
        } catch (JacksonException e) {
            return Optional.empty();
        }
    }
}
