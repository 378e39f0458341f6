package org.crispwhorl.server;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.http.HttpClient;
import java.net.http.HttpResponse;
import java.util.List;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.text.PDFTextStripper;
import org.crispwhorl.core.measure.Figure;
import org.crispwhorl.core.outline.Cut;
import org.crispwhorl.core.paste.Nesting;
import org.crispwhorl.core.species.Petaled;
import org.crispwhorl.files.document.SpeciesDocument;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;

public class SheetsApiTest extends ServerTest {
    private String order() {
        return "/api/orders/" + api.get("/api/orders").json().get(0).get("id").asString();
    }

    @Test
    public void materialsAddUpToTheOrder() {
        JsonNode materials = api.get(order() + "/materials").json();
        JsonNode sheet = api.get(order() + "/reckoning").json().get("sheet");
        int pieces = 0;
        for (JsonNode job : materials.get("cuts")) {
            pieces += job.get("pieces").asInt();
        }
        for (JsonNode line : materials.get("uncut")) {
            pieces += line.get("needed").asInt() + line.get("spares").asInt();
        }
        int wanted = 0;
        for (JsonNode line : sheet.get("cuts")) {
            wanted += line.get("needed").asInt() + line.get("spares").asInt();
        }
        assertEquals(pieces, wanted);
        materials.get("wires").forEach(w -> assertTrue(w.at("/plan/proved").asBoolean(), w.toString()));
    }

    @Test
    public void everySheetComesAsCsv() {
        for (JsonNode sheet : api.get(order() + "/sheets").json()) {
            Api.Answer csv = api.get(order() + "/sheets/" + sheet.get("kind").asString() + ".csv");
            assertEquals(csv.status(), 200, csv.body());
            assertTrue(csv.type().startsWith("text/csv"));
            assertTrue(csv.body().lines().count() > 2, csv.body());
        }
    }

    @Test
    public void aSheetThatIsNotThereIsToldPlainly() {
        Api.Answer answer = api.get(order() + "/sheets/guests.csv");
        assertEquals(answer.status(), 404);
        assertTrue(answer.body().contains("There is nothing at this address"), answer.body());
    }

    @Test
    public void aSpeciesComesAsOnePage() {
        String species = "/api/species/"
                + api.get("/api/species").json().get(0).get("id").asString();
        assertTrue(api.get(species + "/sheet.svg").body().startsWith("<svg"));
        assertTrue(api.get(species + "/sheet.pdf?paper=LETTER").body().startsWith("%PDF"));
        Api.Answer png = api.get(species + "/sheet.png?lengths=IN");
        assertEquals(png.type(), "image/png");
        assertEquals(api.get(species + "/sheet.doc").status(), 404);
        assertEquals(
                api.get("/api/species/00000000-0000-0000-0000-000000000000/sheet.svg")
                        .status(),
                404);
    }

    @Test
    public void sheetsAndOutlinesComeAsPdfAndSvg() {
        for (String paper : List.of("A4", "LETTER")) {
            assertTrue(api.get(order() + "/sheets.pdf?paper=" + paper).body().startsWith("%PDF"));
            assertTrue(api.get(order() + "/outlines.pdf?paper=" + paper).body().startsWith("%PDF"));
            assertTrue(api.get(order() + "/outlines.svg?paper=" + paper).body().startsWith("<svg"));
        }
        assertEquals(api.get(order() + "/sheets.pdf?paper=PAPYRUS").status(), 404);
    }

    private String pdfText(String path) throws IOException {
        HttpResponse<byte[]> answer = bytes(path);
        assertEquals(answer.statusCode(), 200);
        try (PDDocument pdf = Loader.loadPDF(answer.body())) {
            for (PDPage page : pdf.getPages()) {
                for (COSName font : page.getResources().getFontNames()) {
                    assertTrue(page.getResources().getFont(font).isEmbedded(), font.getName());
                }
            }
            return new PDFTextStripper().getText(pdf);
        }
    }

