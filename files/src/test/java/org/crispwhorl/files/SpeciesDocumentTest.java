package org.crispwhorl.files;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;
import static org.testng.Assert.expectThrows;

import java.util.List;
import java.util.Optional;
import org.crispwhorl.core.outline.Outline;
import org.crispwhorl.core.paste.Medium;
import org.crispwhorl.core.species.Attachment;
import org.crispwhorl.core.species.Calyx;
import org.crispwhorl.core.species.Former;
import org.crispwhorl.core.species.Heart;
import org.crispwhorl.core.species.HeartForm;
import org.crispwhorl.core.species.Leaf;
import org.crispwhorl.core.species.Lying;
import org.crispwhorl.core.species.Overlap;
import org.crispwhorl.core.species.Part;
import org.crispwhorl.core.species.Pieces;
import org.crispwhorl.core.species.Place;
import org.crispwhorl.core.species.Shade;
import org.crispwhorl.core.species.Species;
import org.crispwhorl.core.species.Stage;
import org.crispwhorl.core.species.Stamens;
import org.crispwhorl.core.species.Ways;
import org.crispwhorl.core.species.Whorl;
import org.crispwhorl.core.thinning.Thinning;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

public class SpeciesDocumentTest {
    private static final JsonMapper MAPPER = CraftJson.mapper();

    private static Pieces pieces(Attachment attachment, Lying lying, Optional<Former> former) {
        return new Pieces(
                5,
                new Outline(26.25, 25.4, 0.62, 0.2, 2.2, 2, 0.1),
                new Thinning(1.1, 0.65),
                70.5,
                former,
                new Place(Place.Rule.SPIRAL, -12.5, 3),
                Overlap.ALTERNATE,
                attachment,
                lying,
                Stage.PART_DRY);
    }

    private static Species withHeart(HeartForm form) {
        Former cup = new Former("apple \"tray\"", 30, 9, Former.Side.TURNS_BACK);
        List<Part> parts = List.of(
                new Heart("heart", "hjärta 花", "pink", form, 20, 2, 4, 90, 0),
                new Stamens("stamens", "stamens", "pink", 30, Stamens.Use.CUT, 0.3, 1.2, 12, 7, 3, 1),
                new Whorl(
                        "ring",
                        "=SUM(A1)",
                        "pink",
                        pieces(new Attachment.Glued(), new Lying.TurnedOut(4.5), Optional.of(cup)),
                        1),
                new Calyx(
                        "calyx",
                        "calyx",
                        "pink",
                        pieces(new Attachment.Wired(26, 12, 1, 3, 80, 0.9), new Lying.Hung(), Optional.empty()),
                        0),
                new Leaf(
                        "leaf",
                        "leaf",
                        "pink",
                        pieces(new Attachment.Glued(), new Lying.OneSided(), Optional.empty()),
                        6));
        return new Species(
                "Lock rose",
                "a note\nof two lines",
                54,
                Medium.COLD_PORCELAIN,
                List.of(new Shade("pink", "pink", "#c03a5a", 0.3)),
                parts,
                new Ways(Ways.Dusting.WHOLE));
    }

    @DataProvider
    public Object[][] species() {
        return new Object[][] {
            {withHeart(new HeartForm.Ball(8))},
            {withHeart(new HeartForm.Cone(12, 14))},
            {withHeart(new HeartForm.Teardrop(8, 12.5))},
            {withHeart(new HeartForm.Dome(14, 5))},
            {withHeart(new HeartForm.Disc(16, 3))},
            {withHeart(new HeartForm.Cluster(12, 3.5))},
            {withHeart(new HeartForm.CoveredBall(20, 1.5))}
        };
    }

    @Test(dataProvider = "species")
    public void whatGoesOutComesBackTheSame(Species species) {
        assertEquals(SpeciesDocument.readText(SpeciesDocument.writeText(species)), species);
    }

