package org.crispwhorl.server.problem;

import java.util.Optional;
import org.crispwhorl.files.document.DocumentFault;
import org.springframework.http.ResponseEntity;
import tools.jackson.databind.JsonNode;

/**
 * Something kept, with the version that is kept of it.
 *
 * @param version goes up with every change
 */
public record Versioned<T>(T value, long version) {
    /** The answer to whoever asked for it: the version is its ETag. */
    public ResponseEntity<T> answer() {
        return ResponseEntity.ok().eTag("\"" + version + "\"").body(value);
    }

    /**
     * The version that a change was made from.
     *
     * @throws DocumentFault where it is no version
     */
    public static long of(String ifMatch) {
        try {
            return Long.parseLong(ifMatch.replace("\"", "").strip());
        } catch (NumberFormatException e) {
            throw DocumentFault.at("If-Match", ifMatch, "the version as a whole number");
        }
    }

    /**
     * Refuses a change that was made from another version than this one, unless it says the same: then the answer had been lost.
     *
     * @param yours version that it was made from; empty where whoever sent it does not care
     * @param written this one, as the other window is shown it
     */
    public void checkAgainst(T changed, Optional<Long> yours, JsonNode written) {
        if (yours.isPresent() && yours.get() != version && !value.equals(changed)) {
            throw new TwoVersions(yours.get(), version, written);
        }
    }
}
