package org.crispwhorl.server.work;

import java.util.concurrent.Semaphore;
import java.util.concurrent.TimeUnit;
import java.util.function.Supplier;
import org.crispwhorl.server.problem.Busy;
import org.springframework.stereotype.Component;

/** Big work, such as the sheets of an order, is done one after the other; so few may wait that there is always a thread for the rest. */
@Component
public class BigWork {
    private static final int MAY_WAIT = 6;
    private static final int PATIENCE_S = 60;

    private final Semaphore turn = new Semaphore(1, true);

    /**
     * Does a piece of work when its turn comes.
     *
     * @throws Busy where too much waits already, or it has waited too long
     */
    public <T> T inTurn(Supplier<T> work) {
        if (turn.getQueueLength() >= MAY_WAIT) {
            throw new Busy("Other big work is under way, and more of it waits");
        }
        try {
            if (!turn.tryAcquire(PATIENCE_S, TimeUnit.SECONDS)) {
                throw new Busy("Other big work is still under way");
            }
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new Busy("Crisp Whorl is being stopped");
        }
        try {
            return work.get();
        } finally {
            turn.release();
        }
    }

    /** Does a piece of work as soon as its turn comes, however long that takes. */
    public void whenFree(Runnable work) {
        turn.acquireUninterruptibly();
        try {
            work.run();
        } finally {
            turn.release();
        }
    }
}
