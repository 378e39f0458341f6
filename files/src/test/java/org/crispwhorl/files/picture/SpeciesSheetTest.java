package org.crispwhorl.files.picture;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.HashSet;
import java.util.Set;
import javax.imageio.ImageIO;
import javax.xml.parsers.DocumentBuilderFactory;
import javax.xml.parsers.ParserConfigurationException;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.crispwhorl.core.assessment.Assessment;
import org.crispwhorl.core.measure.LengthText;
import org.crispwhorl.core.species.Part;
import org.crispwhorl.core.species.Species;
import org.crispwhorl.core.studio.Conditions;
import org.crispwhorl.demo.DemoDocuments;
import org.crispwhorl.files.document.SpeciesDocument;
import org.crispwhorl.files.page.Paper;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import org.w3c.dom.Document;
import org.xml.sax.SAXException;

public class SpeciesSheetTest {
    @DataProvider
    public Object[][] demos() {
        return DemoDocuments.texts().stream()
                .map(t -> new Object[] {SpeciesDocument.readText(t)})
                .toArray(Object[][]::new);
    }

    private static Assessment assessed(Species species) {
        return new Assessment(species, Conditions.USUAL);
    }

    @Test(dataProvider = "demos")
    public void thePageAsSvgIsWellFormedAndNamesEveryPart(Species species)
            throws ParserConfigurationException, IOException, SAXException {
        String svg = SpeciesSheet.svg(assessed(species), Paper.A4, LengthText.Lengths.MM);
        Document read = DocumentBuilderFactory.newInstance()
                .newDocumentBuilder()
                .parse(new ByteArrayInputStream(svg.getBytes(StandardCharsets.UTF_8)));
        String text = read.getDocumentElement().getTextContent();
        for (Part part : species.parts()) {
            assertTrue(text.contains(part.name()), part.name());
        }
        assertTrue(read.getElementsByTagName("path").getLength()
                > species.petaled().size());
        String drawn = svg.replaceAll("base64,[^\"]*", "");
        assertFalse(drawn.contains("NaN") || drawn.contains("Infinity"));
    }

    @Test(dataProvider = "demos")
    public void thePageAsPdfIsOnePageWithItsNames(Species species) throws IOException {
        try (PDDocument read =
                Loader.loadPDF(SpeciesSheet.pdf(assessed(species), Paper.LETTER, LengthText.Lengths.MM))) {
            assertEquals(read.getNumberOfPages(), 1);
            String text = new PDFTextStripper().getText(read);
            assertTrue(text.contains(species.name()), text);
            for (Part part : species.parts()) {
                assertTrue(text.contains(part.name()), part.name());
            }
        }
    }

    @Test
    public void thePageAsPictureHasTheColoursOfTheFlower() throws IOException {
        Species species = SpeciesDocument.readText(DemoDocuments.texts().get(5));
        BufferedImage picture = ImageIO.read(
                new ByteArrayInputStream(SpeciesSheet.png(assessed(species), Paper.A4, LengthText.Lengths.MM)));
        assertEquals(picture.getWidth(), 1654, 1);
        Set<Integer> colours = new HashSet<>();
        for (int x = 0; x < picture.getWidth(); x += 3) {
            for (int y = 0; y < picture.getHeight(); y += 3) {
                colours.add(picture.getRGB(x, y));
            }
        }
        assertTrue(colours.size() > 300, colours.size() + " colours");
    }

    @Test
    public void inInchesNothingIsInMillimetres() {
        Species species = SpeciesDocument.readText(DemoDocuments.texts().get(5));
        assertFalse(SpeciesSheet.svg(assessed(species), Paper.A4, LengthText.Lengths.IN)
                .replaceAll("(width|height)=\"[0-9.]+mm\"", "")
                .contains("mm<"));
    }
}
