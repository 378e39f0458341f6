package org.crispwhorl.core.drawer;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import java.util.List;
import org.testng.annotations.Test;

public class PickFitTest {
    @Test
    public void aPickNeedsHalfAMillimetreOfPlayAndEndsTenAboveTheBoard() {
        assertTrue(PickFit.of(3.5, 80, new CakePick("just", 1, 4, 70)).fits());
        assertFalse(PickFit.of(3.6, 80, new CakePick("tight", 1, 4, 70)).fits());
        assertFalse(PickFit.of(3.5, 79, new CakePick("long", 1, 4, 70)).fits());
    }

    @Test
    public void theReasonSaysWhatIsWrong() {
        assertEquals(
                PickFit.of(4.5, 100, new CakePick("slim", 1, 4, 70)).reason(),
                "too narrow: the stem is 4.5\u00a0mm and wants a bore of 5\u00a0mm");
        assertEquals(
                PickFit.of(3, 60, new CakePick("slim", 1, 4, 70)).reason(),
                "too long: the tier is 60\u00a0mm tall and takes 50\u00a0mm");
    }

    @Test
    public void theNarrowestOwnedThatFitsComesFirst() {
        Drawer drawer = new Drawer(List.of(
                new CakePick("stout", 3, 12, 70),
                new CakePick("none left", 0, 5, 70),
                new CakePick("middle", 3, 7, 70),
                new CakePick("slim", 3, 2, 70)));
        assertEquals(
                PickFit.of(3, 100, drawer).stream().map(f -> f.pick().name()).toList(),
                List.of("middle", "stout", "none left", "slim"));
    }
}
