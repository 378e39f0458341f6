package org.crispwhorl.core.measure;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;
import static org.testng.Assert.expectThrows;

import org.crispwhorl.core.outline.Outline;
import org.testng.annotations.Test;

public class LimitsTest {
    @Test
    public void aNumberIsAllowedWithinTheRangeThatItsComponentStates() {
        assertTrue(Limits.allows(Outline.class, "lengthMm", 2));
        assertTrue(Limits.allows(Outline.class, "lengthMm", 300));
        assertFalse(Limits.allows(Outline.class, "lengthMm", 1.99));
        assertFalse(Limits.allows(Outline.class, "lengthMm", 300.01));
        assertFalse(Limits.allows(Outline.class, "lengthMm", Double.NaN));
    }

    @Test
    public void theNearestNumberWithinARangeIsTaken() {
        assertEquals(Limits.within(Outline.class, "tip", 0.2), 1, 0);
        assertEquals(Limits.within(Outline.class, "tip", 2.5), 2.5, 0);
        assertEquals(Limits.within(Outline.class, "tip", Double.POSITIVE_INFINITY), 6, 0);
    }

    @Test
    public void aComponentThatIsNoQuantityHasNoRange() {
        expectThrows(IllegalArgumentException.class, () -> Limits.within(Outline.class, "own", 1));
        expectThrows(IllegalArgumentException.class, () -> Limits.allows(Outline.class, "depth", 1));
    }

    @Test
    public void whatIsOutsideIsRefusedByItsName() {
        InvalidValue refusal = expectThrows(InvalidValue.class, () -> Outline.of(20, 20, 0.6, 0.2, 9));
        assertEquals(refusal.field(), "tip");
        assertTrue(refusal.expected().contains("1 to 6"));
        assertEquals(
                expectThrows(InvalidValue.class, () -> Outline.of(20, 20, 0.6, 0.2, Double.NaN))
                        .field(),
                "tip");
    }

    @Test
    public void whatComesOutOfReckoningMayLieOutsideOfWhatAMakerMayState() {
        Outline grown = Outline.of(240, 200, 0.6, 0.2, 2).scaled(2);
        assertEquals(grown.lengthMm(), 480, 0);
        InvalidValue refusal = expectThrows(InvalidValue.class, () -> Limits.stated("outline", grown));
        assertEquals(refusal.field(), "outline/lengthMm");
        assertTrue(refusal.expected().contains("2 to 300"));
        expectThrows(InvalidValue.class, () -> grown.scaled(0));
        expectThrows(InvalidValue.class, () -> grown.scaled(Double.POSITIVE_INFINITY));
    }
}
