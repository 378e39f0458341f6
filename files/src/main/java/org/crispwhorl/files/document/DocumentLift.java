package org.crispwhorl.files.document;

import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.function.UnaryOperator;
import org.crispwhorl.core.measure.PlainText;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;
import tools.jackson.databind.node.StringNode;

/** Species documents of older versions, brought up to the present one step at a time. */
final class DocumentLift {
    /** What a species document is, and how those of each version before it are brought to the next. */
    static final Envelope SPECIES = new Envelope(
            Envelope.PREFIX + "species",
            1,
            List.of(
                    step(DocumentLift::firstToSecond),
                    step(DocumentLift::secondToThird),
                    step(DocumentLift::thirdToFourth),
                    step(DocumentLift::fourthToFifth),
                    step(DocumentLift::fifthToSixth),
                    step(DocumentLift::sixthToSeventh),
                    OldNames::lift,
                    step(DocumentLift::eighthToNinth),
                    step(DocumentLift::ninthToTenth)));

    private DocumentLift() {}

    /**
     * @throws DocumentFault where it is not a species document, or of a version that is not known
     */
    static ObjectNode toCurrent(JsonNode document) {
        if (document == null) {
            throw DocumentFault.at("", "nothing", "a species document");
        }
        if (!(document instanceof ObjectNode object)) {
            throw DocumentFault.at(
                    "", String.valueOf(document.getNodeType()).toLowerCase(Locale.ROOT), "a JSON object");
        }
        int version = SPECIES.versionOf(object, object.path("format").asString(""));
        return version == SPECIES.version()
                ? object
                : ((ObjectNode) SPECIES.lifted(version, object.deepCopy())).put("version", SPECIES.version());
    }

    /** Version 8 took all of a stem to stand free, knew of no tails of heads, of no shade of a bud's core and of no notes. */
    private static ObjectNode eighthToNinth(ObjectNode document) {
        document.putArray("notes");
        for (JsonNode part : document.path("parts")) {
            boolean heads = part.has("openings");
            if (heads || part.has("stemMm")) {
                ((ObjectNode) part)
                        .put(
                                "freeMm",
                                Math.min(USUAL_FREE_MM, part.path("stemMm").asDouble()));
            }
            if (heads) {
                ((ObjectNode) part).put("tailMm", TO_THE_FOOT_MM);
            }
            for (JsonNode opening : part.path("openings")) {
                if (opening.path("core") instanceof ObjectNode core) {
                    core.put("hookMm", USUAL_HOOK_MM);
                }
            }
        }
        return document;
    }

    /** Version 9 said nothing of what a master is coloured with, and all stalks of heads were as long. */
    private static ObjectNode ninthToTenth(ObjectNode document) {
        for (JsonNode shade : document.path("shades")) {
            ((ObjectNode) shade).putArray("master");
        }
        for (JsonNode part : document.path("parts")) {
            if (part.has("openings")) {
                ((ObjectNode) part).set("stalkTipMm", part.path("stalkMm"));
            }
        }
        return document;
    }

    private static final double USUAL_FREE_MM = 50;
    private static final double TO_THE_FOOT_MM = 400;
    private static final double USUAL_HOOK_MM = 2;

    private static UnaryOperator<JsonNode> step(UnaryOperator<ObjectNode> step) {
        return document -> step.apply((ObjectNode) document);
    }

    /** Version 1 knew no ways, and wrote how a piece lies to dry as a bare word. */
    private static ObjectNode firstToSecond(ObjectNode document) {
        if (!document.has("ways")) {
            document.putObject("ways").put("dusting", "parts");
        }
        for (JsonNode part : document.path("parts")) {
            JsonNode drying = part.path("pieces").path("drying");
            if (drying.isString()) {
                ((ObjectNode) part.get("pieces")).putObject("drying").put(CraftJson.KIND, drying.asString());
            }
        }
        return document;
    }

    /** Version 2 knew pieces cut from a sheet alone, one heart at the neck, dust but no paint, stamens in rings. */
    private static ObjectNode secondToThird(ObjectNode document) {
        document.put("finishing", "none");
        for (JsonNode node : document.path("parts")) {
            if (node instanceof ObjectNode part) {
                colour(part);
                if (part.get("pieces") instanceof ObjectNode pieces) {
                    pieces(pieces);
                }
                switch (part.path(CraftJson.KIND).asString("")) {
                    case "heart" -> centre(part);
                    case "stamens" ->
                        part.put("stand", "ring").put("bunches", 1).put("tintMm", 0);
                    case "leaf" -> part.put("along", "collar").put("apartMm", 0);
                    default -> {}
                }
            }
        }
        return document;
    }

    /** Version 3 let any character stand in a text, and names of which nothing is seen. */
    private static ObjectNode thirdToFourth(ObjectNode document) {
        return (ObjectNode) cleaned(document);
    }

