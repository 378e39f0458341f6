package org.crispwhorl.server.work;

import java.lang.ref.SoftReference;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.CompletionException;
import java.util.function.Supplier;
import org.crispwhorl.core.progress.Progress;
import org.crispwhorl.server.problem.Busy;
import org.springframework.stereotype.Component;

/**
 * What is reckoned of something stays as long as that is the same, value by value, so that it is made once however often a page asks;
 * those who ask at the same moment wait for the one that makes it. Let go of where memory is short.
 */
@Component
public class MadeOnce {
    /** So much is kept; an order has some five things made of it. */
    private static final int KEPT = 60;

    private final BigWork turns;
    private final Map<Key, SoftReference<CompletableFuture<Object>>> made = new LinkedHashMap<>(16, 0.75f, true) {
        private static final long serialVersionUID = 1;

        @Override
        protected boolean removeEldestEntry(Map.Entry<Key, SoftReference<CompletableFuture<Object>>> eldest) {
            return size() > KEPT;
        }
    };

    MadeOnce(BigWork turns) {
        this.turns = turns;
    }

    private record Key(String what, Object of) {}

    /**
     * What was made of something, or is made now.
     *
     * @param what is made, a name of its own
     * @param of everything that it is made of: records, compared by their values
     * @param progress of the long work that asks, which takes no turn; unwatched where a page waits for it
     * @throws org.crispwhorl.server.problem.Busy where it has to be made and too much waits already
     */
    @SuppressWarnings("unchecked")
    public <T> T of(String what, Object of, Progress progress, Supplier<T> make) {
        Key key = new Key(what, of);
        while (true) {
            CompletableFuture<Object> mine = new CompletableFuture<>();
            CompletableFuture<Object> there = thereOr(key, mine);
            if (there == mine) {
                return made(key, mine, progress == Progress.UNWATCHED ? () -> turns.inTurn(make) : make);
            }
            try {
                return (T) there.join();
            } catch (CompletionException e) {
                // Whoever made it was told to stop, or had no turn: then it is made here.
                if (!(e.getCause() instanceof Progress.Stopped || e.getCause() instanceof Busy)) {
                    throw e.getCause() instanceof RuntimeException told ? told : e;
                }
            }
        }
    }

    /** The one that is there or under way; where there is none, mine from now on. */
    private CompletableFuture<Object> thereOr(Key key, CompletableFuture<Object> mine) {
        synchronized (made) {
            SoftReference<CompletableFuture<Object>> kept = made.get(key);
            CompletableFuture<Object> there = kept == null ? null : kept.get();
            if (there == null) {
                made.put(key, new SoftReference<>(mine));
                return mine;
            }
            return there;
        }
    }

    private <T> T made(Key key, CompletableFuture<Object> mine, Supplier<T> make) {
        try {
            T result = make.get();
            mine.complete(result);
            return result;
        } catch (RuntimeException | Error e) {
            synchronized (made) {
                made.remove(key);
            }
            mine.completeExceptionally(e);
            throw e;
        }
    }
}
