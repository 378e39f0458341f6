package org.crispwhorl.server.work;

import java.util.concurrent.Semaphore;
import java.util.concurrent.TimeUnit;
import java.util.function.Supplier;
import org.crispwhorl.server.problem.Busy;
import org.springframework.stereotype.Component;

/**
 * Work that a page waits for, such as the cards of an order: so many at once as there are processors, the rest in turn, and so few may
 * wait that there is always a thread for whatever is quick. Long work has a thread of its own and takes no turn here.
 */
@Component
public class BigWork {
    private static final int AT_ONCE = Math.max(2, Runtime.getRuntime().availableProcessors());
    private static final int MAY_WAIT = 6;
    private static final int PATIENCE_S = 60;

    private final Semaphore turns = new Semaphore(AT_ONCE, true);

    /**
     * Does a piece of work when its turn comes.
     *
     * @throws Busy where too much waits already, or it has waited too long
     */
    public <T> T inTurn(Supplier<T> work) {
        if (turns.getQueueLength() >= MAY_WAIT) {
            throw new Busy("Other big work is under way, and more of it waits");
        }
        try {
            if (!turns.tryAcquire(PATIENCE_S, TimeUnit.SECONDS)) {
                throw new Busy("Other big work is still under way");
            }
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new Busy("Crisp Whorl is being stopped");
        }
        try {
            return work.get();
        } finally {
            turns.release();
        }
    }
}
