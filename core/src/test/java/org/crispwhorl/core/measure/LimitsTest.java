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
        InvalidValue refusal = expectThrows(InvalidValue.class, () -> Outline.of(1, 20, 0.6, 0.2, 2));
        assertEquals(refusal.field(), "lengthMm");
        assertTrue(refusal.expected().contains("2 to 300"));
        assertEquals(
                expectThrows(InvalidValue.class, () -> Outline.of(20, 20, 0.6, 0.2, Double.NaN))
                        .field(),
                "tip");
    }
}
