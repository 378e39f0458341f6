package org.crispwhorl.core.solver;

import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.locks.ReentrantLock;
import java.util.function.BooleanSupplier;
import java.util.function.Supplier;

/**
 * How long a solver may think: until so many milliseconds are over, or nobody wants to wait any longer. Then it hands over the best
 * that it has.
 *
 * @param limitMs above 0
 * @param stopped whether its answer is no longer waited for
 */
public record Budget(long limitMs, BooleanSupplier stopped) {
    private static final long ASKED_EVERY_MS = 25;

    private static final ScheduledExecutorService WATCH = Executors.newSingleThreadScheduledExecutor(work -> {
        Thread thread = new Thread(work, "solver-watch");
        thread.setDaemon(true);
        return thread;
    });

    /** So long, whoever waits. */
    public static Budget ofMs(long limitMs) {
        return new Budget(limitMs, () -> false);
    }

    /** Runs a solver, which is interrupted once nobody waits, and never after it has answered. */
    <T> T spend(Runnable interrupt, Supplier<T> solve) {
        ReentrantLock underWay = new ReentrantLock();
        boolean[] answered = {false};
        Future<?> watching = WATCH.scheduleWithFixedDelay(
                () -> {
                    underWay.lock();
                    try {
                        if (!answered[0] && stopped.getAsBoolean()) {
                            interrupt.run();
                        }
                    } finally {
                        underWay.unlock();
                    }
                },
                ASKED_EVERY_MS,
                ASKED_EVERY_MS,
                TimeUnit.MILLISECONDS);
        try {
            return solve.get();
        } finally {
            underWay.lock();
            answered[0] = true;
            underWay.unlock();
            watching.cancel(false);
        }
    }
}
