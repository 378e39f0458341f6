package org.crispwhorl.files.document;

import java.time.Instant;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.crispwhorl.core.order.Acceptance;
import org.crispwhorl.core.species.Species;
import org.crispwhorl.core.studio.Conditions;
import tools.jackson.databind.JsonNode;

/** How what an order was accepted with is kept: its species as documents, which are lifted like any other. */
public final class AcceptanceText {
    /** A species as it was frozen. */
    record Frozen(UUID id, JsonNode document) {}

    /** The whole, as it stands in its envelope. */
    record Kept(Instant at, Conditions conditions, List<Frozen> species) {}

    private AcceptanceText() {}

    /** The text that is kept. */
    public static String write(Acceptance acceptance) {
        List<Frozen> species = acceptance.species().entrySet().stream()
                .sorted(Map.Entry.comparingByKey())
                .map(e -> new Frozen(e.getKey(), SpeciesDocument.write(e.getValue())))
                .toList();
        return KeptText.ACCEPTANCE.write(new Kept(acceptance.at(), acceptance.conditions(), species));
    }

    /**
     * Reads what was kept, by whichever version.
     *
     * @throws DocumentFault saying what is wrong with it
     */
    public static Acceptance read(String text) {
        return KNOWN.of(text, AcceptanceText::fresh);
    }

    private static final ReadOnce<Acceptance> KNOWN = new ReadOnce<>();

    private static Acceptance fresh(String text) {
        Kept kept = KeptText.ACCEPTANCE.read(text);
        Map<UUID, Species> species = new LinkedHashMap<>();
        kept.species().forEach(f -> species.put(f.id(), SpeciesDocument.read(f.document())));
        return new Acceptance(kept.at(), species, kept.conditions());
    }
}