    @Test(dataProvider = "species")
    public void theTextIsTheSameTheSecondTime(Species species) {
        String text = SpeciesDocument.writeText(species);
        assertEquals(SpeciesDocument.writeText(SpeciesDocument.readText(text)), text);
    }

    @Test
    public void theDocumentNamesItsFormatAndVersion() {
        ObjectNode document = SpeciesDocument.write(withHeart(new HeartForm.Ball(8)));
        assertEquals(document.get("format").asString(), "crisp-whorl/species");
        assertEquals(document.get("version").asInt(), SpeciesDocument.VERSION);
        assertEquals(document.at("/parts/0/kind").asString(), "heart");
        assertEquals(document.at("/parts/0/form/kind").asString(), "ball");
        assertEquals(document.at("/medium").asString(), "cold-porcelain");
    }

    @Test
    public void whatIsLeftOutIsNotWritten() {
        ObjectNode document = SpeciesDocument.write(withHeart(new HeartForm.Ball(8)));
        assertTrue(document.at("/parts/2/pieces").has("former"));
        assertFalse(document.at("/parts/3/pieces").has("former"));
    }

    /** Where a fault is put in, what is put there, the pointer of the fault, a word of what was expected. */
    @DataProvider
    public Object[][] faults() {
        return new Object[][] {
            {"/parts/2/pieces", "count", "0", "/parts/2/pieces/count", "at least 1"},
            {"/parts/2/pieces", "count", "61", "/parts/2/pieces/count", "at most 60"},
            {"/parts/2/pieces", "count", "2.5", "/parts/2/pieces/count", "integer"},
            {"/parts/2/pieces/cut", "tip", "\"round\"", "/parts/2/pieces/cut/tip", "number"},
            {"/parts/2/pieces/cut", "petals", "3", "/parts/2/pieces/cut/petals", "no field of that name"},
            {"/parts/2", "kind", "\"petal\"", "/parts/2/kind", "whorl"},
            {"/parts/2/pieces", "overlap", "\"sideways\"", "/parts/2/pieces/overlap", "tucked"},
            {"/parts/2", "shade", "\"blue\"", "/parts/2/shade", "pink"},
            {"/parts/3", "id", "\"ring\"", "/parts/3/id", "no other part"},
            {"/parts/0/form", "kind", "\"cube\"", "/parts/0/form/kind", "cone"},
            {"/shades/0", "master", "\"pink\"", "/shades/0/master", "#"},
            {"/shades/0", "share", "-0.1", "/shades/0/share", "at least 0"},
            {"", "name", "\"\"", "/name", "at least 1"},
            {"", "medium", "\"clay\"", "/medium", "gum-paste"},
            {"", "version", "99", "/version", "1 to"},
            {"", "version", "\"2\"", "/version", "whole number"},
            {"", "format", "\"drawing\"", "/format", "crisp-whorl/species"},
            {"/parts/2/pieces/thinning", "finishedMm", "3", "/parts/2/pieces/thinning/finishedMm", "at most the rolled"}
        };
    }

    @Test(dataProvider = "faults")
    public void aFaultIsToldWithItsPlaceAndWhatWasExpected(
            String at, String field, String value, String pointer, String expected) {
        ObjectNode document = SpeciesDocument.write(withHeart(new HeartForm.Ball(8)));
        ObjectNode place = at.isEmpty() ? document : (ObjectNode) document.at(at);
        place.set(field, MAPPER.readTree(value));
        DocumentFault fault = expectThrows(DocumentFault.class, () -> SpeciesDocument.read(document));
        DocumentFault.Fault first = fault.faults().get(0);
        assertEquals(first.pointer(), pointer, fault.faults().toString());
        assertTrue(first.expected().contains(expected), first.toString());
        assertFalse(first.came().isEmpty());
    }

