package org.crispwhorl.core.progress;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertSame;

import java.util.ArrayList;
import java.util.List;
import org.testng.annotations.Test;

public class ProgressTest {
    /** Who asks by whether somebody watches is told so of a part, too. */
    @Test
    public void aPartOfWhatNobodyWatchesIsWatchedByNobody() {
        assertSame(Progress.UNWATCHED.part(0.2, 0.6), Progress.UNWATCHED);
    }

    @Test
    public void aPartIsAStretchOfTheWhole() {
        List<Double> told = new ArrayList<>();
        Progress whole = new Progress() {
            @Override
            public void reached(double share, String step) {
                told.add(share);
            }

            @Override
            public boolean stopped() {
                return false;
            }
        };
        whole.part(0.2, 0.6).part(0.5, 1).reached(0.5, "half of its latter half");
        assertEquals(told.get(0), 0.5, 1e-12);
        assertFalse(whole.part(0.2, 0.6).stopped());
    }
}
