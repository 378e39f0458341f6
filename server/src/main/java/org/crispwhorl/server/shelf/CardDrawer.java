package org.crispwhorl.server.shelf;

import java.io.IOException;
import java.net.URISyntaxException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Optional;
import org.crispwhorl.core.flower.FlowerForm;
import org.crispwhorl.core.species.Species;
import org.springframework.stereotype.Component;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.json.JsonMapper;

/** Draws what the shelf shows of a species. What it drew is kept with the row and holds until another program draws. */
@Component
class CardDrawer {
    private final JsonMapper json;
    private final String program = ofThisBuild();

    CardDrawer(JsonMapper json) {
        this.json = json;
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
        SpeciesCard.Drawn drawn = SpeciesCard.Drawn.of(species);
        row.show(json.writeValueAsString(drawn), program);
        return drawn;
    }

    String program() {
        return program;
    }

    String text(SpeciesCard.Drawn drawn) {
        return json.writeValueAsString(drawn);
    }

    /** What was drawn of it before, where it still holds. */
    Optional<SpeciesCard.Drawn> kept(SpeciesRow row) {
        if (!program.equals(row.cardBy()) || row.card() == null) {
            return Optional.empty();
        }
        try {
            return Optional.of(json.readValue(row.card(), SpeciesCard.Drawn.class));
        } catch (JacksonException e) {
            return Optional.empty();
        }
    }
}
