package org.crispwhorl.files.picture;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.util.Arrays;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.crispwhorl.core.drawer.CakePick;
import org.crispwhorl.core.drawer.Cutter;
import org.crispwhorl.core.drawer.DrawerItem;
import org.crispwhorl.core.drawer.OwnFormer;
import org.crispwhorl.core.outline.Cut;
import org.crispwhorl.core.outline.Outline;
import org.testng.annotations.Test;

public class ThingShapeTest {
    private static final Pattern PATH = Pattern.compile("<path d=\"([^\"]+)\"");

    /** Width over height of the first shape that is drawn. */
    private static double shape(DrawerItem item) {
        Matcher path = PATH.matcher(ThingShape.svg(item).orElseThrow());
        assertTrue(path.find());
        double[] numbers = Arrays.stream(path.group(1).split("[MLZ ]+"))
                .filter(s -> !s.isEmpty())
                .mapToDouble(Double::parseDouble)
                .toArray();
        double[] least = {Double.MAX_VALUE, Double.MAX_VALUE};
        double[] most = {0, 0};
        for (int i = 0; i < numbers.length; i++) {
            least[i % 2] = Math.min(least[i % 2], numbers[i]);
            most[i % 2] = Math.max(most[i % 2], numbers[i]);
        }
        return (most[0] - least[0]) / (most[1] - least[1]);
    }

    @Test
    public void aCutterIsDrawnAsItCuts() {
        Cutter petal = new Cutter("petal", 1, Cut.of(Outline.of(30, 20, 0.6, 0.25, 2)), false, 0);
        assertEquals(shape(petal), 20 / 30.0, 0.02);
    }

    @Test
    public void aFormerIsDrawnAsWideAsDeep() {
        assertEquals(shape(new OwnFormer("bowl", 1, 30, 10)), 6.0, 0.05);
        assertEquals(shape(new OwnFormer("half-ball", 1, 20, 20)), 2.0, 0.02);
    }

    @Test
    public void whatHasNoShapeIsNotDrawn() {
        assertTrue(ThingShape.svg(new CakePick("pick", 1, 4, 70)).isEmpty());
    }

    @Test
    public void aSetIsTheSameCutterInOtherSizes() {
        Cutter own = new Cutter("rose petal 30", 2, Cut.of(Outline.of(30, 24, 0.6, 0.25, 2)), false, 4);
        List<Cutter> set = own.inSizes(List.of(20.0, 30.0, 45.0));
        assertEquals(set.stream().map(Cutter::name).toList(), List.of("rose petal 20", "rose petal 45"));
        assertEquals(set.get(1).cut().outline().widthMm(), 36, 1e-9);
        assertEquals(shape(set.get(1)), shape(own), 0.01);
    }
}
