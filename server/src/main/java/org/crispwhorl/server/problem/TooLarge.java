package org.crispwhorl.server.problem;

import java.io.IOException;

/** More came in one request than is taken in. */
public final class TooLarge extends IOException {
    private static final long serialVersionUID = 1;

    private final String most;

    /** @param most how much is taken in, in words */
    public TooLarge(String most) {
        super("more than " + most);
        this.most = most;
    }

    String most() {
        return most;
    }
}
