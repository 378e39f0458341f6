package org.crispwhorl.core.bench;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;
import static org.testng.Assert.expectThrows;

import org.crispwhorl.core.Garden;
import org.crispwhorl.core.measure.InvalidValue;
import org.crispwhorl.core.outline.Outline;
import org.crispwhorl.core.paste.Medium;
import org.crispwhorl.core.paste.Paste;
import org.crispwhorl.core.species.Pieces;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class MeasuredTest {
    private static final Paste PASTE = Paste.usual(Medium.GUM_PASTE);
    private static final Pieces PETALS = Garden.petals(5, 30, 24, 40);

    private static Measured at(double long_, double wide) {
        Outline finished = PETALS.finished();
        return Measured.of(PETALS, PASTE, long_ * finished.lengthMm(), wide * finished.widthMm())
                .orElseThrow();
    }

    @DataProvider
    public Object[][] hands() {
        return new Object[][] {
            {1.0, 1.0, "as designed"},
            {0.9, 0.9, "still thick"},
            {0.8, 1.0, "most towards the tip"},
            {1.0, 0.8, "most across"},
            {1.2, 0.85, "drawn out"},
            {0.85, 1.2, "spread"},
            {1.15, 1.1, "thinner than designed"}
        };
    }

    @Test(dataProvider = "hands")
    public void whatToDoIsToldByHowLargeItIs(double longer, double wider, String said) {
        assertTrue(at(longer, wider).advice().contains(said), at(longer, wider).advice());
    }

    /** A cut of 1.1 mm that grows by a tenth each way has given away the square of that. */
    @Test
    public void pasteKeepsItsVolume() {
        double designed = PETALS.finishedMm(PASTE);
        assertEquals(at(1, 1).thickMm(), designed, 1e-9);
        assertEquals(at(1.1, 1.1).thickMm(), designed / 1.21, 1e-9);
        Outline cut = PETALS.outline();
        double rolled = PETALS.thinning().orElseThrow().rolledMm();
        Measured asCut =
                Measured.of(PETALS, PASTE, cut.lengthMm(), cut.widthMm()).orElseThrow();
        assertEquals(asCut.thickMm(), rolled, 0.01 * rolled, "as it was cut it is as thick as it was rolled");
        assertTrue(asCut.offShare() > 0.2);
    }

    @Test
    public void whatIsNoPetalsSizeIsRefusedByItsField() {
        assertEquals(
                expectThrows(InvalidValue.class, () -> Measured.of(PETALS, PASTE, 0, 20))
                        .field(),
                "lengthMm");
        assertEquals(
                expectThrows(InvalidValue.class, () -> Measured.of(PETALS, PASTE, 30, Double.NaN))
                        .field(),
                "widthMm");
    }
}
