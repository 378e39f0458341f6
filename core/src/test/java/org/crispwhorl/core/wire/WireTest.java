package org.crispwhorl.core.wire;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;
import static org.testng.Assert.expectThrows;

import java.util.Collections;
import java.util.List;
import org.crispwhorl.core.Close;
import org.crispwhorl.core.measure.InvalidValue;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class WireTest {
    private static final LoadedWire GRAM = new LoadedWire(1.0, 25, 25, 90);

    @DataProvider
    public Object[][] worked() {
        return new Object[][] {{24, 0.5, 57.3}, {26, 1.2, 104.6}, {28, 2.7, 188}};
    }

    @Test(dataProvider = "worked")
    public void aGramOnTwentyFiveMillimetresDroopsAndBendsAsWorked(int gauge, double droop, double stress) {
        double d = WireTable.STANDARD.diameterMm(gauge);
        assertEquals(Math.round(GRAM.droopDeg(d) * 10) / 10.0, droop);
        Close.onePercent(GRAM.joltMpa(d), stress);
    }

    @Test
    public void twentySixIsTheThinnestThatCarriesIt() {
        assertEquals(
                GRAM.recommended(WireTable.STANDARD.gauges(), WireTable.STANDARD)
                        .getAsInt(),
                26);
    }

    @Test
    public void whatTheKitLacksIsNotRecommended() {
        assertEquals(GRAM.recommended(List.of(20, 22, 24), WireTable.STANDARD).getAsInt(), 24);
        assertTrue(GRAM.recommended(List.of(30, 32), WireTable.STANDARD).isEmpty());
    }

    @Test
    public void doublingTheLoadDoublesTheDroopAndTheStress() {
        LoadedWire twice = new LoadedWire(2, 25, 25, 90);
        Close.within(1e-12, twice.droopDeg(0.5), 2 * GRAM.droopDeg(0.5));
        Close.within(1e-12, twice.joltMpa(0.5), 2 * GRAM.joltMpa(0.5));
    }

    @Test
    public void aWireOfTwiceTheDiameterDroopsASixteenth() {
        Close.within(1e-12, GRAM.droopDeg(0.4), 16 * GRAM.droopDeg(0.8));
    }

    @Test
    public void withoutFreeWireThereIsNoDroop() {
        assertEquals(new LoadedWire(1, 25, 0, 90).droopDeg(0.3), 0.0);
    }

    @Test
    public void theTableFallsFromGaugeToGauge() {
        double before = Double.POSITIVE_INFINITY;
        for (int gauge = 16; gauge <= 33; gauge++) {
            double d = WireTable.STANDARD.diameterMm(gauge);
            assertTrue(d < before, gauge + " ga");
            before = d;
        }
    }

    @Test
    public void aGaugeOutsideTheTableIsRefused() {
        expectThrows(InvalidValue.class, () -> WireTable.STANDARD.diameterMm(14));
        expectThrows(InvalidValue.class, () -> WireTable.STANDARD.diameterMm(40));
    }

    @DataProvider
    public Object[][] bundles() {
        return new Object[][] {{1, 1}, {2, 2}, {3, 2.155}, {4, 2.414}, {5, 2.701}, {6, 3}, {7, 3}};
    }

    @Test(dataProvider = "bundles")
    public void aFewEqualWiresPackAsKnown(int n, double diameters) {
        Close.within(1e-9, StemBundle.diameterMm(Collections.nCopies(n, 0.5)), 0.5 * diameters);
    }

    @Test
    public void unequalWiresFillAsMuchAsTheKnownPackings() {
        Close.within(1e-9, StemBundle.diameterMm(List.of(1.0, 0.5, 0.5)), Math.max(1.5, Math.sqrt(1.5 / 3) * 2.155));
        Close.within(1e-9, StemBundle.diameterMm(Collections.nCopies(20, 0.5)), Math.sqrt(20 * 0.25 / 0.7));
        Close.within(1e-9, StemBundle.diameterMm(Collections.nCopies(40, 0.5)), Math.sqrt(40 * 0.25 / 0.8));
    }

    @Test
    public void aFurtherWireNeverMakesABundleThinner() {
        java.util.Random random = new java.util.Random(7);
        for (int i = 0; i < 300; i++) {
            List<Double> wires = new java.util.ArrayList<>();
            double before = 0;
            for (int n = 0; n < 30; n++) {
                wires.add(0.2 + 1.5 * random.nextDouble());
                double now = StemBundle.diameterMm(wires);
                assertTrue(now >= before - 1e-12, wires + ": " + now + " after " + before);
                before = now;
            }
        }
        Close.within(1e-3, StemBundle.diameterMm(List.of(1.626, 1.626)), 3.252);
        assertTrue(StemBundle.diameterMm(List.of(1.626, 1.626, 0.315)) >= 3.252);
    }

    @Test
    public void uprightAPetalDoesNotDroopAndAJoltHasTheWholeLever() {
        LoadedWire upright = new LoadedWire(1, 25, 25, 0);
        double d = WireTable.STANDARD.diameterMm(28);
        assertEquals(upright.droopDeg(d), 0.0);
        assertTrue(upright.carriedBy(d));
        Close.within(1e-12, upright.joltMpa(d), GRAM.joltMpa(d));
    }

    @Test
    public void aBundleIsNeverThinnerThanItsThickestWire() {
        assertTrue(StemBundle.diameterMm(List.of(1.6, 0.2)) >= 1.6);
        assertEquals(StemBundle.diameterMm(List.of()), 0.0);
    }

    @Test
    public void everyLayerOfTapeAddsTwoThicknesses() {
        Close.within(1e-12, StemBundle.taped(2, 3), 2.72);
    }
}
