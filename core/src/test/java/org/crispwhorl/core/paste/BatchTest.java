package org.crispwhorl.core.paste;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;
import static org.testng.Assert.expectThrows;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.crispwhorl.core.measure.InvalidValue;
import org.testng.annotations.Test;

public class BatchTest {
    private static final String RED = "#a01c3c";

    private static Batch.Wanted wanted(String name, double share, double grams) {
        return new Batch.Wanted("camellia", new Shade("s", name, RED, share), grams);
    }

    @Test
    public void gramsAddUpToTheGram() {
        Random random = new Random(7);
        for (int k = 0; k < 200; k++) {
            List<Double> parts = new ArrayList<>();
            for (int i = 0; i < 2 + random.nextInt(6); i++) {
                parts.add(40 * random.nextDouble());
            }
            double sum = parts.stream().mapToDouble(d -> d).sum();
            List<Integer> whole = WholeGrams.of(parts);
            assertEquals(whole.stream().mapToInt(i -> i).sum(), (int) Math.ceil(sum));
            for (int i = 0; i < parts.size(); i++) {
                assertTrue(Math.abs(whole.get(i) - parts.get(i)) <= 1);
            }
        }
    }

    @Test
    public void theStrongHasATenthInReserve() {
        Batch batch = Batch.of(RED, List.of(wanted("deep", 0.5, 100), wanted("pale", 0.1, 100)));
        assertEquals(batch.strongG(), 66);
        assertEquals(batch.whiteG(), 140);
        assertEquals(batch.shades().get(0).name(), "deep");
    }

    @Test
    public void aShadeMadeAgainHasItsShareOfStrong() {
        Batch batch =
                Batch.of(RED, List.of(wanted("deep", 0.5, 40), wanted("middle", 0.2, 40), wanted("pale", 0.05, 40)));
        Batch.Mixed middle = batch.shades().get(1);
        assertEquals(middle.remade().size(), 3);
        for (Batch.Remake way : middle.remade()) {
            double from = way.from().equals("strong") ? 1 : way.from().equals("deep") ? 0.5 : 0.05;
            double with = way.with().equals("strong") ? 1 : 0;
            assertEquals(way.fromG() + way.withG(), 10, 1e-9);
            assertEquals(way.fromG() * from + way.withG() * with, 2, 1e-9);
        }
    }

    @Test
    public void shadesThatCannotBeToldApartAreFlagged() {
        Batch batch = Batch.of(RED, List.of(wanted("deep", 0.5, 40), wanted("nearly", 0.49, 40)));
        assertEquals(batch.shades().get(1).alike().orElseThrow(), "deep");
        assertTrue(batch.shades().get(0).alike().isEmpty());
    }

    @Test
    public void theStepsOfALadderAreEqualToTheEyeWithinTwoInAHundred() {
        for (String strong : List.of(RED, "#d8a400", "#2f4f2f", "#3b2a6e")) {
            List<Shade> rungs = new ArrayList<>();
            for (int i = 0; i < 6; i++) {
                rungs.add(new Shade("s" + i, "s" + i, strong, 0.8 - 0.15 * i));
            }
            List<Shade> let = ShadeLadder.of(rungs, Ladder.EQUAL_STEPS);
            double first = MixingLaw.distance(let.get(0), let.get(1));
            for (int i = 1; i < 5; i++) {
                assertEquals(MixingLaw.distance(let.get(i), let.get(i + 1)) / first, 1, 0.02);
            }
        }
    }

    @Test
    public void aWeighedBallGivesTheDensity() {
        Paste paste = Paste.usual(Medium.GUM_PASTE).weighed(20, 1.45 * Math.PI * 8000 / 6 / 1000);
        assertEquals(paste.densityGPerCm3(), 1.45, 1e-9);
        assertEquals(paste.grams(2000), 2.9, 1e-9);
    }

    @Test
    public void aBallThatWeighsNothingIsRefusedWithAdvice() {
        assertEquals(
                expectThrows(InvalidValue.class, () -> Density.ofBall(20, 0)).field(), "ballG");
        assertEquals(
                expectThrows(InvalidValue.class, () -> Density.ofBall(0, 3)).field(), "ballMm");
        expectThrows(InvalidValue.class, () -> new Paste(Medium.GUM_PASTE, 0, 75, 10, 0, 0.6));
    }
}
