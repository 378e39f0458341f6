package org.crispwhorl.core.calendar;

import java.util.function.BooleanSupplier;
import org.crispwhorl.core.progress.Progress;

/**
 * Work that has something to show soon goes on for a moment after it was told to stop: a plain plan is there in less than that, but for
 * orders far larger than a maker takes.
 */
final class Patience implements BooleanSupplier {
    private static final long MOMENT_NS = 1_200_000_000;

    private final Progress progress;
    private long since;
    private boolean told;

    Patience(Progress progress) {
        this.progress = progress;
    }

    /** Whether it was told to stop so long ago that it has to end with whatever it has. */
    @Override
    public boolean getAsBoolean() {
        if (!told && progress.stopped()) {
            told = true;
            since = System.nanoTime();
        }
        return told && System.nanoTime() - since > MOMENT_NS;
    }

    /** @throws Progress.Stopped where that is so */
    void check() {
        if (getAsBoolean()) {
            throw new Progress.Stopped();
        }
    }
}
