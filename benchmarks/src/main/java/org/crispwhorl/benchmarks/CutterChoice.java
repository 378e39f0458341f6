package org.crispwhorl.benchmarks;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Random;
import org.crispwhorl.core.drawer.Cutter;
import org.crispwhorl.core.drawer.CutterFit;
import org.crispwhorl.core.drawer.Drawer;
import org.crispwhorl.core.drawer.DrawerItem;
import org.crispwhorl.core.drawer.Purchases;
import org.crispwhorl.core.outline.Cut;
import org.crispwhorl.core.outline.Outline;

/** The fewest purchases for 30 species of 5 cut parts each out of 200 cutters that could be bought. */
final class CutterChoice {
    private static final int SPECIES = 30;
    private static final int PARTS = 5;
    private static final int CUTTERS = 200;

    private CutterChoice() {}

    static String measure() {
        Random random = new Random(41);
        List<DrawerItem> offered = new ArrayList<>();
        for (int i = 0; i < CUTTERS; i++) {
            offered.add(new Cutter("c" + i, 0, Cut.of(outline(random)), random.nextBoolean(), 1 + random.nextInt(9)));
        }
        List<Purchases.Need> needs = new ArrayList<>();
        for (int s = 0; s < SPECIES; s++) {
            for (int p = 0; p < PARTS; p++) {
                needs.add(new Purchases.Need("s" + s, "p" + p, new CutterFit.Wanted(Cut.of(outline(random)), 0.8)));
            }
        }
        Drawer drawer = new Drawer(offered);
        Purchases.of(needs, drawer, Purchases.Least.FEWEST);
        long begun = System.nanoTime();
        Purchases fewest = Purchases.of(needs, drawer, Purchases.Least.FEWEST);
        double s = (System.nanoTime() - begun) / 1e9;
        return String.format(
                Locale.ROOT,
                "%.2f s, with every alternative; %d cutters, %s",
                s,
                fewest.buy().size(),
                fewest.proved() ? "proved" : "not proved");
    }

    private static Outline outline(Random random) {
        double length = 12 + 60 * random.nextDouble();
        return Outline.of(length, length * (0.4 + 0.6 * random.nextDouble()), 0.6, 0.25, 2);
    }
}
