package org.crispwhorl.core.thinning;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.util.Random;
import org.crispwhorl.core.Close;
import org.crispwhorl.core.outline.Outline;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class ThinningTest {
    @DataProvider
    public Object[][] thinnings() {
        Random random = new Random(7);
        Object[][] rows = new Object[20][];
        for (int i = 0; i < rows.length; i++) {
            double rolled = 0.5 + 2 * random.nextDouble();
            rows[i] = new Object[] {new Thinning(rolled, rolled * (0.4 + 0.6 * random.nextDouble()))};
        }
        return rows;
    }

    @Test(dataProvider = "thinnings")
    public void thinningKeepsTheVolume(Thinning thinning) {
        Outline cutter = Outline.of(30, 24, 0.6, 0.2, 2);
        double before = cutter.areaMm2() * thinning.rolledMm();
        double after = thinning.petalFrom(cutter).areaMm2() * thinning.finishedMm();
        Close.within(1e-9, after, before);
        Close.within(1e-9, thinning.volumeMm3(cutter), before);
    }

    @Test(dataProvider = "thinnings")
    public void cutterToPetalAndBackIsTheSameCutter(Thinning thinning) {
        Outline cutter = Outline.of(30, 24, 0.6, 0.2, 2);
        Outline back = thinning.cutterFor(thinning.petalFrom(cutter));
        Close.within(1e-9, back.lengthMm(), 30);
        Close.within(1e-9, back.widthMm(), 24);
    }

    @Test(dataProvider = "thinnings")
    public void theGaugeReadsTheThicknessOffTheGrownPetal(Thinning thinning) {
        Outline cutter = Outline.of(30, 24, 0.6, 0.2, 2);
        Thinning read = Thinning.measured(thinning.rolledMm(), cutter, thinning.petalFrom(cutter));
        Close.within(1e-9, read.finishedMm(), thinning.finishedMm());
    }

    @Test
    public void aPetalThinnedToHalfGrowsByTheRootOfTwo() {
        Close.within(1e-12, new Thinning(1.2, 0.6).growth(), Math.sqrt(2));
    }

    @Test
    public void anEdgeAsThickAsTheBodyDoesNotRuffle() {
        assertEquals(EdgeRuffle.of(0.8, 0.8, 5, 9).amplitudeMm(), 0.0);
    }

    @Test
    public void aThinnerEdgeRufflesHigher() {
        assertTrue(EdgeRuffle.of(0.8, 0.4, 5, 9).amplitudeMm()
                > EdgeRuffle.of(0.8, 0.6, 5, 9).amplitudeMm());
    }

    @Test
    public void theRuffleTakesUpTheSurplusLength() {
        EdgeRuffle ruffle = EdgeRuffle.of(0.8, 0.75, 5, 10);
        double length = 0;
        int steps = 20_000;
        for (int i = 0; i < steps; i++) {
            double slope = ruffle.amplitudeMm() * 2 * Math.PI / 10 * Math.cos(2 * Math.PI * (i + 0.5) / steps);
            length += Math.hypot(1, slope) * 10 / steps;
        }
        Close.within(0.03, length / 10 - 1, ruffle.surplus());
    }

    @Test
    public void aRuffleStandsOutNoFartherThanItsBandIsWide() {
        assertEquals(EdgeRuffle.of(0.8, 0.2, 1, 20).amplitudeMm(), 1.0);
    }

    /** Outwards by half the band times r − 1, along the edge by (r − 1)/(r + 1): together r times the area, as thick as 1/r. */
    @Test
    public void theThinnedBandKeepsItsPaste() {
        for (double edge : new double[] {0.7, 0.5, 0.3}) {
            double r = 0.9 / edge;
            double wider = 1 + (r - 1) / 2;
            Close.within(1e-12, wider * (1 + EdgeRuffle.of(0.9, edge, 4, 8).surplus()), r);
        }
    }
}
