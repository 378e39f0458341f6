package org.crispwhorl.files.picture;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import javax.xml.parsers.DocumentBuilderFactory;
import javax.xml.parsers.ParserConfigurationException;
import org.crispwhorl.files.document.SpeciesDocument;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import org.xml.sax.SAXException;
import tools.jackson.databind.JsonNode;

public class ChoicePicturesTest {
    private static final String GONE_WHEN_FINISHED = "supports";

    /** Every choice of every pictured type of the published schema. */
    @DataProvider
    public Object[][] choices() {
        List<Object[]> all = new ArrayList<>();
        JsonNode definitions = SpeciesDocument.schema().get("$defs");
        for (String type : definitions.propertyNames()) {
            JsonNode definition = definitions.get(type);
            if (!definition.has("x-pictured")) {
                continue;
            }
            definition.path("enum").forEach(value -> all.add(new Object[] {type, value.asString()}));
            for (JsonNode kind : definition.path("oneOf")) {
                JsonNode of = definitions.get(kind.get("$ref").asString().replace("#/$defs/", ""));
                String value = of.at("/properties/kind/const").asString();
                if (!value.equals(GONE_WHEN_FINISHED)) {
                    all.add(new Object[] {type, value});
                }
            }
        }
        return all.toArray(Object[][]::new);
    }

    @Test(dataProvider = "choices")
    public void everyChoiceWithAShapeHasItsPicture(String type, String value)
            throws ParserConfigurationException, IOException, SAXException {
        String svg = ChoicePictures.svg(type, value).orElseThrow();
        assertTrue(DocumentBuilderFactory.newInstance()
                        .newDocumentBuilder()
                        .parse(new ByteArrayInputStream(svg.getBytes(StandardCharsets.UTF_8)))
                        .getDocumentElement()
                        .getChildNodes()
                        .getLength()
                > 2);
        String drawn = svg.replaceAll("base64,[^\"]*", "");
        assertFalse(drawn.contains("NaN") || drawn.contains("Infinity"), drawn);
    }

    /** Choices of one type can be told apart by their pictures. */
    @Test
    public void noTwoChoicesOfATypeLookAlike() {
        Map<String, String> seen = new HashMap<>();
        List<String> alike = new ArrayList<>();
        for (Object[] choice : choices()) {
            String picture = ChoicePictures.svg((String) choice[0], (String) choice[1])
                    .orElseThrow()
                    .replaceAll("<title>.*</title>", "");
            // What is pressed from a ball by size and by weight starts from the same ball.
            String before = seen.put(choice[0] + picture, (String) choice[1]);
            if (before != null) {
                alike.add(before + " and " + choice[1]);
            }
        }
        assertEquals(alike, List.of("pressed and weighed"));
    }

    @Test
    public void whatIsNoChoiceHasNoPicture() {
        assertTrue(ChoicePictures.svg("CentreForm", "cube").isEmpty());
        assertTrue(ChoicePictures.svg("Part", GONE_WHEN_FINISHED).isEmpty());
        assertTrue(ChoicePictures.svg("Medium", "gum-paste").isEmpty());
    }
}
