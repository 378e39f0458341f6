package org.crispwhorl.files.document;

import java.lang.reflect.ParameterizedType;
import java.lang.reflect.RecordComponent;
import java.lang.reflect.Type;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.util.Arrays;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.crispwhorl.core.measure.Advanced;
import org.crispwhorl.core.measure.CountsPieces;
import org.crispwhorl.core.measure.DrawnNotTyped;
import org.crispwhorl.core.measure.GivesWay;
import org.crispwhorl.core.measure.Marked;
import org.crispwhorl.core.measure.MayBeInfinite;
import org.crispwhorl.core.measure.NotWritten;
import org.crispwhorl.core.measure.OfTheFlower;
import org.crispwhorl.core.measure.Quantity;
import org.crispwhorl.core.measure.ShownAsPicture;
import org.crispwhorl.core.measure.Text;
import org.crispwhorl.core.measure.Unit;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * Writes JSON Schema (2020-12) from the core's records: every field with the label, unit, range and meaning that its
 * {@link Quantity} or {@link Text} states, and nothing else allowed. Each type becomes a definition of its own.
 */
public final class CraftSchema {
    private final JsonMapper mapper = CraftJson.mapper();
    private final Map<String, ObjectNode> definitions = new LinkedHashMap<>();
    private final Map<String, Class<?>> described = new LinkedHashMap<>();
    private final String refPrefix;
    private final Union union;

    /** How a choice between several kinds is written. */
    public enum Union {
        /** As {@code oneOf}: what generators of types understand. */
        ONE_OF,
        /** As {@code if kind … then}: a check then speaks only of the kind that is meant. */
        BY_KIND
    }

    /**
     * @param refPrefix where definitions are found, such as {@code #/$defs/}
     */
    public CraftSchema(String refPrefix, Union union) {
        this.refPrefix = refPrefix;
        this.union = union;
    }

    /** A schema of its own for a type, with the definitions that it needs. */
    public static ObjectNode published(Class<?> type) {
        CraftSchema schema = new CraftSchema("#/$defs/", Union.ONE_OF);
        ObjectNode root =
                CraftJson.mapper().createObjectNode().put("$schema", "https://json-schema.org/draft/2020-12/schema");
        root.setAll(schema.ref(type));
        ObjectNode definitions = root.putObject("$defs");
        schema.definitions().forEach(definitions::set);
        return root;
    }

    /** The definitions made so far, by the simple name of their type. */
    public Map<String, ObjectNode> definitions() {
        return definitions;
    }

    /** A reference to the definition of a record, a sealed interface or an enum, made where it is not there yet. */
    public ObjectNode ref(Class<?> type) {
        String name = type.getSimpleName();
        Class<?> namesake = described.putIfAbsent(name, type);
        if (namesake != null && namesake != type) {
            throw new IllegalStateException("two types are called " + name + ": " + namesake + " and " + type);
        }
        if (namesake == null) {
            definitions.put(name, mapper.createObjectNode());
            ObjectNode defined = define(type);
            if (type.isAnnotationPresent(ShownAsPicture.class)) {
                defined.put("x-pictured", name);
            }
            definitions.put(name, defined);
        }
        return mapper.createObjectNode().put("$ref", refPrefix + name);
    }

    private ObjectNode define(Class<?> type) {
        if (type.isEnum()) {
            return enumeration(type);
        }
        if (type.isSealed()) {
            return union == Union.ONE_OF ? oneOf(type) : byKind(type);
        }
        return object(type);
    }

    private ObjectNode oneOf(Class<?> type) {
        ObjectNode node = described(type.getAnnotation(Text.class));
        ArrayNode kinds = node.putArray("oneOf");
        CraftJson.kinds(type).forEach(kind -> kinds.add(ref(kind)));
        return node;
    }

    private ObjectNode byKind(Class<?> type) {
        ObjectNode node = described(type.getAnnotation(Text.class)).put("type", "object");
        node.putArray("required").add(CraftJson.KIND);
        ArrayNode names = node.putObject("properties").putObject(CraftJson.KIND).putArray("enum");
        ArrayNode branches = node.putArray("allOf");
        for (Class<?> kind : CraftJson.kinds(type)) {
            String name = CraftJson.name(kind.getSimpleName());
            names.add(name);
            ObjectNode branch = branches.addObject();
            branch.putObject("if")
                    .putObject("properties")
                    .putObject(CraftJson.KIND)
                    .put("const", name);
            branch.set("then", ref(kind));
        }
        return node;
    }

    private ObjectNode object(Class<?> type) {
        ObjectNode node = described(type.getAnnotation(Text.class)).put("type", "object");
        Optional.ofNullable(type.getAnnotation(Marked.class)).stream()
                .flatMap(marked -> Arrays.stream(marked.value()))
                .forEach(mark -> node.put("x-" + mark, true));
        ObjectNode properties = node.putObject("properties");
        ArrayNode required = node.putArray("required");
        if (Arrays.stream(type.getInterfaces()).anyMatch(Class::isSealed)) {
            properties.putObject(CraftJson.KIND).put("const", CraftJson.name(type.getSimpleName()));
            required.add(CraftJson.KIND);
        }
        for (RecordComponent component : type.getRecordComponents()) {
            if (component.getType().isAnnotationPresent(NotWritten.class)) {
                continue;
            }
            properties.set(component.getName(), property(component));
            if (component.getType() != Optional.class) {
                required.add(component.getName());
            }
        }
        return node.put("additionalProperties", false);
    }

