package org.crispwhorl.files.picture;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.Arrays;
import java.util.DoubleSummaryStatistics;
import java.util.Optional;
import org.crispwhorl.core.drawer.Cutter;
import org.crispwhorl.core.drawer.DrawerItem;
import org.crispwhorl.core.drawer.OwnFormer;
import org.crispwhorl.core.measure.LengthText;
import org.crispwhorl.core.outline.Cut;
import org.crispwhorl.files.page.SheetPage;
import org.crispwhorl.files.svg.SvgPage;

/** Small true-shape drawings of what lies in the drawer: what a cutter cuts, how a former is hollowed. */
public final class ThingShape {
    private static final double SIDE = 40;
    private static final double FREE = 2;
    private static final double LINE = 0.9;
    private static final int STEPS = 32;

    private ThingShape() {}

    /** The drawing as SVG; none for what has no shape of its own. */
    public static Optional<String> svg(DrawerItem item) {
        if (item instanceof Cutter cutter) {
            return Optional.of(written(item.name(), page -> cut(page, SIDE, cutter.cut(), LINE)));
        }
        return item instanceof OwnFormer former
                ? Optional.of(written(item.name(), page -> former(page, former)))
                : Optional.empty();
    }

    private static String written(String title, SheetPage.Drawn drawn) {
        try {
            return SvgPage.written(SIDE, SIDE, title, LengthText.Lengths.MM, drawn);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** What a cutter cuts, its base down, as large as a square has room. */
    static void cut(SheetPage page, double side, Cut cut, double line) throws IOException {
        double[][] ring = cut.shape().ring();
        DoubleSummaryStatistics x = Arrays.stream(ring).mapToDouble(p -> p[0]).summaryStatistics();
        DoubleSummaryStatistics y = Arrays.stream(ring).mapToDouble(p -> p[1]).summaryStatistics();
        double scale = (side - 2 * FREE) / Math.max(x.getMax() - x.getMin(), y.getMax() - y.getMin());
        double[] laid = new double[2 * ring.length];
        for (int i = 0; i < ring.length; i++) {
            laid[2 * i] = side / 2 + scale * (ring[i][0] - (x.getMax() + x.getMin()) / 2);
            laid[2 * i + 1] = side / 2 - scale * (ring[i][1] - (y.getMax() + y.getMin()) / 2);
        }
        page.path(laid, true, SheetPage.GROUND, SheetPage.INK, line);
    }

    /** The hollow cut across its middle: a cap of a ball. */
    private static void former(SheetPage page, OwnFormer former) throws IOException {
        double rim = former.rimRadiusMm();
        double radius = former.sphereRadiusMm();
        double middle = radius - former.depthMm();
        double scale = (SIDE / 2 - FREE) / Math.max(rim, former.depthMm() / 2);
        double top = SIDE / 2 - scale * former.depthMm() / 2;
        double[] line = new double[2 * STEPS + 2];
        double from = Math.atan2(rim, middle);
        for (int i = 0; i <= STEPS; i++) {
            double at = from * (2.0 * i / STEPS - 1);
            line[2 * i] = SIDE / 2 + scale * radius * Math.sin(at);
            line[2 * i + 1] = top + scale * (radius * Math.cos(at) - middle);
        }
        page.path(line, false, null, SheetPage.INK, 2 * LINE);
        page.path(
                new double[] {SIDE / 2 - scale * rim, top, SIDE / 2 + scale * rim, top},
                false,
                null,
                SheetPage.QUIET,
                LINE / 2);
    }
}
