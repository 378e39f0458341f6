package org.crispwhorl.server.problem;

/** Big work of the same sort is under way, and enough waits for it. */
public final class Busy extends RuntimeException {
    private static final long serialVersionUID = 1;

    /** @param message what is under way, in the maker's words */
    public Busy(String message) {
        super(message);
    }
}
