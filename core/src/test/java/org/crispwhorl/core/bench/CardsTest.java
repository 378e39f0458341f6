package org.crispwhorl.core.bench;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.util.List;
import java.util.Optional;
import org.crispwhorl.core.Garden;
import org.crispwhorl.core.assessment.TaskKind;
import org.crispwhorl.core.bench.BenchCard.BenchAct;
import org.crispwhorl.core.drawer.Cutter;
import org.crispwhorl.core.drawer.Drawer;
import org.crispwhorl.core.drawer.RollerMachine;
import org.crispwhorl.core.order.OrderSheet;
import org.crispwhorl.core.outline.Cut;
import org.crispwhorl.core.paste.Stage;
import org.crispwhorl.core.species.Pieces;
import org.crispwhorl.core.species.Species;
import org.crispwhorl.core.studio.Conditions;
import org.crispwhorl.core.work.Operation;
import org.testng.annotations.Test;

public class CardsTest {
    private static final Species ROSE = Garden.rose();
    private static final Pieces PETALS =
            ROSE.part("petals").orElseThrow().flat().orElseThrow().pieces();
    private static final Drawer DRAWER = new Drawer(List.of(
            new Cutter("copper petal", 1, Cut.of(PETALS.outline()), true, 0),
            new RollerMachine(
                    "hand roller",
                    1,
                    140,
                    List.of(new RollerMachine.RollerReading(1, 2.4), new RollerMachine.RollerReading(6, 0.6)))));

    private static List<BenchCard> cards(Species species, int flowers) {
        Conditions conditions = Conditions.USUAL.withKit(DRAWER.kit());
        List<OrderSheet.Line> lines = List.of(new OrderSheet.Line("0", species, flowers));
        return Cards.of(lines, OrderSheet.of(lines, conditions), conditions, DRAWER);
    }

    private static BenchCard card(List<BenchCard> cards, TaskKind doing, String part) {
        return cards.stream()
                .filter(c -> c.doing() == doing && c.part().equals(Optional.of(part)))
                .findFirst()
                .orElseThrow();
    }

    /** The words of the first act of an operation on a card. */
    private static String act(BenchCard card, Operation operation) {
        return card.acts().stream()
                .filter(act -> act.operation() == operation)
                .map(BenchAct::words)
                .findFirst()
                .orElse("");
    }

    @Test
    public void aCardSaysWhatHandsNeedToMakeARing() {
        BenchCard petals = card(cards(ROSE, 4), TaskKind.MAKE, "petals");
        assertEquals(petals.pieces(), 4 * PETALS.count());
        assertTrue(petals.spares() >= 1, "something always breaks");
        String made = Integer.toString(petals.pieces() + petals.spares());
        assertTrue(
                act(petals, Operation.CUT).startsWith("Cut " + made + " with copper petal,"),
                act(petals, Operation.CUT));
        assertTrue(act(petals, Operation.CUT).contains("copper petal"), act(petals, Operation.CUT));
        assertTrue(act(petals, Operation.ROLL).contains("of the hand roller"), act(petals, Operation.ROLL));
        assertTrue(act(petals, Operation.THIN).contains("×"), act(petals, Operation.THIN));
        assertTrue(
                act(petals, Operation.LAY).contains(Garden.CUP.name()),
                petals.acts().toString());
        assertTrue(
                act(petals, Operation.WIRE).startsWith("Dip 26"), petals.acts().toString());
        assertTrue(petals.openMin().orElseThrow() > 5, "it skins some time after the first roll");
    }

    @Test
    public void aCentreSaysHowLargeItIs() {
        BenchCard centre = card(cards(ROSE, 4), TaskKind.MAKE, "centre");
        assertTrue(
                act(centre, Operation.SHAPE).startsWith("Roll a ball of 8"),
                centre.acts().toString());
        assertTrue(
                act(centre, Operation.HOOK).contains("Bend back"), centre.acts().toString());
    }

    /** What it waits for afterwards is what the plan of the flower says, in minutes. */
    @Test
    public void aCardSaysHowLongItThenWaits() {
        List<BenchCard> cards = cards(ROSE, 4);
        BenchCard petals = card(cards, TaskKind.MAKE, "petals");
        BenchCard.BenchWait wait = petals.then().get(0);
        assertTrue(wait.enoughMin() > 60, petals.then().toString());
        assertTrue(wait.stage().filter(s -> s == Stage.FIRM || s == Stage.DRY).isPresent());
        cards.forEach(c -> c.then()
                .forEach(w -> w.closesMin().ifPresent(closes -> assertTrue(closes > w.enoughMin(), c.toString()))));
    }

    @Test
    public void everyTaskHasACardAndItsMinutes() {
        for (Species species : List.of(ROSE, Garden.bud())) {
            List<OrderSheet.Line> lines = List.of(new OrderSheet.Line("0", species, 3));
            OrderSheet sheet = OrderSheet.of(lines, Conditions.USUAL);
            List<BenchCard> cards = Cards.of(lines, sheet, Conditions.USUAL, Drawer.EMPTY);
            assertEquals(cards.size(), sheet.tasks().size());
            assertEquals(cards.stream().mapToDouble(BenchCard::labourMin).sum(), sheet.labourMin(), 1e-6);
        }
    }
}
