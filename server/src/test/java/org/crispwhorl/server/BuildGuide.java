package org.crispwhorl.server;

import java.util.LinkedHashMap;
import java.util.Map;
import org.crispwhorl.files.picture.ChoicePictures;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** Writes the guide to every build from the species document's schema: what it means, its fields, one small example. */
final class BuildGuide {
    /** The choices of the document, in the order in which a maker meets them. */
    private static final Map<String, String> CHOICES = new LinkedHashMap<>();

    static {
        CHOICES.put("Part", "Parts");
        CHOICES.put("CentreForm", "Centres: `form` of a `centre`");
        CHOICES.put("RollForm", "Rolls: `from` of a `roll`");
        CHOICES.put("Making", "Ways to a piece: `making` of `pieces`");
        CHOICES.put("Attachment", "Ways to join it: `attachment` of `pieces`");
        CHOICES.put("Lying", "Ways to dry it: `drying` of `pieces`");
    }

    private final JsonNode definitions;

    private BuildGuide(ObjectNode schema) {
        this.definitions = schema.get("$defs");
    }

    static String of(ObjectNode schema) {
        BuildGuide guide = new BuildGuide(schema);
        StringBuilder text = new StringBuilder("# Every build\n\nWritten from the [schema](species.schema.json) by")
                .append(" `./whorl describe`; do not edit by hand. Each example is made of the usual values.\n");
        CHOICES.forEach((name, title) -> guide.choice(text, name, title));
        text.append("\n## What pieces have besides\n");
        for (String name :
                new String[] {"Pieces", "Outline", "Edge", "Former", "Veiner", "Place", "Ridges", "Carried", "Lining"
                }) {
            guide.build(text, guide.definitions.get(name), "");
        }
        return text.toString();
    }

    /** A value of one node of a schema, made of what is usual. */
    static JsonNode usualOf(ObjectNode schema, JsonNode node) {
        return new BuildGuide(schema).usual(node);
    }

    private void choice(StringBuilder text, String name, String title) {
        text.append("\n## ").append(title).append('\n');
        for (JsonNode kind : definitions.get(name).get("oneOf")) {
            JsonNode build = resolved(kind);
            build(text, build, picture(name, build));
        }
    }

    private JsonNode resolved(JsonNode node) {
        return node.has("$ref") ? definitions.get(node.get("$ref").asString().replace("#/$defs/", "")) : node;
    }

    /** The drawings of builds that have one: the file of each beside the guide, and what it shows. */
    static Map<String, String> drawings(ObjectNode schema) {
        BuildGuide guide = new BuildGuide(schema);
        Map<String, String> all = new LinkedHashMap<>();
        for (String name : CHOICES.keySet()) {
            for (JsonNode kind : guide.definitions.get(name).get("oneOf")) {
                String value = kindOf(guide.resolved(kind));
                ChoicePictures.svg(name, value).ifPresent(svg -> all.put(file(name, value), svg));
            }
        }
        return all;
    }

    private static String kindOf(JsonNode build) {
        return build.at("/properties/kind/const").asString();
    }

    private static String file(String name, String value) {
        return "builds/" + name + "-" + value + ".svg";
    }

    private static String picture(String name, JsonNode build) {
        String value = kindOf(build);
        return ChoicePictures.svg(name, value).isEmpty()
                ? ""
                : "![" + build.get("title").asString() + "](" + file(name, value) + ")\n\n";
    }

    private void build(StringBuilder text, JsonNode build, String picture) {
        text.append("\n### ")
                .append(build.get("title").asString())
                .append("\n\n")
                .append(picture);
        if (build.has("description")) {
            text.append(build.get("description").asString()).append("\n\n");
        }
        StringBuilder rows = new StringBuilder();
        build.get("properties").properties().forEach(field -> row(rows, field.getKey(), field.getValue()));
        if (!rows.isEmpty()) {
            text.append("| field | unit | from | to | usual | |\n|---|---|---|---|---|---|\n")
                    .append(rows)
                    .append('\n');
        }
        text.append("```json\n")
                .append(Api.JSON.writerWithDefaultPrettyPrinter().writeValueAsString(usual(build)))
                .append("\n```\n");
    }

    private static void row(StringBuilder rows, String name, JsonNode field) {
        if (field.has("minimum")) {
            rows.append("| `%s` | %s | %s | %s | %s | %s |%n"
                    .formatted(
                            name,
                            field.path("x-unit").asString(""),
                            number(field.get("minimum")),
                            number(field.get("maximum")),
                            number(field.get("default")),
                            field.path("description").asString("")));
        }
    }

    private static String number(JsonNode node) {
        double value = node.asDouble();
        return value == Math.rint(value) ? Long.toString((long) value) : Double.toString(value);
    }

    /** A value made of what is usual; the same rule as the plate's for what is begun anew. */
    private JsonNode usual(JsonNode node) {
        JsonNode target = resolved(node);
        if (target.has("const")) {
            return target.get("const");
        }
        if (target.has("oneOf")) {
            return usual(target.get("oneOf").get(0));
        }
        if (target.has("enum")) {
            return target.get("enum").get(0);
        }
        return switch (target.path("type").asString("")) {
            case "object" -> {
                ObjectNode made = Api.JSON.createObjectNode();
                for (JsonNode name : target.get("required")) {
                    made.set(name.asString(), usual(target.get("properties").get(name.asString())));
                }
                yield made;
            }
            case "array" -> {
                ArrayNode made = Api.JSON.createArrayNode();
                for (int i = 0; i < target.path("minItems").asInt(0); i++) {
                    made.add(usual(target.get("items")));
                }
                yield made;
            }
            case "boolean" -> Api.JSON.valueToTree(false);
            case "string" ->
                Api.JSON.valueToTree(
                        target.has("pattern") ? "pink" : target.path("title").asString(""));
            case "integer" -> Api.JSON.valueToTree(target.get("default").asInt());
            default -> target.get("default");
        };
    }
}
