package org.crispwhorl.files.document;

import java.util.List;
import java.util.function.UnaryOperator;
import tools.jackson.databind.JsonNode;

/**
 * By what a text that is kept tells what it is: a format's name and a version. What an older version wrote is lifted, a step for each
 * version.
 *
 * @param format its name
 * @param first the oldest version that there is; 0 where that stood without an envelope
 * @param lifts from each version to the next, the oldest first
 */
record Envelope(String format, int first, List<UnaryOperator<JsonNode>> lifts) {
    /** Before the names of all formats. */
    static final String PREFIX = "crisp-whorl/";

    Envelope {
        lifts = List.copyOf(lifts);
    }

    /** The version that is written. */
    int version() {
        return first + lifts.size();
    }

    /**
     * Of which version something is.
     *
     * @param named what the format is called in it
     * @throws DocumentFault where it is of another format, or of a version that is not known
     */
    int versionOf(JsonNode head, String named) {
        if (!format.equals(named)) {
            throw DocumentFault.at("/format", shown(head.path("format")), "\"" + format + "\"");
        }
        JsonNode version = head.path("version");
        int least = Math.max(1, first);
        if (!version.isInt() || version.asInt() < least || version.asInt() > version()) {
            throw DocumentFault.at("/version", shown(version), "a whole number from " + least + " to " + version());
        }
        return version.asInt();
    }

    /** What a version wrote, as today's would write it. */
    JsonNode lifted(int version, JsonNode written) {
        JsonNode now = written;
        for (UnaryOperator<JsonNode> lift : lifts.subList(version - first, lifts.size())) {
            now = lift.apply(now);
        }
        return now;
    }

    private static String shown(JsonNode node) {
        return node.isMissingNode() ? "nothing" : node.toString();
    }
}
