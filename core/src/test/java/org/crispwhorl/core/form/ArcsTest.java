package org.crispwhorl.core.form;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.util.Random;
import org.testng.annotations.Test;

public class ArcsTest {
    @Test
    public void arcsAcrossZeroAreSplitAndKeepTheirMeasure() {
        double[] arcs = Arcs.repeated(new double[] {-0.5, 0.5}, new double[] {0});
        assertEquals(arcs.length, 4);
        assertEquals(Arcs.measure(arcs), 1, 1e-12);
    }

    @Test
    public void theLargestGapGoesRoundZero() {
        assertEquals(Arcs.largestGap(new double[] {1, 2, 3, 5}), Arcs.TURN - 4, 1e-12);
        assertEquals(Arcs.largestGap(Arcs.NONE), Arcs.TURN);
    }

    @Test
    public void unionAgreesWithACountOnAFineCircle() {
        Random random = new Random(3);
        for (int round = 0; round < 200; round++) {
            double[] a = random(random);
            double[] b = random(random);
            double[] union = Arcs.union(a, b);
            int inside = 0;
            for (int i = 0; i < 4000; i++) {
                double at = Arcs.TURN * i / 4000;
                inside += in(a, at) || in(b, at) ? 1 : 0;
            }
            assertEquals(Arcs.measure(union), Arcs.TURN * inside / 4000, 0.03);
            assertEquals(Arcs.measureBeyond(a, b), Arcs.measure(union) - Arcs.measure(b), 1e-12);
        }
    }

    @Test
    public void whatIsMergedIsSortedAndApart() {
        Random random = new Random(5);
        for (int round = 0; round < 100; round++) {
            double[] arcs = random(random);
            for (int i = 2; i < arcs.length; i += 2) {
                assertTrue(arcs[i] > arcs[i - 1]);
            }
        }
    }

    private static double[] random(Random random) {
        double[] azimuths = new double[1 + random.nextInt(6)];
        for (int i = 0; i < azimuths.length; i++) {
            azimuths[i] = 20 * random.nextDouble() - 10;
        }
        double half = random.nextDouble();
        return Arcs.repeated(new double[] {-half, half}, azimuths);
    }

    private static boolean in(double[] arcs, double at) {
        for (int i = 0; i < arcs.length; i += 2) {
            if (at >= arcs[i] && at <= arcs[i + 1]) {
                return true;
            }
        }
        return false;
    }
}