    /**
     * Version 4 knew only the stage at which pieces are joined. What its makers most likely meant: wired ones go firm onto what is
     * dry; glued and threaded ones are set soft on what holds, or part-dry where a former held their shape until then; what sets by
     * itself is soft throughout.
     */
    private static ObjectNode fourthToFifth(ObjectNode document) {
        String medium = document.path("medium").asString("");
        boolean allSoft = medium.equals("modelling-chocolate") || medium.equals("marzipan");
        for (JsonNode part : document.path("parts")) {
            if (part.get("pieces") instanceof ObjectNode pieces && pieces.has("joinAt")) {
                String at = pieces.remove("joinAt").asString("");
                String how = pieces.path("attachment").path(CraftJson.KIND).asString("");
                boolean bends = at.equals("part-dry") || at.equals("skinned");
                ObjectNode joining = pieces.putObject("joining");
                if (how.equals("wired")) {
                    joining.put("as", at.equals("skinned") ? "part-dry" : at).put("onto", "dry");
                } else if (allSoft) {
                    joining.put("as", "soft").put("onto", "soft");
                } else if (bends && pieces.has("former")) {
                    joining.put("as", "part-dry").put("onto", "holds");
                } else if (bends || how.equals("threaded")) {
                    joining.put("as", "soft").put("onto", "holds");
                } else {
                    joining.put("as", at).put("onto", at);
                }
                joining.putObject("rest")
                        .put("until", "nothing")
                        .put("minutes", 0)
                        .put("position", "upright");
            }
        }
        return document;
    }

    /**
     * In version 6 a pass of colour went all over what is no flat piece, whatever zone it named, and tendrils stood together.
     */
    private static ObjectNode sixthToSeventh(ObjectNode document) {
        for (JsonNode part : document.path("parts")) {
            if (!part.has("pieces")) {
                part.path("colour").path("passes").forEach(pass -> ((ObjectNode) pass).put("zone", "all"));
            }
            if (part.path(CraftJson.KIND).asString("").equals("tendril")) {
                ((ObjectNode) part).put("everyHead", 0);
            }
        }
        return document;
    }

    /**
     * Version 5 stated a lean where a piece leaves its glue or its wire, and knew no skin. What stands by itself has its lean half-way
     * up now, what is laid on soft at its tip: how far the former bends a piece is taken off, so that it lies as it did. It counted
     * passes of colour, of which it did not know which colour they leave, nor where.
     */
    private static ObjectNode fifthToSixth(ObjectNode document) {
        for (JsonNode part : document.path("parts")) {
            if (part.get("colour") instanceof ObjectNode colour) {
                passes(colour);
            }
            if (part instanceof ObjectNode one) {
                asItWas(one);
            }
            if (part.get("from") instanceof ObjectNode from && part instanceof ObjectNode roll) {
                straight(roll, from);
            }
            if (part.get("pieces") instanceof ObjectNode pieces
                    && pieces.get("attachment") instanceof ObjectNode attachment) {
                if (pieces.get("making") instanceof ObjectNode making
                        && making.path(CraftJson.KIND).asString("").equals("one-piece")) {
                    making.put("petalsInCut", 0).putArray("lobes");
                }
                if (pieces.get("veiner") instanceof ObjectNode veiner) {
                    veiner.put("when", "rolled").put("depthMm", 0.2);
                }
                double glued = attachment.path("upTo").asDouble(0);
                boolean wired = attachment.path(CraftJson.KIND).asString("").equals("wired");
                if (!wired) {
                    attachment.put("upTo", glued).put("opensFrom", glued);
                }
                String as = pieces.path("joining").path("as").asString("");
                boolean laid = !wired
                        && !part.path(CraftJson.KIND).asString("").equals("leaf")
                        && !pieces.path("making")
                                .path(CraftJson.KIND)
                                .asString("")
                                .equals("hollowed-cone")
                        && (as.equals("soft") || as.equals("part-dry"));
                double bend = (1 - glued) * bendDeg(pieces) / (laid ? 1 : 2);
                double lean = pieces.path("leanDeg").asDouble(0) - bend;
                pieces.put("leanDeg", Math.round(10 * Math.max(-90, Math.min(170, lean))) / 10.0);
            }
        }
        return document;
    }

    /** What version 5 knew one way of alone. */
    private static void asItWas(ObjectNode part) {
        switch (part.path(CraftJson.KIND).asString("")) {
            case "fine-stamens" -> part.put("spreadDeg", 360);
            case "heads" -> part.put("order", "graded");
            case "heart" -> part.put("nodDeg", 0);
            case "leaf" -> part.put("perNode", 3);
            case "stamens" -> part.putObject("held").put(CraftJson.KIND, "taped-in");
            case "stem-wrap" -> part.put("fromMm", 0);
            case "tendril" -> part.put("of", "wire");
            default -> {}
        }
    }