    @Test
    public void aMissingFieldIsNamed() {
        ObjectNode document = SpeciesDocument.write(withHeart(new HeartForm.Ball(8)));
        ((ObjectNode) document.at("/parts/2/pieces")).remove("thinning");
        DocumentFault fault = expectThrows(DocumentFault.class, () -> SpeciesDocument.read(document));
        assertEquals(
                fault.faults().get(0), new DocumentFault.Fault("/parts/2/pieces/thinning", "nothing", "this field"));
    }

    @Test
    public void severalFaultsAreToldTogether() {
        ObjectNode document = SpeciesDocument.write(withHeart(new HeartForm.Ball(8)));
        ((ObjectNode) document.at("/parts/2/pieces")).put("count", 400);
        ((ObjectNode) document.at("/parts/1")).put("strands", 0);
        assertEquals(
                expectThrows(DocumentFault.class, () -> SpeciesDocument.read(document))
                        .faults()
                        .size(),
                2);
    }

    @Test
    public void textThatIsNoJsonIsToldWithItsLine() {
        DocumentFault fault =
                expectThrows(DocumentFault.class, () -> SpeciesDocument.readText("{\n  \"format\": oops\n}"));
        assertTrue(fault.faults().get(0).came().contains("line 2"), fault.getMessage());
    }

    @Test
    public void aKeyThatStandsTwiceIsRefused() {
        String text = SpeciesDocument.writeText(withHeart(new HeartForm.Ball(8)))
                .replaceFirst("\"note\"", "\"name\" : \"twice\", \"note\"");
        expectThrows(DocumentFault.class, () -> SpeciesDocument.readText(text));
    }

    @Test
    public void aListIsNoDocument() {
        DocumentFault fault = expectThrows(DocumentFault.class, () -> SpeciesDocument.readText("[1, 2]"));
        assertEquals(fault.faults().get(0).pointer(), "");
    }

    @Test
    public void aDocumentOfTheFirstVersionIsLifted() {
        Species species = withHeart(new HeartForm.Ball(8));
        ObjectNode old = SpeciesDocument.write(species).put("version", 1);
        old.remove("ways");
        ((ObjectNode) old.at("/parts/3/pieces")).put("drying", "hung");
        ((ObjectNode) old.at("/parts/4/pieces")).put("drying", "one-sided");
        Species lifted = SpeciesDocument.read(old);
        assertEquals(lifted.ways(), new Ways(Ways.Dusting.PARTS));
        assertEquals(lifted.parts(), species.parts());
        assertTrue(old.at("/parts/3/pieces/drying").isString(), "the document itself is left as it was");
    }

    @Test
    public void aFirstVersionDocumentWithAFaultIsStillRefused() {
        ObjectNode old = SpeciesDocument.write(withHeart(new HeartForm.Ball(8))).put("version", 1);
        ((ObjectNode) old.at("/parts/3/pieces")).put("drying", "on the radiator");
        DocumentFault fault = expectThrows(DocumentFault.class, () -> SpeciesDocument.read(old));
        assertTrue(fault.faults().get(0).pointer().startsWith("/parts/3/pieces/drying"));
    }

    @Test
    public void everyFieldOfTheSchemaSaysWhatItMeans() {
        ObjectNode definitions = (ObjectNode) SpeciesDocument.schema().get("$defs");
        for (String name : definitions.propertyNames()) {
            for (var field : definitions.get(name).path("properties").properties()) {
                boolean told = field.getValue().has("title")
                        || field.getValue().has("const")
                        || field.getValue().has("$ref");
                assertTrue(told, name + "/" + field.getKey());
                if (field.getValue().path("type").asString("").equals("number")) {
                    assertTrue(field.getValue().has("minimum"), name + "/" + field.getKey());
                    assertTrue(field.getValue().has("x-unit"), name + "/" + field.getKey());
                }
            }
        }
    }

    @Test
    public void theSchemaAllowsNothingElse() {
        assertFalse(SpeciesDocument.schema().get("additionalProperties").asBoolean());
        assertEquals(
                ((ArrayNode) SpeciesDocument.schema().get("required")).get(0).asString(), "format");
    }
}
