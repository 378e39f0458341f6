package org.crispwhorl.server;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.testng.annotations.Test;

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
    public void theDescriptionOfTheInterface() throws IOException {
        published(api.get("/api/openapi"), ROOT.resolve("web/openapi.json"));
    }

    @Test
    public void everyAnswerThatIsMadeNewIsDescribedAs201() {
        var paths = api.get("/api/openapi").json().get("paths");
        assertTrue(paths.at("/~1api~1species/post/responses").has("201"));
        assertTrue(paths.at("/~1api~1orders/post/responses").has("201"));
        assertTrue(paths.at("/~1api~1species~1{id}~1document/put/responses").has("409"));
    }
}
