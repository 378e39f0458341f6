package org.crispwhorl.files.document;

import java.util.Map;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;
import tools.jackson.databind.node.StringNode;

/** What older versions named otherwise, wherever it stands in what was kept; what a maker wrote is left alone. */
final class OldNames {
    private static final Map<String, String> KEYS = Map.ofEntries(
            Map.entry("leanDeg", "opensDeg"),
            Map.entry("seatMm", "onStemMm"),
            Map.entry("insertionMm", "wireInsideMm"),
            Map.entry("insertion", "wireInside"),
            Map.entry("standMm", "aboveCentreMm"),
            Map.entry("stand", "arrangement"),
            Map.entry("quickCount", "fewerCount"),
            Map.entry("ways", "techniques"),
            Map.entry("master", "strong"),
            Map.entry("marginH", "spareTimeH"),
            Map.entry("marginPct", "profitPct"),
            Map.entry("handsMin", "labourMin"),
            Map.entry("stints", "tasks"));

    /** Choices, by the field in which they stand. */
    private static final Map<String, Map<String, String>> VALUES = Map.of(
            "kind", Map.of("heart", "centre", "whorl", "ring"),
            "counts", Map.of("quick", "fewer", "faithful", "as-in-nature"),
            "along", Map.of("whorls", "rings"));

    private OldNames() {}

    /** The same by today's names, in the same order. */
    static JsonNode lift(JsonNode node) {
        if (node instanceof ObjectNode object) {
            ObjectNode named = object.objectNode();
            object.properties()
                    .forEach(field -> named.set(
                            KEYS.getOrDefault(field.getKey(), field.getKey()),
                            value(field.getKey(), field.getValue())));
            return named;
        }
        if (node instanceof ArrayNode array) {
            ArrayNode named = array.arrayNode();
            array.forEach(one -> named.add(lift(one)));
            return named;
        }
        return node;
    }

    private static JsonNode value(String field, JsonNode value) {
        String now = value.isString() ? VALUES.getOrDefault(field, Map.of()).get(value.asString()) : null;
        return now == null ? lift(value) : StringNode.valueOf(now);
    }
}
