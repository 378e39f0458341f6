package org.crispwhorl.files.document;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;
import static org.testng.Assert.expectThrows;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Stream;
import org.crispwhorl.core.colour.Colouring;
import org.crispwhorl.core.drying.Lying;
import org.crispwhorl.core.outline.Outline;
import org.crispwhorl.core.paste.Medium;
import org.crispwhorl.core.paste.Shade;
import org.crispwhorl.core.species.Attachment;
import org.crispwhorl.core.species.BareStem;
import org.crispwhorl.core.species.Bead;
import org.crispwhorl.core.species.BoughtCore;
import org.crispwhorl.core.species.BrimmedCone;
import org.crispwhorl.core.species.ByHand;
import org.crispwhorl.core.species.Calyx;
import org.crispwhorl.core.species.CappedHalfBall;
import org.crispwhorl.core.species.Carried;
import org.crispwhorl.core.species.Centre;
import org.crispwhorl.core.species.CentreForm;
import org.crispwhorl.core.species.Choices;
import org.crispwhorl.core.species.Cluster;
import org.crispwhorl.core.species.CoveredBall;
import org.crispwhorl.core.species.Dome;
import org.crispwhorl.core.species.Edge;
import org.crispwhorl.core.species.FineStamens;
import org.crispwhorl.core.species.Former;
import org.crispwhorl.core.species.FromBall;
import org.crispwhorl.core.species.Heads;
import org.crispwhorl.core.species.Hold;
import org.crispwhorl.core.species.HollowedCone;
import org.crispwhorl.core.species.Joining;
import org.crispwhorl.core.species.Leaf;
import org.crispwhorl.core.species.Lining;
import org.crispwhorl.core.species.Making;
import org.crispwhorl.core.species.OnePiece;
import org.crispwhorl.core.species.Opening;
import org.crispwhorl.core.species.Overlap;
import org.crispwhorl.core.species.Part;
import org.crispwhorl.core.species.Pearls;
import org.crispwhorl.core.species.Pieces;
import org.crispwhorl.core.species.Pistil;
import org.crispwhorl.core.species.Place;
import org.crispwhorl.core.species.Ridges;
import org.crispwhorl.core.species.Ring;
import org.crispwhorl.core.species.Roll;
import org.crispwhorl.core.species.RollForm;
import org.crispwhorl.core.species.SliverCone;
import org.crispwhorl.core.species.Species;
import org.crispwhorl.core.species.Stamens;
import org.crispwhorl.core.species.StemWrap;
import org.crispwhorl.core.species.Supports;
import org.crispwhorl.core.species.Techniques;
import org.crispwhorl.core.species.Tendril;
import org.crispwhorl.core.species.Texture;
import org.crispwhorl.core.species.TexturedHead;
import org.crispwhorl.core.species.Veiner;
import org.crispwhorl.core.species.WoundFringe;
import org.crispwhorl.core.thinning.Thinning;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

public class SpeciesDocumentTest {
    private static final JsonMapper MAPPER = CraftJson.mapper();

    private static Pieces pieces(Making making, Attachment attachment, Lying lying, Optional<Former> former) {
        return new Pieces(
                5,
                8,
                new Outline(26.25, 25.4, 0.62, 0.2, 2.2, 2, 0.1),
                making,
                Optional.of(new Ridges(Ridges.RidgeMade.PINCHED, 3, 0.8, 1.5)),
                new Edge(3, 0.35, 4.5, 2, Edge.Finish.TORN),
                Optional.of(new Lining("pale", 0.4)),
                Optional.of(new Carried("pale", 9, 7, 0.6)),
                20,
                15,
                70.5,
                Optional.of(new Veiner("old \"leaf\"", 60, Veiner.Sides.BOTH, Veiner.Laid.TOWARDS_TIP, 0.5)),
                former,
                lying,
                attachment,
                Joining.of(Joining.As.PART_DRY, Joining.Onto.HOLDS),
                new Place(Place.Rule.SPIRAL, -12.5, 3),
                Overlap.ALTERNATE,
                Optional.of(Choices.NONE.withBoard(Optional.of(Techniques.Board.CORNFLOUR))));
    }

    private static Stamens held(String id, Hold how) {
        return new Stamens(
                id,
                id,
                "pink",
                30,
                Stamens.Use.SINGLE,
                0.3,
                1.2,
                12,
                7,
                3,
                Stamens.StamenArrangement.ONE_SIDE,
                2,
                how,
                4,
                Colouring.NONE);
    }

    private static Species withCentre(CentreForm form) {
        return species(form, new Making.Sheet(new Thinning(1.1, 0.65)));
    }