    private ObjectNode property(RecordComponent component) {
        ObjectNode node = value(component.getGenericType());
        if (component.isAnnotationPresent(MayBeInfinite.class)) {
            node.putArray("type").add("number").add("null");
        }
        if (component.isAnnotationPresent(Advanced.class)) {
            node.put("x-advanced", true);
        }
        if (component.isAnnotationPresent(CountsPieces.class)) {
            node.put("x-counts-pieces", true);
        }
        if (component.isAnnotationPresent(OfTheFlower.class)) {
            node.put("x-of-the-flower", true);
        }
        if (component.isAnnotationPresent(DrawnNotTyped.class)) {
            node.put("x-drawn", true);
        }
        if (component.isAnnotationPresent(GivesWay.class)) {
            node.put("x-gives-way", component.getAnnotation(GivesWay.class).to());
        }
        Quantity quantity = component.getAnnotation(Quantity.class);
        if (quantity != null) {
            node.put("title", quantity.label())
                    .put("description", quantity.means())
                    .put("minimum", quantity.min())
                    .put("maximum", quantity.max())
                    .put("default", quantity.usual())
                    .put("x-unit", quantity.unit().sign())
                    .put("x-digits", quantity.unit().digits())
                    .put("x-step", quantity.step());
        }
        Text words = component.getAnnotation(Text.class);
        if (words != null) {
            describe(node, words);
            if (component.getType() == String.class) {
                node.put("minLength", words.shortest()).put("maxLength", words.longest());
                if (!words.pattern().isEmpty()) {
                    node.put("pattern", "^" + words.pattern() + "$");
                }
            } else if (Collection.class.isAssignableFrom(component.getType())) {
                node.put("minItems", words.shortest()).put("maxItems", words.longest());
                if (words.unit() != Unit.NONE) {
                    ((ObjectNode) node.get("items")).put("x-unit", words.unit().sign());
                }
            }
        }
        return node;
    }

    private ObjectNode value(Type type) {
        ObjectNode node = mapper.createObjectNode();
        if (type instanceof ParameterizedType parameterized) {
            Class<?> raw = (Class<?>) parameterized.getRawType();
            Type inner = parameterized.getActualTypeArguments()[0];
            if (raw == Optional.class) {
                return value(inner);
            }
            node.put("type", "array").set("items", value(inner));
            return node;
        }
        Class<?> raw = (Class<?>) type;
        if (raw == JsonNode.class) {
            return node;
        }
        if (raw == double[].class) {
            node.put("type", "array").putObject("items").put("type", "number");
        } else if (raw == double[][].class) {
            node.put("type", "array")
                    .putObject("items")
                    .put("type", "array")
                    .putObject("items")
                    .put("type", "number");
        } else if (raw == byte[].class) {
            node.put("type", "string").put("contentEncoding", "base64");
        } else if (raw == String.class) {
            node.put("type", "string");
        } else if (raw == UUID.class) {
            node.put("type", "string").put("format", "uuid");
        } else if (raw == Instant.class) {
            node.put("type", "string").put("format", "date-time");
        } else if (raw == LocalDateTime.class) {
            node.put("type", "string").put("format", "date-time-local");
        } else if (raw == LocalDate.class) {
            node.put("type", "string").put("format", "date");
        } else if (raw == LocalTime.class) {
            node.put("type", "string").put("format", "time");
        } else if (raw == boolean.class || raw == Boolean.class) {
            node.put("type", "boolean");
        } else if (raw == int.class || raw == Integer.class || raw == long.class || raw == Long.class) {
            node.put("type", "integer");
        } else if (raw == double.class || raw == Double.class) {
            node.put("type", "number");
        } else {
            return ref(raw);
        }
        return node;
    }

    private ObjectNode enumeration(Class<?> type) {
        ObjectNode node = described(type.getAnnotation(Text.class)).put("type", "string");
        ArrayNode values = node.putArray("enum");
        ObjectNode labels = mapper.createObjectNode();
        for (Object constant : type.getEnumConstants()) {
            String name = ((Enum<?>) constant).name();
            values.add(CraftJson.name(name));
            try {
                Text words = type.getField(name).getAnnotation(Text.class);
                if (words != null) {
                    labels.put(CraftJson.name(name), words.label());
                }
            } catch (NoSuchFieldException e) {
                throw new IllegalStateException(e);
            }
        }
        if (!labels.isEmpty()) {
            node.set("x-labels", labels);
        }
        return node;
    }

    private ObjectNode described(Text words) {
        ObjectNode node = mapper.createObjectNode();
        if (words != null) {
            describe(node, words);
        }
        return node;
    }

    private static void describe(ObjectNode node, Text words) {
        node.put("title", words.label());
        if (!words.means().isEmpty()) {
            node.put("description", words.means());
        }
    }
}
