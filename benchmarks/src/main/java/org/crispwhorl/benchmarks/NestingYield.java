package org.crispwhorl.benchmarks;

import java.util.Locale;
import org.crispwhorl.core.outline.CutShape;
import org.crispwhorl.core.outline.Outline;
import org.crispwhorl.core.paste.Nesting;

/** How near nestings come to the densest lattices that are known. */
final class NestingYield {
    private static final double STRIP_MM = 160;
    private static final double ROUND_MM = 30;

    private NestingYield() {}

    static String measure() {
        CutShape round = CutShape.blossom(Outline.of(2, 1, 0.5, 1, 2), 1, ROUND_MM);
        double share = round.areaMm2() / (Math.PI * ROUND_MM * ROUND_MM / 4);
        long begun = System.nanoTime();
        double circle = Nesting.of(round, STRIP_MM).latticeYield() / share;
        double ms = (System.nanoTime() - begun) / 1e6;
        double rectangle = Nesting.of(CutShape.strip(40, 25), STRIP_MM).latticeYield();
        return String.format(Locale.ROOT, "circle %.4f (in %.0f ms), rectangle %.4f", circle, ms, rectangle);
    }
}
