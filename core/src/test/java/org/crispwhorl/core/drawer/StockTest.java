package org.crispwhorl.core.drawer;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertSame;
import static org.testng.Assert.assertTrue;

import java.util.List;
import java.util.Map;
import org.crispwhorl.core.Garden;
import org.crispwhorl.core.colour.ColourForm;
import org.crispwhorl.core.drying.Room;
import org.crispwhorl.core.measure.Figure;
import org.crispwhorl.core.order.Gathering;
import org.crispwhorl.core.order.Materials;
import org.crispwhorl.core.order.OrderSheet;
import org.crispwhorl.core.order.UsingUp;
import org.crispwhorl.core.paste.Medium;
import org.crispwhorl.core.paste.Paste;
import org.crispwhorl.core.species.Bought;
import org.crispwhorl.core.studio.Conditions;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class StockTest {
    private static final OwnPaste TUB = new OwnPaste("tub", 500, Paste.usual(Medium.GUM_PASTE));
    private static final OwnWire WIRE = new OwnWire("26", 10, 26, 360, List.of(120.0, 90.0, 120.0), 0);

    @DataProvider
    Object[][] consumed() {
        return new Object[][] {
            {TUB, 120},
            {WIRE, 4},
            {new StamenBunch("pale", 144, 1.2, 0.3), 30},
            {new TapeRoll("green", 26, 12), 3.5},
            {new CakePick("slim", 20, 4, 70), 7},
            {new ReadyMade("eggs", 6, Bought.BoughtSort.EGGS, 18, 26), 4},
            {new ColourPot("moss", 2, 6, "#35562c", ColourForm.DUST, ColourPot.Eaten.EDIBLE), 1.5},
        };
    }

    @Test(dataProvider = "consumed")
    public void whatIsTakenIsGoneAndComesBack(DrawerItem item, double amount) {
        Stock.Taken taken = Stock.Taken.of(amount);
        DrawerItem less = Stock.less(item, taken);
        assertEquals(Stock.amount(less), Stock.amount(item) - amount, 1e-9);
        assertEquals(Stock.back(less, taken), item);
    }

    @Test(dataProvider = "consumed")
    public void thereIsNeverLessThanNothing(DrawerItem item, double amount) {
        assertEquals(Stock.amount(Stock.less(item, Stock.Taken.of(1e6))), 0, 0);
    }

    @Test
    public void offcutsAreUsedOnceAndTheirEndsAreKept() {
        OwnWire cut = (OwnWire) Stock.less(WIRE, new Stock.Taken(2, List.of(120.0), List.of(55.0)));
        assertEquals(cut.count(), 8);
        assertEquals(cut.offcutsMm(), List.of(90.0, 120.0, 55.0), "one of the two of 120 mm is left");
        OwnWire back = (OwnWire) Stock.back(cut, new Stock.Taken(2, List.of(120.0), List.of(55.0)));
        assertEquals(back.offcutsMm().stream().sorted().toList(), List.of(90.0, 120.0, 120.0));
    }

    @Test
    public void toolsAreNotUsedUp() {
        OwnFormer former = new OwnFormer("spoon", 6, 30, 9);
        assertSame(Stock.less(former, Stock.Taken.of(3)), former);
    }

    @Test
    public void anEmptiedPotIsOneThatCouldBeBoughtAndComesBack() {
        ColourPot pot = new ColourPot("moss", 1, 2, "#35562c", ColourForm.DUST, ColourPot.Eaten.EDIBLE);
        ColourPot empty = (ColourPot) Stock.less(pot, Stock.Taken.of(2));
        assertEquals(empty.count(), 0);
        assertEquals(Stock.back(empty, Stock.Taken.of(2)), pot);
    }

    private static Materials materials(Drawer drawer, int roses) {
        Conditions conditions = Conditions.USUAL.withKit(drawer.kit());
        List<OrderSheet.Line> lines = List.of(OrderSheet.Line.of(Garden.rose(), roses));
        return Gathering.of(lines, OrderSheet.of(lines, conditions), conditions, drawer, 100);
    }

    @Test
    public void anOrderTakesItsWiresPasteTapeStamensAndPicks() {
        Drawer drawer = new Drawer(List.of(
                new OwnWire("26", 60, 26, 360, List.of(), 0),
                TUB,
                new StamenBunch("pale", 500, 1.2, 0.3),
                new TapeRoll("green", 54, 12),
                new CakePick("right", 9, 12, 80),
                new OwnFormer("spoon", 6, 30, 9)));
        Materials materials = materials(drawer, 3);
        Map<Integer, Stock.Taken> taken = UsingUp.of(materials, drawer);
        assertEquals(taken.keySet().stream().sorted().toList(), List.of(0, 1, 2, 3, 4), "formers are not used up");
        assertEquals(
                taken.get(1).amount(),
                materials.pastes().stream().mapToInt(Materials.PasteJob::grams).sum(),
                1e-9);
        assertEquals(taken.get(4).amount(), 3, 0);
        assertEquals(taken.get(3).amount(), materials.tapeMm() / 1000, 1e-9);
    }

    @Test
    public void ofTooLittleAllIsTaken() {
        Drawer drawer = new Drawer(List.of(new OwnPaste("rest", 4, Paste.usual(Medium.GUM_PASTE)), TUB));
        Map<Integer, Stock.Taken> taken = UsingUp.of(materials(drawer, 3), drawer);
        assertEquals(taken.get(0).amount(), 4, 0);
        assertTrue(taken.get(1).amount() > 4, "the rest comes out of the other tub");
    }

    @Test
    public void aPasteSkinsLongBeforeItIsDryAndUnderACoverTwelveTimesAsSlowly() {
        List<Figure> dry = PasteCheck.of(Paste.usual(Medium.GUM_PASTE), Room.REFERENCE);
        double open = Figure.find(dry, "open").value();
        assertEquals(Figure.find(dry, "covered").value(), 12 * open, 1e-9);
        double rind = Math.pow(2, -0.25);
        assertEquals(Figure.find(dry, "dry").value(), 10 * (0.6 * rind + 0.4 * rind * rind), 0.01);
        List<Figure> damp = PasteCheck.of(Paste.usual(Medium.GUM_PASTE), new Room(20, 80, new Room.Air.Still()));
        assertTrue(Double.isInfinite(Figure.find(damp, "dry").value()), "never in this room");
    }
}
