package org.crispwhorl.core.quick;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;
import static org.testng.Assert.expectThrows;

import java.util.List;
import org.crispwhorl.core.drawer.CakePick;
import org.crispwhorl.core.drawer.Drawer;
import org.crispwhorl.core.drawer.OwnPaste;
import org.crispwhorl.core.measure.Figure;
import org.crispwhorl.core.measure.InvalidValue;
import org.crispwhorl.core.paste.Medium;
import org.crispwhorl.core.paste.Paste;
import org.testng.annotations.Test;

public class QuickTest {
    private static double figure(QuickQuestion question, String key) {
        return Figure.find(question.answer(Drawer.EMPTY).figures(), key).value();
    }

    private static BallAndPetal ball(BallAndPetal.BallKnown known) {
        return new BallAndPetal(known, 60, 42, 0.72, Medium.GUM_PASTE);
    }

    @Test
    public void anEighteenMillimetreBallPressesToOnePointSixEightAndWeighsFourPointTwo() {
        BallAndPetal question = ball(new BallAndPetal.BallKnown.BallAcross(18));
        assertEquals(figure(question, "thickness"), 1.68, 0.005);
        assertEquals(figure(question, "weight"), 4.2, 0.05);
    }

    @Test
    public void ballWeightAndThicknessLeadToEachOther() {
        BallAndPetal first = ball(new BallAndPetal.BallKnown.BallAcross(15));
        BallAndPetal weighed = ball(new BallAndPetal.BallKnown.BallWeighed(figure(first, "weight")));
        BallAndPetal thick = ball(new BallAndPetal.BallKnown.PetalThick(figure(first, "thickness")));
        assertEquals(figure(weighed, "ball"), 15, 1e-9);
        assertEquals(figure(thick, "ball"), 15, 1e-9);
    }

    @Test
    public void whatCannotBePressedIsRefused() {
        expectThrows(InvalidValue.class, () -> ball(new BallAndPetal.BallKnown.PetalThick(3))
                .answer(Drawer.EMPTY));
        expectThrows(InvalidValue.class, () -> ball(new BallAndPetal.BallKnown.BallAcross(6))
                .answer(Drawer.EMPTY));
    }

    @Test
    public void theStudiosOwnDensityIsTheOneThatCounts() {
        Drawer heavy =
                new Drawer(List.of(new OwnPaste("gum paste", 500, new Paste(Medium.GUM_PASTE, 1.5, 75, 10, 0, 0.6))));
        double usual = figure(ball(new BallAndPetal.BallKnown.BallAcross(15)), "weight");
        double own = Figure.find(
                        ball(new BallAndPetal.BallKnown.BallAcross(15))
                                .answer(heavy)
                                .figures(),
                        "weight")
                .value();
        assertEquals(own / usual, 1.5 / 1.38, 1e-9);
    }

    @Test
    public void thicknessIsReadOffTheSize() {
        assertEquals(figure(new ThicknessGauge(1, 40, 20, 50, 25), "thickness"), 0.64, 1e-9);
        assertFalse(new ThicknessGauge(1, 40, 20, 70, 40)
                .answer(Drawer.EMPTY)
                .notes()
                .isEmpty());
        expectThrows(InvalidValue.class, () -> new ThicknessGauge(1, 40, 20, 30, 15).answer(Drawer.EMPTY));
    }

    @Test
    public void cutterAndPetalAreTheSameRelationTwice() {
        double petal = figure(new CutterToPetal(CutterToPetal.Which.CUTTER, 40, 22, 1.1, 0.7), "length");
        assertEquals(petal, 40 * Math.sqrt(1.1 / 0.7), 1e-9);
        assertEquals(figure(new CutterToPetal(CutterToPetal.Which.PETAL, petal, 22, 1.1, 0.7), "length"), 40, 1e-9);
    }

    @Test
    public void aGramTwentyFiveBeyondTwentyFiveAsksForTwentySixGauge() {
        WireCheck question = new WireCheck(1, 25, 25, 0.9);
        assertEquals(figure(question, "gauge"), 26, 0);
        QuickAnswer answer = question.answer(Drawer.EMPTY);
        assertEquals(
                answer.gauges().stream()
                        .filter(g -> g.gauge() == 24)
                        .findFirst()
                        .orElseThrow()
                        .droopDeg(),
                0.5,
                0.06);
        assertFalse(
                new WireCheck(200, 200, 300, 0.9).answer(Drawer.EMPTY).notes().isEmpty());
    }

