package org.crispwhorl.core.species;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;
import static org.testng.Assert.expectThrows;

import org.crispwhorl.core.Garden;
import org.crispwhorl.core.colour.Colouring;
import org.crispwhorl.core.drying.Lying;
import org.crispwhorl.core.measure.InvalidValue;
import org.crispwhorl.core.measure.Unit;
import org.crispwhorl.core.paste.Shade;
import org.crispwhorl.core.thinning.Thinning;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class SpeciesTest {
    @DataProvider
    public Object[][] impossible() {
        Pieces petals = Garden.petals(5, 26, 24, 70);
        return new Object[][] {
            {"count", (Runnable) () -> petals.withCount(0)},
            {"opensDeg", (Runnable) () -> petals.withOpensDeg(200)},
            {"making/thinning/finishedMm", (Runnable) () -> petals.withThinning(new Thinning(0.6, 0.9))},
            {"depthMm", (Runnable) () -> new Former("deep", 10, 12, Former.Side.CUPS_IN)},
            {"id", (Runnable) () -> Garden.ring("Not An Id", petals)},
            {"name", (Runnable) () -> new Shade("a", "", "#aabbcc", 0.5)},
            {"strong", (Runnable) () -> new Shade("a", "a", "red", 0.5)},
            {"share", (Runnable) () -> new Shade("a", "a", "#aabbcc", 1.5)},
            {"parts/1/id", (Runnable) () -> Garden.species(50, Garden.ring("a", petals), Garden.ring("a", petals))},
            {"parts/0/shade", (Runnable) () -> Garden.species(50, new Ring("a", "a", "blue", petals, Colouring.NONE))},
            {"shades/1/id", (Runnable) () -> Garden.shaded(Garden.rose(), Garden.PINK, Garden.PINK)},
            {"afterH", (Runnable) () -> new Lying.TurnedOut(0)},
            {"ridgeMm", (Runnable) () -> Garden.WIRED.withRidge(0)},
            {"outline", (Runnable) () -> petals.withOutline(null)}
        };
    }

    @Test(dataProvider = "impossible")
    public void whatCannotBeIsRefusedByItsField(String field, Runnable making) {
        InvalidValue refused = expectThrows(InvalidValue.class, making::run);
        assertEquals(refused.field(), field);
        assertTrue(!refused.came().isEmpty() && !refused.expected().isEmpty());
    }

    @Test
    public void replacingAPartLeavesTheOthers() {
        Species rose = Garden.rose();
        Species changed = Garden.changed(rose, "petals", p -> p.withCount(8));
        assertEquals(((Petaled) changed.part("petals").orElseThrow()).pieces().count(), 8);
        assertEquals(changed.part("leaves"), rose.part("leaves"));
        assertEquals(changed.parts().size(), rose.parts().size());
    }

    @Test
    public void equalDesignsAreEqual() {
        assertEquals(Garden.rose(), Garden.rose());
    }

    @Test
    public void theWireOfAHeartReachesHalfWayIntoIt() {
        assertEquals(Garden.ball(8).wireMm(), 90.0 + 4 + 4);
    }

    @Test
    public void figuresAreWrittenWithTheDigitsAMakerCanMeasure() {
        assertEquals(Unit.MM.write(12.345), "12.3\u00a0mm");
        assertEquals(Unit.DEGREE.write(72.4), "72°");
        assertEquals(Unit.COUNT.write(5), "5");
    }
}
