package org.crispwhorl.core.drawer;

import static org.testng.Assert.assertEquals;

import java.util.List;
import org.crispwhorl.core.measure.LengthText;
import org.crispwhorl.core.outline.Cut;
import org.crispwhorl.core.outline.Outline;
import org.testng.annotations.Test;

/** What is said of a thing beside its name, by what it is. */
public class ThingsToldTest {
    private static Cutter cutter(int owned, int lent, int worn, Cut cut) {
        return new Cutter("tin petal", owned, lent, worn, cut, true, 0);
    }

    private static final Cut PETAL = Cut.of(new Outline(30, 24.5, 0.6, 1, 2, 1, 0));

    private static String told(DrawerItem item) {
        return LengthText.in(item.inShort(), LengthText.Lengths.MM);
    }

    @Test
    public void aCutterIsAskedForByItsSizeAndABlossomByItsWidth() {
        assertEquals(told(cutter(2, 0, 0, PETAL)), "30 × 24.5 mm, bends");
        assertEquals(cutter(2, 0, 0, PETAL).sizesMm(), List.of(30.0, 24.5));
        Cut blossom = new Cut(new Outline(10, 8, 0.6, 1, 2, 1, 0), 5, 4);
        assertEquals(told(cutter(1, 0, 0, blossom)), "5 petals, 24 mm across, bends");
        assertEquals(cutter(1, 0, 0, blossom).sizesMm(), List.of(24.0));
    }

    @Test
    public void ofToolsThoseThatAreHereAreCounted() {
        assertEquals(cutter(4, 1, 1, PETAL).howMuch(), "2, 1 on loan, 1 worn out");
        assertEquals(cutter(0, 0, 0, PETAL).howMuch(), "could be bought");
        assertEquals(cutter(1, 1, 0, PETAL).howMuch(), "0, 1 on loan");
    }

    @Test
    public void whatIsUsedUpIsToldInItsOwnMeasure() {
        assertEquals(new TapeRoll("tape", 54, 12, 0).howMuch(), "54.0 m");
        assertEquals(told(new TapeRoll("tape", 54, 12, 0)), "12 mm wide");
    }
}
