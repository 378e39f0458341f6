package org.crispwhorl.server.problem;

import java.time.Duration;

/** The passphrase was tried so often that nothing is heard for a while. */
public final class TooManyTries extends RuntimeException {
    private static final long serialVersionUID = 1;

    /** @param wait until the next try is heard */
    public TooManyTries(Duration wait) {
        super("Too many tries: wait " + (wait.toSeconds() + 1) + " seconds");
    }
}
