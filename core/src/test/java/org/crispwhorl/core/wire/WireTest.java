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
    private static final LoadedWire GRAM = new LoadedWire(1.0, 25, 25);

    @DataProvider
    public Object[][] worked() {
        return new Object[][] {{24, 0.5, 86}, {26, 1.2, 157}, {28, 2.7, 282}};
    }

    @Test(dataProvider = "worked")
    public void aGramOnTwentyFiveMillimetresDroopsAndBendsAsWorked(int gauge, double droop, double stress) {
        double d = WireTable.STANDARD.diameterMm(gauge);
        assertEquals(Math.round(GRAM.droopDeg(d) * 10) / 10.0, droop);
        Close.onePercent(GRAM.stressMpa(d, 3), stress);
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
        LoadedWire twice = new LoadedWire(2, 25, 25);
        Close.within(1e-12, twice.droopDeg(0.5), 2 * GRAM.droopDeg(0.5));
        Close.within(1e-12, twice.stressMpa(0.5, 3), 2 * GRAM.stressMpa(0.5, 3));
    }

    @Test
    public void aWireOfTwiceTheDiameterDroopsASixteenth() {
        Close.within(1e-12, GRAM.droopDeg(0.4), 16 * GRAM.droopDeg(0.8));
    }

    @Test
    public void withoutFreeWireThereIsNoDroop() {
        assertEquals(new LoadedWire(1, 25, 0).droopDeg(0.3), 0.0);
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
    public void manyOrUnequalWiresFillFourFifths() {
        Close.within(1e-9, StemBundle.diameterMm(List.of(1.0, 0.5, 0.5)), Math.sqrt(1.5 / 0.8));
        Close.within(1e-9, StemBundle.diameterMm(Collections.nCopies(20, 0.5)), Math.sqrt(20 * 0.25 / 0.8));
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
