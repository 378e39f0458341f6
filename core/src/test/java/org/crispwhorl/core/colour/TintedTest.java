package org.crispwhorl.core.colour;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import java.util.List;
import java.util.Random;
import org.crispwhorl.core.Garden;
import org.crispwhorl.core.outline.Outline;
import org.crispwhorl.core.paste.MixingLaw;
import org.testng.annotations.Test;

public class TintedTest {
    private static final Outline PETAL = Outline.of(40, 30, 0.62, 0.2, 2);
    private static final double[] PALE = MixingLaw.linear("#f0d8d0");

    private static Pass pass(Zone zone, double reach, double fade, double strength, Dip... dips) {
        return Garden.pass(zone, reach, fade, strength, dips).withSide(Pass.PieceSide.FACE);
    }

    private static Tinted tinted(Pass... passes) {
        return new Tinted(new Colouring(List.of(passes)), PETAL, 0, false);
    }

    /** The law of the field written anew, by one channel: sRGB codes in and out. */
    private static int mixed(int under, int over, double share) {
        double[] r = new double[2];
        int[] codes = {over, under};
        for (int i = 0; i < 2; i++) {
            double c = codes[i] / 255.0;
            double linear = c <= 0.04045 ? c / 12.92 : Math.pow((c + 0.055) / 1.055, 2.4);
            r[i] = 0.03 + 0.97 * linear;
        }
        double ks = share * Math.pow(1 - r[0], 2) / (2 * r[0]) + (1 - share) * Math.pow(1 - r[1], 2) / (2 * r[1]);
        double out = Math.max(0, (1 + ks - Math.sqrt(ks * ks + 2 * ks) - 0.03) / 0.97);
        return (int) Math.round(255 * (out <= 0.0031308 ? 12.92 * out : 1.055 * Math.pow(out, 1 / 2.4) - 0.055));
    }

    @Test
    public void whatIsLeftAgreesWithAMixingDoneIndependently() {
        Random random = new Random(3);
        for (int n = 0; n < 500; n++) {
            int[] base = {random.nextInt(256), random.nextInt(256), random.nextInt(256)};
            int[] first = {random.nextInt(256), random.nextInt(256), random.nextInt(256)};
            int[] second = {random.nextInt(256), random.nextInt(256), random.nextInt(256)};
            double one = random.nextDouble();
            double two = random.nextDouble();
            Tinted petal = tinted(
                    pass(Zone.ALL, 0, 0, one, Dip.dust("first", hex(first))),
                    pass(Zone.ALL, 0, 0, two, Dip.dust("second", hex(second))));
            double[] left = petal.at(MixingLaw.linear(hex(base)), 20, 3, Pass.PieceSide.FACE);
            for (int k = 0; k < 3; k++) {
                // Between the two passes the other reckoning rounds to a whole code.
                int expected = mixed(mixed(base[k], first[k], one), second[k], two);
                assertEquals(MixingLaw.code(left[k]), expected, 2, "channel " + k);
            }
        }
    }

    private static String hex(int[] rgb) {
        return String.format("#%02x%02x%02x", rgb[0], rgb[1], rgb[2]);
    }

    private static double share(Zone zone, double s, double v) {
        Tinted petal = tinted(pass(zone, 4, 8, 1, Dip.dust("black", "#000000")));
        double left = petal.at(MixingLaw.linear("#ffffff"), s, v, Pass.PieceSide.FACE)[0];
        return 1 - left;
    }

    @Test
    public void eachZoneIsStrongestWhereItIsReckonedFrom() {
        double side = PETAL.halfWidthAt(25);
        assertTrue(share(Zone.EDGE, 39.5, 0) > 0.99 && share(Zone.EDGE, 25, side - 1) > 0.99);
        assertEquals(share(Zone.EDGE, 22, 0), 0, 1e-9, "its middle is out of the edge's reach");
        assertTrue(share(Zone.FOOT, 3, 0) > 0.99 && share(Zone.FOOT, 13, 0) < 1e-9);
        assertTrue(share(Zone.TIP, 38, 0) > 0.99 && share(Zone.TIP, 27, 0) < 1e-9);
        assertTrue(share(Zone.MIDRIB, 20, 2) > 0.99 && share(Zone.MIDRIB, 24, 12.5) < 1e-9);
        assertTrue(share(Zone.BETWEEN, 14, PETAL.halfWidthAt(14) - 1) > 0.99);
        assertEquals(share(Zone.BETWEEN, 39.5, 0), 0, 1e-9, "the tip stands clear of its neighbours");
        assertTrue(share(Zone.ALL, 20, 7) > 0.99);
    }

