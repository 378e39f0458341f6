package org.crispwhorl.core.measure;

import static org.testng.Assert.assertEquals;

import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class LengthTextTest {
    @DataProvider
    public Object[][] inches() {
        return new Object[][] {
            {25.4, "1"},
            {31.75, "1 1/4"},
            {9.525, "3/8"},
            {32, "1 17/64"},
            {0.7, "0.028"},
            {1.2, "0.047"},
            {-12.7, "-1/2"},
        };
    }

    @Test(dataProvider = "inches")
    public void aCutterIsToldToTheSixtyFourthAndAThicknessToTheThousandth(double mm, String told) {
        assertEquals(LengthText.inches(mm), told);
    }

    @Test
    public void theLengthsOfATextAndNothingElseAreTurned() {
        String text = "cut 5 of " + Unit.MM.write(50.8) + " wide, as my 20 mm ball";
        assertEquals(LengthText.in(text, LengthText.Lengths.IN), "cut 5 of 2 in wide, as my 20 mm ball");
        assertEquals(LengthText.in(text, LengthText.Lengths.MM), "cut 5 of 50.8 mm wide, as my 20 mm ball");
        assertEquals(
                LengthText.in("5 × " + LengthText.size(50.8, 25.4) + " · glued", LengthText.Lengths.IN),
                "5 × 2 × 1 in · glued");
        assertEquals(
                LengthText.in("5 × " + LengthText.size(27, 23) + " · glued", LengthText.Lengths.MM),
                "5 × 27 × 23 mm · glued");
    }
}
