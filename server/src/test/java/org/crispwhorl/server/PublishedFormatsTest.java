package org.crispwhorl.server;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** What is published is what is served; {@code ./whorl describe} writes it anew. */
public class PublishedFormatsTest extends ServerTest {
    private static final Path ROOT = Path.of("").toAbsolutePath().getParent();
    private static final boolean WRITE = "write".equals(System.getProperty("crispwhorl.describe"));

    private static String indented(String json) {
        return Api.JSON.writerWithDefaultPrettyPrinter().writeValueAsString(Api.JSON.readTree(json)) + "\n";
    }

    private void published(Api.Answer answer, Path file) throws IOException {
        assertEquals(answer.status(), 200, answer.body());
        String served = answer.body();
        if (WRITE) {
            Files.writeString(file, indented(served));
        }
        assertEquals(
                Api.JSON.readTree(Files.readString(file)),
                Api.JSON.readTree(served),
                file + " is stale: run ./whorl describe");
    }

    @Test
    public void theSchemaOfTheSpeciesDocument() throws IOException {
        published(api.get("/api/formats/species.schema.json"), ROOT.resolve("docs/formats/species.schema.json"));
    }

    @Test
    public void theSchemasOfDrawerQuickAndPrintedCutter() throws IOException {
        for (String of : List.of(
                "drawer",
                "pace",
                "tariff",
                "venue",
                "time",
                "room",
                "ahead",
                "order",
                "study",
                "quick",
                "printed-cutter")) {
            String name = of + ".schema.json";
            published(
                    api.get("/api/formats/" + name),
                    ROOT.resolve("docs/formats").resolve(name));
        }
        assertEquals(api.get("/api/formats/guests.schema.json").status(), 404);
    }

    @Test
    public void theGuideToEveryBuild() throws IOException {
        Path file = ROOT.resolve("docs/formats/builds.md");
        ObjectNode schema =
                (ObjectNode) api.get("/api/formats/species.schema.json").json();
        String guide = BuildGuide.of(schema);
        Map<String, String> drawings = BuildGuide.drawings(schema);
        if (WRITE) {
            Files.writeString(file, guide);
            Files.createDirectories(file.resolveSibling("builds"));
            for (Map.Entry<String, String> drawing : drawings.entrySet()) {
                Files.writeString(file.resolveSibling(drawing.getKey()), drawing.getValue());
            }
        }
        for (String drawing : drawings.keySet()) {
            assertTrue(Files.exists(file.resolveSibling(drawing)), drawing + " is missing: run ./whorl describe");
        }
        assertEquals(Files.readString(file), guide, file + " is stale: run ./whorl describe");
    }

    @Test
    public void thePartsThatArePutIn() throws IOException {
        published(api.get("/api/formats/beginnings.json"), ROOT.resolve("docs/formats/beginnings.json"));
    }

    /** Each part as the plate begins it can be put into a flower; there is one of every kind. */
    @Test
    public void everyPartThatIsBegunCanBeReckoned() {
        JsonNode parts = api.get("/api/formats/beginnings.json").json().get("parts");
        Set<String> kinds = new HashSet<>();
        for (JsonNode begun : parts) {
            kinds.add(begun.get("kind").asString());
            ObjectNode document = Api.demo("lockside-hellebore");
            ObjectNode part = ((ObjectNode) begun).put("id", "begun");
            if (part.has("shade")) {
                part.put("shade", document.at("/shades/0/id").asString());
            }
            ((ArrayNode) document.get("parts")).add(part);
            Api.Answer answer =
                    api.post("/api/reckoning", Api.JSON.createObjectNode().set("species", document));
            assertEquals(answer.status(), 200, part.get("kind") + " " + answer.body());
        }
        assertEquals(
                kinds.size(),
                api.get("/api/formats/species.schema.json")
                        .json()
                        .at("/$defs/Part/oneOf")
                        .size());
    }

    @Test
    public void theDescriptionOfTheInterface() throws IOException {
        published(api.get(RunningStudio.DESCRIBED), ROOT.resolve("docs/formats/openapi.json"));
        assertTrue(
                WRITE
                        || api.get("/api/openapi")
                                .json()
                                .equals(api.get(RunningStudio.DESCRIBED).json()),
                "what is served is what is published");
    }

    @Test
    public void everyAnswerThatIsMadeNewIsDescribedAs201() {
        var paths = api.get("/api/openapi").json().get("paths");
        assertTrue(paths.at("/~1api~1species/post/responses").has("201"));
        assertTrue(paths.at("/~1api~1orders/post/responses").has("201"));
        assertTrue(paths.at("/~1api~1species~1{id}~1document/put/responses").has("409"));
    }
}
