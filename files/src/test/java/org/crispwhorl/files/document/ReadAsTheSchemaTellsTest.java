package org.crispwhorl.files.document;

import static org.testng.Assert.assertTrue;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.Consumer;
import org.crispwhorl.demo.DemoDocuments;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/** What the published schema refuses is refused on reading too, place by place of every demo flower, and told. What may be left out may be null, too. */
public class ReadAsTheSchemaTellsTest {
    private static final JsonMapper MAPPER = CraftJson.mapper();
    private static final JsonNodeFactory NODES = JsonNodeFactory.instance;
    private static final List<JsonNode> WRONG = List.of(
            NODES.stringNode(""),
            NODES.stringNode("12"),
            NODES.numberNode(-1.5),
            NODES.numberNode(1),
            NODES.numberNode(1e9),
            NODES.booleanNode(true),
            NODES.arrayNode(),
            NODES.objectNode(),
            NODES.objectNode().put("kind", "nothing-of-the-kind"));

    @DataProvider
    public Object[][] flowers() {
        return DemoDocuments.texts().stream()
                .map(MAPPER::readTree)
                .map(document -> new Object[] {document.path("name").asString(), document})
                .toArray(Object[][]::new);
    }

    @Test(dataProvider = "flowers")
    public void nothingIsReadThatTheSchemaRefuses(String name, ObjectNode document) {
        Set<String> slipped = new TreeSet<>();
        List<Boolean> refused = new ArrayList<>();
        everyPlace(document, "", place -> {
            boolean told = SpeciesDocument.faults(document).isPresent();
            Optional<DocumentFault> fault = read(document);
            refused.add(told);
            if (told && fault.isEmpty()) {
                slipped.add(place);
            }
            if (told && fault.isPresent() && fault.get().faults().isEmpty()) {
                slipped.add(place + " is not told");
            }
        });
        assertTrue(slipped.isEmpty(), name + ": " + slipped);
        assertTrue(refused.stream().filter(r -> r).count() > 100, "many are refused");
    }

    private static Optional<DocumentFault> read(ObjectNode document) {
        try {
            SpeciesDocument.read(document);
            return Optional.empty();
        } catch (DocumentFault e) {
            return Optional.of(e);
        }
    }

    /** The document with one place of it missing, otherwise or beside one too many, and afterwards as it was. */
    private static void everyPlace(JsonNode node, String at, Consumer<String> each) {
        if (node instanceof ObjectNode object) {
            object.put("tooMany", 1);
            each.accept(at + "/tooMany");
            object.remove("tooMany");
            for (String name : List.copyOf(object.propertyNames())) {
                JsonNode value = object.get(name);
                for (JsonNode wrong : WRONG) {
                    object.set(name, wrong);
                    each.accept(at + "/" + name + " = " + wrong);
                }
                object.remove(name);
                each.accept(at + "/" + name + " missing");
                object.set(name, value);
                everyPlace(value, at + "/" + name, each);
            }
        } else if (node instanceof ArrayNode array) {
            // The first of a list stands for those like it.
            for (int i = 0; i < Math.min(1, array.size()); i++) {
                everyPlace(array.get(i), at + "/" + i, each);
            }
        }
    }
}
