package org.crispwhorl.server.problem;

import java.util.List;
import java.util.Optional;
import org.crispwhorl.files.document.DocumentFault;
import tools.jackson.databind.JsonNode;

/**
 * A problem by RFC 9457.
 *
 * @param type what kind of problem
 * @param title in a few words
 * @param detail what to do about it
 * @param faults every place that is wrong
 * @param yours the version that was sent, where two met
 * @param theirs the version that is kept
 * @param document what is kept under that version
 */
public record Problem(
        String type,
        String title,
        int status,
        String detail,
        List<DocumentFault.Fault> faults,
        Optional<Long> yours,
        Optional<Long> theirs,
        Optional<JsonNode> document) {
    static Problem of(int status, String type, String title, String detail) {
        return new Problem(
                "urn:crisp-whorl:" + type,
                title,
                status,
                detail,
                List.of(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty());
    }

    Problem with(List<DocumentFault.Fault> places) {
        return new Problem(type, title, status, detail, places, yours, theirs, document);
    }

    Problem between(long sent, long kept, JsonNode keptDocument) {
        return new Problem(
                type,
                title,
                status,
                detail,
                faults,
                Optional.of(sent),
                Optional.of(kept),
                Optional.ofNullable(keptDocument));
    }
}
