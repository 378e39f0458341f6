package org.crispwhorl.files.solid;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.expectThrows;

import org.crispwhorl.core.measure.InvalidValue;
import org.crispwhorl.core.outline.CutShape;
import org.crispwhorl.core.outline.Outline;
import org.crispwhorl.core.outline.PrintedCutter;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class PrintedCutterTest {
    @DataProvider
    Object[][] outlines() {
        return new Object[][] {
            {"petal", CutShape.of(Outline.of(40, 22, 0.62, 0.12, 2))},
            {"blunt", CutShape.of(Outline.of(45, 42, 0.62, 0.25, 6))},
            {"needle tip", CutShape.of(Outline.of(120, 3, 0.2, 0, 1))},
            {"two needle tips", CutShape.of(Outline.of(80, 2, 0.5, 0, 1))},
            {"deep notches", CutShape.of(new Outline(60, 50, 0.5, 0.1, 3, 7, 0.4))},
            {"one deep notch", CutShape.of(new Outline(30, 28, 0.6, 0.2, 2, 2, 0.4))},
            {"tiny", CutShape.of(Outline.of(2, 1, 0.5, 0, 1))},
            {"huge", CutShape.of(Outline.of(300, 300, 0.5, 0.5, 2))},
            {"star of needles", CutShape.blossom(Outline.of(30, 2, 0.3, 0, 1), 12, 4)},
            {"blossom", CutShape.blossom(Outline.of(14, 9, 0.6, 0.3, 2), 5, 6)},
            {"crowded blossom", CutShape.blossom(Outline.of(20, 18, 0.7, 0.5, 2), 8, 10)},
            {"strip", CutShape.strip(120, 6)},
        };
    }

    @Test(dataProvider = "outlines")
    public void aPrintedCutterIsWatertightAndTrueToSize(String name, CutShape shape) {
        SolidCheck.holds(name, shape, PrintedCutter.USUAL);
    }

    @Test(dataProvider = "outlines")
    public void soIsOneWithTheThinnestWalls(String name, CutShape shape) {
        SolidCheck.holds(name, shape, new PrintedCutter(0.4, 0.8, 1, 1.5, 10));
    }

    @Test
    public void aWallThinnerThanThePrinterPrintsIsRefused() {
        InvalidValue refused = expectThrows(InvalidValue.class, () -> new PrintedCutter(0.45, 0.6, 2.4, 5, 16));
        assertEquals(refused.field(), "wallMm");
        expectThrows(InvalidValue.class, () -> new PrintedCutter(0.2, 1, 2.4, 5, 16));
        expectThrows(InvalidValue.class, () -> new PrintedCutter(0.9, 0.8, 2.4, 5, 16));
    }
}
