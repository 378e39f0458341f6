package org.crispwhorl.demo;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/**
 * Species documents made at random from the published schema. Every number stands at one of the ends of its range, at its usual
 * value or anywhere between; whatever is optional comes and goes. What the schema cannot say is put right afterwards: ids are
 * unlike, shades exist, nothing is thinner before it is thinned than after.
 */
public final class RandomDocuments {
    private static final JsonNodeFactory NODES = JsonNodeFactory.instance;
    private static final String[] TEXTS = {"rose", "Ünder hédge", "a", "two words", "№ 7 – «late»", "花", "a & b <c>"};

    private final JsonNode schema;
    private final Random random;
    private final int mostParts;

    /**
     * @param schema of the species document
     * @param seed the same seed makes the same documents
     * @param mostParts in one species, at least 1
     */
    public RandomDocuments(JsonNode schema, long seed, int mostParts) {
        this.schema = schema;
        this.random = new Random(seed);
        this.mostParts = mostParts;
    }

    /** The next document. */
    public ObjectNode next() {
        ObjectNode document = object(schema);
        List<String> shades = new ArrayList<>();
        for (JsonNode shade : document.get("shades")) {
            String id = "shade-" + shades.size();
            ((ObjectNode) shade).put("id", id);
            shades.add(id);
        }
        shaded(document.get("parts"), shades);
        ArrayNode parts = (ArrayNode) document.get("parts");
        boolean heads = false;
        for (int i = 0; i < parts.size(); i++) {
            ((ObjectNode) parts.get(i)).put("id", "part-" + i);
            if (parts.get(i).get("kind").asString().equals("heads")) {
                if (heads) {
                    parts.remove(i--);
                }
                heads = true;
            }
        }
        consistent(document);
        return document;
    }

    private void shaded(JsonNode node, List<String> shades) {
        if (node instanceof ObjectNode object && object.has("shade")) {
            object.put("shade", shades.get(random.nextInt(shades.size())));
        }
        node.forEach(n -> shaded(n, shades));
    }

    /** Rules between two fields, which no schema states. */
    private void consistent(JsonNode node) {
        if (node instanceof ObjectNode object) {
            atMost(object, "finishedMm", "rolledMm");
            atMost(object, "lipMm", "footMm");
            atMost(object, "cutMm", "heightMm");
            atMost(object, "depthMm", "rimRadiusMm");
            String kind = object.path("kind").asString("");
            if (kind.equals("teardrop")) {
                atMost(object, "diameterMm", "heightMm");
            }
            if (kind.equals("dome")
                    && object.get("heightMm").asDouble()
                            > object.get("diameterMm").asDouble() / 2) {
                object.put("heightMm", object.get("diameterMm").asDouble() / 2);
            }
            if (kind.equals("capped-half-ball") || kind.equals("covered-ball")) {
                atMost(object, "coreMm", "diameterMm");
            }
            if (object.has("corners")) {
                object.set("corners", corners());
            }
        }
        node.forEach(this::consistent);
    }

    private static void atMost(ObjectNode object, String smaller, String greater) {
        if (object.path(smaller).isNumber()
                && object.path(greater).isNumber()
                && object.get(smaller).asDouble() > object.get(greater).asDouble()) {
            object.put(smaller, object.get(greater).asDouble());
        }
    }

    /** A star round the middle, spread over the whole box as an own shape has to be. */
    private ArrayNode corners() {
        int n = 3 + random.nextInt(40);
        double[][] points = new double[n][];
        double least = 0;
        for (int i = 0; i < n; i++) {
            double reach = 0.15 + 0.85 * random.nextDouble();
            double turn = 2 * Math.PI * (i + 0.5 * random.nextDouble()) / n;
            points[i] = new double[] {reach * Math.cos(turn), reach * Math.sin(turn)};
            least = Math.min(least, points[i][0]);
        }
        double[] low = {Double.MAX_VALUE, Double.MAX_VALUE};
        double[] high = {-Double.MAX_VALUE, -Double.MAX_VALUE};
        for (double[] p : points) {
            for (int k = 0; k < 2; k++) {
                low[k] = Math.min(low[k], p[k]);
                high[k] = Math.max(high[k], p[k]);
            }
        }
        ArrayNode corners = NODES.arrayNode();
        for (double[] p : points) {
            corners.add((p[0] - low[0]) / (high[0] - low[0]) - 0.5);
            corners.add((p[1] - low[1]) / (high[1] - low[1]));
        }
        return corners;
    }

    private JsonNode value(JsonNode type) {
        if (type.has("$ref")) {
            String name = type.get("$ref").asString();
            return value(schema.at(name.substring(1)));
        }
        if (type.has("const")) {
            return type.get("const");
        }
        if (type.has("oneOf")) {
            return value(type.get("oneOf").get(random.nextInt(type.get("oneOf").size())));
        }
        if (type.has("enum")) {
            return type.get("enum").get(random.nextInt(type.get("enum").size()));
        }
        return switch (type.get("type").asString()) {
            case "object" -> object(type);
            case "array" -> array(type);
            case "string" -> NODES.stringNode(text(type));
            case "boolean" -> NODES.booleanNode(random.nextBoolean());
            case "integer" -> NODES.numberNode(Math.round(number(type)));
            default -> NODES.numberNode(number(type));
        };
    }

    private ObjectNode object(JsonNode type) {
        ObjectNode made = NODES.objectNode();
        List<String> required = new ArrayList<>();
        type.path("required").forEach(r -> required.add(r.asString()));
        type.get("properties").properties().forEach(e -> {
            if (required.contains(e.getKey()) || random.nextBoolean()) {
                made.set(e.getKey(), value(e.getValue()));
            }
        });
        return made;
    }

    private ArrayNode array(JsonNode type) {
        int least = type.path("minItems").asInt(0);
        int most = Math.min(type.path("maxItems").asInt(6), Math.max(least, mostParts));
        ArrayNode made = NODES.arrayNode();
        int size = least + random.nextInt(most - least + 1);
        for (int i = 0; i < size; i++) {
            made.add(value(type.get("items")));
        }
        return made;
    }

    private String text(JsonNode type) {
        String pattern = type.path("pattern").asString("");
        if (pattern.startsWith("^#")) {
            return String.format("#%06x", random.nextInt(0x1000000));
        }
        if (pattern.startsWith("^[a-z]")) {
            return "id-" + random.nextInt(1000);
        }
        if (!pattern.isEmpty()) {
            throw new IllegalStateException("no text is known for " + pattern);
        }
        String text = TEXTS[random.nextInt(TEXTS.length)];
        return type.path("minLength").asInt(0) == 0 && random.nextInt(8) == 0 ? "" : text;
    }

    private double number(JsonNode type) {
        double min = type.path("minimum").asDouble(0);
        double max = type.path("maximum").asDouble(1);
        return switch (random.nextInt(5)) {
            case 0 -> min;
            case 1 -> max;
            case 2 -> type.path("default").asDouble(min);
            default -> min + (max - min) * random.nextDouble();
        };
    }
}
