package org.crispwhorl.core.species;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;
import static org.testng.Assert.expectThrows;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import org.crispwhorl.core.Close;
import org.crispwhorl.core.Garden;
import org.crispwhorl.core.measure.InvalidValue;
import org.crispwhorl.core.outline.Cut;
import org.crispwhorl.core.outline.Outline;
import org.crispwhorl.core.paste.Medium;
import org.crispwhorl.core.paste.Paste;
import org.crispwhorl.core.thinning.PressedBall;
import org.crispwhorl.core.thinning.Thinning;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.Polygon;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class MakingTest {
    private static final Outline OUTLINE = Outline.of(26, 24, 0.6, 0.25, 2.1);
    private static final int COUNT = 6;
    private static final Paste PASTE = Paste.usual(Medium.GUM_PASTE);

    /** A making, and the paste besides the petals: what the middle or the foot of one ring holds, mm³. */
    @DataProvider
    public Object[][] makings() {
        Thinning thinning = new Thinning(1.1, 0.65);
        return new Object[][] {
            {new Making.Sheet(thinning), 0},
            {new OnePiece(thinning, 4, OnePiece.Division.WHOLE), beside(6)},
            {new OnePiece(thinning, 4, OnePiece.Division.SPLIT), beside(3) / 2},
            {new OnePiece(thinning, 4, OnePiece.Division.SINGLES), beside(6)},
            {new FromBall.Pressed(9), 0},
            {new FromBall.Weighed(0.52), 0},
            {new FromBall.Pulled(2, 0.5), 0},
            {new HollowedCone(0.8, 6, 4), Math.PI * 16 * 6 / 12},
            {new BrimmedCone(thinning, 5, 12, true), besideBrim()},
            {new ByHand(thinning, ByHand.Guide.TEMPLATE), 0},
            {new Making.Tape(12), 0}
        };
    }

    /** What one-piece cuts of so many lobes take besides their lobes: their middles, less what lobes share, mm³. */
    private static double beside(int lobes) {
        double union = new Cut(OUTLINE, lobes, 4).shape().areaMm2();
        return 1.1 * COUNT / lobes * (union - lobes * OUTLINE.areaMm2());
    }

    /** The middle of a brim of six lobes, less what these share, and the cone under it, mm³. */
    private static double besideBrim() {
        double union = new Cut(OUTLINE, 6, 5).shape().areaMm2();
        return 1.1 * (union - 6 * OUTLINE.areaMm2()) + Math.PI * 25 * 12 / 12;
    }

    /** The volume of the finished piece, its thickness taken strip by strip over a polygon: another way than the core's. */
    private static double finishedMm3(Making making) {
        Outline finished = making.finished(OUTLINE);
        double[][] p = finished.polygon(400);
        Coordinate[] ring = new Coordinate[p.length + 1];
        for (int i = 0; i < p.length; i++) {
            ring[i] = new Coordinate(p[i][0], p[i][1]);
        }
        ring[p.length] = ring[0];
        GeometryFactory factory = new GeometryFactory();
        Polygon whole = factory.createPolygon(ring);
        int strips = 200;
        double step = finished.lengthMm() / strips;
        double volume = 0;
        for (int i = 0; i < strips; i++) {
            Envelope strip = new Envelope(-100, 100, i * step, (i + 1) * step);
            volume += whole.intersection(factory.toGeometry(strip)).getArea()
                    * making.thicknessAt((i + 0.5) / strips, OUTLINE, PASTE);
        }
        return volume;
    }

    @Test(dataProvider = "makings")
    public void thePasteOfEveryWayIsWhatTheFinishedPiecesHold(Making making, double besides) {
        if (making instanceof Making.Tape) {
            assertEquals(making.volumeMm3(OUTLINE, COUNT, PASTE), 0.0);
            return;
        }
        double paste = COUNT * making.volumeMm3(OUTLINE, COUNT, PASTE);
        Close.within(0.001, paste, COUNT * finishedMm3(making) + besides);
    }

    @Test(dataProvider = "makings")
    public void theMeanThicknessTimesTheAreaIsThePaste(Making making, double besides) {
        double petals = COUNT * making.volumeMm3(OUTLINE, COUNT, PASTE) - besides;
        double held = COUNT * making.finished(OUTLINE).areaMm2() * making.finishedMm(OUTLINE, PASTE);
        if (!(making instanceof Making.Tape)) {
            Close.within(0.001, petals, held);
        }
    }

    @Test(dataProvider = "makings")
    public void whatIsMadeLargerStaysAsThick(Making making, double besides) {
        double before = making.finishedMm(OUTLINE, PASTE);
        Close.within(0.005, making.scaled(1.4).finishedMm(OUTLINE.scaled(1.4), PASTE), before);
    }

    @Test
    public void aBallOfAWeightIsTheBallOfItsSize() {
        double grams = PASTE.grams(PressedBall.volumeMm3(9));
        Close.within(
                1e-9,
                new FromBall.Weighed(grams).finishedMm(OUTLINE, PASTE),
                new FromBall.Pressed(9).finishedMm(OUTLINE, PASTE));
    }

    @Test
    public void aHeavierPastePressesThinnerFromTheSameWeight() {
        Making weighed = new FromBall.Weighed(0.5);
        assertTrue(weighed.finishedMm(OUTLINE, Paste.usual(Medium.GUM_FONDANT)) < weighed.finishedMm(OUTLINE, PASTE));
    }

    @Test
    public void aLipThickerThanItsFootIsRefused() {
        assertEquals(
                expectThrows(InvalidValue.class, () -> new FromBall.Pulled(0.5, 1))
                        .field(),
                "lipMm");
    }

    @Test
    public void aOnePieceCutIsMadeOnceHoweverManyPetalsItHas() {
        Pieces petals = Garden.petals(5, 15, 15, 70);
        Pieces one = petals.withMaking(new OnePiece(new Thinning(0.9, 0.55), 4, OnePiece.Division.WHOLE));
        assertEquals(one.units(), 1);
        assertEquals(petals.units(), 5);
        assertEquals(one.making().joints(5), 1);
    }

    @Test
    public void aCutterWhosePetalsAreSplitHasHalfAsMany() {
        OnePiece split = new OnePiece(new Thinning(0.9, 0.6), 8, OnePiece.Division.SPLIT);
        assertEquals(split.cutterPetals(40), 20);
        assertTrue(split.startsFrom(Outline.of(20, 2.4, 0.5, 0.8, 2), 40, PASTE)
                .startsWith("one-piece cutter of 20, 48\u00a0mm"));
    }

    @Test
    public void aLaminatedPieceTakesItsPasteFromBothShades() {
        Pieces petals = Garden.petals(5, 26, 24, 70);
        Pieces lined = petals.with(d -> d.lining = Optional.of(new Lining("pale", 0.4)));
        List<Portion> lumps = lined.lumps("pink", PASTE);
        Close.within(1e-12, lumps.get(0).volumeMm3() + lumps.get(1).volumeMm3(), petals.volumeMm3(PASTE));
        Close.within(1e-12, lumps.get(1).volumeMm3(), 0.4 * petals.volumeMm3(PASTE));
        assertEquals(lumps.get(1).shade(), "pale");
    }

    @Test
    public void aSmallPetalIsCarriedOnTop() {
        Pieces petals = Garden.petals(5, 26, 24, 70);
        Carried small = new Carried("pale", 10, 8, 0.6);
        Pieces carrying = petals.with(d -> d.carries = Optional.of(small));
        Close.within(
                1e-12,
                carrying.volumeMm3(PASTE) - petals.volumeMm3(PASTE),
                small.outline().areaMm2() * 0.6);
    }

    /** Paste of a pulled petal, strip by strip of its own polygon, notches left out where they are. */
    @Test
    public void aNotchTakesPasteOffWhereItIsThin() {
        Outline centre = new Outline(30, 28, 0.6, 0.2, 2, 2, 0.3);
        FromBall.Pulled pulled = new FromBall.Pulled(2, 0.4);
        double[][] ring = centre.polygon(400);
        double sum = 0;
        double step = 0.05;
        for (double y = step / 2; y < 30; y += step) {
            List<Double> cuts = new ArrayList<>();
            for (int i = 0; i < ring.length; i++) {
                double[] a = ring[i];
                double[] b = ring[(i + 1) % ring.length];
                if (a[1] > y != b[1] > y) {
                    cuts.add(a[0] + (y - a[1]) / (b[1] - a[1]) * (b[0] - a[0]));
                }
            }
            Collections.sort(cuts);
            for (int i = 0; i + 1 < cuts.size(); i += 2) {
                sum += (cuts.get(i + 1) - cuts.get(i)) * step * (2 - 1.6 * y / 30);
            }
        }
        Close.within(0.002 * sum, pulled.volumeMm3(centre, 1, Paste.usual(Medium.GUM_PASTE)), sum);
    }

    @Test
    public void aClusterKeepsItsBallsWhenItIsScaled() {
        for (int count = 2; count < 60; count++) {
            Cluster cluster = new Cluster(count, 4);
            for (double factor : new double[] {0.4, 0.6, 0.85, 1, 1.3}) {
                CentreForm scaled =
                        cluster.resized(cluster.diameterMm() * factor, cluster.heightMm() * Math.min(1, factor));
                assertEquals(scaled.pieces(), count, count + " × " + factor);
            }
        }
    }
}
