package org.crispwhorl.files.document;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** What has to be set in one document to turn it into another. Both have the same lists; only what stands in them differs. */
public final class DocumentDiff {
    private DocumentDiff() {}

    /**
     * One value to set.
     *
     * @param path JSON pointer (RFC 6901)
     * @param from what stands there now
     * @param to what will stand there
     */
    public record Change(String path, JsonNode from, JsonNode to) {}

    public static List<Change> between(JsonNode before, JsonNode after) {
        List<Change> changes = new ArrayList<>();
        walk("", before, after, changes);
        return changes;
    }

    private static void walk(String path, JsonNode before, JsonNode after, List<Change> changes) {
        if (before.equals(after)) {
            return;
        }
        boolean lists = before.isArray() && after.isArray() && before.size() == after.size();
        boolean objects = before instanceof ObjectNode b && after instanceof ObjectNode a && names(b).equals(names(a));
        if (lists) {
            for (int i = 0; i < before.size(); i++) {
                walk(path + "/" + i, before.get(i), after.get(i), changes);
            }
        } else if (objects) {
            for (String name : names((ObjectNode) before)) {
                walk(path + "/" + name, before.get(name), after.get(name), changes);
            }
        } else {
            changes.add(new Change(path, before, after));
        }
    }

    private static Set<String> names(ObjectNode node) {
        return new LinkedHashSet<>(node.propertyNames());
    }
}
