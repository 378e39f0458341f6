package org.crispwhorl.core.wire;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;
import static org.testng.Assert.expectThrows;

import java.util.Collections;
import org.crispwhorl.core.measure.InvalidValue;
import org.testng.annotations.Test;

public class MainStemTest {
    private static MainStem of(double massG, double freeMm, int wires, double d) {
        return new MainStem(massG, freeMm, Collections.nCopies(wires, d));
    }

    @Test
    public void oneWireIsStressedByTheBeamFormula() {
        double moment = 2 * Math.sin(Math.PI / 4) * 0.02 * 9.80665 * 100;
        assertEquals(of(20, 100, 1, 1.219).stressMpa(), 32 * moment / (Math.PI * Math.pow(1.219, 3)), 1e-9);
    }

    @Test
    public void twoUnbondedWiresHalveTheStress() {
        assertEquals(of(20, 100, 2, 1.219).stressMpa(), of(20, 100, 1, 1.219).stressMpa() / 2, 1e-9);
    }

    @Test
    public void theAdviceCarries() {
        MainStem weak = of(30, 120, 2, 0.914);
        assertTrue(!weak.carries());
        assertTrue(weak.with(weak.wiresMore()).carries());
        assertTrue(!weak.with(weak.wiresMore() - 1).carries());
        assertTrue(of(30, weak.longestMm(), 2, 0.914).stressMpa() <= LoadedWire.USABLE_MPA + 1e-6);
        assertTrue(weak.advice().contains("shorten it to"), weak.advice());
    }

    @Test
    public void aStemOfOneWireThatNeedsOneMoreIsDoubled() {
        double d = 1.219;
        MainStem just = of(1, 100, 1, d);
        MainStem weak = of(1.5 * LoadedWire.USABLE_MPA / just.stressMpa(), 100, 1, d);
        assertTrue(weak.advice().startsWith("double it"), weak.advice());
    }

    @Test
    public void tapeGoesUpWithThicknessAndHalfWidthCountsHalf() {
        TapeRun full = new TapeRun(90, 4, 1, 12);
        assertEquals(full.lengthMm(), 90 * Math.PI * 4 / 6 / 1.5, 1e-9);
        TapeRun half = new TapeRun(90, 4, 1, 6);
        assertEquals(half.lengthMm(), 2 * full.lengthMm(), 1e-9);
        assertEquals(half.ofRollMm(12), full.lengthMm(), 1e-9);
        expectThrows(InvalidValue.class, () -> new TapeRun(90, 4, 1, 0));
    }

    @Test
    public void aMeasuredGaugeGoesBeforeTheStandard() {
        assertEquals(WireTable.STANDARD.with(26, 0.48).diameterMm(26), 0.48, 0);
        assertEquals(WireTable.STANDARD.diameterMm(26), 0.457, 0);
        assertTrue(WireTable.STANDARD.with(26, 0.48).diameterMm(25) > WireTable.STANDARD.diameterMm(25));
        expectThrows(InvalidValue.class, () -> WireTable.STANDARD.with(26, 0.6));
    }
}
