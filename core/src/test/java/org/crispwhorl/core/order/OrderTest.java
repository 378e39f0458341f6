package org.crispwhorl.core.order;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.util.List;
import java.util.Optional;
import org.crispwhorl.core.Close;
import org.crispwhorl.core.Garden;
import org.crispwhorl.core.colour.Colouring;
import org.crispwhorl.core.paste.Paste;
import org.crispwhorl.core.species.Attachment;
import org.crispwhorl.core.species.Lining;
import org.crispwhorl.core.species.OnePiece;
import org.crispwhorl.core.species.Petaled;
import org.crispwhorl.core.species.Roll;
import org.crispwhorl.core.species.RollForm;
import org.crispwhorl.core.species.Species;
import org.crispwhorl.core.studio.Conditions;
import org.crispwhorl.core.studio.Spares;
import org.crispwhorl.core.work.Operation;
import org.testng.annotations.Test;

public class OrderTest {
    private static OrderSheet sheet(int roses, int buds) {
        return OrderSheet.of(
                List.of(OrderSheet.Line.of(Garden.rose(), roses), OrderSheet.Line.of(Garden.bud(), buds)),
                Conditions.USUAL);
    }

    @Test
    public void sevenRosesNeedThirtyFivePetalsAndTheirSpares() {
        OrderSheet.CutLine petals = sheet(7, 1).cuts().get(0);
        assertEquals(petals.part(), "petals");
        assertEquals(petals.needed(), 35);
        assertEquals(petals.spares(), Spares.UNRECORDED.forPieces(35));
    }

    @Test
    public void wiresFollowThePiecesThatAreCut() {
        OrderSheet sheet = sheet(7, 1);
        OrderSheet.WireLine petals = sheet.wires().stream()
                .filter(w -> w.use().endsWith("petals"))
                .findFirst()
                .orElseThrow();
        assertEquals(petals.count(), 35 + Spares.UNRECORDED.forPieces(35));
        assertEquals(petals.lengthMm(), 92.0);
    }

    @Test
    public void pasteIsEnoughForEveryPieceAndItsSpares() {
        OrderSheet sheet = sheet(2, 3);
        double cuts = sheet.cuts().stream()
                .mapToDouble(c -> c.grams() * (c.needed() + c.spares()))
                .sum();
        double shades = sheet.shades().stream()
                .mapToDouble(OrderSheet.ShadeLine::pieceG)
                .sum();
        assertTrue(shades > cuts, "centres come on top");
        sheet.shades().forEach(s -> assertEquals(s.strongG() + s.whiteG(), s.mixG(), 1e-9));
    }

    @Test
    public void twiceTheFlowersAreLittleLessThanTwiceTheHandsButForTheMixing() {
        double one = sheet(1, 1).labourMin();
        double two = sheet(2, 2).labourMin();
        double shades = sheet(1, 1).shades().stream()
                        .filter(s -> s.strongG() > 0 && s.whiteG() > 0)
                        .map(OrderSheet.ShadeLine::colour)
                        .distinct()
                        .count()
                * Operation.MIX.eachMin();
        assertTrue(two - shades < 2 * (one - shades), "what is rolled out and kneaded is shared");
        assertTrue(two - shades > 1.6 * (one - shades), "pieces are not");
    }

    @Test
    public void anEmptyOrderTakesNothing() {
        OrderSheet sheet = OrderSheet.of(List.of(), Conditions.USUAL);
        assertEquals(sheet.labourMin(), 0.0);
        assertTrue(sheet.tasks().isEmpty());
    }

    private static OrderSheet sheet(Species species, int count) {
        return OrderSheet.of(List.of(OrderSheet.Line.of(species, count)), Conditions.USUAL);
    }

    @Test
    public void furtherHeadsAreCutWiredAndMixedWithTheFlower() {
        Species spiked = Garden.and(Garden.rose(), Garden.spike(4, 18));
        OrderSheet sheet = sheet(spiked, 3);
        int petals = sheet.cuts().stream()
                .filter(c -> c.part().equals("petals"))
                .mapToInt(OrderSheet.CutLine::needed)
                .sum();
        assertEquals(petals, 3 * (5 + 2 * 5), "the flower's and those of two open heads");
        assertTrue(sheet.wires().stream().anyMatch(w -> w.use().endsWith("main stem") && w.count() == 3));
        double alone = sheet(Garden.rose(), 3).shades().stream()
                .mapToDouble(OrderSheet.ShadeLine::mixG)
                .sum();
        assertTrue(
                sheet.shades().stream().mapToDouble(OrderSheet.ShadeLine::mixG).sum() > alone);
    }

    @Test
    public void aOnePieceCutIsCountedOnceAFlowerAndSparedWhole() {
        Species one = Garden.changed(Garden.rose(), "petals", p -> p.withMaking(
                        new OnePiece(p.thinning().orElseThrow(), 5, OnePiece.Division.WHOLE))
                .withAttachment(new Attachment.Threaded()));
        OrderSheet.CutLine line = sheet(one, 10).cuts().get(0);
        assertEquals(line.needed(), 10);
        assertEquals(line.spares(), Spares.UNRECORDED.forPieces(10));
        assertTrue(line.from().startsWith("one-piece cutter of 5"));
        Petaled petals = (Petaled) one.part("petals").orElseThrow();
        Close.within(
                1e-9,
                line.grams(),
                Paste.usual(one.medium()).grams(5 * petals.pieces().volumeMm3(Paste.usual(one.medium()))));
    }

    @Test
    public void aStripIsOnTheListWithItsLengthAndHeight() {
        Roll roll = new Roll("r", "r", "pink", new RollForm.Strip(160, 30, true), 1, 0.5, 2, Colouring.NONE);
        OrderSheet.CutLine line = sheet(Garden.species(30, roll), 4).cuts().get(0);
        assertEquals(line.from(), "strip 160\u00a0mm × 30\u00a0mm");
        assertEquals(line.lengthMm(), 160.0);
        assertEquals(line.needed(), 4);
    }

    @Test
    public void pasteByShadeTakesLinedPetalsFromBothShades() {
        Species lined = Garden.changed(
                Garden.rose(), "petals", p -> p.with(d -> d.lining = Optional.of(new Lining("pale", 0.5))));
        double before = pale(sheet(Garden.rose(), 5));
        assertEquals(before, 0.0);
        assertTrue(pale(sheet(lined, 5)) > 0);
        double all = sheet(Garden.rose(), 5).shades().stream()
                .mapToDouble(OrderSheet.ShadeLine::pieceG)
                .sum();
        Close.within(
                1e-9,
                sheet(lined, 5).shades().stream()
                        .mapToDouble(OrderSheet.ShadeLine::pieceG)
                        .sum(),
                all);
    }

    private static double pale(OrderSheet sheet) {
        return sheet.shades().stream()
                .filter(l -> l.shade().equals(Garden.PALE.name()))
                .mapToDouble(OrderSheet.ShadeLine::pieceG)
                .sum();
    }
}
