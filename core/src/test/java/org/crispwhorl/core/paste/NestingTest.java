package org.crispwhorl.core.paste;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.util.ArrayList;
import java.util.List;
import org.crispwhorl.core.outline.CutShape;
import org.crispwhorl.core.outline.Outline;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.geom.util.AffineTransformation;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class NestingTest {
    private static final double ROLLER = 160;

    /** A disc, made of many petals whose tips lie on a circle. */
    private static CutShape disc(double diameterMm) {
        return CutShape.blossom(Outline.of(2, 1, 0.5, 1, 2), 1, diameterMm);
    }

    @DataProvider
    Object[][] shapes() {
        return new Object[][] {
            {CutShape.of(Outline.of(40, 22, 0.62, 0.12, 2))},
            {CutShape.of(Outline.of(45, 42, 0.62, 0.25, 2.3))},
            {CutShape.of(Outline.of(60, 12, 0.3, 0.1, 1))},
            {CutShape.of(new Outline(38, 34, 0.7, 0.2, 2.5, 3, 0.2))},
            {CutShape.blossom(Outline.of(14, 9, 0.6, 0.3, 2), 5, 6)},
            {CutShape.blossom(Outline.of(20, 4, 0.4, 0.5, 1), 8, 5)},
            {CutShape.of(Outline.of(22, 5, 0.35, 0.5, 1.2))},
            {CutShape.of(Outline.of(110, 11, 0.4, 0.6, 1.4))},
            {CutShape.strip(60, 12)},
        };
    }

    @Test
    public void roundCutsComeWithinThreeInAHundredOfTheDensestLattice() {
        CutShape round = CutShape.blossom(Outline.of(2, 1, 0.5, 1, 2), 1, 30);
        double share = round.areaMm2() / (Math.PI * 15 * 15);
        double yield = Nesting.of(round, ROLLER).latticeYield() / share;
        assertTrue(yield > 0.97 * 0.9069 && yield < 0.9069 * 1.01, "yield " + yield);
    }

    @Test
    public void rectanglesLeaveNothingBetweenThem() {
        assertEquals(Nesting.of(CutShape.strip(40, 25), 100).latticeYield(), 1, 0.001);
    }

    @Test
    public void rightTrianglesPairIntoRectangles() {
        CutShape pointed = CutShape.of(Outline.of(40, 30, 0.05, 1, 1));
        assertTrue(Nesting.of(pointed, ROLLER).latticeYield() > 0.94);
    }

    @Test(dataProvider = "shapes")
    public void noNestingIsWorseThanAPlainGrid(CutShape shape) {
        Nesting nesting = Nesting.of(shape, ROLLER);
        assertTrue(nesting.stripYield() >= nesting.gridYield() - 1e-9, nesting.toString());
        assertTrue(nesting.latticeYield() >= nesting.stripYield() - 1e-9);
        assertTrue(nesting.latticeYield() <= 1 + 1e-9, nesting.toString());
        assertTrue(nesting.stripMm() <= ROLLER + 1e-9);
    }

    @Test(dataProvider = "shapes")
    public void piecesLieBesideEachOtherAndOnTheStrip(CutShape shape) {
        Nesting nesting = Nesting.of(shape, ROLLER);
        int pieces =
                (3 + (int) (2 * 110 / nesting.pitchMm())) * nesting.pattern().size();
        List<Geometry> laid = new ArrayList<>();
        for (Nesting.OnStrip place : nesting.places(pieces)) {
            laid.add(AffineTransformation.rotationInstance(Math.toRadians(place.turnDeg()))
                    .translate(place.alongMm(), place.acrossMm())
                    .transform(shape.polygon()));
        }
        for (int i = 0; i < laid.size(); i++) {
            assertTrue(laid.get(i).getEnvelopeInternal().getMinY() > -1e-6);
            assertTrue(laid.get(i).getEnvelopeInternal().getMaxY() < nesting.stripMm() + 1e-6);
            for (int j = 0; j < i; j++) {
                if (laid.get(i).getEnvelopeInternal().intersects(laid.get(j).getEnvelopeInternal())) {
                    double common = laid.get(i).intersection(laid.get(j)).getArea();
                    assertTrue(common < 1e-6, i + " and " + j + " share " + common + " mm²");
                }
            }
        }
        assertEquals(
                nesting.stripYield(), pieces * shape.areaMm2() / (nesting.stripMm() * nesting.lengthMm(pieces)), 1e-9);
    }

    @Test
    public void aShapeWiderThanTheRollerGetsAStripOfItsOwn() {
        Nesting nesting = Nesting.of(disc(80), 50);
        assertTrue(nesting.stripMm() > 79 && nesting.pattern().size() == 1, nesting.toString());
    }

    @Test
    public void whatCanBeKneadedAgainIsNotLost() {
        Nesting nesting = Nesting.of(disc(30), ROLLER);
        assertEquals(nesting.lostPerG(1), 0, 1e-12);
        assertEquals(nesting.lostPerG(0), 1 / nesting.stripYield() - 1, 1e-12);
    }

    /** Petals 34 wide in grooves 25 apart lie in every second one; 40 long, three in a groove of 150. */
    @Test
    public void onARidgedBoardEachMidribLiesInAGroove() {
        Grooves grooves = new Grooves(150, 25);
        Outline petal = Outline.of(40, 34, 0.6, 0.2, 2);
        assertEquals(grooves.alongOne(petal), 3);
        assertEquals(grooves.every(petal), 2);
        assertEquals(grooves.atOnce(petal, 9), 5 * 3);
        Nesting nesting = Nesting.along(grooves, petal);
        assertEquals(nesting.pitchMm(), 50.0);
        assertEquals(nesting.lengthMm(4), 100.0);
        Polygon shape = CutShape.of(petal).polygon();
        List<Geometry> laid = nesting.places(9).stream()
                .map(p -> AffineTransformation.translationInstance(p.alongMm(), p.acrossMm())
                        .transform(shape))
                .toList();
        for (int i = 0; i < laid.size(); i++) {
            assertEquals(nesting.places(9).get(i).turnDeg(), 0.0, "its midrib lies along the groove");
            assertTrue(laid.get(i).getEnvelopeInternal().getMaxY() <= 150, "it lies on the board");
            for (int k = i + 1; k < laid.size(); k++) {
                assertTrue(laid.get(i).distance(laid.get(k)) >= 3 - 1e-9, i + " and " + k);
            }
        }
        Outline leaf = Outline.of(160, 34, 0.6, 0.2, 2);
        assertEquals(grooves.alongOne(leaf), 0);
        Outline narrow = Outline.of(40, 20, 0.6, 0.2, 2);
        assertEquals(grooves.every(narrow), 1);
    }
}
