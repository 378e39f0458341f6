package org.crispwhorl.server.problem;

/** Something asked for by its id is not there. */
public final class NotThere extends RuntimeException {
    private static final long serialVersionUID = 1;

    public NotThere(String what, Object id) {
        super("There is no " + what + " " + id + ".");
    }
}
