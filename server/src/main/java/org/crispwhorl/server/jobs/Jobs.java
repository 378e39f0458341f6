package org.crispwhorl.server.jobs;

import jakarta.annotation.PreDestroy;
import java.time.Clock;
import java.util.Comparator;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.function.Function;
import org.crispwhorl.core.progress.Progress;
import org.crispwhorl.server.problem.Busy;
import org.crispwhorl.server.problem.NotThere;
import org.springframework.stereotype.Service;

/** The long work of the studio, one piece after the other; what came of the last ones is kept for whoever asks. */
@Service
public class Jobs {
    /** Results of so many jobs are kept. */
    private static final int KEPT = 12;

    /** So many may wait for their turn. */
    private static final int MAY_WAIT = 24;

    /** A job that is over as soon as this is answered at once, so that little work shows no progress. */
    private static final long AT_ONCE_MS = 350;

    private final Map<UUID, Job> jobs = new ConcurrentHashMap<>();
    private final ExecutorService hands = Executors.newSingleThreadExecutor(work -> {
        Thread thread = new Thread(work, "long-work");
        thread.setDaemon(true);
        return thread;
    });
    private final Clock clock;

    Jobs(Clock clock) {
        this.clock = clock;
    }

    /**
     * Starts a piece of work.
     *
     * @param label what it is for, in the maker's words
     * @param work does it, telling how far it has come; what it gives is kept
     * @return the job, over already where it took no time
     * @throws Busy where too much waits
     */
    public JobView start(String label, Function<Progress, ?> work) {
        if (jobs.values().stream().filter(j -> !j.over()).count() >= MAY_WAIT) {
            throw new Busy("Other big work is under way, and more of it waits");
        }
        Job job = new Job(label, clock.instant());
        jobs.put(job.id(), job);
        forgetOldest();
        hands.execute(() -> run(job, work));
        try {
            job.await(AT_ONCE_MS);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
        return job.view();
    }

    private void run(Job job, Function<Progress, ?> work) {
        if (job.stopped()) {
            job.end(Job.State.STOPPED, null, null);
            return;
        }
        job.run();
        try {
            Object result = work.apply(job);
            job.end(job.cutShort() ? Job.State.STOPPED : Job.State.DONE, result, null);
        } catch (Progress.Stopped e) {
            job.end(Job.State.STOPPED, null, null);
        } catch (RuntimeException e) {
            job.end(Job.State.FAILED, null, e);
        } catch (StackOverflowError e) {
            job.end(Job.State.FAILED, null, new IllegalStateException(e));
        }
    }

    private void forgetOldest() {
        jobs.values().stream()
                .filter(Job::over)
                .sorted(Comparator.comparing(Job::begun).reversed())
                .skip(KEPT)
                .forEach(old -> jobs.remove(old.id()));
    }

    /** The job of that id. */
    Job get(UUID id) {
        Job job = jobs.get(id);
        if (job == null) {
            throw new NotThere("piece of work", id);
        }
        return job;
    }

    @PreDestroy
    void stopAll() {
        jobs.values().forEach(Job::stop);
        hands.shutdownNow();
    }
}