    private static Species species(CentreForm form, Making making) {
        Former cup = new Former("apple \"tray\"", 30, 9, Former.Side.TURNS_BACK);
        Colouring colour = Colouring.dust(2);
        List<Part> parts = List.of(
                new Centre("centre", "hjärta 花", "pink", form, 20, 1.5, 2, 4, 90, colour),
                new Stamens(
                        "stamens",
                        "stamens",
                        "pink",
                        30,
                        Stamens.Use.CUT,
                        0.3,
                        1.2,
                        12,
                        7,
                        3,
                        Stamens.StamenArrangement.TUFT,
                        2,
                        4,
                        colour),
                held("pushed", new Hold.PushedIn(5)),
                held("glued", new Hold.GluedIn()),
                held("wires", new Hold.OnWires(30, 60)),
                new Supports("supports", "supports", Supports.SupportKind.PAPER, 6),
                new Roll("disc", "disc", "pink", new RollForm.FoldedDisc(60, 0.5), 1, 0.5, 2, colour),
                new Ring(
                        "ring",
                        "=SUM(A1)",
                        "pink",
                        pieces(making, new Attachment.Glued(0.25), new Lying.TurnedOut(4.5), Optional.of(cup)),
                        colour),
                new Calyx(
                        "calyx",
                        "calyx",
                        "pink",
                        pieces(making, new Attachment.Wired(26, 12, 1, 3, 80, 0.9), new Lying.Hung(), Optional.empty()),
                        Colouring.NONE),
                new Leaf(
                        "leaf",
                        "leaf",
                        "pink",
                        pieces(making, new Attachment.Threaded(), new Lying.OneSided(), Optional.empty()),
                        Leaf.Along.STAGGERED,
                        14,
                        colour),
                new FineStamens("fine", "fine", "pink", 6, 33, 14, 4, 3, 1, 2, 60, colour),
                new Pistil("pistil", "pistil", "pink", 3, 14, 6, 120, 6, 40, colour),
                new Roll("strip", "strip", "pink", new RollForm.Strip(160, 30, true), 1, 0.5, 2, colour),
                new Roll(
                        "fan",
                        "fan",
                        "pink",
                        new RollForm.PetalFan(6, Outline.of(20, 18, 0.6, 0.3, 2), 0.4),
                        1,
                        0.5,
                        2,
                        colour),
                new Bead("hip", "hip", "pink", 8, 9, -1, colour),
                new Tendril("tendril", "tendril", "pink", 2, 30, 15, 6, 3, -20, 40, colour),
                new StemWrap("wrap", "wrap", "pink", 5, 80, StemWrap.With.PAPER, colour),
                new Heads(
                        "heads",
                        "heads",
                        Heads.Arrangement.SPRAY,
                        List.of(new Opening("bud", 3, 0.4, 1, 0.2)),
                        14,
                        6,
                        70,
                        25,
                        15,
                        18,
                        100));
        return new Species(
                "Lock rose",
                "a note\nof two lines",
                54,
                Medium.COLD_PORCELAIN,
                List.of(new Shade("pink", "pink", "#c03a5a", 0.3), new Shade("pale", "pale", "#c03a5a", 0.1)),
                parts,
                Species.Finishing.STEAM,
                Choices.NONE.withDusting(Optional.of(Techniques.Dusting.WHOLE)));
    }

    @DataProvider
    public Object[][] species() {
        Thinning thinning = new Thinning(1.1, 0.65);
        List<CentreForm> forms = List.of(
                new CentreForm.Ball(8),
                new CentreForm.Cone(12, 14),
                new CentreForm.Teardrop(8, 12.5),
                new Dome(14, 5, Texture.SNIPPED),
                new CentreForm.Disc(16, 3, CentreForm.Disc.Coat.POLLEN),
                new Cluster(12, 3.5),
                new CoveredBall(20, 1.5),
                new CappedHalfBall(20, 1.5),
                new SliverCone(8, 14, 3, 16, 8, 1),
                new WoundFringe(100, 12, 8, 0.8),
                new TexturedHead(18, 18, Texture.TWEEZED, Texture.MESH, 0.4),
                new BoughtCore(BoughtCore.CoreShape.EGG, 18, 26, 1),
                new Pearls(3, 5, Pearls.PearlKind.SUGAR),
                new BareStem(BareStem.StemKind.SKEWER, 3, 12));
        List<Making> makings = List.of(
                new OnePiece(thinning, 4, OnePiece.Division.SPLIT),
                new FromBall.Pressed(12),
                new FromBall.Weighed(0.85),
                new FromBall.Pulled(2, 0.5),
                new HollowedCone(0.8, 6, 4),
                new BrimmedCone(thinning, 5, 12, true),
                new ByHand(thinning, ByHand.Guide.TEMPLATE),
                new Making.Tape(12));
        return Stream.concat(
                        forms.stream().map(SpeciesDocumentTest::withCentre),
                        makings.stream().map(m -> species(forms.get(0), m)))
                .map(s -> new Object[] {s})
                .toArray(Object[][]::new);
    }

