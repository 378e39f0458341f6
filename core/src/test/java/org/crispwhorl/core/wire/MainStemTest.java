package org.crispwhorl.core.wire;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;
import static org.testng.Assert.expectThrows;

import java.util.Collections;
import java.util.List;
import org.crispwhorl.core.measure.InvalidValue;
import org.testng.annotations.Test;

public class MainStemTest {
    private static MainStem of(double massG, double freeMm, int wires, double d) {
        return MainStem.plain(massG, freeMm, Collections.nCopies(wires, d));
    }

    @Test
    public void oneWireIsStressedByTheBeamFormula() {
        double moment = Math.sin(Math.PI / 4) * 0.02 * 9.80665 * 100;
        assertEquals(of(20, 100, 1, 1.219).leaningMpa(), 32 * moment / (Math.PI * Math.pow(1.219, 3)), 1e-9);
        assertEquals(
                of(20, 100, 1, 1.219).asSetMpa(),
                of(20, 100, 1, 1.219).leaningMpa() * Math.sin(Math.PI / 12) / Math.sin(Math.PI / 4),
                1e-9);
    }

    @Test
    public void twoUnbondedWiresHalveTheStress() {
        assertEquals(of(20, 100, 2, 1.219).leaningMpa(), of(20, 100, 1, 1.219).leaningMpa() / 2, 1e-9);
    }

    @Test
    public void theAdviceCarries() {
        MainStem weak = of(60, 120, 2, 0.914);
        assertTrue(!weak.carries());
        assertTrue(weak.with(weak.wiresMore(), 0.914).carries());
        assertTrue(!weak.with(weak.wiresMore() - 1, 0.914).carries());
        assertTrue(weak.shortened(weak.longestMm()).leaningMpa() <= LoadedWire.USABLE_MPA + 1e-6);
        assertTrue(weak.advice().contains("of it free"), weak.advice());
    }

    /** Petals of 10 g in all on wires whose tails end half-way down: below them the centre's own thin wire is alone. */
    private static MainStem tails(double endsMm) {
        List<MainStem.StemWire> wires = new java.util.ArrayList<>();
        wires.add(new MainStem.StemWire(0.559, -10));
        for (int i = 0; i < 12; i++) {
            wires.add(new MainStem.StemWire(0.711, endsMm));
        }
        return new MainStem(List.of(new MainStem.Weight(10, 105)), List.of(), wires, 100);
    }

    @Test
    public void whereTailsEndTheOtherWiresAreAlone() {
        MainStem stem = tails(60);
        assertEquals(stem.worstMm(), 0.0);
        assertEquals(stem.leaningMpa(), 425, 25);
        assertEquals(stem.bearing(0), 1);
        assertTrue(stem.advice().startsWith("leave the tails"), stem.advice());
        assertTrue(tails(-10).carries());
    }

    @Test
    public void aLongerTailNeverMakesAStemWeaker() {
        double before = Double.POSITIVE_INFINITY;
        for (double ends = 95; ends >= -10; ends -= 2.5) {
            double now = tails(ends).leaningMpa();
            assertTrue(now <= before + 1e-9, ends + ": " + now + " after " + before);
            before = now;
        }
    }

    @Test
    public void tapeGoesUpWithThicknessAndDownWithItsWidth() {
        TapeRun full = new TapeRun(90, 4, 1, 12);
        assertEquals(full.lengthMm(), 90 * Math.hypot(Math.PI * 4, 6) / 6 / 1.5, 1e-9);
        assertTrue(new TapeRun(90, 0.3, 1, 12).lengthMm() * TapeRun.STRETCH >= 90, "never shorter than the stem");
        TapeRun half = new TapeRun(90, 4, 1, 6);
        assertTrue(half.lengthMm() > 1.7 * full.lengthMm() && half.lengthMm() < 2 * full.lengthMm());
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