    private HttpResponse<byte[]> bytes(String path) {
        try {
            return HttpClient.newHttpClient()
                    .send(api.written(path).GET().build(), HttpResponse.BodyHandlers.ofByteArray());
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException(e);
        }
    }

    @Test
    public void allSheetsComeOnPaperOrThoseThatAreAskedFor() throws IOException {
        String all = pdfText(order() + "/sheets.pdf?paper=LETTER");
        for (JsonNode sheet : api.get(order() + "/sheets").json()) {
            assertTrue(
                    all.contains(sheet.get("title").asString()),
                    sheet.get("title").asString());
        }
        String wires = pdfText(order() + "/sheets.pdf?sheets=wires");
        assertTrue(wires.contains("no plan needs fewer"), wires);
        assertFalse(wires.contains("Shopping"), wires);
    }

    @Test
    public void aCutterOfEachPartPrintsAndOneWithTooThinAWallIsRefused() {
        for (JsonNode card : api.get("/api/species").json()) {
            String path = "/api/species/" + card.get("id").asString();
            JsonNode document = api.get(path + "/document").json();
            for (JsonNode part : document.get("parts")) {
                String making = part.at("/pieces/making/kind").asString("");
                if (making.equals("sheet") || making.equals("one-piece")) {
                    String stl = path + "/parts/" + part.get("id").asString() + "/cutter.stl";
                    assertEquals(api.get(stl).status(), 200, stl);
                    assertEquals(api.get(stl + "?wallMm=0.2").status(), 422);
                }
            }
            assertTrue(api.get(path + "/outlines.pdf").body().startsWith("%PDF"));
        }
    }

    @Test
    public void whatIsCutRoundATemplateIsPrintedToo() {
        String id = "";
        for (JsonNode card : api.get("/api/species").json()) {
            id = card.get("name").asString().equals("Wharf pearl blossom")
                    ? card.get("id").asString()
                    : id;
        }
        String svg = api.get("/api/species/" + id + "/outlines.svg").body();
        assertTrue(svg.contains(": template"), svg.substring(0, 400));
    }

    @DataProvider
    Object[][] demos() {
        return api.get("/api/species")
                .json()
                .valueStream()
                .map(s -> new Object[] {s.get("name").asString(), s.get("id").asString()})
                .toArray(Object[][]::new);
    }

    @Test(dataProvider = "demos")
    public void noDemoOutlineNestsWorseThanAPlainGrid(String name, String id) {
        String document = api.get("/api/species/" + id + "/document").body();
        for (Petaled part : SpeciesDocument.readText(document).petaled()) {
            if (part.pieces().cut().isPresent()) {
                Cut cut = part.pieces().cut().get();
                Nesting nesting = Nesting.of(cut, 145);
                assertTrue(nesting.stripYield() >= nesting.gridYield() - 1e-9, name + " " + part.id());
                assertTrue(nesting.latticeYield() <= 1 + 1e-9, name + " " + part.id() + nesting.latticeYield());
            }
        }
    }

    @Test
    public void theQuickAnswersAndRefusesByTheField() {
        JsonNode answer = api.post(
                        "/api/quick",
                        "{\"kind\":\"wire-check\",\"massG\":1,\"centreMm\":25,\"freeMm\":25,\"ridgeMm\":0.9}")
                .json();
        assertEquals(answer.at("/figures/0/value").asInt(), 26);
        assertEquals(answer.at("/figures/0/unit").asString(), "gauge");
        assertEquals(
                Figure.Group.WIRE.name().toLowerCase(),
                answer.at("/figures/0/group").asString());
        Api.Answer refused = api.post(
                "/api/quick",
                "{\"kind\":\"cutter-to-petal\",\"known\":\"cutter\",\"lengthMm\":0,\"widthMm\":20,\"rolledMm\":1,\"finishedMm\":1}");
        assertEquals(refused.status(), 422);
        assertEquals(refused.json().at("/faults/0/pointer").asString(), "/lengthMm");
    }
}
