package org.crispwhorl.server.jobs;

import java.time.Instant;
import java.util.Optional;
import java.util.UUID;
import org.crispwhorl.core.progress.Progress;

/** A piece of long work: how far it has come, and what came of it. */
final class Job implements Progress {
    /** What has become of it. */
    public enum State {
        WAITING,
        RUNNING,
        DONE,
        STOPPED,
        FAILED
    }

    private final UUID id = UUID.randomUUID();
    private final String label;
    private final Instant begun;
    private volatile State state = State.WAITING;
    private volatile double share;
    private volatile String step = "";
    private volatile boolean unwanted;
    private volatile boolean heeded;
    private volatile Object result;
    private volatile RuntimeException fault;

    Job(String label, Instant begun) {
        this.begun = begun;
        this.label = label;
    }

    UUID id() {
        return id;
    }

    Instant begun() {
        return begun;
    }

    boolean over() {
        return state != State.WAITING && state != State.RUNNING;
    }

    @Override
    public void reached(double nowShare, String nowStep) {
        share = Math.max(share, Math.min(1, nowShare));
        step = nowStep;
        if (unwanted) {
            throw new Stopped();
        }
    }

    @Override
    public boolean stopped() {
        heeded |= unwanted;
        return unwanted;
    }

    /** Whether its work was told that it is to stop: what is told so only once it is done has not been cut short. */
    boolean cutShort() {
        return heeded;
    }

    void run() {
        state = State.RUNNING;
    }

    synchronized void end(State ended, Object kept, RuntimeException told) {
        result = kept;
        fault = told;
        share = ended == State.DONE ? 1 : share;
        state = ended;
        notifyAll();
    }

    void stop() {
        unwanted = true;
    }

    /** Waits until it is over, or so long. */
    synchronized void await(long ms) throws InterruptedException {
        long until = System.nanoTime() + ms * 1_000_000;
        while (!over()) {
            long left = (until - System.nanoTime()) / 1_000_000;
            if (left <= 0) {
                return;
            }
            wait(left);
        }
    }

    /**
     * What came of it; none before it is over, and where it was stopped before it had anything.
     *
     * @throws RuntimeException that on which it failed
     */
    Optional<Object> result() {
        if (fault != null) {
            throw fault;
        }
        return Optional.ofNullable(result);
    }

    JobView view() {
        return new JobView(id, label, state, share, step);
    }
}
