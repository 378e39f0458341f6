package org.crispwhorl.core.thinning;

import static org.testng.Assert.assertTrue;
import static org.testng.Assert.expectThrows;

import org.crispwhorl.core.Close;
import org.crispwhorl.core.measure.InvalidValue;
import org.crispwhorl.core.paste.Medium;
import org.crispwhorl.core.paste.Paste;
import org.testng.annotations.Test;

public class PressedBallTest {
    private static final double AREA = 0.72 * 60 * 42;

    @Test
    public void anEighteenMillimetreBallPressedToSixtyByFortyTwoIsOnePointSixEight() {
        PressedBall ball = new PressedBall(18, AREA);
        Close.onePercent(ball.thicknessMm(), 1.68);
        Close.onePercent(ball.grams(Paste.usual(Medium.GUM_PASTE)), 4.2);
    }

    @Test
    public void fromWeightToBallAndBackIsTheSameWeight() {
        double diameter = PressedBall.diameterOf(2.5, Paste.usual(Medium.GUM_PASTE));
        Close.within(1e-12, new PressedBall(diameter, 1200).grams(Paste.usual(Medium.GUM_PASTE)), 2.5);
    }

    @Test
    public void aBallThatCannotMakeThePetalIsRefusedWithWhatItComesTo() {
        assertTrue(expectThrows(InvalidValue.class, () -> new PressedBall(9, AREA))
                .expected()
                .contains("comes to 0.21\u00a0mm"));
        assertTrue(expectThrows(InvalidValue.class, () -> new PressedBall(24, AREA))
                .expected()
                .contains("comes to 3.99\u00a0mm"));
        expectThrows(InvalidValue.class, () -> new PressedBall(0, AREA));
        expectThrows(InvalidValue.class, () -> new PressedBall(10, 0));
    }
}
