package org.crispwhorl.files.document;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;
import static org.testng.Assert.expectThrows;

import java.io.IOException;
import java.io.InputStream;
import java.util.List;
import java.util.Optional;
import org.crispwhorl.core.colour.Colouring;
import org.crispwhorl.core.colour.Zone;
import org.crispwhorl.core.drying.Lying;
import org.crispwhorl.core.paste.Shade;
import org.crispwhorl.core.species.Attachment;
import org.crispwhorl.core.species.Choices;
import org.crispwhorl.core.species.Edge;
import org.crispwhorl.core.species.Heads;
import org.crispwhorl.core.species.Making;
import org.crispwhorl.core.species.Part;
import org.crispwhorl.core.species.Petaled;
import org.crispwhorl.core.species.Pieces;
import org.crispwhorl.core.species.Roll;
import org.crispwhorl.core.species.RollForm;
import org.crispwhorl.core.species.Species;
import org.crispwhorl.core.species.Techniques;
import org.crispwhorl.core.thinning.Thinning;
import org.crispwhorl.core.wire.WireTable;
import org.crispwhorl.demo.DemoDocuments;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** Documents of every version that was landed are brought up to the present. */
public class DocumentLiftTest {
    private static final JsonMapper MAPPER = CraftJson.mapper();

    private static ObjectNode kept() throws IOException {
        return named("hellebore-version-2.json");
    }

    private static ObjectNode named(String file) throws IOException {
        try (InputStream in = DocumentLiftTest.class.getResourceAsStream(file)) {
            return (ObjectNode) MAPPER.readTree(in);
        }
    }

    /** What version 7 called otherwise is the same flower: to the last digit what the demo has of it today. */
    @Test
    public void whatIsCalledOtherwiseIsTheSameFlower() throws IOException {
        ObjectNode old = named("hellebore-version-7.json");
        assertEquals(
                SpeciesDocument.read(old),
                DemoDocuments.texts().stream()
                        .map(SpeciesDocument::readText)
                        .filter(s -> s.name().equals(old.get("name").asString()))
                        .map(DocumentLiftTest::sayingNothingOfMasters)
                        .findFirst()
                        .orElseThrow());
    }

    private static Species sayingNothingOfMasters(Species species) {
        return species.withShades(species.shades().stream()
                .map(shade -> new Shade(shade.id(), shade.name(), shade.strong(), shade.share()))
                .toList());
    }

    /** Names of what was chosen move where they stand for a choice, and nowhere else. */
    @Test
    public void onlyNamesAreRenamed() throws IOException {
        ObjectNode old = named("hellebore-version-7.json").put("note", "lean and quick, with a heart");
        old.putObject("ways").put("insertion", "short").put("counts", "quick");
        ObjectNode part = (ObjectNode) old.get("parts").get(0);
        part.put("name", "heart");
        Species lifted = SpeciesDocument.read(old);
        assertEquals(lifted.note(), "lean and quick, with a heart");
        assertEquals(lifted.parts().get(0).name(), "heart");
        assertEquals(lifted.techniques().counts(), Optional.of(Techniques.Counts.FEWER));
        assertEquals(lifted.techniques().wireInside(), Optional.of(Techniques.WireInside.SHORT));
    }

    /** What version 8 knew no free stem, no tails and no notes of stands as usual, its wires running to the foot. */
    @Test
    public void aStemStandsFreeAsUsualWhereNothingWasSaid() throws IOException {
        ObjectNode old = named("delphinium-version-8.json");
        Species lifted = SpeciesDocument.read(old);
        assertEquals(lifted.notes(), List.of());
        assertEquals(lifted.centre().orElseThrow().freeMm(), 50.0);
        Heads spike = lifted.heads().orElseThrow();
        assertEquals(spike.freeMm(), 50.0);
        assertEquals(spike.downMm(spike.alongMm()), spike.alongMm() + spike.stemMm(), "down to the foot");
        assertEquals(SpeciesDocument.read(SpeciesDocument.write(lifted)), lifted);
    }

    /** Version 9 said nothing of what masters are coloured with, and all stalks of its heads were as long. */
    @Test
    public void mastersOfWhichNothingWasSaidAndStalksStayAsTheyWere() throws IOException {
        Species lifted = SpeciesDocument.read(named("delphinium-version-9.json"));
        assertTrue(lifted.shades().stream().allMatch(shade -> shade.master().isEmpty()));
        Heads spike = lifted.heads().orElseThrow();
        assertEquals(spike.stalkMm(spike.pieceCount()), spike.stalkMm(), 1e-9);
        assertEquals(SpeciesDocument.read(SpeciesDocument.write(lifted)), lifted);
    }