    @Test
    public void aPassFadesWithoutAJump() {
        for (Zone zone : Zone.values()) {
            double last = Double.NaN;
            for (double s = 0; s <= 40; s += 0.05) {
                Tinted petal = tinted(pass(zone, 4, 8, 0.8, Dip.dust("black", "#000000")));
                double here = petal.at(MixingLaw.linear("#808080"), s, 1, Pass.PieceSide.FACE)[0];
                assertTrue(Double.isNaN(last) || Math.abs(here - last) < 0.01, zone + " at " + s + " mm");
                last = here;
            }
        }
    }

    @Test
    public void onlyTheSideThatItGoesOnIsColoured() {
        Tinted petal = tinted(pass(Zone.ALL, 0, 0, 1, Dip.dust("black", "#000000")));
        assertTrue(petal.coloured(Pass.PieceSide.FACE));
        assertFalse(petal.coloured(Pass.PieceSide.BACK));
        assertEquals(petal.at(PALE, 20, 0, Pass.PieceSide.BACK), PALE);
    }

    @Test
    public void cornflourMakesItPalerAndALiquidThinner() {
        Dip plum = Dip.dust("plum", "#5a2040");
        Pass neat = pass(Zone.ALL, 0, 0, 0.5, plum);
        Pass floured = neat.withCarrier(Carrier.CORNFLOUR).withLetDown(3);
        assertTrue(MixingLaw.linear(Mixture.swatch(floured))[0] > MixingLaw.linear(Mixture.swatch(neat))[0] + 0.1);
        Pass thin = neat.withHow(How.WASHED).withCarrier(Carrier.SPIRIT).withLetDown(3);
        assertEquals(Mixture.swatch(thin), Mixture.swatch(neat));
        assertEquals(
                tinted(thin).at(PALE, 20, 0, Pass.PieceSide.FACE)[1],
                tinted(neat.withStrength(0.125)).at(PALE, 20, 0, Pass.PieceSide.FACE)[1],
                1e-12);
        assertTrue(thin.wet() && thin.waitMin() == 4 && !neat.wet() && neat.waitMin() == 0);
    }

    @Test
    public void theAmountIsAreaTimesStrengthSharedByParts() {
        Dip two = new Dip("plum", "#5a2040", ColourForm.DUST, 2);
        Dip one = new Dip("rose", "#c06080", ColourForm.DUST, 1);
        List<ColourUse> uses = tinted(pass(Zone.ALL, 0, 0, 0.5, two, one)).uses();
        double grams = PETAL.areaMm2() * 0.5 * How.DUSTED.gramsPerM2() / 1e6;
        assertEquals(uses.get(0).milligrams(), 1000 * grams * 2 / 3, 1000 * grams * 0.01);
        assertEquals(uses.get(1).milligrams(), 1000 * grams / 3, 1000 * grams * 0.01);
        Tinted wider = tinted(pass(Zone.EDGE, 6, 4, 0.5, two));
        Tinted narrower = tinted(pass(Zone.EDGE, 3, 4, 0.5, two));
        assertTrue(wider.uses().get(0).milligrams() > narrower.uses().get(0).milligrams());
    }

    @Test
    public void aPassWhoseColourIsNotChosenLeavesNone() {
        Tinted petal = new Tinted(Colouring.dust(2), PETAL, 0, false);
        assertFalse(petal.coloured());
        assertEquals(petal.at(PALE, 20, 0, Pass.PieceSide.FACE), PALE);
        assertEquals(petal.uses(), List.of());
    }

    @Test
    public void streaksAndSpotsLeaveSomeOfThePasteAndAreAsStrongAsStated() {
        for (How how : new How[] {How.STREAKS, How.SPOTS}) {
            double most = 0;
            double least = 1;
            for (double s = 1; s < 39; s += 0.2) {
                for (double share = -0.9; share <= 0.9; share += 0.02) {
                    double grain = how.grain(new Spot(s, 40 - s, 5, Math.abs(share) * 12, 5, share));
                    most = Math.max(most, grain);
                    least = Math.min(least, grain);
                }
            }
            assertTrue(least < 0.05 && most > 0.95 && most <= 1, how + " " + least + " to " + most);
        }
    }

    @Test
    public void aPassIsStrengthenedNoFurtherThanInFull() {
        Pass half = pass(Zone.ALL, 0, 0, 0.5);
        assertEquals(half.strengthened(1.7).strength(), 1, 0);
        assertEquals(half.strengthened(-1).strength(), 0, 0);
        assertEquals(half.reaching(900, -3).reachMm(), 200, 0);
        assertEquals(half.reaching(900, -3).fadeMm(), 0, 0);
    }
}
