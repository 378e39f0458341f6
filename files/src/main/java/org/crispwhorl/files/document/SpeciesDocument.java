package org.crispwhorl.files.document;

import com.networknt.schema.Error;
import com.networknt.schema.Schema;
import com.networknt.schema.SchemaRegistry;
import com.networknt.schema.SpecificationVersion;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.crispwhorl.core.species.Species;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.DatabindException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** The species document: JSON with a format name and a version, checked against its published schema. */
public final class SpeciesDocument {
    public static final String FORMAT = DocumentLift.SPECIES.format();

    /** The version that is written; older ones are lifted to it when they are read. */
    public static final int VERSION = DocumentLift.SPECIES.version();

    private static final int FAULTS_SHOWN = 12;
    private static final JsonMapper MAPPER = CraftJson.mapper();
    private static final ObjectNode SCHEMA = writeSchema(CraftSchema.Union.ONE_OF);
    private static final Schema CHECK = SchemaRegistry.withDefaultDialect(SpecificationVersion.DRAFT_2020_12)
            .getSchema(writeSchema(CraftSchema.Union.BY_KIND));

    private SpeciesDocument() {}

    /** The JSON Schema (2020-12) of the document. */
    public static ObjectNode schema() {
        return SCHEMA.deepCopy();
    }

    private static ObjectNode writeSchema(CraftSchema.Union union) {
        CraftSchema schema = new CraftSchema("#/$defs/", union);
        schema.ref(Species.class);
        ObjectNode species = schema.definitions().get(Species.class.getSimpleName());
        ObjectNode root = MAPPER.createObjectNode()
                .put("$schema", "https://json-schema.org/draft/2020-12/schema")
                .put("title", "Crisp Whorl species, version " + VERSION);
        root.setAll(species);
        ObjectNode properties = MAPPER.createObjectNode();
        properties.putObject("format").put("const", FORMAT);
        properties.putObject("version").put("const", VERSION);
        properties.setAll((ObjectNode) species.get("properties"));
        root.set("properties", properties);
        ((tools.jackson.databind.node.ArrayNode) root.get("required"))
                .insert(0, "version")
                .insert(0, "format");
        ObjectNode definitions = root.putObject("$defs");
        schema.definitions().entrySet().stream()
                .filter(e -> !e.getKey().equals(Species.class.getSimpleName()))
                .forEach(e -> definitions.set(e.getKey(), e.getValue()));
        return root;
    }

    /** A species as a document. */
    public static ObjectNode write(Species species) {
        ObjectNode document = MAPPER.createObjectNode().put("format", FORMAT).put("version", VERSION);
        document.setAll((ObjectNode) MAPPER.valueToTree(species));
        return document;
    }

    /** A species as the text of a document, indented. */
    public static String writeText(Species species) {
        return MAPPER.writerWithDefaultPrettyPrinter().writeValueAsString(write(species)) + "\n";
    }

    /**
     * Reads a document from text.
     *
     * @throws DocumentFault saying every place that is wrong
     */
    public static Species readText(String text) {
        return KNOWN.of(text, SpeciesDocument::fresh);
    }

    private static final ReadOnce<Species> KNOWN = new ReadOnce<>();

    private static Species fresh(String text) {
        try {
            return read(MAPPER.readTree(text));
        } catch (JacksonException e) {
            throw BindingFault.of(e);
        }
    }

    /**
     * Reads a document; an older version is lifted first.
     *
     * @throws DocumentFault saying every place that is wrong
     */
    public static Species read(JsonNode document) {
        ObjectNode lifted = DocumentLift.toCurrent(document);
        try {
            return bound(lifted);
        } catch (DatabindException e) {
            // The schema tells every place that is wrong; what is right is not held against it, which would take as
            // long again.
            throw faults(lifted).orElseGet(() -> BindingFault.of(e));
        }
    }

    /** What the schema finds wrong with a document of today; nothing where it finds nothing. */
    static Optional<DocumentFault> faults(JsonNode document) {
        List<Error> errors = CHECK.validate(document);
        return errors.isEmpty()
                ? Optional.empty()
                : Optional.of(new DocumentFault(SchemaFaults.of(errors, document, FAULTS_SHOWN)));
    }

    /** A document of today as it reads; it is at least as strict as the schema. */
    private static Species bound(ObjectNode document) {
        ObjectNode bare = MAPPER.createObjectNode();
        bare.setAll(document);
        bare.remove(List.of("format", "version"));
        return MAPPER.treeToValue(bare, Species.class);
    }

    /** Faults of a schema check in a maker's words. */
    private static final class SchemaFaults {
        static List<DocumentFault.Fault> of(List<Error> errors, JsonNode document, int most) {
            List<DocumentFault.Fault> faults = new ArrayList<>();
            for (Error error : errors) {
                String place = error.getInstanceLocation().toString();
                String pointer = error.getProperty() == null ? place : place + "/" + error.getProperty();
                DocumentFault.Fault fault =
                        new DocumentFault.Fault(pointer, came(document.at(pointer)), expected(error));
                if (faults.size() < most && !faults.contains(fault)) {
                    faults.add(fault);
                }
            }
            return faults;
        }

        private static String expected(Error error) {
            Object[] limits = error.getArguments();
            return switch (error.getKeyword()) {
                case "additionalProperties" -> "no field of that name";
                case "required" -> "this field";
                case "maximum" -> "at most " + limits[0];
                case "minimum" -> "at least " + limits[0];
                case "maxLength", "maxItems" -> "no more than " + limits[0];
                case "minLength", "minItems" -> "at least " + limits[0] + " of them";
                case "enum" -> "one of " + limits[0];
                case "type" -> "a value of type " + limits[1];
                case "const" -> String.valueOf(limits[0]);
                case "pattern" -> "text like " + limits[0];
                default -> error.getMessage();
            };
        }

        private static String came(JsonNode node) {
            if (node.isMissingNode()) {
                return "nothing";
            }
            String text = node.toString();
            return text.length() <= 60 ? text : text.substring(0, 57) + "…";
        }
    }
}
