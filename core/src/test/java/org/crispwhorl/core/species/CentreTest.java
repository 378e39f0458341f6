package org.crispwhorl.core.species;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;
import static org.testng.Assert.expectThrows;

import java.util.List;
import org.crispwhorl.core.Close;
import org.crispwhorl.core.Garden;
import org.crispwhorl.core.assessment.Assessment;
import org.crispwhorl.core.colour.Colouring;
import org.crispwhorl.core.measure.InvalidValue;
import org.crispwhorl.core.outline.Outline;
import org.crispwhorl.core.studio.Conditions;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class CentreTest {
    @Test
    public void aConeStandsNoHigherThanHalfTheCutterLessFivePercent() {
        Close.within(1e-12, ConeRule.cutterFor(19), 40);
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
            {new CentreForm.Cone(12, 20)},
            {new CentreForm.Ball(9)},
            {new CentreForm.Teardrop(8, 15)},
            {new Dome(14, 5, Texture.SMOOTH)},
            {new CentreForm.Disc(16, 3, CentreForm.Disc.Coat.NONE)},
            {new TexturedHead(16, 16, Texture.TWEEZED, Texture.SMOOTH, 0.4)},
            {new TexturedHead(12, 19, Texture.TWEEZED, Texture.MESH, 0.3)}
        };
    }

    @Test(dataProvider = "forms")
    public void theVolumeIsThatOfItsSlices(CentreForm form) {
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
    public void theSurfaceIsThatOfItsBandsAndItsFoot(CentreForm form) {
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
    public void itIsNowhereWiderThanItsDiameter(CentreForm form) {
        for (int i = 0; i <= 100; i++) {
            assertTrue(form.radiusAt(form.heightMm() * i / 100) <= form.diameterMm() / 2 + 1e-9);
        }
        assertEquals(form.radiusAt(form.heightMm() + 1), 0.0);
    }

    @Test
    public void aDomeAsHighAsItsRadiusIsAHalfBall() {
        CentreForm dome = new Dome(10, 5, Texture.SMOOTH);
        Close.within(1e-12, dome.volumeMm3(), new CentreForm.Ball(10).volumeMm3() / 2);
        assertEquals(
                expectThrows(InvalidValue.class, () -> new Dome(10, 6, Texture.SMOOTH))
                        .field(),
                "heightMm");
    }

    @Test
    public void aClusterIsItsBallsTogether() {
        Cluster cluster = new Cluster(12, 4);
        assertEquals(cluster.pieces(), 12);
        Close.within(1e-12, cluster.volumeMm3(), 12 * new CentreForm.Ball(4).volumeMm3());
        double layer = Math.PI * cluster.diameterMm() * cluster.diameterMm() / 4;
        Close.within(1e-9, 12 * Math.PI * 4 / layer, 0.8);
    }

    @Test
    public void onlyThePasteOfACoveredBallIsReckoned() {
        CoveredBall covered = new CoveredBall(20, 1.5);
        double whole = new CentreForm.Ball(23).volumeMm3();
        Close.within(1e-12, covered.volumeMm3(), whole - new CentreForm.Ball(20).volumeMm3());
        double shell = covered.volumeMm3() / covered.surfaceMm2();
        assertTrue(shell > 1.2 && shell < 1.5, "a shell on a core dries by about its thickness: " + shell);
    }

    @DataProvider
    public Object[][] resizable() {
        return new Object[][] {
            {new Dome(14, 5, Texture.SMOOTH)},
            {new CentreForm.Disc(16, 3, CentreForm.Disc.Coat.NONE)},
            {new Cluster(12, 4)},
            {new CoveredBall(20, 1.5)},
            {new CappedHalfBall(20, 1.5)},
            {new SliverCone(8, 14, 2, 16, 8, 0.5)},
            {new WoundFringe(100, 12, 8, 0.8)},
            {new TexturedHead(18, 18, Texture.PRICKED, Texture.SMOOTH, 0.4)},
            {new BoughtCore(BoughtCore.CoreShape.EGG, 18, 26, 1)},
            {new Pearls(7, 5, Pearls.PearlKind.SUGAR)},
            {new BareStem(BareStem.StemKind.WIRE, 1, 12)}
        };
    }

    @Test(dataProvider = "resizable")
    public void aSmallerFormFitsWhatItIsAskedFor(CentreForm form) {
        CentreForm smaller = form.resized(10, 9);
        assertTrue(smaller.diameterMm() <= 10 + 1e-9, smaller.toString());
        assertTrue(smaller.heightMm() <= 9 + 1e-9, smaller.toString());
    }

    @Test
    public void aTeardropIsNeverLowerThanItIsThick() {
        InvalidValue e = expectThrows(InvalidValue.class, () -> new CentreForm.Teardrop(10, 8));
        assertEquals(e.field(), "heightMm");
    }

    @Test
    public void aCapOnAHalfBallIsHalfAShell() {
        Close.within(1e-12, 2 * new CappedHalfBall(20, 1.5).volumeMm3(), new CoveredBall(20, 1.5).volumeMm3());
    }

    @Test
    public void aWoundFringeFillsItsDiscWithItsStrip() {
        WoundFringe fringe = new WoundFringe(120, 10, 7, 0.8);
        double disc = Math.PI * fringe.diameterMm() * fringe.diameterMm() / 4;
        Close.within(1e-9, 0.85 * disc, 120 * 0.8);
        assertEquals(fringe.volumeMm3(), 120 * 10 * 0.8, 1e-9);
    }

    @Test
    public void aRollIsAsLongAsItsSpiral() {
        Roll roll = new Roll("r", "r", "p", new RollForm.Strip(160, 30, true), 1, 0.5, 4, Colouring.NONE);
        double length = 0;
        int steps = 200_000;
        double turns = roll.turns();
        for (int i = 0; i < steps; i++) {
            double r = 2 + roll.pitchMm() * turns * (i + 0.5) / steps;
            length += Math.hypot(r * 2 * Math.PI * turns / steps, roll.pitchMm() * turns / steps);
        }
        Close.within(0.005, length, 160);
        assertEquals(roll.from().heightMm(), 15.0);
        assertEquals(roll.pitchMm(), 2.5);
    }

    @Test
    public void aFanIsAsLongAsItsPetalsLessTheirLaps() {
        RollForm fan = new RollForm.PetalFan(6, Outline.of(20, 18, 0.6, 0.3, 2), 0.5);
        assertEquals(fan.alongMm(), 18 + 5 * 9.0);
        Close.within(1e-12, fan.layers(), 6 * 18 / 63.0);
    }

    @Test
    public void aCoatedDiscBearsNoSteam() {
        assertTrue(new CentreForm.Disc(16, 3, CentreForm.Disc.Coat.NONE).bearsSteam());
        for (CentreForm.Disc.Coat coat : List.of(CentreForm.Disc.Coat.CRUMB, CentreForm.Disc.Coat.POLLEN)) {
            assertTrue(!new CentreForm.Disc(16, 3, coat).bearsSteam());
        }
    }

    @Test
    public void aTuftOfHeadsStandsEvenlyAndAsWideAsItIsSaid() {
        Stamens tuft = new Stamens(
                "t",
                "t",
                "p",
                50,
                Stamens.Use.FOLDED,
                0.3,
                1,
                12,
                8,
                3,
                Stamens.StamenArrangement.TUFT,
                2,
                2,
                Colouring.NONE);
        StamenRing ring = new StamenRing(tuft);
        List<double[]> places = ring.places();
        double nearest = Double.POSITIVE_INFINITY;
        for (int i = 0; i < places.size(); i++) {
            double[] at = places.get(i);
            assertTrue(Math.hypot(at[0], at[1]) <= 8);
            for (double[] other : places.subList(0, i)) {
                nearest = Math.min(nearest, Math.hypot(at[0] - other[0], at[1] - other[1]));
            }
        }
        assertTrue(
                nearest > 0.7 * ring.spacingMm() && nearest <= ring.spacingMm(), nearest + " of " + ring.spacingMm());
    }

    @Test
    public void oneLongerStamenTakesALongerWireOfItsOwn() {
        FineStamens fine = new FineStamens("f", "f", "p", 7, 33, 17, 3, 3.5, 1.2, 4, 60, Colouring.NONE);
        assertEquals(fine.wireCuts().stream().mapToInt(WireCut::count).sum(), 7);
        assertEquals(fine.wireCuts().get(1).lengthMm() - fine.wireCuts().get(0).lengthMm(), 4.0, 1e-9);
    }

    @Test
    public void aTendrilTakesTheWireOfEveryTurn() {
        Tendril tendril = new Tendril("t", "t", "p", 2, 30, 15, 6, 3, -20, 40, Colouring.NONE);
        Close.within(1e-12, tendril.lengthMm(), 55 + 18 * Math.PI);
    }

    @Test
    public void aBeadIsAsHeavyAsItsEllipsoidAndExactForABall() {
        Bead ball = new Bead("b", "b", "p", 8, 8, -1, Colouring.NONE);
        Close.within(1e-9, ball.surfaceMm2(), new CentreForm.Ball(8).surfaceMm2());
        Close.within(
                1e-9,
                ball.lumps(new Assessment(Garden.rose(), Conditions.USUAL))
                        .get(0)
                        .volumeMm3(),
                new CentreForm.Ball(8).volumeMm3());
        assertEquals(ball.radiusAt(-5), 4.0, 1e-9);
        assertEquals(ball.radiusAt(0), 0.0);
    }

    @Test
    public void aStemIsThickenedByAsMuchPasteAsTheRingRoundIt() {
        StemWrap wrap = new StemWrap("w", "w", "p", 6, 80, StemWrap.With.PASTE, Colouring.NONE);
        Close.within(1e-12, wrap.pasteMm3(2), Math.PI * (9 - 1) * 80);
        assertEquals(wrap.pasteMm3(7), 0.0);
    }
}
