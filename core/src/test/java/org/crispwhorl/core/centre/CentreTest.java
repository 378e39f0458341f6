package org.crispwhorl.core.centre;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;
import static org.testng.Assert.expectThrows;

import org.crispwhorl.core.Close;
import org.crispwhorl.core.Garden;
import org.crispwhorl.core.measure.InvalidValue;
import org.crispwhorl.core.species.HeartForm;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class CentreTest {
    @Test
    public void aConeStandsNoHigherThanHalfTheCutterLessFivePercent() {
        Close.within(1e-12, ConeRule.tallestMm(40), 19);
        Close.within(1e-12, ConeRule.cutterFor(ConeRule.tallestMm(37)), 37);
    }

    @Test
    public void petalsWrapAGirthAndATenth() {
        Close.within(1e-12, ConeRule.wrapWidthMm(12, 3, 0.1) * 3, Math.PI * 12 * 1.1);
    }

    @Test
    public void thirtyStrandsHaveSixtyHeadsAndSixtyThreads() {
        StamenRing ring = new StamenRing(Garden.stamens(30, 7, 3));
        assertEquals(ring.heads(), 60);
        assertEquals(ring.threads(), 60);
        Close.within(1e-9, ring.bundleMm(), 0.3 * Math.sqrt(60 / 0.8));
    }

    @Test
    public void headsOnOneRingStandTheirShareOfItApart() {
        StamenRing ring = new StamenRing(Garden.stamens(10, 8, 1));
        Close.within(1e-12, ring.spacingMm(), 2 * Math.PI * 8 / 20);
    }

    @Test
    public void theRowsShareAllHeadsAmongThem() {
        for (int rows = 1; rows <= 6; rows++) {
            StamenRing ring = new StamenRing(Garden.stamens(37, 9, rows));
            int sum = 0;
            for (int row = 0; row < rows; row++) {
                sum += ring.headsIn(row);
            }
            assertEquals(sum, 74, rows + " rows");
        }
    }

    @Test
    public void atTheEasyRingTheHeadsStandOneWidthApart() {
        double easy = new StamenRing(Garden.stamens(40, 5, 3)).easyRingMm();
        StamenRing ring = new StamenRing(Garden.stamens(40, easy, 3));
        Close.within(1e-9, ring.spacingMm(), 1.2);
    }

    @DataProvider
    public Object[][] forms() {
        return new Object[][] {
            {new HeartForm.Cone(12, 20)},
            {new HeartForm.Ball(9)},
            {new HeartForm.Teardrop(8, 15)},
            {new HeartForm.Dome(14, 5, HeartForm.Dome.Texture.SMOOTH)},
            {new HeartForm.Disc(16, 3, HeartForm.Disc.Coat.NONE)}
        };
    }

    @Test(dataProvider = "forms")
    public void theVolumeIsThatOfItsSlices(HeartForm form) {
        double sum = 0;
        int slices = 20_000;
        double step = form.heightMm() / slices;
        for (int i = 0; i < slices; i++) {
            double r = form.radiusAt((i + 0.5) * step);
            sum += Math.PI * r * r * step;
        }
        Close.within(1e-4, form.volumeMm3(), sum);
    }

    @Test(dataProvider = "forms")
    public void theSurfaceIsThatOfItsBandsAndItsFoot(HeartForm form) {
        double foot = form.radiusAt(0);
        double crown = form.radiusAt(form.heightMm());
        double sum = Math.PI * (foot * foot + crown * crown);
        int bands = 40_000;
        double step = form.heightMm() / bands;
        for (int i = 0; i < bands; i++) {
            double a = form.radiusAt(i * step);
            double b = form.radiusAt((i + 1) * step - 1e-9);
            sum += Math.PI * (a + b) * Math.hypot(a - b, step);
        }
        Close.within(0.003, form.surfaceMm2(), sum);
    }

    @Test(dataProvider = "forms")
    public void itIsNowhereWiderThanItsDiameter(HeartForm form) {
        for (int i = 0; i <= 100; i++) {
            assertTrue(form.radiusAt(form.heightMm() * i / 100) <= form.diameterMm() / 2 + 1e-9);
        }
        assertEquals(form.radiusAt(form.heightMm() + 1), 0.0);
    }

    @Test
    public void aDomeAsHighAsItsRadiusIsAHalfBall() {
        HeartForm dome = new HeartForm.Dome(10, 5, HeartForm.Dome.Texture.SMOOTH);
        Close.within(1e-12, dome.volumeMm3(), new HeartForm.Ball(10).volumeMm3() / 2);
        assertEquals(
                expectThrows(InvalidValue.class, () -> new HeartForm.Dome(10, 6, HeartForm.Dome.Texture.SMOOTH))
                        .field(),
                "heightMm");
    }

    @Test
    public void aClusterIsItsBallsTogether() {
        HeartForm.Cluster cluster = new HeartForm.Cluster(12, 4);
        assertEquals(cluster.pieces(), 12);
        Close.within(1e-12, cluster.volumeMm3(), 12 * new HeartForm.Ball(4).volumeMm3());
        double layer = Math.PI * cluster.diameterMm() * cluster.diameterMm() / 4;
        Close.within(1e-9, 12 * Math.PI * 4 / layer, 0.8);
    }

    @Test
    public void onlyThePasteOfACoveredBallIsReckoned() {
        HeartForm.CoveredBall covered = new HeartForm.CoveredBall(20, 1.5);
        double whole = new HeartForm.Ball(23).volumeMm3();
        Close.within(1e-12, covered.volumeMm3(), whole - new HeartForm.Ball(20).volumeMm3());
        double shell = covered.volumeMm3() / covered.surfaceMm2();
        assertTrue(shell > 1.2 && shell < 1.5, "a shell on a core dries by about its thickness: " + shell);
    }

    @DataProvider
    public Object[][] resizable() {
        return new Object[][] {
            {new HeartForm.Dome(14, 5, HeartForm.Dome.Texture.SMOOTH)},
            {new HeartForm.Disc(16, 3, HeartForm.Disc.Coat.NONE)},
            {new HeartForm.Cluster(12, 4)},
            {new HeartForm.CoveredBall(20, 1.5)}
        };
    }

    @Test(dataProvider = "resizable")
    public void aSmallerFormFitsWhatItIsAskedFor(HeartForm form) {
        HeartForm smaller = form.resized(10, 9);
        assertTrue(smaller.diameterMm() <= 10 + 1e-9, smaller.toString());
        assertTrue(smaller.heightMm() <= 9 + 1e-9, smaller.toString());
    }

    @Test
    public void aTeardropIsNeverLowerThanItIsThick() {
        InvalidValue e = expectThrows(InvalidValue.class, () -> new HeartForm.Teardrop(10, 8));
        assertEquals(e.field(), "heightMm");
    }
}
