package org.crispwhorl.core.wire;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.TreeMap;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class WireCutterTest {
    private static final WireStock WHOLE = new WireStock(List.of(360.0), List.of());

    private static WirePiece of(double lengthMm, int count) {
        return new WirePiece(lengthMm, count);
    }

    @Test
    public void threeThirdsComeFromOneWire() {
        CuttingPlan plan = WireCutter.plan(List.of(of(120, 9)), WHOLE);
        assertEquals(plan.wholeWires(), 3);
        assertTrue(plan.proved());
        assertEquals(plan.cuts().get(0).leftMm(), 0, 1e-9);
    }

    @Test
    public void longestFirstIsNotAlwaysFewest() {
        // 180 + 108 + 72 and 144 + 144 + 72 fill two wires; the longest first puts a 144 beside the 180.
        List<WirePiece> pieces = List.of(of(180, 1), of(144, 2), of(108, 1), of(72, 2));
        assertEquals(WireCutter.firstFitDecreasing(pieces, WHOLE).wholeWires(), 3);
        CuttingPlan plan = WireCutter.plan(pieces, WHOLE);
        assertEquals(plan.wholeWires(), 2);
        assertTrue(plan.proved());
    }

    @Test
    public void offcutsAreUsedBeforeAWholeWireIsBegun() {
        CuttingPlan plan =
                WireCutter.plan(List.of(of(110, 2)), new WireStock(List.of(360.0), List.of(of(120, 1), of(115, 1))));
        assertEquals(plan.wholeWires(), 0);
        assertTrue(plan.cuts().stream().allMatch(CuttingPlan.WireCutting::offcut));
        assertTrue(plan.offcuts().isEmpty(), "ends of 5 and 10 mm are not kept");
    }

    @Test
    public void ofTwoPlansWithAsManyWiresTheOneThatCutsUpLessIsTaken() {
        CuttingPlan plan = WireCutter.plan(List.of(of(150, 1)), new WireStock(List.of(360.0, 240.0), List.of()));
        assertEquals(plan.openedMm(), 240, 1e-9);
    }

    @Test
    public void aPieceLongerThanEveryWireIsToldAndTheOthersAreCut() {
        CuttingPlan plan = WireCutter.plan(List.of(of(400, 2), of(100, 3)), WHOLE);
        assertEquals(plan.tooLong(), List.of(of(400, 2)));
        assertEquals(plan.wholeWires(), 1);
    }

    @DataProvider
    Object[][] seeds() {
        return new Object[][] {{1}, {2}, {3}, {4}, {5}, {6}, {7}, {8}};
    }

    @Test(dataProvider = "seeds")
    public void everyPieceIsCutOnceAndNoWireIsCutTwice(int seed) {
        Random random = new Random(seed);
        List<WirePiece> pieces = new ArrayList<>();
        for (int i = 0; i < 5; i++) {
            pieces.add(of(50 + random.nextInt(200), 1 + random.nextInt(30)));
        }
        WireStock stock = new WireStock(List.of(360.0), List.of(of(200, 2), of(140, 3)));
        CuttingPlan plan = WireCutter.plan(pieces, stock);
        Map<Double, Integer> left = new TreeMap<>();
        pieces.forEach(p -> left.merge(p.lengthMm(), p.count(), Integer::sum));
        int offcuts = 0;
        for (CuttingPlan.WireCutting cut : plan.cuts()) {
            cut.piecesMm().forEach(p -> left.merge(p, -cut.times(), Integer::sum));
            double taken = cut.piecesMm().stream().mapToDouble(p -> p).sum();
            assertEquals(taken + cut.leftMm(), cut.fromMm(), 1e-6);
            offcuts += cut.offcut() ? cut.times() : 0;
        }
        assertTrue(left.values().stream().allMatch(n -> n == 0), left.toString());
        assertTrue(offcuts <= 5);
        assertTrue(plan.proved());
        assertTrue(plan.wholeWires()
                <= WireCutter.firstFitDecreasing(pieces, stock).wholeWires());
        assertTrue(plan.wholeWires() >= plan.atLeast());
    }
}