    /** What version 6 drew all over a body it still draws all over, and tendrils stand where they stood. */
    @Test
    public void zonesOfBodiesAndTendrilsStayAsTheyWere() throws IOException {
        JsonNode old;
        try (InputStream in = DocumentLiftTest.class.getResourceAsStream("passion-flower-version-6.json")) {
            old = MAPPER.readTree(in);
        }
        for (JsonNode part : old.get("parts")) {
            for (JsonNode pass : part.path("colour").path("passes")) {
                ((ObjectNode) pass).put("zone", "tip");
            }
        }
        Species lifted = SpeciesDocument.read(old);
        for (Part part : lifted.parts()) {
            Zone wanted = part.flat().isPresent() ? Zone.TIP : Zone.ALL;
            part.colouring().ifPresent(c -> c.passes().forEach(pass -> assertEquals(pass.zone(), wanted, part.id())));
        }
        assertTrue(lifted.parts().stream()
                .allMatch(p -> p.atJoints(WireTable.STANDARD).isEmpty()));
    }

    @Test
    public void aDocumentOfTheSecondVersionIsLifted() throws IOException {
        Species lifted = SpeciesDocument.read(kept());
        assertEquals(lifted.techniques(), Choices.NONE.withDusting(Optional.of(Techniques.Dusting.PARTS)));
        Petaled petals = (Petaled) lifted.part("sepals").orElseThrow();
        assertEquals(petals.colour(), Colouring.dust(3));
        assertEquals(petals.pieces().making(), new Making.Sheet(new Thinning(1.1, 0.65)));
        assertEquals(petals.pieces().outline().lengthMm(), 32.0);
        assertEquals(((Petaled) lifted.part("nectaries").orElseThrow()).pieces().attachment(), Attachment.Glued.BASE);
    }

    private static Species ofTheFifth(String name) throws IOException {
        try (InputStream in = DocumentLiftTest.class.getResourceAsStream(name + "-version-5.json")) {
            return SpeciesDocument.read(MAPPER.readTree(in));
        }
    }

    private static Pieces pieces(Species species, String part) {
        return ((Petaled) species.part(part).orElseThrow()).pieces();
    }

    /** What stood by itself bends on as it did: half of its bend is taken off its lean; what is laid on soft has all taken off. */
    @Test
    public void aDocumentOfTheFifthVersionLiesAsItDid() throws IOException {
        Species camellia = ofTheFifth("camellia");
        Pieces leaves = pieces(camellia, "leaves");
        double bend = Math.toDegrees(
                leaves.finished().lengthMm() / leaves.former().orElseThrow().sphereRadiusMm());
        assertEquals(leaves.opensDeg(), 72 + bend / 2, 0.051, "it turns back, so that its middle leans out more");
        Pieces sixth = pieces(camellia, "sixth");
        double cupped = Math.toDegrees(
                sixth.finished().lengthMm() / sixth.former().orElseThrow().sphereRadiusMm());
        assertEquals(sixth.opensDeg(), 84 - cupped, 0.051);
        assertEquals(sixth.attachment(), Attachment.Glued.BASE);
        Roll strip = (Roll) ofTheFifth("rosette").part("strip").orElseThrow();
        assertEquals(strip.openedMm() + strip.footMm(), 0.0);
        assertEquals(strip.from(), new RollForm.Strip(130, 32, true));
        assertEquals(strip.edge(), Edge.PLAIN);
    }

    @Test
    public void aDocumentOfTheFirstVersionIsLiftedThroughTheSecond() throws IOException {
        ObjectNode old = kept().put("version", 1);
        old.remove("ways");
        ((ObjectNode) old.at("/parts/3/pieces")).put("drying", "hung");
        Species lifted = SpeciesDocument.read(old);
        assertEquals(lifted.techniques(), Choices.NONE.withDusting(Optional.of(Techniques.Dusting.PARTS)));
        assertEquals(((Petaled) lifted.part("sepals").orElseThrow()).pieces().drying(), new Lying.Hung());
        assertTrue(old.at("/parts/3/pieces/drying").isString(), "the document itself is left as it was");
    }

    @Test
    public void aFirstVersionDocumentWithAFaultIsStillRefused() throws IOException {
        ObjectNode old = kept().put("version", 1);
        ((ObjectNode) old.at("/parts/3/pieces")).put("drying", "on the radiator");
        DocumentFault fault = expectThrows(DocumentFault.class, () -> SpeciesDocument.read(old));
        assertTrue(fault.faults().get(0).pointer().startsWith("/parts/3/pieces/drying"));
    }
}