    /** Every kind of every choice in the schema stands in one of the documents above. */
    @Test
    public void noKindIsLeftOut() {
        Set<String> met = new TreeSet<>();
        for (Object[] row : species()) {
            for (var kind : SpeciesDocument.write((Species) row[0]).findValues(CraftJson.KIND)) {
                met.add(kind.asString());
            }
        }
        Set<String> known = new TreeSet<>();
        for (ObjectNode definition : definitions()) {
            if (definition.at("/properties/kind").has("const")) {
                known.add(definition.at("/properties/kind/const").asString());
            }
        }
        assertEquals(met, known);
    }

    private static List<ObjectNode> definitions() {
        List<ObjectNode> all = new ArrayList<>();
        SpeciesDocument.schema().get("$defs").forEach(d -> all.add((ObjectNode) d));
        return all;
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
        ObjectNode document = SpeciesDocument.write(withCentre(new CentreForm.Ball(8)));
        assertEquals(document.get("format").asString(), "crisp-whorl/species");
        assertEquals(document.get("version").asInt(), SpeciesDocument.VERSION);
        assertEquals(document.at("/parts/0/kind").asString(), "centre");
        assertEquals(document.at("/parts/0/form/kind").asString(), "ball");
        assertEquals(document.at("/medium").asString(), "cold-porcelain");
    }

    @Test
    public void whatIsLeftOutIsNotWritten() {
        ObjectNode document = SpeciesDocument.write(withCentre(new CentreForm.Ball(8)));
        assertTrue(document.at("/parts/7/pieces").has("former"));
        assertFalse(document.at("/parts/8/pieces").has("former"));
    }

    /** Where a fault is put in, what is put there, the pointer of the fault, a word of what was expected. */
    @DataProvider
    public Object[][] faults() {
        return new Object[][] {
            {"/parts/7/pieces", "count", "0", "/parts/7/pieces/count", "at least 1"},
            {"/parts/7/pieces", "count", "121", "/parts/7/pieces/count", "at most 120"},
            {"/parts/7/pieces", "count", "2.5", "/parts/7/pieces/count", "integer"},
            {"/parts/7/pieces/outline", "tip", "\"round\"", "/parts/7/pieces/outline/tip", "number"},
            {"/parts/7/pieces/outline", "petals", "3", "/parts/7/pieces/outline/petals", "no field of that name"},
            {"/parts/7", "kind", "\"petal\"", "/parts/7/kind", "ring"},
            {"/parts/7/pieces", "overlap", "\"sideways\"", "/parts/7/pieces/overlap", "tucked"},
            {"/parts/7", "shade", "\"blue\"", "/parts/7/shade", "pink"},
            {"/parts/8", "id", "\"ring\"", "/parts/8/id", "no other part"},
            {"/parts/0/form", "kind", "\"cube\"", "/parts/0/form/kind", "cone"},
            {"/shades/0", "strong", "\"pink\"", "/shades/0/strong", "#"},
            {"/shades/0", "share", "-0.1", "/shades/0/share", "at least 0"},
            {"", "name", "\"\"", "/name", "at least 1"},
            {"", "medium", "\"clay\"", "/medium", "gum-paste"},
            {"", "version", "99", "/version", "1 to"},
            {"", "version", "\"2\"", "/version", "whole number"},
            {"", "format", "\"drawing\"", "/format", "crisp-whorl/species"},
            {
                "/parts/7/pieces/making/thinning",
                "finishedMm",
                "3",
                "/parts/7/pieces/making/thinning/finishedMm",
                "at most the rolled"
            }
        };
    }

    @Test(dataProvider = "faults")
    public void aFaultIsToldWithItsPlaceAndWhatWasExpected(
            String at, String field, String value, String pointer, String expected) {
        ObjectNode document = SpeciesDocument.write(withCentre(new CentreForm.Ball(8)));
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
        ObjectNode document = SpeciesDocument.write(withCentre(new CentreForm.Ball(8)));
        ((ObjectNode) document.at("/parts/7/pieces")).remove("making");
        DocumentFault fault = expectThrows(DocumentFault.class, () -> SpeciesDocument.read(document));
        assertEquals(fault.faults().get(0), new DocumentFault.Fault("/parts/7/pieces/making", "nothing", "this field"));
    }

    @Test
    public void severalFaultsAreToldTogether() {
        ObjectNode document = SpeciesDocument.write(withCentre(new CentreForm.Ball(8)));
        ((ObjectNode) document.at("/parts/7/pieces")).put("count", 400);
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
        String text = SpeciesDocument.writeText(withCentre(new CentreForm.Ball(8)))
                .replaceFirst("\"note\"", "\"name\" : \"twice\", \"note\"");
        expectThrows(DocumentFault.class, () -> SpeciesDocument.readText(text));
    }

    @Test
    public void aListIsNoDocument() {
        DocumentFault fault = expectThrows(DocumentFault.class, () -> SpeciesDocument.readText("[1, 2]"));
        assertEquals(fault.faults().get(0).pointer(), "");
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
