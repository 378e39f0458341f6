package org.crispwhorl.server.problem;

import java.io.IOException;

/** A request came in so slowly that it kept others waiting. */
public final class TooSlow extends IOException {
    private static final long serialVersionUID = 1;
}