    /** Version 5 knew rolls with a straight rim alone, that were left as they were rolled. */
    private static void straight(ObjectNode roll, ObjectNode from) {
        roll.put("openedMm", 0).put("footMm", 0);
        plainEdge(roll.putObject("edge"));
        if (from.path(CraftJson.KIND).asString("").equals("strip")) {
            from.put("scallops", 0).put("scallopMm", 0);
        } else {
            from.put("once", false);
        }
    }

    private static void plainEdge(ObjectNode edge) {
        edge.put("bandMm", 0)
                .put("toMm", 0.4)
                .put("crestMm", 0)
                .put("turnedMm", 0)
                .put("finish", "smooth");
    }

    /** How far its former bends a piece along its length, degrees: its finished length ÷ the radius of the former's ball. */
    private static double bendDeg(ObjectNode pieces) {
        JsonNode former = pieces.path("former");
        double rim = former.path("rimRadiusMm").asDouble(0);
        double depth = former.path("depthMm").asDouble(0);
        if (rim <= 0 || depth <= 0) {
            return 0;
        }
        JsonNode making = pieces.path("making");
        JsonNode thinning = making.has("thinning") ? making.path("thinning") : making.path("thickness");
        double rolled = thinning.path("rolledMm").asDouble(1);
        double finished = thinning.path("finishedMm").asDouble(rolled);
        double length = pieces.path("outline").path("lengthMm").asDouble(0) * Math.sqrt(rolled / finished);
        double radius = (rim * rim + depth * depth) / (2 * depth);
        double side = former.path("side").asString("").equals("turns-back") ? -1 : 1;
        return side * Math.toDegrees(length / radius);
    }

    /** A tree of which no text holds what may not stand in one; only a note runs over several lines. */
    static JsonNode cleaned(JsonNode node) {
        if (node instanceof ObjectNode object) {
            for (Map.Entry<String, JsonNode> e : object.properties()) {
                boolean note = e.getKey().equals("note");
                e.setValue(
                        e.getValue().isString()
                                ? StringNode.valueOf(
                                        PlainText.cleaned(e.getValue().asString(), note))
                                : cleaned(e.getValue()));
            }
        } else if (node.isArray()) {
            node.forEach(DocumentLift::cleaned);
        }
        return node;
    }

    private static void colour(ObjectNode part) {
        JsonNode passes = part.remove("dustPasses");
        if (passes != null) {
            part.putObject("colour").put("paintPasses", 0).put("paintAt", "dry").set("dustPasses", passes);
        }
    }

    private static void passes(ObjectNode colour) {
        int dust = colour.path("dustPasses").asInt(0);
        int paint = colour.path("paintPasses").asInt(0);
        String paintAt = colour.path("paintAt").asString("dry");
        colour.removeAll();
        ArrayNode passes = colour.putArray("passes");
        for (int i = 0; i < dust; i++) {
            pass(passes, "dusted", "nothing", 0, "firm");
        }
        for (int i = 0; i < paint; i++) {
            pass(passes, "washed", "spirit", 1, paintAt);
        }
    }

    /** A pass all over, whose colour is still to be chosen. */
    private static void pass(ArrayNode passes, String how, String carrier, double letDown, String at) {
        ObjectNode pass = passes.addObject();
        pass.put("how", how).putArray("colours");
        pass.put("carrier", carrier)
                .put("letDown", letDown)
                .put("side", "both")
                .put("zone", "all")
                .put("reachMm", 0)
                .put("fadeMm", 0)
                .put("strength", 1)
                .put("when", "piece")
                .put("at", at)
                .put("brushedOff", true);
    }

    private static void centre(ObjectNode part) {
        part.put("seatMm", 0);
        if (part.get("form") instanceof ObjectNode form) {
            switch (form.path(CraftJson.KIND).asString("")) {
                case "dome" -> form.put("texture", "smooth");
                case "disc" -> form.put("coat", "none");
                default -> {}
            }
        }
    }

    private static void pieces(ObjectNode pieces) {
        pieces.put("quickCount", 0).put("quillDeg", 0).put("foldDeg", 0);
        move(pieces, "cut", pieces, "outline");
        move(pieces, "thinning", pieces.putObject("making").put(CraftJson.KIND, "sheet"), "thinning");
        plainEdge(pieces.putObject("edge"));
        if (pieces.get("attachment") instanceof ObjectNode attachment
                && attachment.path(CraftJson.KIND).asString("").equals("glued")) {
            attachment.put("upTo", 0);
        }
    }

    private static void move(ObjectNode from, String field, ObjectNode to, String as) {
        JsonNode moved = from.remove(field);
        if (moved != null) {
            to.set(as, moved);
        }
    }
}
