package org.crispwhorl.files.document;

import org.crispwhorl.core.paste.Medium;
import org.crispwhorl.core.paste.Paste;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** Things of the drawer as older versions kept them, brought up to the present. */
final class DrawerLift {
    private DrawerLift() {}

    /** Version 1 knew the price of cutters and wires alone, no tools that are away, no pots that were weighed, no gum powder by amount. */
    static JsonNode item(JsonNode body) {
        if (body instanceof ObjectNode item) {
            switch (item.path(CraftJson.KIND).asString("")) {
                case "cutter", "own-veiner", "own-former", "ridged-board", "roller-machine" ->
                    item.put("lent", 0).put("worn", 0);
                case "colour-pot" -> item.put("grams", 0).put("price", 0);
                case "own-paste" -> {
                    item.put("price", 0);
                    gum(item.path("paste"));
                }
                case "stamen-bunch", "tape-roll", "cake-pick" -> item.put("price", 0);
                default -> {}
            }
        }
        return body;
    }

    /** Version 2 counted what broke without asking of what sort, watched drying alone, and knew of no drift. */
    static JsonNode sorted(JsonNode body) {
        if (body instanceof ObjectNode item) {
            switch (item.path(CraftJson.KIND).asString("")) {
                case "breakage-record" -> item.put("sort", "any");
                case "drying-record" -> ofTheBody(item.path("watched"));
                case "roller-machine" -> item.put("drift", 1);
                default -> {}
            }
        }
        return body;
    }

    /** What was watched was drying. */
    static void ofTheBody(JsonNode watched) {
        if (watched instanceof ObjectNode one) {
            one.put("clock", "body");
        }
    }

    /** What orders were accepted with names the pastes that the studio had. */
    static JsonNode frozen(JsonNode body) {
        body.path("conditions").path("kit").path("pastes").forEach(DrawerLift::gum);
        return body;
    }

    /** Before the book nothing was known of how fast a medium dries here. */
    static JsonNode unwatched(JsonNode body) {
        if (body.path("conditions").path("kit") instanceof ObjectNode kit && !kit.has("watched")) {
            kit.putArray("watched");
        }
        return body;
    }

    /** As much powder as is usual. */
    private static void gum(JsonNode paste) {
        if (paste instanceof ObjectNode one) {
            Medium medium = CraftJson.mapper().treeToValue(one.path("medium"), Medium.class);
            one.put("gumPct", medium == null ? 0 : Paste.usual(medium).gumPct());
        }
    }
}