    @Test
    public void aBundleIsPackedAndAPickFitsIt() {
        BundleAndPick question = new BundleAndPick(7, 26, 0, 20, 1, 90, 2, 100);
        assertEquals(figure(question, "thick"), 3 * 0.457 + 0.24, 1e-9);
        assertEquals(figure(question, "bore"), 3 * 0.457 + 0.74, 1e-9);
        assertEquals(figure(question, "pickLength"), 90, 0);
        Drawer picks = new Drawer(List.of(new CakePick("long", 4, 4, 95), new CakePick("short", 4, 4, 60)));
        assertTrue(question.answer(picks).notes().get(0).contains("short"));
        expectThrows(InvalidValue.class, () -> new BundleAndPick(0, 26, 0, 20, 1, 90, 2, 100).answer(Drawer.EMPTY));
    }

    @Test
    public void aLadderIsShownByBothTechniquesWithItsGrams() {
        QuickAnswer answer = new ShadeMix("#a01c3c", 0.6, 0.05, 4, 50).answer(Drawer.EMPTY);
        assertEquals(answer.swatches().size(), 8);
        answer.swatches().forEach(s -> assertEquals(s.strongG() + s.whiteG(), 50, 1e-9));
        assertFalse(new ShadeMix("#a01c3c", 0.6, 0.59, 4, 50)
                .answer(Drawer.EMPTY)
                .notes()
                .isEmpty());
        expectThrows(InvalidValue.class, () -> new ShadeMix("#a01c3c", 0.1, 0.5, 4, 50).answer(Drawer.EMPTY));
    }

    @Test
    public void slicesOfALogHoldTheBallsVolume() {
        double slice = figure(new LogSlices(10, 8, 24, Medium.GUM_PASTE), "slice");
        assertEquals(slice * Math.PI * 25, Math.PI * 512 / 6, 1e-9);
        assertEquals(figure(new LogSlices(10, 8, 24, Medium.GUM_PASTE), "log"), 24 * slice, 1e-9);
    }

    @Test
    public void petalsRoundATierComeOutEven() {
        RoundTier side = new RoundTier(200, 30, 0.25, 2, 0.8, RoundTier.LaidOn.SIDE);
        assertEquals(figure(side, "inARow"), 28, 0);
        assertEquals(figure(side, "all"), 56, 0);
        assertEquals(28 * figure(side, "apart"), Math.PI * 200, 1e-9);
        assertEquals(figure(side, "weight"), 56 * 0.8, 1e-9);
        assertTrue(side.answer(Drawer.EMPTY).notes().get(0).contains("water"));
        assertTrue(new RoundTier(200, 20, 0, 1, 9, RoundTier.LaidOn.SIDE)
                .answer(Drawer.EMPTY)
                .notes()
                .get(0)
                .contains("foot of paste"));
    }

    @Test
    public void measuresTurnIntoEachOther() {
        assertEquals(figure(new UnitTurning(1, UnitTurning.Given.INCHES), "mm"), 25.4, 1e-9);
        assertEquals(figure(new UnitTurning(100, UnitTurning.Given.CELSIUS), "fahrenheit"), 212, 1e-9);
        assertEquals(figure(new UnitTurning(1, UnitTurning.Given.OUNCES), "g"), 28.35, 0.001);
    }

    @Test
    public void everyFigureHasItsReason() {
        List<QuickQuestion> all = List.of(
                ball(new BallAndPetal.BallKnown.BallAcross(15)),
                new RoundTier(200, 30, 0.25, 1, 0.8, RoundTier.LaidOn.FLAT),
                new WireCheck(1, 25, 25, 0.9),
                new ShadeMix("#a01c3c", 0.6, 0.05, 4, 50));
        all.forEach(q -> q.answer(Drawer.EMPTY).figures().forEach(f -> {
            assertFalse(f.why().rule().isEmpty());
            assertFalse(f.why().inputs().isEmpty());
        }));
    }
}
