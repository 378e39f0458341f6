package org.crispwhorl.files.document;

import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** What older versions kept of work: its operations went by other units, and some kinds of tasks were not there. */
final class WorkLift {
    /**
     * Minutes of a practised hand for an operation since sheets and lumps are shared over all flowers, over those before: what a
     * studio set or learnt is as much faster or slower than that hand as it was.
     */
    private static final Map<String, Double> UNITS = Map.ofEntries(
            Map.entry("roll", 0.6 / 1.0),
            Map.entry("cut", 0.1 / 0.15),
            Map.entry("shape", 0.4 / 0.5),
            Map.entry("texture", 0.6 / 1.0),
            Map.entry("hook", 0.25 / 0.4),
            Map.entry("cover", 1.0 / 1.5),
            Map.entry("hollow", 0.25 / 0.4),
            Map.entry("ball", 0.15 / 0.35),
            Map.entry("wire", 0.35 / 0.5),
            Map.entry("thin", 0.15 / 0.2),
            Map.entry("vein", 0.2 / 0.1),
            Map.entry("frill", 0.1 / 0.2),
            Map.entry("snip", 0.1 / 0.2),
            Map.entry("fold", 0.2 / 0.3),
            Map.entry("lay", 0.2 / 0.1),
            Map.entry("set", 0.2 / 0.3),
            Map.entry("wrap", 0.3 / 0.6),
            Map.entry("fit", 0.35 / 0.5),
            Map.entry("pinch", 0.15 / 0.2),
            Map.entry("tape", 0.3 / 0.6),
            Map.entry("bunch", 0.85 / 1.2),
            Map.entry("tint", 0.4 / 0.5),
            Map.entry("colour", 0.2 / 0.3),
            Map.entry("colour-round", 0.4 / 1.0));

    /** Kinds of tasks that there were. */
    private static final Set<String> KINDS = Set.of("mix", "make", "make-and-set", "dust", "paint", "join");

    private static final double THOUSANDTHS = 1000;

    private WorkLift() {}

    /** A pace whose minutes go by today's units. */
    static JsonNode pace(JsonNode pace) {
        pace.path("own").forEach(own -> {
            double ratio = UNITS.getOrDefault(own.path("operation").asString(""), 1.0);
            double minutes = own.path("eachMin").asDouble() * ratio;
            ((ObjectNode) own).put("eachMin", Math.max(0.005, Math.round(minutes * THOUSANDTHS) / THOUSANDTHS));
        });
        return pace;
    }

    /** A second maker who colours does so on the flower too, and who can do everything sees to it and finishes it. */
    static JsonNode time(JsonNode time) {
        if (time.path("second").path("can") instanceof ArrayNode can) {
            Set<String> kinds = new TreeSet<>();
            can.forEach(kind -> kinds.add(kind.asString("")));
            if (kinds.contains("dust") || kinds.contains("paint")) {
                can.add("colour");
            }
            if (kinds.containsAll(KINDS)) {
                can.add("see-to").add("finish");
            }
        }
        return time;
    }

    /** What an order was accepted with. */
    static JsonNode accepted(JsonNode acceptance) {
        pace(acceptance.path("conditions").path("pace"));
        return acceptance;
    }
}
