package org.crispwhorl.files.document;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.crispwhorl.core.species.Species;

/** The ways in which flowers are commonly built, each as a species to begin from: plain, sound, and without colour. */
public final class CommonBuilds {
    private static final List<String> IDS = List.of(
            "wired-singles",
            "one-piece-cuts",
            "hugging-rose",
            "closed-bud",
            "chocolate-rose",
            "rolled-strip",
            "folded-blossom",
            "spike",
            "daisy",
            "hanging-bells",
            "leaf-spray");

    private static final Map<String, Species> ALL = read();

    private CommonBuilds() {}

    /** All of them by their ids, the plainest first. */
    public static Map<String, Species> all() {
        return ALL;
    }

    /** The build of that id. */
    public static Optional<Species> named(String id) {
        return Optional.ofNullable(ALL.get(id));
    }

    private static Map<String, Species> read() {
        Map<String, Species> all = new LinkedHashMap<>();
        for (String id : IDS) {
            try (InputStream in = CommonBuilds.class.getResourceAsStream("builds/" + id + ".json")) {
                all.put(id, SpeciesDocument.readText(new String(in.readAllBytes(), StandardCharsets.UTF_8)));
            } catch (IOException e) {
                throw new UncheckedIOException(e);
            }
        }
        return Collections.unmodifiableMap(all);
    }
}
