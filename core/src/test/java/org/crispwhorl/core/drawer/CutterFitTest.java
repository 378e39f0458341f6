package org.crispwhorl.core.drawer;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;
import static org.testng.Assert.expectThrows;

import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.crispwhorl.core.measure.InvalidValue;
import org.crispwhorl.core.outline.Cut;
import org.crispwhorl.core.outline.Outline;
import org.testng.annotations.Test;

public class CutterFitTest {
    private static final Outline PETAL = Outline.of(40, 31, 0.62, 0.2, 2);
    private static final CutterFit.Wanted WANTED = new CutterFit.Wanted(Cut.of(PETAL), 0.7);
    private static final RollerMachine ROLLER = new RollerMachine(
            "kitchen roller",
            1,
            140,
            List.of(
                    new RollerMachine.RollerReading(1, 2.6),
                    new RollerMachine.RollerReading(5, 1.0),
                    new RollerMachine.RollerReading(8, 0.4)));

    private static Cutter cutter(Outline outline, boolean bendable) {
        return new Cutter("cutter", 1, Cut.of(outline), bendable, 0);
    }

    private static CutterFit fit(Outline outline, boolean bendable) {
        return CutterFit.of(WANTED, cutter(outline, bendable), Optional.of(ROLLER));
    }

    @Test
    public void theVeryCutterDoesAsItIs() {
        CutterFit fit = fit(PETAL, false);
        assertEquals(fit.doing(), CutterFit.CutterWork.AS_IT_IS);
        assertEquals(fit.offShare(), 0, 1e-9);
    }

    @Test
    public void bentMetalKeepsItsPerimeterAndIsSqueezedToSize() {
        // A rounder cutter of the same perimeter.
        Outline round = Outline.of(38, 34, 0.62, 0.2, 2);
        double same = PETAL.perimeterMm() / round.perimeterMm();
        CutterFit fit = fit(round.scaled(same), true);
        assertEquals(fit.doing(), CutterFit.CutterWork.BEND);
        assertEquals(fit.reason(), "squeeze it to 31\u00a0mm wide");
    }

    @Test
    public void whatIsRigidDoesNotBend() {
        Outline round = Outline.of(36, 37, 0.62, 0.2, 2);
        assertTrue(fit(round, true).fits());
        assertFalse(fit(round, false).fits());
    }

    @Test
    public void aSmallerCutterGrowsToSizeWhenItsPetalsAreThinnedFurther() {
        CutterFit fit = fit(PETAL.scaled(1 / 1.12), false);
        assertEquals(fit.doing(), CutterFit.CutterWork.GROW);
        assertEquals(fit.growth(), 1.12, 1e-6);
        // 0.7 mm over 1.12² is 0.56\u00a0mm: from setting 6.5 to setting 7.2 of this roller.
        assertTrue(fit.reason().endsWith("and it grows to size"), fit.reason());
        assertTrue(fit.reason().contains("0.56\u00a0mm"), fit.reason());
    }

    @Test
    public void noPetalIsThinnedUntilItTears() {
        CutterFit.Wanted thin = new CutterFit.Wanted(Cut.of(PETAL), 0.4);
        CutterFit fit = CutterFit.of(thin, cutter(PETAL.scaled(1 / 1.15), false), Optional.empty());
        assertFalse(fit.fits());
        assertTrue(fit.reason().contains("0.35\u00a0mm"), fit.reason());
    }

    @Test
    public void aLongerCutterIsTrimmedAtItsTip() {
        // The same to the widest place, then 3 mm longer.
        Outline longer = Outline.of(43, 31, 0.62 * 40 / 43, 0.2, 2);
        CutterFit fit = fit(longer, false);
        assertTrue(fit.fits());
        assertTrue(fit.reason().equals("trim 3\u00a0mm off the tip") || fit.doing() == CutterFit.CutterWork.AS_IT_IS);
        CutterFit much = fit(Outline.of(50, 31.2, 0.62 * 40 / 50, 0.2, 2), false);
        assertEquals(much.reason(), "trim 10\u00a0mm off the tip");
    }

    @Test
    public void anOnePieceCutterHasToHaveAsManyPetals() {
        Cut five = new Cut(Outline.of(14, 9, 0.6, 0.3, 2), 5, 6);
        Cut six = new Cut(Outline.of(14, 9, 0.6, 0.3, 2), 6, 6);
        CutterFit fit = CutterFit.of(
                new CutterFit.Wanted(five, 0.6), new Cutter("six petals", 1, six, false, 0), Optional.empty());
        assertEquals(fit.reason(), "cuts 6 petals in one, not 5");
        assertTrue(CutterFit.of(
                        new CutterFit.Wanted(five, 0.6), new Cutter("five petals", 1, five, false, 0), Optional.empty())
                .fits());
    }

    @Test
    public void whatIsOwnedComesBeforeWhatCouldBeBought() {
        Drawer drawer = new Drawer(List.of(
                new Cutter("in a shop", 0, Cut.of(PETAL), false, 4), cutter(PETAL.scaled(1.01), false), ROLLER));
        assertEquals(CutterFit.of(WANTED, drawer).get(0).cutter().count(), 1);
    }

    @Test
    public void aRollerIsReadInEitherDirection() {
        assertEquals(ROLLER.thickMm(3), 1.8, 1e-9);
        assertEquals(ROLLER.settingFor(0.62), 7);
        RollerMachine upwards = new RollerMachine(
                "other roller",
                1,
                150,
                List.of(new RollerMachine.RollerReading(0, 0.5), new RollerMachine.RollerReading(6, 3.5)));
        assertEquals(upwards.settingFor(1.6), 2);
    }

    @Test
    public void aRollerThatTurnsBackOnItselfIsRefused() {
        InvalidValue refused = expectThrows(
                InvalidValue.class,
                () -> new RollerMachine(
                        "odd",
                        1,
                        140,
                        List.of(
                                new RollerMachine.RollerReading(1, 2),
                                new RollerMachine.RollerReading(2, 1),
                                new RollerMachine.RollerReading(3, 1.5))));
        assertEquals(refused.field(), "readings/2/thickMm");
    }

    @Test
    public void aCutterOfNothingIsRefused() {
        assertEquals(
                expectThrows(InvalidValue.class, () -> Outline.of(0, 20, 0.5, 0.2, 2))
                        .field(),
                "lengthMm");
    }

    /** What is left out for being far from the piece in size would never have fitted, bent, grown or trimmed. */
    @Test
    public void aCutterTooFarInSizeNeverFits() {
        Random random = new Random(17);
        int fitting = 0;
        for (int i = 0; i < 6_000; i++) {
            Outline want = outline(random, 12 + 50 * random.nextDouble());
            Outline have = outline(random, want.lengthMm() * (0.5 + random.nextDouble()));
            CutterFit.Wanted wanted = new CutterFit.Wanted(Cut.of(want), 0.9);
            Cutter cutter = cutter(have, i % 2 == 0);
            if (CutterFit.of(wanted, cutter, Optional.empty()).fits()) {
                fitting++;
                assertTrue(CutterFit.mayFit(wanted, cutter), want + " by " + have);
            }
        }
        assertTrue(fitting > 100, fitting + " of them fit");
    }

    private static Outline outline(Random random, double length) {
        return Outline.of(
                length,
                length * (0.35 + 0.65 * random.nextDouble()),
                0.35 + 0.35 * random.nextDouble(),
                0.5 * random.nextDouble(),
                1.2 + 2 * random.nextDouble());
    }
}
