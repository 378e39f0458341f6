package org.crispwhorl.server.studio;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Optional;
import java.util.UUID;
import org.crispwhorl.files.document.CraftJson;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.json.JsonMapper;

/**
 * What a studio knows of itself: a small file beside its database.
 *
 * @param id of the studio, for good
 * @param demo whether it is a demo, which may be begun anew
 */
record StudioMark(String format, int version, UUID id, boolean demo) {
    static final String FORMAT = "crisp-whorl/studio";
    private static final int VERSION = 1;
    private static final String FILE = "studio.json";
    private static final JsonMapper JSON = CraftJson.mapper();

    static StudioMark fresh(boolean demo) {
        return new StudioMark(FORMAT, VERSION, UUID.randomUUID(), demo);
    }

    /** The mark in a folder; none where there is none. */
    static Optional<StudioMark> in(Path folder) throws IOException {
        Path file = folder.resolve(FILE);
        if (!Files.exists(file)) {
            return Optional.empty();
        }
        try {
            return Optional.of(JSON.readValue(Files.readString(file), StudioMark.class));
        } catch (JacksonException e) {
            throw new StudioRefusal(
                    file + " cannot be read. It only says whether this is a demo: move it away and start again.");
        }
    }

    void write(Path folder) throws IOException {
        Files.writeString(folder.resolve(FILE), JSON.writeValueAsString(this) + "\n");
    }
}
